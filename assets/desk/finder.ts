import { Listbox, type Option } from "./listbox";
import { byId, say } from "./page";

/** Everything that can be pressed in the bar, the menus and beside the scene, by its name. */
function commands(): { options: Option[]; elements: Map<string, HTMLElement> } {
  const elements = new Map<string, HTMLElement>();
  const options: Option[] = [];
  const places = "header button, header a, aside.stage button, aside.stage summary, .head button";
  for (const element of document.querySelectorAll<HTMLElement>(places)) {
    const own = element.dataset.command ?? element.getAttribute("aria-label") ?? element.textContent ?? "";
    const group = element.closest("nav")?.getAttribute("aria-label");
    const label = `${group ? `${group}: ` : ""}${own.replace(/\s+/g, " ").trim()}`;
    const isOut =
      element.matches(":disabled, [aria-current]") || element.closest("[hidden], .row, ol, dialog") !== null;
    if (own.trim() === "" || isOut || elements.has(label) || element.id === "finder") continue;
    elements.set(label, element);
    const keys = /\(([^()]*)\)$/.exec(element.title)?.[1];
    const used = element.querySelector("use")?.getAttribute("href")?.replace("#i-", "");
    options.push({
      value: label,
      label: keys ? `${label} · ${keys}` : label,
      icon: used ?? "chevrons-right",
      kind: "say",
    });
  }
  return { options, elements };
}

/** A list of all commands: type to find one, Enter does it. */
export function openFinder(): void {
  const dialog = byId<HTMLDialogElement>("finder-dialog");
  if (dialog.open) return;
  const body = byId("finder-body");
  const { options, elements } = commands();
  const input = document.createElement("input");
  input.id = "find-command";
  input.autocomplete = "off";
  input.className = "mb-1 w-full border-b-[1.5px] border-soft px-0.5 py-1.5";
  input.placeholder = say("find_command");
  input.setAttribute("aria-label", say("find_command"));
  const take = (option: Option): void => {
    dialog.close();
    elements.get(option.value)!.click();
  };
  const list = new Listbox(input, options, take, say("nothing_fits"));
  input.addEventListener("input", () => list.filter(input.value, 0));
  input.addEventListener("keydown", (event) => {
    if (list.walk(event) || event.key !== "Enter") return;
    event.preventDefault();
    const option = list.current();
    if (option) take(option);
  });
  body.replaceChildren(input, list.element);
  list.filter("", 0);
  dialog.showModal();
  input.focus();
}
