import * as caret from "./caret";
import { mark, reveal, words } from "./columns";
import { lightMarks as light } from "./scenes";
import { byId } from "./page";

const column = caret.column;
const here = byId("here");
const lightMarks = (key: string | null): void => light(byId<SVGSVGElement>("sheet"), key);

/** Points at one place on all pages, in the spines and in the drawing. */
function point(key: string | null): void {
  mark("lit", key);
  lightMarks(key);
}

export function pointing(): void {
  const spread = byId("spread");
  spread.addEventListener("pointerover", (event) =>
    point((event.target as Element).closest<HTMLElement>("li[data-key]")?.dataset.key ?? null),
  );
  spread.addEventListener("pointerleave", () => (column ? (lightMarks(null), caret.draw()) : point(null)));
  byId("sheet").addEventListener("pointerover", (event) => {
    const key = (event.target as SVGElement).dataset.key ?? null;
    point(key);
    if (key) here.textContent = words(key).join("   ·   ");
  });
  byId("sheet").addEventListener("click", (event) => {
    const key = (event.target as SVGElement).dataset.key;
    if (key) reveal(key);
  });
  for (const text of document.querySelectorAll<HTMLElement>(".column.code")) textCaret(text);
}

/** In a text page the arrows walk from line to line, and what belongs to it lights up. */
function textCaret(text: HTMLElement): void {
  let at = -1;
  const go = (next: number): void => {
    const lines = [...text.querySelectorAll<HTMLElement>("li:not(.vacant)")];
    at = Math.max(0, Math.min(next, lines.length - 1));
    const key = lines[at]?.dataset.key;
    if (!key) return;
    point(key);
    reveal(key);
    here.textContent = words(key).join("   ·   ");
  };
  text.addEventListener("keydown", (event) => {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key];
    if (by) {
      event.preventDefault();
      go(at + by);
    }
  });
  text.addEventListener("click", (event) => {
    const line = (event.target as Element).closest("li");
    if (line) go([...text.querySelectorAll("li:not(.vacant)")].indexOf(line));
  });
}
