import * as caret from "./caret";
import { act, actionList, choose, copy, erase, perform, rowsAtCaret, shift, travel } from "./editing";
import { blanks, fill } from "./filler";
import { bring, entryOf, openKeyCard } from "./row_keys";
import { data } from "./store";

const column = caret.column;

function focusBlank(by: number, fromBlank: HTMLElement | null): boolean {
  const all = blanks();
  let next: HTMLElement | undefined;
  if (fromBlank) {
    next = all[all.indexOf(fromBlank) + by];
  } else {
    const { anchor, before } = caret.place();
    const line = column?.querySelector(`li[data-key="${CSS.escape(anchor)}/0"]`);
    const own = before === null ? null : caret.rowLine(before)?.querySelector<HTMLElement>(".blank");
    next = own ?? all.find((one) => line && line.compareDocumentPosition(one) & Node.DOCUMENT_POSITION_FOLLOWING);
    if (by < 0) next = undefined;
  }
  next?.focus();
  return next !== undefined;
}

export function keys(event: KeyboardEvent): void {
  const control = event.ctrlKey || event.metaKey;
  const blank = (event.target as Element).closest<HTMLElement>("#blocks .blank");
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  const done = (): void => event.preventDefault();
  if (control && key === "z") return (done(), travel(event.shiftKey ? "redo" : "undo"));
  if (control && key === "y") return (done(), travel("redo"));
  if (control && key === "d") {
    const ids = rowsAtCaret();
    return (done(), ids ? perform({ do: "duplicate", ids }, "select") : undefined);
  }
  if (control && key === "c") return (done(), void copy(false));
  if (control && key === "x") return (done(), void copy(true));
  if (control && key === "/") {
    const ids = rowsAtCaret();
    return (
      done(),
      ids ? perform({ do: caret.rowLine(ids[0]!)?.hasAttribute("data-off") ? "on" : "off", ids }, "select") : undefined
    );
  }
  if (event.altKey && (key === "Enter" || key === "c")) {
    done();
    if (blank) column?.focus();
    const id = Number(blank?.closest<HTMLElement>("li")?.dataset.row) || rowsAtCaret()?.[0];
    if (!caret.selection() && id) caret.select(id, "head");
    const isTurned = caret.selectedLines()[0]?.matches("[data-hand=code], [data-hand=handwritten], [data-hand=sealed]");
    return act(key === "Enter" ? "write" : isTurned ? "turn_words" : "turn_code");
  }
  if (key === "Tab" && (blank || !event.shiftKey)) {
    if (focusBlank(event.shiftKey ? -1 : 1, blank)) done();
    else if (blank && event.shiftKey) (done(), column?.focus());
    return;
  }
  if (blank) {
    if (key === "Enter" || key === " " || key === "F2") return (done(), fill(blank));
    if (key === "Escape") return (done(), column?.focus());
    if (key === "ArrowLeft" || key === "ArrowRight")
      return (done(), void focusBlank(key === "ArrowRight" ? 1 : -1, blank));
    if (event.key.length === 1 && !control && !event.altKey) return (done(), fill(blank, event.key));
    if (!key.startsWith("Arrow")) return;
    column?.focus();
  }
  if (key === "ArrowUp" || key === "ArrowDown") {
    done();
    const by = key === "ArrowUp" ? -1 : 1;
    return event.altKey ? shift(by) : caret.move(by, event.shiftKey);
  }
  if (key === "Home" || key === "End") return (done(), caret.moveTo(key === "Home" ? 0 : data.places.length - 1));
  if (key === "Enter") return (done(), caret.selection() ? actionList() : choose());
  if (key === "Delete" || key === "Backspace") return (done(), erase(key === "Delete"));
  if (key === "Escape") return (done(), caret.clearSelection());
  if (key === "?" && !control && !event.altKey) return (done(), openKeyCard());
  if (control && key === "a") return (done(), caret.selectAll());
  if (control || event.altKey || !/^[\p{L}#]$/u.test(event.key)) return;
  // A capital brings its row at once, and around chosen rows every letter does; else typing opens the list.
  const entry = event.shiftKey || event.key === "#" || caret.selection() ? entryOf(event.key) : null;
  if (entry) return (done(), bring(entry));
  if (!caret.selection()) return (done(), choose(event.key));
}
