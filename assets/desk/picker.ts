import { column, place } from "./caret";
import { Listbox, placeBelow, type Option } from "./listbox";
import { WRITING } from "./looks";
import { say } from "./page";
import { data } from "./store";

let current: HTMLElement | null = null;

export function close(): void {
  current?.remove();
  current = null;
}

/** A list at the caret: type to filter, Enter takes the marked one. */
export function pick(options: Option[], label: string, chosen: (value: string) => void, begun = ""): void {
  close();
  const box = document.createElement("div");
  box.className = "picker fixed z-30 w-[300px]";
  const input = document.createElement("input");
  input.id = "picker";
  input.className = `${WRITING} min-h-8 w-full`;
  input.placeholder = say("choose");
  input.autocomplete = "off";
  input.setAttribute("aria-label", label);
  const take = (option: Option) => {
    close();
    column?.focus({ preventScroll: true });
    chosen(option.value);
  };
  const list = new Listbox(input, options, take, say("nothing_fits"));
  box.append(input, list.element);
  document.querySelector("main")!.append(box);
  current = box;
  input.value = begun;
  list.filter(begun, 0);
  // While the pages are being brought to an answer the caret may not be drawn yet.
  const caret = (document.querySelector(".caret") ?? column!).getBoundingClientRect();
  placeBelow(box, caret.left + 40 + 24 * place().depth, caret.bottom + 4, caret.top - 4);
  input.addEventListener("input", () => list.filter(input.value, 0));
  input.addEventListener("keydown", (event) => {
    event.stopPropagation();
    if (list.walk(event)) {
      // The marked option has moved; nothing is taken yet.
    } else if (event.key === "Enter") {
      event.preventDefault();
      const option = list.current();
      if (option) take(option);
    } else if (event.key === "Escape" || event.key === "Tab") {
      event.preventDefault();
      close();
      column?.focus({ preventScroll: true });
    }
  });
  input.addEventListener("blur", () =>
    setTimeout(() => document.activeElement !== input && current === box && close()),
  );
  input.focus();
}

/** The rows of the drawer that may stand where the caret is, own functions among them. */
export function stock(): Option[] {
  const accepts = place().accepts;
  const drawer = [...document.querySelectorAll<HTMLElement>(".stock:not([data-own])")]
    .filter((one) => accepts.includes(one.dataset.goes!))
    .map((one) => ({
      value: one.dataset.entry!,
      label: one.textContent!.trim(),
      also: `${one.dataset.entry} ${one.dataset.words ?? ""} ${one.title}`,
      icon: one.dataset.icon!,
      kind: one.dataset.kind!,
      wraps: one.hasAttribute("data-wraps"),
    }));
  const own = accepts.includes("row")
    ? data.functions.map((one) => ({
        value: `call.${one.name}`,
        label: `${say("call")} ${one.name}`,
        also: one.name,
        icon: "bookmark-plus",
        kind: "own",
      }))
    : [];
  return [...drawer, ...own];
}
