import { codeFolding, foldedRanges, foldGutter, foldKeymap, foldService } from "@codemirror/language";
import { type EditorState, type Extension, type Range, RangeSetBuilder } from "@codemirror/state";
import { Decoration, type DecorationSet, EditorView, keymap, ViewPlugin, type ViewUpdate } from "@codemirror/view";
import { icon, say } from "./page";

/** How far in a line stands, in columns; null for an empty one. */
function indentOf(state: EditorState, number: number): number | null {
  const text = state.doc.line(number).text;
  const space = /^[ \t]*/.exec(text)![0];
  return space.length === text.length
    ? null
    : [...space].reduce((at, sign) => at + (sign === "\t" ? 4 - (at % 4) : 1), 0);
}

/** A row folds with all lines below it that stand further in, in every language. */
const byIndent = foldService.of((state, lineStart) => {
  const line = state.doc.lineAt(lineStart);
  const own = indentOf(state, line.number);
  if (own === null) return null;
  let last = line.number;
  for (let next = line.number + 1; next <= state.doc.lines; next++) {
    const indent = indentOf(state, next);
    if (indent === null) continue;
    if (indent <= own) break;
    last = next;
  }
  return last === line.number ? null : { from: line.to, to: state.doc.line(last).to };
});

/** Hides on the other pages the lines that are folded away on this one, so that the pages stay line for line. */
function hideElsewhere(state: EditorState): void {
  const folded = new Set<number>();
  for (let cursor = foldedRanges(state).iter(); cursor.value; cursor.next()) {
    const first = state.doc.lineAt(cursor.from).number + 1;
    for (let line = first; line <= state.doc.lineAt(cursor.to).number; line++) folded.add(line);
  }
  showAll();
  if (!folded.size) return;
  const spine = [...document.querySelectorAll<HTMLElement>(".spine .line")];
  let open: string[] = [];
  const keys = new Set<string>();
  for (const line of spine) {
    open.push(line.dataset.key!);
    const number = Number(line.textContent);
    if (!number) continue;
    if (folded.has(number)) for (const key of open) keys.add(key);
    open = [];
  }
  for (const line of document.querySelectorAll<HTMLElement>("#spread [data-key]"))
    line.classList.toggle("folded", keys.has(line.dataset.key!));
}

export function showAll(): void {
  for (const line of document.querySelectorAll("#spread .folded")) line.classList.remove("folded");
}

/** After the pages were renewed. */
export function refold(view: EditorView): void {
  hideElsewhere(view.state);
}

/** A fine line for each step that a line stands in. */
function guides(view: EditorView): DecorationSet {
  const set = new RangeSetBuilder<Decoration>();
  const { state } = view;
  for (const { from, to } of view.visibleRanges) {
    const first = state.doc.lineAt(from).number;
    let below = 0;
    const lines: Range<Decoration>[] = [];
    for (let number = state.doc.lineAt(to).number; number >= first; number--) {
      const indent = indentOf(state, number) ?? below;
      below = indent;
      if (indent > 0) {
        const attributes = { style: `--in: ${indent}` };
        lines.unshift(Decoration.line({ class: "guides", attributes }).range(state.doc.line(number).from));
      }
    }
    for (const line of lines) set.add(line.from, line.to, line.value);
  }
  return set.finish();
}

const indentGuides = ViewPlugin.fromClass(
  class {
    decorations: DecorationSet;
    constructor(view: EditorView) {
      this.decorations = guides(view);
    }
    update(update: ViewUpdate): void {
      if (update.docChanged || update.viewportChanged) this.decorations = guides(update.view);
    }
  },
  { decorations: (plugin) => plugin.decorations },
);

/** @param unit spaces of one step in */
export function folding(unit: number): Extension {
  return [
    byIndent,
    codeFolding({ placeholderText: "…" }),
    foldGutter({
      markerDOM: (isOpen) => {
        const marker = document.createElement("span");
        marker.className = isOpen ? "fold-mark" : "fold-mark closed";
        marker.title = say(isOpen ? "fold" : "unfold");
        marker.append(icon("chevron-down"));
        return marker;
      },
    }),
    keymap.of(foldKeymap),
    indentGuides,
    EditorView.editorAttributes.of({ style: `--step: ${unit}` }),
    EditorView.updateListener.of((update) => {
      if (foldedRanges(update.startState) !== foldedRanges(update.state)) hideElsewhere(update.state);
    }),
  ];
}
