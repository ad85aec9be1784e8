import * as caret from "./caret";
import { choose, insert, refused } from "./editing";
import { fill } from "./filler";
import { openReference } from "./reference";
import { send } from "./server";
import { byId, say } from "./page";
import { data } from "./store";
import { fit } from "./texts";

/** Own functions are in the drawer like every other command. */
export function ownDrawer(): void {
  const list = document.querySelector('#drawer [data-kind="own"] ul');
  if (!list) return;
  for (const one of list.querySelectorAll("[data-own]")) one.closest("li")!.remove();
  for (const { name } of data.functions) {
    const item = document.createElement("li");
    const button = document.createElement("button");
    button.type = "button";
    button.className = "stock";
    Object.assign(button.dataset, { entry: `call.${name}`, goes: "row", kind: "own", icon: "bookmark-plus", own: "" });
    button.textContent = `${say("call")} ${name}`;
    item.append(button);
    list.append(item);
  }
}

export function mouse(page: HTMLElement): void {
  page.addEventListener("click", (event) => {
    const target = event.target as Element;
    const blank = target.closest<HTMLElement>(".blank");
    const line = target.closest<HTMLElement>("li");
    if (blank) {
      fill(blank);
    } else if (line?.dataset.row && line.dataset.part !== "empty") {
      caret.select(Number(line.dataset.row), line.dataset.part!, event.shiftKey);
      page.focus({ preventScroll: true });
    } else if (line?.dataset.part === "empty") {
      caret.moveTo(data.places.findIndex((one) => `${one.parent}:${one.body}-empty/0` === line.dataset.key));
      page.focus({ preventScroll: true });
    } else {
      caret.moveTo(data.places.length - 1);
      page.focus({ preventScroll: true });
    }
  });
  byId("put-in").addEventListener("click", () => choose());
}

/** A press on a command puts its row in; on the text page it writes the command at the caret. */
export function drawer(): void {
  let focused: Element | null = null;
  byId("drawer").addEventListener("pointerdown", () => (focused = document.activeElement));
  byId("drawer").addEventListener("click", (event) => {
    const stock = (event.target as Element).closest<HTMLElement>(".stock");
    if (!stock) return;
    const entry = stock.dataset.entry!;
    const typed = document.getElementById("typed");
    if (stock.dataset.insert && typed && (data.view === "text" || typed.contains(focused))) {
      void import("./typing").then((module) => module.writeCommand(stock.dataset.insert!));
      return;
    }
    if (data.view === "text") return openReference(stock.textContent!.trim());
    if (entry !== "define" && !caret.place().accepts.includes(stock.dataset.goes!)) {
      send({
        do: "insert",
        row: entry,
        parent: caret.place().parent,
        body: caret.place().body,
        index: caret.place().index,
      }).catch(refused);
      return;
    }
    insert(entry, false);
    caret.column?.focus({ preventScroll: true });
  });
  const find = byId<HTMLInputElement>("find-row");
  find.addEventListener("input", () => {
    for (const section of document.querySelectorAll<HTMLElement>("#drawer section")) {
      let any = false;
      for (const stock of section.querySelectorAll<HTMLElement>(".stock")) {
        const also = `${stock.dataset.entry} ${stock.dataset.words ?? ""} ${stock.title}`;
        const fits = fit(stock.textContent!, find.value, also) !== null;
        stock.parentElement!.hidden = !fits;
        any ||= fits;
      }
      section.hidden = !any;
    }
  });
}
