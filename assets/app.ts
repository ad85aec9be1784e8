import "htmx.org";
import "./styles/base.css";

/** An open menu closes when the hand or the focus goes elsewhere. */
function closeMenus(except: Node | null): void {
  for (const menu of document.querySelectorAll<HTMLDetailsElement>("details.menu[open]")) {
    if (!except || !menu.contains(except)) menu.open = false;
  }
}
document.addEventListener("click", (event) => closeMenus(event.target as Node));
document.addEventListener("focusin", (event) => closeMenus(event.target as Node));
document.addEventListener("keydown", (event) => {
  const menu = document.querySelector<HTMLDetailsElement>("details.menu[open]");
  if (event.key === "Escape" && menu) {
    menu.open = false;
    menu.querySelector("summary")?.focus();
  }
});

const form = document.querySelector<HTMLFormElement>("#open-form");
const files = document.querySelector<HTMLInputElement>("#open-files");
const shelf = document.querySelector<HTMLElement>("#shelf");
if (form && files && shelf) {
  files.addEventListener("change", () => files.files?.length && form.submit());
  shelf.addEventListener("dragover", (event) => {
    if (event.dataTransfer?.types.includes("Files")) {
      event.preventDefault();
      shelf.classList.add("over");
    }
  });
  shelf.addEventListener("dragleave", () => shelf.classList.remove("over"));
  shelf.addEventListener("drop", (event) => {
    shelf.classList.remove("over");
    if (event.dataTransfer?.files.length) {
      event.preventDefault();
      files.files = event.dataTransfer.files;
      form.submit();
    }
  });
}
