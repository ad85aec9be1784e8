import { byId, language } from "./data";
import { commit } from "./filler";
import { commit as commitLine } from "./writer";

/** Ctrl+O opens files, Ctrl+S saves the text of the page; files can also be dropped anywhere on the desk. */
export function files(): void {
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
      commit();
      commitLine();
      byId<HTMLAnchorElement>(`save-${language}`).click();
    }
  });
  document.addEventListener("dragover", (event) => {
    if (event.dataTransfer?.types.includes("Files")) event.preventDefault();
  });
  document.addEventListener("drop", (event) => {
    if (event.dataTransfer?.files.length) {
      event.preventDefault();
      input.files = event.dataTransfer.files;
      form.submit();
    }
  });
}
