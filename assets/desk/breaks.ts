import * as caret from "./caret";
import { say } from "./page";

/** The rows at which a run stops, by the key of their line. */
const breaks = new Set<string>();

export function isBreak(key: string): boolean {
  return breaks.has(key);
}

/** Shows the marks again after the pages were renewed. */
export function drawBreaks(): void {
  for (const line of document.querySelectorAll<HTMLElement>("#spread [data-key]"))
    line.classList.toggle("break", breaks.has(line.dataset.key!));
}

function toggle(key: string): void {
  if (!breaks.delete(key)) breaks.add(key);
  drawBreaks();
}

/** A click on a line's number, or F9 at a row, sets a breakpoint and takes it away. */
export function onBreaks(): void {
  for (const spine of document.querySelectorAll<HTMLElement>("ol[data-numbers]")) {
    spine.title = say("break");
    spine.addEventListener("click", (event) => {
      const key = (event.target as Element).closest<HTMLElement>("li")?.dataset.key;
      if (key) toggle(key);
    });
  }
  document.addEventListener("keydown", (event) => {
    if (event.key !== "F9") return;
    event.preventDefault();
    const lit = document.querySelector<HTMLElement>("#spread .column.code .lit");
    const focused = (document.activeElement as HTMLElement | null)?.closest(".column.code") ? lit : null;
    const row = caret.column ? (caret.selection()?.ids[0] ?? caret.place().after ?? caret.place().before) : null;
    const key = focused?.dataset.key ?? (row === null ? lit?.dataset.key : caret.rowLine(row)?.dataset.key);
    if (key) toggle(key);
  });
}
