import { defaultKeymap, history, historyKeymap, indentLess, indentMore } from "@codemirror/commands";
import { bracketMatching, indentOnInput, indentUnit } from "@codemirror/language";
import { EditorState } from "@codemirror/state";
import { drawSelection, EditorView, keymap, lineNumbers, tooltips } from "@codemirror/view";
import { completing } from "../desk/completing";
import { grammar } from "../desk/grammar";
import type { Suggestion } from "../desk/types";
import { ask } from "../patience";
import { ghost } from "./ghost";

interface Options {
  language: string;
  nonce: string;
  /** Where completions are asked for; null where there are none. */
  address: string | null;
  changed: () => void;
}

/** The page on which a text is written. */
export class Editor {
  private constructor(private readonly view: EditorView) {}

  static async open(place: HTMLElement, { language, nonce, address, changed }: Options): Promise<Editor> {
    const area = place.querySelector<HTMLTextAreaElement>("textarea")!;
    const colours = await grammar(language);
    const suggest = async (before: string): Promise<Suggestion[] | null> => {
      const response = address ? await ask(`${address}/complete`, { answer: before }) : null;
      return response?.ok ? ((await response.json()) as { options: Suggestion[] }).options : null;
    };
    const view = new EditorView({
      parent: place,
      state: EditorState.create({
        doc: area.value,
        extensions: [
          EditorView.cspNonce.of(nonce),
          tooltips({ parent: document.body }),
          history(),
          lineNumbers(),
          drawSelection(),
          indentOnInput(),
          indentUnit.of(language === "python" ? "    " : "  "),
          EditorState.tabSize.of(4),
          bracketMatching(),
          ...(address ? [completing(suggest, () => {})] : []),
          colours,
          ...(place.dataset.ghost ? [ghost(JSON.parse(place.dataset.ghost) as string[])] : []),
          EditorView.contentAttributes.of({ tabindex: "0", "aria-label": place.dataset.name! }),
          keymap.of([
            // Who works by keys leaves the page with it, as Tab sets lines in.
            {
              key: "Escape",
              run: (view) => (
                view.contentDOM.blur(),
                document.querySelector<HTMLElement>("#rung-check")!.focus(),
                true
              ),
            },
            // The page checks with these keys.
            { key: "Mod-Enter", run: () => true },
            { key: "Tab", run: indentMore, shift: indentLess },
            ...historyKeymap,
            ...defaultKeymap,
          ]),
          EditorView.updateListener.of((update) => {
            if (!update.docChanged) return;
            area.value = update.state.doc.toString();
            changed();
          }),
        ],
      }),
    });
    area.hidden = true;
    return new Editor(view);
  }

  get text(): string {
    return this.view.state.doc.toString();
  }

  focus(): void {
    this.view.focus();
  }
}
