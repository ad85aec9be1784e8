import { column, rowLine, select } from "./caret";
import { Listbox, type Option, placeBelow } from "./listbox";
import { post, Refused, send } from "./server";
import { PAPER, REFUSAL } from "./looks";
import { byId, icon, language, piece, say } from "./page";
import { data } from "./store";
import type { Suggestion } from "./types";

/** A list that is longer helps nobody. */
const SHOWN = 8;

let open: { box: HTMLElement; close: (commit: boolean) => void } | null = null;

interface Line {
  text: string;
  ghost: string;
}

function button(name: string, picture: string, act: () => void): HTMLButtonElement {
  const made = piece<HTMLButtonElement>("quiet-button");
  made.title = say(name);
  made.setAttribute("aria-label", say(name));
  made.append(icon(picture));
  made.addEventListener("click", act);
  return made;
}

/**
 * Opens a row, or the header of one, for writing it by hand: the printed line shows through until it is hidden.
 *
 * @param typed  what was typed before and refused, with the reason
 */
export async function write(
  row: number,
  part: string,
  typed: [text: string, reason: string] | null = null,
): Promise<void> {
  open?.close(true);
  const address = `${data.address}/line?row=${row}&part=${encodeURIComponent(part)}&language=${language}`;
  const response = await fetch(address).catch(() => null);
  const here = byId("here");
  if (!response?.ok) {
    here.textContent =
      response?.status === 422 ? ((await response.json()) as { message: string }).message : say("offline");
    return;
  }
  const { text, ghost } = (await response.json()) as Line;
  const line = rowLine(row, part);
  if (!line || !column) return;

  const box = document.createElement("div");
  box.className = `writer fixed z-20 ${PAPER}`;
  const paper = document.createElement("div");
  paper.className = "writer-paper code";
  const through = document.createElement("pre");
  through.className = "print-through text-[color-mix(in_srgb,var(--color-soft)_75%,var(--color-ink))]";
  through.setAttribute("aria-hidden", "true");
  through.textContent = ghost;
  through.hidden = localStorage.scrivletGhost === "hidden";
  const input = document.createElement("textarea");
  input.id = "writer";
  input.spellcheck = false;
  input.autocapitalize = "off";
  input.value = typed?.[0] ?? text;
  input.setAttribute("aria-label", say("write_row", { line: ghost }));
  paper.append(through, input);
  const tools = document.createElement("div");
  tools.className = "flex items-center gap-1 px-1 py-0.5";
  const ghostButton = button("ghost", "eye", () => {
    through.hidden = !through.hidden;
    localStorage.scrivletGhost = through.hidden ? "hidden" : "shown";
    ghostButton.setAttribute("aria-pressed", String(!through.hidden));
    input.focus();
  });
  ghostButton.setAttribute("aria-pressed", String(!through.hidden));
  const hint = document.createElement("span");
  hint.className = "flex-1 font-serif text-xs text-soft italic";
  hint.textContent = say("write_keys");
  tools.append(
    hint,
    ghostButton,
    button("write_leave", "x", () => finish(false)),
    button("write_take", "check", () => finish(true)),
  );
  box.append(paper, tools);
  if (typed) {
    const reason = document.createElement("p");
    reason.className = REFUSAL;
    reason.setAttribute("role", "alert");
    reason.textContent = typed[1];
    box.append(reason);
  }
  document.querySelector("main")!.append(box);

  const size = (): void => {
    // The printed line shows where nothing is typed yet.
    const written = input.value.split("\n").map((line) => line.length);
    through.textContent = ghost
      .split("\n")
      .map((line, index) => " ".repeat(written[index] ?? 0) + line.slice(written[index] ?? 0))
      .join("\n");
    const lines = Math.max(input.value.split("\n").length, ghost.split("\n").length);
    paper.style.setProperty("--lines", String(lines));
    const left = (line.querySelector(".words, .blank, .typed-line") ?? line).getBoundingClientRect();
    const around = line.getBoundingClientRect();
    const page = column!.getBoundingClientRect();
    box.style.width = `${Math.max(260, page.right - left.left - 4)}px`;
    placeBelow(box, left.left - 6, around.top, around.bottom);
  };
  const take = ({ value }: Option): void => {
    const begun = /[\p{L}_][\p{L}\p{N}_]*$/u.exec(input.value.slice(0, input.selectionStart))?.[0] ?? "";
    // Of a construct only its header stands here.
    const plain = value.split("\n")[0]!.replace(/\$\{([^{}]*)\}/g, "$1");
    const start = input.selectionStart - begun.length;
    input.setRangeText(plain, start, input.selectionEnd, "end");
    const gap = value.indexOf("${");
    if (gap >= 0) {
      const name = /\$\{([^{}]*)\}/.exec(value)![1]!;
      input.setSelectionRange(start + gap, start + gap + name.length);
    }
    list.show([]);
    size();
  };
  const list = new Listbox(input, [], take, null);
  box.append(list.element);
  list.show([]);
  let asked = 0;
  const suggest = async (): Promise<void> => {
    const number = ++asked;
    const before = input.value.slice(0, input.selectionStart);
    const isBegun = /[\p{L}_.("']$/u.test(before);
    const response = isBegun ? await post("/complete", { before, language, row, part }).catch(() => null) : null;
    if (number !== asked || open?.box !== box) return;
    const found = response?.ok ? ((await response.json()) as { options: Suggestion[] }).options : [];
    list.show(
      found
        .slice(0, SHOWN)
        .map(({ label, insert, detail }) => ({ value: insert, label: detail ? `${label} · ${detail}` : label })),
    );
    size();
  };
  const finish = (commit: boolean): void => {
    if (open?.box !== box) return;
    open = null;
    box.remove();
    const value = input.value;
    const isNew = value.trim() !== "" && value !== text;
    if (commit && isNew) {
      send({ do: "write", row, part, language, text: value }).then(
        () => select(row, part),
        (refusal: unknown) => refusal instanceof Refused && void write(row, part, [value, refusal.message]),
      );
    }
    column!.focus({ preventScroll: true });
  };
  open = { box, close: finish };
  input.addEventListener("input", () => {
    size();
    void suggest();
  });
  input.addEventListener("keydown", (event) => {
    event.stopPropagation();
    if (event.isComposing) return;
    const best = list.first();
    if (best && list.walk(event)) return;
    if (event.key === "Tab" && !event.shiftKey && best) {
      event.preventDefault();
      take(list.current() ?? best);
    } else if (event.key === "Enter" && list.current()) {
      event.preventDefault();
      take(list.current()!);
    } else if (event.key === "Enter" && !event.shiftKey) {
      event.preventDefault();
      finish(true);
    } else if (event.key === "Escape") {
      event.preventDefault();
      finish(false);
    } else if (
      event.key === "Tab" &&
      !event.shiftKey &&
      input.selectionStart > 0 &&
      /\n[ \t]*$/.test(input.value.slice(0, input.selectionStart))
    ) {
      event.preventDefault();
      input.setRangeText("    ", input.selectionStart, input.selectionEnd, "end");
      size();
    }
  });
  box.addEventListener("focusout", () => setTimeout(() => !box.contains(document.activeElement) && finish(true)));
  size();
  input.focus({ preventScroll: true });
  input.setSelectionRange(input.value.length, input.value.length);
}

/** What is being written is not lost when the page goes. */
export function commit(): void {
  open?.close(true);
}
