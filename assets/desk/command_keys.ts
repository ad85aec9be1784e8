import type { Extension } from "@codemirror/state";
import { type EditorView, ViewPlugin, type ViewUpdate } from "@codemirror/view";
import { takeSuggestion } from "./completing";
import { byId, piece } from "./page";
import { post } from "./server";
import { data } from "./store";
import type { Suggestion } from "./types";
import { store } from "./unsent";

/** How long the hand rests until the keys change. */
const REST = 200;
/** So many keys find room in the strip. */
const MOST = 10;
const SHOWN = "scrivlet-command-keys";

/** Whether the strip is wanted: a finger finds it at once, others when they ask for it. */
function isWanted(): boolean {
  const kept = localStorage.getItem(SHOWN);
  return kept === null ? matchMedia("(pointer: coarse)").matches : kept === "yes";
}

/** A strip above the page with what may be written at the caret; a press writes it, with the caret in its first gap. */
export function commandKeys(taken: () => void): Extension {
  const strip = byId("command-keys");
  const button = byId("show-keys");
  return ViewPlugin.fromClass(
    class {
      timer = 0;
      asked = 0;
      constructor(readonly view: EditorView) {
        const show = (on: boolean): void => {
          strip.hidden = !on;
          button.setAttribute("aria-pressed", String(on));
          if (on) this.wait();
        };
        button.addEventListener("click", () => {
          show(strip.hidden === true);
          store(SHOWN, strip.hidden ? "no" : "yes");
        });
        show(isWanted());
      }
      update(update: ViewUpdate): void {
        if ((update.docChanged || update.selectionSet || update.focusChanged) && !strip.hidden) this.wait();
      }
      wait(): void {
        clearTimeout(this.timer);
        this.timer = window.setTimeout(() => void this.ask(), REST);
      }
      async ask(): Promise<void> {
        const asked = ++this.asked;
        const before = this.view.state.sliceDoc(0, this.view.state.selection.main.head);
        const response = await post("/complete", { before, language: data.typed!.language }).catch(() => null);
        if (asked !== this.asked || !response?.ok) return;
        const { options } = (await response.json()) as { options: Suggestion[] };
        strip.replaceChildren(
          ...options.slice(0, MOST).map((option) => {
            const key = piece<HTMLButtonElement>("small-button");
            key.classList.add("font-mono");
            key.textContent = option.label;
            key.title = option.detail;
            key.tabIndex = -1;
            // The editor keeps the focus, and a tablet its keyboard.
            key.addEventListener("pointerdown", (event) => event.preventDefault());
            key.addEventListener("click", () => {
              takeSuggestion(this.view, option);
              taken();
            });
            return key;
          }),
        );
      }
    },
  );
}
