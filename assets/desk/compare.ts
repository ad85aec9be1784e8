import { figure } from "./seals";
import { scenePlayer } from "./scenes";
import { ask } from "../patience";
import * as stage from "./stage";
import { byId, icon, say } from "./page";
import { data } from "./store";
import type { Setting, Side } from "./types";

interface Compared {
  layouts: { same: boolean; looksSame?: boolean; sides?: [Side, Side] }[];
  setting: Setting;
  /** Of an earlier version: what is another since then, with its plain words. */
  changes: { sign: string; text: string; says: string }[];
}

const dialog = byId<HTMLDialogElement>("compare-dialog");

/** Both pictures, one over the other: what only one has shows through. */
function overlay(sides: [Side, Side], setting: Setting, layout: number): HTMLElement {
  const made = document.createElement("figure");
  made.className = "overlay";
  const caption = document.createElement("figcaption");
  caption.textContent = say("compare_overlay");
  made.append(caption);
  const holder = document.createElement("div");
  for (const side of sides) {
    const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
    svg.setAttribute("class", "sheet");
    svg.setAttribute("aria-hidden", "true");
    scenePlayer(svg, setting, layout, side.run.events, () => "").show(side.moment);
    holder.append(svg);
  }
  made.append(holder);
  return made;
}

/** The lines that are another, with their plain words. */
function changed(changes: Compared["changes"]): HTMLElement[] {
  if (!changes.length) return [];
  const title = document.createElement("h3");
  title.className = "mt-3 font-serif text-lg italic";
  title.textContent = say("compare_changes");
  const table = document.createElement("table");
  table.dataset.changes = "";
  for (const { sign, text, says } of changes) {
    const row = table.insertRow();
    for (const part of [sign, text, says]) row.insertCell().textContent = part;
    row.cells[1]!.className = "font-mono whitespace-pre-wrap";
  }
  return [title, table];
}

function show({ layouts, setting, changes }: Compared): void {
  byId("compare-result").replaceChildren(
    ...layouts.map((one, index) => {
      const part = document.createElement("section");
      const line = document.createElement("p");
      line.dataset.met = one.same ? "yes" : "no";
      const name =
        setting.layouts.length > 1
          ? `${setting.layouts[index]?.name || say("layout_number", { number: index + 1 })}: `
          : "";
      line.append(
        icon(one.same ? "check" : "x"),
        `${name}${say(one.same ? "compare_same" : one.looksSame ? "compare_looks_same" : "compare_differs")}`,
      );
      part.append(line);
      if (one.sides) {
        const both = document.createElement("div");
        both.dataset.both = "";
        both.append(
          ...one.sides.map((side, at) =>
            figure(side, say(at === 0 ? "compare_this" : "compare_other"), setting, index),
          ),
        );
        if (setting.scene !== "printout") both.append(overlay(one.sides, setting, index));
        part.append(both);
      }
      return part;
    }),
    ...changed(changes),
  );
}

/** A dialog that tells whether the program does the same as something else. */
export function comparing(): void {
  byId("compare").addEventListener("htmx:after:swap", () => {
    if (!dialog.open) dialog.showModal();
  });
  dialog.addEventListener("submit", async (event) => {
    if ((event.target as HTMLFormElement).method === "dialog") return;
    event.preventDefault();
    const body = {
      with: byId<HTMLSelectElement>("compare-with").value,
      view: data.view,
      text: data.text,
      ...stage.input(),
    };
    const response = await ask(`${data.address}/compare`, body);
    if (response?.ok) show((await response.json()) as Compared);
  });
}
