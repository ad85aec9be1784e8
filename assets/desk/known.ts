import { syntaxTree } from "@codemirror/language";
import { type Extension, RangeSetBuilder } from "@codemirror/state";
import { Decoration, type DecorationSet, type EditorView, ViewPlugin, type ViewUpdate } from "@codemirror/view";
import { data } from "./store";

const NAMES =
  /^(VariableName|VariableDefinition|PropertyName|PropertyDefinition|Identifier|FieldIdentifier|TypeIdentifier)$/;
const plain = Decoration.mark({ class: "t-plain" });
const own = new Set(data.words);

/** The names that are known: those of the language, and those that the program makes up. */
function known(): Set<string> {
  const names = new Set(own);
  for (const part of Object.values(data.names)) for (const name of part) names.add(name);
  for (const { name, parameters } of data.functions) for (const one of [name, ...parameters]) names.add(one);
  return names;
}

function unknown(view: EditorView): DecorationSet {
  const names = known();
  const set = new RangeSetBuilder<Decoration>();
  for (const { from, to } of view.visibleRanges)
    syntaxTree(view.state).iterate({
      from,
      to,
      enter: (node) => {
        if (NAMES.test(node.name) && !names.has(view.state.sliceDoc(node.from, node.to)))
          set.add(node.from, node.to, plain);
      },
    });
  return set.finish();
}

/** Names are in colour as soon as they are known, and in a plain hand until then. */
export function knownNames(): Extension {
  return ViewPlugin.fromClass(
    class {
      decorations: DecorationSet;
      constructor(view: EditorView) {
        this.decorations = unknown(view);
      }
      update({ view }: ViewUpdate): void {
        this.decorations = unknown(view);
      }
    },
    { decorations: (plugin) => plugin.decorations },
  );
}
