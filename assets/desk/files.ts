import { idle } from "./server";
import { byId, language } from "./page";

/**
 * Ctrl+O opens files, Ctrl+S saves the text of the page; files can also be dropped anywhere on the desk.
 *
 * @param finish takes in what is still being typed
 */
export function files(finish: () => Promise<void>): void {
  const form = byId<HTMLFormElement>("open-form");
  const input = byId<HTMLInputElement>("open-files");
  input.addEventListener("change", () => input.files?.length && form.submit());
  byId("open-file").addEventListener("click", () => input.click());
  document.addEventListener("keydown", (event) => {
    if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey) return;
    if (event.key === "o") {
      event.preventDefault();
      input.click();
    } else if (event.key === "s") {
      event.preventDefault();
      void finish()
        .then(idle)
        .then(() => byId<HTMLAnchorElement>(`save-${language}`).click());
    }
  });
  document.addEventListener("dragover", (event) => {
    if (event.dataTransfer?.types.includes("Files")) event.preventDefault();
  });
  // Before the text editor, which would put the text of a file in.
  document.addEventListener(
    "drop",
    (event) => {
      if (!event.dataTransfer?.files.length) return;
      event.preventDefault();
      event.stopPropagation();
      input.files = event.dataTransfer.files;
      form.submit();
    },
    { capture: true },
  );
}
