import { column, rowLine } from "./caret";
import { lampEditor } from "./lamps";
import { Listbox, placeBelow, type Option } from "./listbox";
import { Refused, send } from "./server";
import { REFUSAL, WRITING } from "./looks";
import { say } from "./page";
import { data } from "./store";

/** Signs that can be put in by the mouse, by what a blank takes. */
const NUMBER_SIGNS = ["+", "-", "×", "÷", "//", "%", "**", "(", ")"];
const TRUTH_SIGNS = ["=", "≠", "<", "≤", ">", "≥", say("and"), say("or"), say("not")];
const SIGNS: Record<string, string[]> = {
  number: NUMBER_SIGNS,
  truth: [...TRUTH_SIGNS, "+", "-", "×", "÷", "%", "(", ")"],
  any: ["&", '""', ...NUMBER_SIGNS, ...TRUTH_SIGNS],
};

let open: { box: HTMLElement; close: (commit: boolean) => boolean } | null = null;

/** Blanks in the order of the page. */
export function blanks(): HTMLElement[] {
  return column ? [...column.querySelectorAll<HTMLElement>(".blank")] : [];
}

function optionsOf(blank: HTMLElement): Option[] {
  const type = blank.dataset.type!;
  if (type === "choice") {
    const entry = blank.closest<HTMLElement>("li")!.dataset.entry;
    const options = data.choices[`${entry} ${blank.dataset.slot!.replace(/\d+$/, "")}`] ?? [];
    return options.map(({ words }) => ({ value: words, label: words, icon: "split", kind: "event" }));
  }
  if (type === "pattern" || type === "handler") return [];
  if (type === "colour") return data.inks.map(({ name, hex }) => ({ value: name, label: name, hex }));
  if (type === "function")
    return data.functions.map((one) => ({ value: one.name, label: one.name, icon: "bookmark-plus", kind: "own" }));
  if (["new-name", "parameters", "remark"].includes(type)) return [];
  const names = data.names[partOf(blank)] ?? [];
  const variables = names.map((name) => ({ value: name, label: name, icon: "box", kind: "remember" }));
  if (type === "variable") return variables;
  const giving = data.functions
    .filter((one) => one.gives)
    .map((one) => ({
      value: `${one.name}(${one.parameters.join(", ")})`,
      label: `${one.name}(${one.parameters.join(", ")})`,
      icon: "bookmark-plus",
      kind: "own",
    }));
  if (type === "truth")
    return [
      ...[...answersOf(true), say("true"), say("false")].map((value) => ({
        value,
        label: value,
        icon: "split",
        kind: "choose",
      })),
      ...variables,
    ];
  const answers = [...answersOf(false), `${say("random")}(1, 6)`].map((value) => ({
    value,
    label: value,
    icon: "circle-help",
    kind: "nib",
  }));
  return [...variables, ...giving, ...answers];
}

function answersOf(isTruth: boolean): string[] {
  return data.answers.filter((one) => one.isTruth === isTruth).map((one) => one.value);
}

/** The function or script around a blank: the last one that begins above it. */
function partOf(blank: HTMLElement): string {
  let part = "";
  for (let row = blank.closest<HTMLElement>("li"); row; row = row.previousElementSibling as HTMLElement | null) {
    if (row.dataset?.row && row.dataset.row in data.names && row.dataset.part === "head") {
      part = row.dataset.row;
      break;
    }
  }
  return part;
}

/** What was typed into blanks and refused, with the reason, by row and blank. */
const refusals = new Map<string, [typed: string, reason: string]>();

/** Marks the blanks in which something waits that was refused. */
export function refusedBlanks(): void {
  for (const [key, [typed, reason]] of refusals) {
    const [row, slot] = key.split(" ") as [string, string];
    const blank = blankAt(Number(row), slot);
    if (!blank) continue;
    blank.textContent = typed;
    blank.classList.add("wrong");
    blank.title = reason;
  }
}

export function isOpen(): boolean {
  return open !== null;
}

export function commit(): boolean {
  return open?.close(true) ?? true;
}

/**
 * Opens a blank for typing.
 *
 * @param first  what is typed over the old value; null to edit it
 * @param reason why the value that was typed before was refused
 */
