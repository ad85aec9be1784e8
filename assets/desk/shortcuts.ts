import { openFinder } from "./finder";
import { byId } from "./page";
import { openReference } from "./reference";

/** Keys that work wherever the focus is, the editor too. */
export function shortcuts(): void {
  const press = (id: string) => (): void => byId<HTMLButtonElement>(id).click();
  const all: Record<string, () => void> = {
    F1: () => openReference(),
    "Control+k": openFinder,
    "Control+Enter": () =>
      byId<HTMLButtonElement>(document.querySelector("#play [href='#i-pause']") ? "play" : "run").click(),
    F10: press("step"),
    "Shift+F10": press("step-back"),
  };
  document.addEventListener(
    "keydown",
    (event) => {
      const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
      const held = [(event.ctrlKey || event.metaKey) && "Control", event.altKey && "Alt", event.shiftKey && "Shift"];
      const does = all[[...held.filter(Boolean), key].join("+")];
      if (!does || document.querySelector("dialog:modal")) return;
      event.preventDefault();
      event.stopPropagation();
      does();
    },
    // Before the editor, which has a use of its own for some of them.
    true,
  );
}
