import * as caret from "./caret";
import { fill } from "./filler";
import * as picker from "./picker";
import { isBusy, Refused, send } from "./server";
import * as writer from "./writer";
import { byId, say } from "./page";
import { store } from "./unsent";
import { data } from "./store";
import type { Edit, Place } from "./types";
import { target } from "./places";

const column = caret.column;
const here = byId("here");

/** Where the caret is when the answer has come. */
type After = "caret-inside" | "select" | "stay";

/** How often the hand had moved the caret when the last edit at it was made; one that waits at first was left by a window before. */
let movesThen = 0;

/**
 * An edit at the caret's place. While others wait it goes where the caret will be behind them; where the hand has moved
 * the caret since, behind the row that it stood behind then.
 */
function atCaret(edit: Edit): Partial<Parameters<typeof send>[1] & object> {
  if (!("index" in edit)) return {};
  const follows = isBusy() && movesThen === caret.handMoves();
  const before = caret.place();
  movesThen = caret.handMoves();
  const isCaret = edit.parent === before.parent && edit.body === before.body && edit.index === before.index;
  return isCaret ? { fit: (one) => placed(one, follows ? caret.place() : caret.found(before)) } : {};
}

function placed(edit: Edit, { parent, body, index }: Place): Edit {
  return { ...edit, parent, body, index };
}

/** Shows what an edit will do until it is answered: a row that is on its way, rows that are going. */
export function seen(edit: Edit, words = ""): () => void {
  const place = caret.place();
  return () => {
    if (edit.do === "insert" || edit.do === "paste") {
      const anchor = column?.querySelector<HTMLElement>(`li[data-key="${CSS.escape(place.anchor)}/0"]`);
      const ghosts = column?.querySelectorAll<HTMLElement>(":scope > .coming") ?? [];
      const row = document.createElement("li");
      row.className = "line coming";
      row.setAttribute("aria-hidden", "true");
      row.style.setProperty("--at", `${34 + 24 * place.depth}px`);
      row.textContent = words;
      const last = ghosts[ghosts.length - 1] ?? anchor;
      if (last) last.after(row);
      else column?.prepend(row);
    }
    const ids = Array.isArray(edit.ids) ? (edit.ids as number[]) : [];
    if (["delete", "move", "off", "on", "wrap", "turn"].includes(edit.do))
      for (const id of ids)
        for (const line of caret.linesUnder(id)) line.classList.add(edit.do === "delete" ? "going" : "changing");
  };
}

export function perform(edit: Edit, after: After, typing = false, words = ""): void {
  const before = caret.place();
  const moves = caret.handMoves();
  send(edit, { ...atCaret(edit), seen: seen(edit, words) }).then(
    (answer) => {
      // Where the hand has gone meanwhile the caret stays.
      if (moves !== caret.handMoves()) return;
      if (after === "stay" || !answer.select.length) caret.keepPlace(before);
      else caret.follow(answer, after === "caret-inside", branchOf(edit));
      if (typing && answer.focus !== null) {
        const first = column?.querySelector<HTMLElement>(`li[data-row="${answer.focus}"] .blank`);
        if (first) fill(first);
      }
    },
    (refusal: unknown) => refused(refusal),
  );
}

/** A further branch begins with the rows behind the caret, which goes on there. */
function branchOf(edit: Edit): string | null {
  if (edit.row === "otherwise") return "otherwise";
  const before = /^then(\d+)$/.exec(String(edit.body))?.[1];
  return edit.row === "else_if" && before !== undefined ? `then${Number(before) + 1}` : null;
}

export function refused(refusal: unknown): void {
  if (refusal instanceof Refused) {
    here.textContent = refusal.message;
    here.dataset.trouble = "";
    setTimeout(() => delete here.dataset.trouble, 6000);
  }
}

export function insert(entry: string, typing: boolean): void {
  const { parent, body, index } = caret.place();
  const place = fitting(entry) ?? { parent, body, index };
  const words = document.querySelector(`#drawer [data-entry="${CSS.escape(entry)}"]`)?.textContent?.trim() ?? "";
  perform({ do: "insert", row: entry, ...place }, "caret-inside", typing, words);
}

/** A function goes behind the functions wherever the caret stands. */
function fitting(entry: string): { parent: number; body: string; index: number } | null {
  if (entry !== "define") return null;
  const last = data.places.filter((one) => one.body === "functions").pop()!;
  return { parent: last.parent, body: last.body, index: last.index };
}

