import { type Extension, StateEffect, StateField } from "@codemirror/state";
import { EditorView, showTooltip, type Tooltip, ViewPlugin, type ViewUpdate } from "@codemirror/view";
import { post } from "./server";
import { data } from "./store";
import type { ArgumentCard } from "./types";

/** How long the caret rests until it is asked for. */
const REST = 120;
/** Where no bracket is as near as this, nobody needs to be asked. */
const NEAR = 2000;

const put = StateEffect.define<Tooltip | null>();
const shown = StateField.define<Tooltip | null>({
  create: () => null,
  update(card, transaction) {
    for (const effect of transaction.effects) if (effect.is(put)) return effect.value;
    return card && transaction.docChanged ? { ...card, pos: transaction.changes.mapPos(card.pos) } : card;
  },
  provide: (field) => showTooltip.from(field),
});

function drawn({ name, does, parameters, at, wrong }: ArgumentCard): HTMLElement {
  const card = document.createElement("div");
  card.className = "argument-card";
  card.role = "status";
  const call = document.createElement("p");
  call.append(`${name}(`);
  parameters.forEach((parameter, index) => {
    if (index) call.append(", ");
    const word = document.createElement(index === at ? "b" : "span");
    word.textContent = parameter.name;
    call.append(word);
  });
  call.append(")");
  const about = document.createElement("p");
  about.textContent = [parameters[at]?.about, does].filter(Boolean).join(" · ");
  card.append(call, about);
  if (wrong) {
    const trouble = document.createElement("p");
    trouble.className = "text-live";
    trouble.dataset.wrong = "";
    trouble.textContent = wrong;
    card.append(trouble);
  }
  return card;
}

const asking = ViewPlugin.fromClass(
  class {
    timer = 0;
    asked = 0;
    constructor(readonly view: EditorView) {}
    update(update: ViewUpdate): void {
      if (!update.docChanged && !update.selectionSet && !update.focusChanged) return;
      clearTimeout(this.timer);
      this.timer = window.setTimeout(() => void this.ask(), REST);
    }
    destroy(): void {
      clearTimeout(this.timer);
    }
    async ask(): Promise<void> {
      const asked = ++this.asked;
      const { state } = this.view;
      const pos = state.selection.main.head;
      const before = state.sliceDoc(0, pos);
      const wants = this.view.hasFocus && state.selection.main.empty && before.includes("(", pos - NEAR);
      const response = wants ? await post("/card", { before, language: data.typed!.language }).catch(() => null) : null;
      const card = response?.ok ? ((await response.json()) as { card: ArgumentCard | null }).card : null;
      if (asked !== this.asked || (!card && !this.view.state.field(shown))) return;
      const tooltip = card && { pos, above: true, create: () => ({ dom: drawn(card) }) };
      this.view.dispatch({ effects: put.of(tooltip) });
    }
  },
);

/** The card of what the brackets want: the argument in hand marked, with its unit, range and choices. */
export function argumentCard(): Extension {
  return [shown, asking];
}
