import * as caret from "./caret";
import { insert, perform } from "./editing";
import { stock } from "./picker";
import { byId, say } from "./page";
import { data } from "./store";

/** The entry that a letter brings, if it may stand at the caret, or around the chosen rows. */
export function entryOf(letter: string): string | null {
  const entry = Object.keys(data.rowKeys).find((one) => data.rowKeys[one] === letter.toLowerCase());
  if (!entry) return null;
  const options = stock().filter((one) => !caret.selection() || one.wraps);
  return options.some((one) => one.value === entry) ? entry : null;
}

/** Puts a row in, or around the chosen ones. */
export function bring(entry: string): void {
  const chosen = caret.selection();
  if (chosen) perform({ do: "wrap", ids: chosen.ids, row: entry }, "select");
  else insert(entry, true);
}

/** The letters that bring something where the caret stands now; each can be pressed as well. */
export function openKeyCard(): void {
  const dialog = byId<HTMLDialogElement>("keys-dialog");
  const list = byId("keys-body");
  list.replaceChildren(
    ...stock()
      .filter((one) => one.value in data.rowKeys && (!caret.selection() || one.wraps))
      .map((one) => {
        const button = document.createElement("button");
        button.type = "button";
        button.className =
          "flex w-full items-center gap-3 rounded-sm px-2 py-1 text-left hover:bg-lit pointer-coarse:min-h-11";
        button.dataset.bring = one.value;
        const key = document.createElement("kbd");
        key.className = "min-w-7 rounded-sm border border-edge px-1.5 text-center font-mono text-md";
        key.textContent = data.rowKeys[one.value]!.toUpperCase();
        const words = document.createElement("span");
        words.textContent = one.label;
        button.append(key, words);
        button.addEventListener("click", () => {
          dialog.close();
          bring(one.value);
        });
        const item = document.createElement("li");
        item.append(button);
        return item;
      }),
  );
  byId("keys-what").textContent = say(caret.selection() ? "keys_around" : "keys_here");
  if (!dialog.open) dialog.showModal();
}
