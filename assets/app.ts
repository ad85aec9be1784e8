import "htmx.org";
import "./styles/app.css";

/** An open menu closes when the hand or the focus goes elsewhere. */
function closeMenus(except: Node | null): void {
  for (const menu of document.querySelectorAll<HTMLDetailsElement>("details[data-menu][open]")) {
    if (!except || !menu.contains(except)) menu.open = false;
  }
}
document.addEventListener("click", (event) => closeMenus(event.target as Node));
document.addEventListener("focusin", (event) => closeMenus(event.target as Node));
document.addEventListener("keydown", (event) => {
  const menu = document.querySelector<HTMLDetailsElement>("details[data-menu][open]");
  if (event.key === "Escape" && menu) {
    menu.open = false;
    menu.querySelector("summary")?.focus();
  }
});

document.addEventListener("click", (event) => {
  const opener = (event.target as Element).closest<HTMLElement>("[data-opens]");
  if (opener) document.querySelector<HTMLDialogElement>(`#${opener.dataset.opens}`)?.showModal();
});

const form = document.querySelector<HTMLFormElement>("#open-form");
const files = document.querySelector<HTMLInputElement>("#open-files");
const shelf = document.querySelector<HTMLElement>("#shelf");
if (form && files && shelf) {
  document.querySelector("#open-button")?.addEventListener("click", () => files.click());
  files.addEventListener("change", () => files.files?.length && form.submit());
  shelf.addEventListener("dragover", (event) => {
    if (event.dataTransfer?.types.includes("Files")) {
      event.preventDefault();
      shelf.toggleAttribute("data-over", true);
    }
  });
  shelf.addEventListener("dragleave", () => shelf.toggleAttribute("data-over", false));
  shelf.addEventListener("drop", (event) => {
    shelf.toggleAttribute("data-over", false);
    if (event.dataTransfer?.files.length) {
      event.preventDefault();
      files.files = event.dataTransfer.files;
      form.submit();
    }
  });
}
