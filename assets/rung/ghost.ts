import { type Extension, RangeSetBuilder, StateField, type Text } from "@codemirror/state";
import { Decoration, type DecorationSet, EditorView, WidgetType } from "@codemirror/view";

/** What shows through of printed lines. */
class Through extends WidgetType {
  constructor(
    readonly text: string,
    readonly isBlock: boolean,
  ) {
    super();
  }
  override eq(other: Through): boolean {
    return other.text === this.text;
  }
  toDOM(): HTMLElement {
    const shown = document.createElement(this.isBlock ? "div" : "span");
    shown.className = `whitespace-pre text-soft opacity-70 select-none${this.isBlock ? " pl-3" : ""}`;
    shown.setAttribute("aria-hidden", "true");
    shown.textContent = this.text;
    return shown;
  }
}

function through(doc: Text, lines: string[]): DecorationSet {
  const set = new RangeSetBuilder<Decoration>();
  for (let number = 1; number <= doc.lines; number++) {
    const line = doc.line(number);
    // Where nothing is typed yet; behind the end are the lines to come.
    const rest = (lines[number - 1] ?? "").slice(line.length);
    if (rest) set.add(line.to, line.to, Decoration.widget({ widget: new Through(rest, false), side: 1 }));
  }
  const below = lines.slice(doc.lines);
  if (below.length)
    set.add(
      doc.length,
      doc.length,
      Decoration.widget({ widget: new Through(below.join("\n"), true), block: true, side: 2 }),
    );
  return set.finish();
}

/** The printed lines show through the page until something is written over them. */
export function ghost(lines: string[]): Extension {
  return StateField.define<DecorationSet>({
    create: ({ doc }) => through(doc, lines),
    update: (shown, { docChanged, newDoc }) => (docChanged ? through(newDoc, lines) : shown),
    provide: (field) => EditorView.decorations.from(field),
  });
}