export function fill(blank: HTMLElement, first: string | null = null, reason: string | null = null): void {
  commit();
  const row = Number(blank.closest<HTMLElement>("li")!.dataset.row);
  const slot = blank.dataset.slot!;
  const old = blank.dataset.source!;
  // What was refused while the hand was elsewhere is still there to be mended.
  const before = refusals.get(`${row} ${slot}`);
  if (before && first === null) [first, reason] = before;
  refusals.delete(`${row} ${slot}`);
  const given = first;
  const box = document.createElement("div");
  box.className = "filler fixed z-30 grid";
  const input = document.createElement("input");
  input.id = "filler";
  input.className = WRITING;
  input.autocomplete = "off";
  input.spellcheck = false;
  input.setAttribute("aria-label", blank.getAttribute("aria-label") ?? say("fill"));
  input.value = first ?? old;
  box.append(input);
  const list = new Listbox(input, optionsOf(blank), (option) => take(option.value), null);
  let message: HTMLElement | null = null;
  if (reason !== null) {
    message = document.createElement("p");
    message.className = REFUSAL;
    message.setAttribute("role", "alert");
    message.textContent = reason;
    box.append(message);
    input.setAttribute("aria-invalid", "true");
  }
  if (blank.dataset.type === "pattern") box.append(lampEditor(input));
  if (blank.dataset.type === "number") box.append(steppers(input));
  const signs = signsFor(input, SIGNS[blank.dataset.type!] ?? []);
  if (signs) box.append(signs);
  box.append(list.element);
  document.querySelector("main")!.append(box);
  const size = () => {
    const width = Math.min(Math.max(70, (input.value.length + 3) * 9), 420);
    input.style.width = `${width}px`;
    // Its neighbours make room, so that none of them is covered.
    const held = blankAt(row, slot);
    if (held) held.style.minWidth = `${width}px`;
    const around = (
      rowLine(row)?.querySelector(`[data-slot="${slot}"]`) ??
      blankAt(row, slot) ??
      blank
    ).getBoundingClientRect();
    placeBelow(box, around.left - 2, around.top - 2, around.bottom + 2);
  };

  const take = (value: string) => {
    input.value = value;
    finish(true, true);
  };
  const finish = (withCommit: boolean, backToPage: boolean): boolean => {
    if (open?.box !== box) return true;
    open = null;
    box.remove();
    const held = blankAt(row, slot);
    if (held) held.style.minWidth = "";
    const value = input.value;
    if (withCommit && reason !== null && value === given) {
      // Nothing was changed since it was refused.
      refusals.set(`${row} ${slot}`, [value, reason]);
      refusedBlanks();
    } else if (withCommit && value !== old) {
      const seen = (): void => {
        const target = blankAt(row, slot);
        if (target) target.textContent = value;
      };
      send({ do: "fill", row, slot, source: value }, { seen }).catch((refusal: unknown) => {
        const again = blankAt(row, slot);
        if (again) again.textContent = old;
        if (!again || !(refusal instanceof Refused)) return;
        const isFree = !open && [document.body, column].includes(document.activeElement as HTMLElement);
        if (isFree) {
          fill(again, value, refusal.message);
        } else {
          // Somebody types elsewhere by now: the blank is marked, and what was typed waits in it.
          refusals.set(`${row} ${slot}`, [value, refusal.message]);
          refusedBlanks();
        }
      });
    }
    if (backToPage && column) {
      column.focus({ preventScroll: true });
      column.scrollLeft = 0;
    }
    return true;
  };
  open = { box, close: (withCommit) => finish(withCommit, false) };

  input.addEventListener("input", () => {
    list.filter(lastWord(input.value), -1);
    message?.remove();
    size();
  });
  input.addEventListener("keydown", (event) => {
    if (event.isComposing) return;
    if (event.altKey && stepped(input, event)) {
      event.preventDefault();
    } else if (list.walk(event)) {
      // The marked option has moved; nothing is taken yet.
    } else if (event.key === "Enter") {
      event.preventDefault();
      const option = list.current();
      if (option) take(completed(input.value, option.value));
      else finish(true, true);
    } else if (event.key === "Escape") {
      event.preventDefault();
      event.stopPropagation();
      finish(false, true);
    } else if (event.key === "Tab") {
      const next = neighbour(row, slot, event.shiftKey ? -1 : 1);
      finish(true, next === null);
      if (next) {
        event.preventDefault();
        fill(next);
      }
    }
    event.stopPropagation();
  });
  input.addEventListener("blur", () => setTimeout(() => document.activeElement !== input && finish(true, false)));
  list.filter(["colour", "choice"].includes(blank.dataset.type!) || reason !== null ? "" : lastWord(first ?? ""), -1);
  size();
  input.focus({ preventScroll: true });
  if (first === null) input.select();
}

