import { rowLine } from "./caret";
import { isBusy, send } from "./server";
import { scenePlayer } from "./scenes";
import { Values } from "./values";
import { byId, piece, say } from "./page";
import { data } from "./store";
import type { Answer, Parting, Side } from "./types";

let partings: Parting[] = [];
let timer = 0;

/** After each edit the rows that are not sealed yet are run in the background, with the printed row and without. */
export function sealing(answer: Answer | null): void {
  if (answer?.partings) partings = answer.partings;
  else {
    clearTimeout(timer);
    if (data.unsealed.length && !data.typed?.mistakes.length) timer = window.setTimeout(judge, 120);
  }
  // A text with mistakes does not run, so that nothing is known of it.
  partings = partings.filter((one) => data.unsealed.includes(one.row) && !data.typed?.mistakes.length);
  list();
}

function judge(): void {
  if (!isBusy()) send({ do: "seal" }).catch(() => {});
}

function words(row: number): string {
  return (rowLine(row)?.textContent ?? "").replace(/\s+/g, " ").trim();
}

/** A program that cannot run proves nothing: that is said where seals are waited for. */
function waits(): HTMLElement[] {
  const isUnread = document.querySelector("#blocks > li[data-entry=unread], #blocks > li.has-mistake") !== null;
  if (!data.unsealed.length || !(isUnread || data.typed?.mistakes.length)) return [];
  const item = document.createElement("li");
  item.textContent = say("seals_wait");
  return [item];
}

function list(): void {
  const section = byId("partings");
  const waiting = waits();
  section.hidden = partings.length + waiting.length === 0;
  section.querySelector("ol")!.replaceChildren(
    ...waiting,
    ...partings.map((parting) => {
      const item = document.createElement("li");
      const [printed, written] = parting.sides;
      const text = document.createElement("p");
      text.textContent = say(parting.looksSame ? "parts_looks_same" : "parts", {
        row: words(parting.row),
        moment: written.moment,
        printed: printed.did,
        written: written.did,
      });
      const show = piece<HTMLButtonElement>("small-button");
      show.dataset.mend = "";
      show.textContent = say("parts_show");
      show.addEventListener("click", () => dialog(parting));
      item.append(text, show);
      return item;
    }),
  );
  for (const line of document.querySelectorAll("#blocks .parts")) line.classList.remove("parts");
  for (const { row } of partings) rowLine(row)?.classList.add("parts");
}

/** Both pictures and values at the first moment at which they part. */
function dialog(parting: Parting): void {
  const leaf = byId<HTMLDialogElement>("parting-dialog");
  leaf.querySelector(".row-words")!.textContent = words(parting.row);
  const figures = parting.sides.map((side, index) =>
    figure(side, say(index === 0 ? "parts_printed" : "parts_written")),
  );
  leaf.querySelector("[data-both]")!.replaceChildren(...figures);
  leaf.showModal();
}

export function figure(side: Side, title: string, setting = data.setting, layout = 0): HTMLElement {
  const made = document.createElement("figure");
  const caption = document.createElement("figcaption");
  const strong = document.createElement("b");
  strong.textContent = title;
  caption.append(strong, ` ${say("parts_at", { moment: side.moment })} ${side.did}`);
  const sheet = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  sheet.setAttribute("viewBox", "-240 -180 480 360");
  sheet.setAttribute("class", "sheet");
  sheet.setAttribute("role", "img");
  sheet.setAttribute("aria-label", title);
  scenePlayer(sheet, setting, layout, side.run.events, () => "").show(side.moment);
  const table = document.createElement("table");
  for (const { name, value } of new Values(side.run).at(side.moment).values) {
    const row = table.insertRow();
    row.insertCell().textContent = name;
    row.insertCell().textContent = value;
  }
  made.append(caption, sheet, table);
  return made;
}

/** The share of rows that a person typed. */
export function inkMeter(): void {
  const meter = document.getElementById("ink");
  if (!meter) return;
  const { typed, all } = data.ink;
  meter.hidden = typed === 0;
  meter.setAttribute("aria-valuenow", String(typed));
  meter.setAttribute("aria-valuemax", String(all));
  const text = say("ink", { typed, all });
  meter.setAttribute("aria-valuetext", text);
  meter.title = text;
  meter.querySelector("b")!.textContent = `${typed}/${all}`;
  meter.querySelector<HTMLElement>("i")!.style.setProperty("--share", String(all ? typed / all : 0));
  const turned = document.querySelectorAll("#blocks > li[data-hand=code]").length;
  for (const button of document.querySelectorAll<HTMLElement>("[data-hands]"))
    button.setAttribute("aria-pressed", String((button.dataset.hands === "code") === turned > 0));
}

/** All rows that are not handwritten in words, or in code. */
export function handsOfAll(): void {
  for (const button of document.querySelectorAll<HTMLElement>("[data-hands]")) {
    button.addEventListener("click", () => {
      const rows = [...document.querySelectorAll<HTMLElement>("#blocks > li[data-row]")];
      const plain = rows.filter((row) => !["handwritten", "sealed"].includes(row.dataset.hand ?? ""));
      const ids = [...new Set(plain.map((row) => Number(row.dataset.row)))].filter((id) => id > 1);
      if (ids.length) send({ do: "turn", ids, hand: button.dataset.hands! }).catch(() => {});
    });
  }
}
