import { byId } from "./page";
import { store } from "./unsent";

const SIZE = "scrivlet-scene-size";
const FOLDED = "scrivlet-folded";

/** How the room of the desk is shared: the drawer over the pages, the scene large or whole, the notes folded. */
export function room(): void {
  const drawer = byId("drawer");
  const opener = byId("open-drawer");
  const open = (on: boolean): void => {
    drawer.toggleAttribute("data-open", on);
    opener.setAttribute("aria-expanded", String(on));
  };
  opener.addEventListener("click", () => {
    open(!drawer.hasAttribute("data-open"));
    if (drawer.hasAttribute("data-open")) byId("find-row").focus();
  });
  document.addEventListener("click", (event) => {
    if (!(event.target as Element).closest("#drawer:not(:has(.stock:hover)), #open-drawer")) open(false);
  });
  drawer.addEventListener("keydown", (event) => {
    if (event.key !== "Escape") return;
    open(false);
    opener.focus();
  });

  const larger = byId("scene-larger");
  const size = (name: string): void => {
    document.body.dataset.sceneSize = name;
    larger.setAttribute("aria-pressed", String(name === "large"));
  };
  size(localStorage.getItem(SIZE) ?? "");
  larger.addEventListener("click", () => {
    size(document.body.dataset.sceneSize === "large" ? "" : "large");
    store(SIZE, document.body.dataset.sceneSize!);
  });
  byId("scene-whole").addEventListener("click", () => {
    if (document.fullscreenElement) void document.exitFullscreen();
    else
      void byId("scene-area")
        .requestFullscreen()
        .catch(() => {});
  });

  const folded = new Set(JSON.parse(localStorage.getItem(FOLDED) ?? "[]") as string[]);
  for (const note of document.querySelectorAll<HTMLDetailsElement>("details[data-note]")) {
    note.open = !folded.has(note.dataset.note!);
    note.addEventListener("toggle", () => {
      if (note.open) folded.delete(note.dataset.note!);
      else folded.add(note.dataset.note!);
      store(FOLDED, JSON.stringify([...folded]));
    });
  }
}