export function act(name: string): void {
  const chosen = caret.selection();
  if (!chosen) return;
  const [row, part] = [chosen.ids[0]!, chosen.part];
  if (name === "delete")
    perform(part === "head" ? { do: "delete", ids: chosen.ids } : { do: "delete-part", row, part }, "stay");
  else if (name === "unwrap") perform({ do: "unwrap", row, part }, part === "head" ? "select" : "stay");
  else if (name === "write") void writer.write(row, part);
  else if (name === "turn_code" || name === "turn_words")
    perform({ do: "turn", ids: chosen.ids, hand: name === "turn_code" ? "code" : "words" }, "select");
  else if (name === "duplicate") perform({ do: "duplicate", ids: chosen.ids }, "select");
  else if (name === "switch_off" || name === "switch_on")
    perform({ do: name === "switch_off" ? "off" : "on", ids: chosen.ids }, "select");
  else if (name === "wrap") {
    const options = picker.stock().filter((one) => one.wraps);
    picker.pick(options, say("wrap"), (value) => perform({ do: "wrap", ids: chosen.ids, row: value }, "select"));
  }
}

/** What can be done with the chosen rows, as a list for the keys. */
export function actionList(): void {
  const names = [...document.querySelectorAll<HTMLElement>(".actions button")].map((one) => ({
    value: one.dataset.action!,
    label: one.title,
  }));
  picker.pick(names, say("selected", { count: caret.selection()?.ids.length ?? 1 }), act);
}

/** Without chosen rows the keys mean the row before the caret. */
export function rowsAtCaret(): number[] | null {
  const chosen = caret.selection();
  if (chosen) return chosen.part === "head" ? chosen.ids : null;
  const before = caret.place().before;
  return before === null ? null : [before];
}

export function erase(forward: boolean): void {
  if (caret.selection()) return act("delete");
  const { parent, body, index, before, after } = caret.place();
  const id = forward ? after : before;
  if (id !== null) perform({ do: "delete", ids: [id] }, "stay");
  else if (!forward && index === 0 && body !== "functions") {
    const part = /^then[1-9]|^otherwise$/.test(body) ? body : "head";
    if (part !== "head" || caret.rowLine(parent)?.hasAttribute("data-holds"))
      perform({ do: "unwrap", row: parent, part }, "stay");
  }
}

/** Moves the chosen rows to the next place up or down that takes them. */
export function shift(by: -1 | 1): void {
  const ids = rowsAtCaret();
  if (!ids) return;
  const inside = new Set(ids.flatMap((id) => caret.linesUnder(id).map((line) => Number(line.dataset.row))));
  const goes = caret.rowLine(ids[0]!)?.dataset.goes ?? "row";
  const place = target(data.places, ids, goes, by, inside);
  if (place) perform(placed({ do: "move", ids }, place), "select");
}

/** What was copied last in whichever window, where the system does not give its clipboard away. */
const CLIPBOARD = "scrivlet-clipboard";

function isRows(text: string): boolean {
  return text.startsWith('{"format":"scrivlet') && text.includes('"rows":');
}

/** The rows being copied here, until the server has given their text: a hand pastes sooner than a slow network answers. */
let copying: Promise<string | null> | null = null;

export async function copy(cut: boolean): Promise<void> {
  const ids = rowsAtCaret();
  if (!ids) return;
  const asked = rowsOf(ids);
  copying = asked;
  const rows = await asked.catch(() => null);
  if (copying === asked) copying = null;
  if (rows === null) return;
  store(CLIPBOARD, rows);
  await navigator.clipboard?.writeText(rows).catch(() => {});
  if (cut) perform({ do: "delete", ids }, "stay");
}

async function rowsOf(ids: number[]): Promise<string | null> {
  const response = await fetch(`${data.address}/rows?ids=${ids.join(",")}`);
  return response.ok ? ((await response.json()) as { rows: string }).rows : null;
}

/**
 * Puts in the rows that were copied last, in whichever window.
 *
 * @param text what the system's clipboard holds, which is the newest if it holds rows
 */
export async function paste(text: string): Promise<void> {
  const { parent, body, index } = caret.place();
  const copied = await copying?.catch(() => null);
  const rows = copied ?? (isRows(text) ? text : localStorage.getItem(CLIPBOARD));
  if (!rows) return;
  perform({ do: "paste", rows, parent, body, index }, "select");
}

/** @param begun what was typed to open the list */
export function choose(begun = ""): void {
  picker.pick(picker.stock(), say("insert"), (entry) => insert(entry, true), begun);
}

/** What waits to be answered can be taken back as well. */
export function travel(way: "undo" | "redo"): void {
  if (isBusy() || (way === "undo" ? data.canUndo : data.canRedo)) perform({ do: way }, "stay");
}