/** Changes a number that stands alone; whether one does. */
function step(input: HTMLInputElement, by: number): boolean {
  if (!/^\s*-?\d+(\.\d+)?\s*$/.test(input.value)) return false;
  input.value = String(Math.round((Number(input.value) + by) * 1e6) / 1e6);
  input.dispatchEvent(new Event("input"));
  input.select();
  return true;
}

/** Alt and an arrow, with Shift by ten. */
function stepped(input: HTMLInputElement, event: KeyboardEvent): boolean {
  const by = { ArrowUp: 1, ArrowDown: -1 }[event.key];
  return by !== undefined && step(input, by * (event.shiftKey ? 10 : 1));
}

/** Less and more, for the mouse and for fingers. */
function steppers(input: HTMLInputElement): HTMLElement {
  const pair = document.createElement("div");
  pair.className =
    "steppers flex border border-b-0 border-edge bg-page *:h-7 *:min-w-9 *:flex-1 *:font-semibold *:hover:bg-lit pointer-coarse:*:h-11";
  for (const by of [-10, -1, 1, 10]) {
    const button = document.createElement("button");
    button.type = "button";
    button.tabIndex = -1;
    button.textContent = by > 0 ? `+${by}` : `−${-by}`;
    button.setAttribute("aria-label", say(by > 0 ? "more_by" : "less_by", { count: Math.abs(by) }));
    button.addEventListener("pointerdown", (event) => {
      event.preventDefault();
      step(input, by);
    });
    pair.append(button);
  }
  return pair;
}

function signsFor(input: HTMLInputElement, signs: string[]): HTMLElement | null {
  if (!signs.length) return null;
  const strip = document.createElement("div");
  strip.className =
    "signs flex min-w-[268px] flex-wrap border border-b-0 border-edge bg-page *:h-7 *:min-w-7 *:px-[5px] *:font-mono *:text-md *:font-semibold *:hover:bg-lit";
  for (const sign of signs) {
    const button = document.createElement("button");
    button.type = "button";
    button.tabIndex = -1;
    button.textContent = sign;
    strip.append(button);
  }
  strip.addEventListener("pointerdown", (event) => {
    event.preventDefault();
    const sign = (event.target as Element).closest("button")?.textContent;
    if (!sign) return;
    // What is chosen as a whole is a first value, and goes on with the sign behind it.
    if (input.selectionStart === 0 && input.selectionEnd === input.value.length)
      input.setSelectionRange(input.value.length, input.value.length);
    const tight = sign === "(" || sign === ")" || sign === '""';
    input.setRangeText(tight ? sign : ` ${sign} `, input.selectionStart!, input.selectionEnd!, "end");
    if (sign === '""') input.setSelectionRange(input.selectionEnd! - 1, input.selectionEnd! - 1);
    input.dispatchEvent(new Event("input"));
  });
  return strip;
}

/** While words are typed, the list follows the last of them. */
function lastWord(text: string): string {
  return /[\p{L}\w.]*$/u.exec(text)?.[0] ?? "";
}

function completed(text: string, value: string): string {
  const word = lastWord(text);
  return word !== "" && value.toLowerCase().startsWith(word.toLowerCase())
    ? text.slice(0, text.length - word.length) + value
    : value;
}

export function blankAt(row: number, slot: string): HTMLElement | null {
  return column?.querySelector<HTMLElement>(`li[data-row="${row}"] [data-slot="${slot}"]`) ?? null;
}

function neighbour(row: number, slot: string, by: number): HTMLElement | null {
  const all = blanks();
  const at = all.findIndex(
    (one) => one.dataset.slot === slot && Number(one.closest<HTMLElement>("li")!.dataset.row) === row,
  );
  return all[at + by] ?? null;
}
