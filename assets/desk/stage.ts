import { layoutEditor } from "./layouts";
import { ask } from "../patience";
import { send } from "./server";
import { refused } from "./editing";
import { TAB } from "./looks";
import { byId, icon, say } from "./page";
import { data } from "./store";
import type { Report } from "./types";

interface Hooks {
  /** Another layout or input was chosen. */
  changed: () => void;
  /** A question of the program was answered. */
  answered: () => void;
  seed: () => number;
}

const area = byId("scene-area");
const tabs = byId("layouts");
const signals = byId<HTMLTextAreaElement>("signals");
const answers = byId<HTMLTextAreaElement>("answers");
const answer = byId<HTMLInputElement>("answer");
let chosen = 0;
let marks: { done: boolean; message: string | null; goals: [string, boolean][] }[] = [];
let hooks: Hooks | null = null;

export function layout(): number {
  return Math.min(chosen, Math.max(0, data.setting.layouts.length - 1));
}

/** What comes to the run from outside. */
export function input(): { signals: string; answers: string } {
  const text = answers.value;
  return {
    signals: data.setting.scene === "lantern" ? signals.value : "",
    answers: text === "" || text.endsWith("\n") ? text : `${text}\n`,
  };
}

/** How much of the answers was written beforehand; what follows was answered while a run asked. */
let prepared = 0;
/** What was answered in the run before, offered again. */
let offered: string[] = [];

/** A run asks again what it asked the last time. */
export function afresh(): void {
  const given = answers.value.slice(prepared).split("\n").slice(0, -1);
  if (given.length) offered = given;
  answers.value = answers.value.slice(0, prepared);
}

/** Adds a signal to the press script. */
export function record(line: string): void {
  signals.value += (signals.value === "" || signals.value.endsWith("\n") ? "" : "\n") + `${line}\n`;
  signals.scrollTop = signals.scrollHeight;
}

/** What is asked of a person at the end of a run, and which goals were reached. */
export function atEnd(report: Report | null): void {
  const asks = report?.ending === "asks";
  const form = byId("answer-form");
  const was = form.hidden;
  form.hidden = !asks;
  if (asks && was) {
    answer.value = offered.shift() ?? "";
    answer.focus();
    answer.select();
  }
  const list = byId("goals");
  const goals: { words: string; met: boolean | null }[] = report
    ? report.goals
    : (data.setting.layouts[layout()]?.goals ?? []).map((words) => ({ words, met: null }));
  list.hidden = goals.length === 0;
  list.replaceChildren(
    ...goals.map(({ words, met }) => {
      const item = document.createElement("li");
      if (met !== null) item.dataset.met = met ? "yes" : "no";
      item.append(icon(met === null ? "target" : met ? "check" : "x"), words);
      const state = document.createElement("span");
      state.className = "sr-only";
      state.textContent = met === null ? "" : `: ${say(met ? "goal_met" : "goal_unmet")}`;
      item.append(state);
      return item;
    }),
  );
}

/** Brings the controls of the scene to the program as it is now. */
export function draw(): void {
  const { setting } = data;
  area.dataset.scene = setting.scene;
  byId<HTMLSelectElement>("scene").value = setting.scene;
  const hasLayouts = ["plot", "lawn"].includes(setting.scene);
  tabs.hidden = byId("run-all").hidden = byId("edit-layouts").hidden = !hasLayouts;
  byId("asks-choice").hidden = setting.scene !== "lantern";
  byId<HTMLInputElement>("asks").checked = setting.asks;
  byId("chain").hidden = !setting.chain;
  chosen = layout();
  tabs.replaceChildren(
    ...setting.layouts.map((one, index) => {
      const tab = document.createElement("button");
      tab.type = "button";
      tab.className = TAB;
      tab.setAttribute("aria-pressed", String(index === chosen));
      const mark = marks[index];
      tab.textContent = String(index + 1);
      const name = one.name || say("layout_number", { number: index + 1 });
      tab.title = mark?.message ? `${name}: ${mark.message}` : name;
      tab.setAttribute("aria-label", mark ? `${name}: ${say(mark.done ? "goal_met" : "goal_unmet")}` : name);
      if (mark) {
        tab.dataset.met = mark.done ? "yes" : "no";
        tab.append(icon(mark.done ? "check" : "x"));
      }
      tab.addEventListener("click", () => {
        chosen = index;
        draw();
        hooks?.changed();
      });
      return tab;
    }),
  );
  byId("layout-name").textContent = hasLayouts ? (setting.layouts[chosen]?.name ?? "") : "";
  byId("layout-why").textContent = (hasLayouts && marks[chosen]?.message) || "";
  fittings();
  atEnd(null);
}

/** The mower's sockets, each with what is plugged in. */
function fittings(): void {
  const list = byId("sockets");
  list.replaceChildren();
  if (data.setting.scene !== "lawn") return;
  for (let socket = 1; socket <= 8; socket++) {
    const item = document.createElement("li");
    const fitting = data.setting.fittings.find((one) => one.sockets.includes(socket));
    const number = document.createElement("b");
    number.textContent = String(socket);
    item.append(number);
    if (fitting) {
      const name = document.createElement("span");
      name.textContent = fitting.name;
      const out = document.createElement("button");
      out.type = "button";
      out.title = say("unplug", { name: fitting.name });
      out.setAttribute("aria-label", say("unplug", { name: fitting.name }));
      out.append(icon("x"));
      out.addEventListener("click", () => send({ do: "delete", ids: [fitting.row] }).catch(refused));
      item.dataset.plugged = "";
      item.title = say(`fitting_${fitting.kind}`);
      item.append(name, out);
    } else {
      const plug = document.createElement("button");
      plug.type = "button";
      plug.dataset.plug = "";
      plug.textContent = "+";
      plug.setAttribute("aria-label", say("plug_in", { socket }));
      plug.title = say("plug_in", { socket });
      plug.addEventListener("click", () => plugDialog(socket));
      item.append(plug);
    }
    list.append(item);
  }
}

const NAMES: Record<string, string> = {
  drive_pair: "wheels",
  surface_sensor: "edge",
  range_sensor: "eye",
  lamp: "lamp",
};

function plugDialog(socket: number): void {
  const dialog = byId<HTMLDialogElement>("plug-dialog");
  const kind = byId<HTMLSelectElement>("plug-kind");
  const name = byId<HTMLInputElement>("plug-name");
  const other = byId<HTMLSelectElement>("plug-other");
  byId("plug-socket").textContent = String(socket);
  byId("plug-trouble").textContent = "";
  const free = [1, 2, 3, 4, 5, 6, 7, 8].filter(
    (one) => one !== socket && !data.setting.fittings.some((fitting) => fitting.sockets.includes(one)),
  );
  other.replaceChildren(...free.map((one) => new Option(String(one), String(one))));
  const suggest = (): void => {
    const wish = NAMES[kind.value]!;
    const taken = data.setting.fittings.map((one) => one.name);
    let found = wish;
    for (let number = 2; taken.includes(found); number++) found = `${wish}_${number}`;
    name.value = found;
    byId("plug-pair").hidden = kind.value !== "drive_pair";
  };
  kind.onchange = suggest;
  suggest();
  byId("plug-form").onsubmit = (event) => {
    event.preventDefault();
    const sockets = kind.value === "drive_pair" ? [socket, Number(other.value)] : [socket];
    send({ do: "plug", kind: kind.value, name: name.value, sockets }).then(
      () => dialog.close(),
      (reason: unknown) => (byId("plug-trouble").textContent = (reason as Error).message),
    );
  };
  dialog.showModal();
}

/** The buttons and the light of the lantern, by mouse, by keys and on touch screens. */
function lantern(signal: (text: string) => void): void {
  const down = new Set<string>();
  const set = (button: string, isDown: boolean): void => {
    for (const one of button === "both" ? ["round", "square"] : [button]) {
      if (down.has(one) === isDown) continue;
      if (isDown) down.add(one);
      else down.delete(one);
      signal(`${isDown ? "press" : "release"} ${one}`);
    }
  };
  for (const button of document.querySelectorAll<HTMLElement>("[data-press]")) {
    const name = button.dataset.press!;
    button.addEventListener("pointerdown", (event) => {
      event.preventDefault();
      button.setPointerCapture(event.pointerId);
      button.focus();
      set(name, true);
    });
    for (const end of ["pointerup", "pointercancel"]) button.addEventListener(end, () => set(name, false));
    button.addEventListener("keydown", (event) => {
      if (event.repeat || ![" ", "Enter"].includes(event.key)) return;
      event.preventDefault();
      set(name, true);
    });
    button.addEventListener("keyup", () => set(name, false));
    button.addEventListener("blur", () => set(name, false));
  }
  const light = byId<HTMLInputElement>("light");
  light.addEventListener("change", () => signal(`light ${light.value}`));
}

export function start(signal: (text: string) => void, given: Hooks): void {
  hooks = given;
  lantern(signal);
  byId<HTMLSelectElement>("scene").addEventListener("change", (event) => {
    chosen = 0;
    marks = [];
    send({ do: "scene", scene: (event.target as HTMLSelectElement).value }).then(() => location.reload(), refused);
  });
  byId("asks").addEventListener("change", (event) =>
    send({ do: "asks", asks: (event.target as HTMLInputElement).checked }).catch(refused),
  );
  for (const button of document.querySelectorAll<HTMLElement>("[data-chain]"))
    button.addEventListener("click", () => send({ do: "chain", as: button.dataset.chain! }).catch(refused));
  byId("run-all").addEventListener("click", async () => {
    const response = await ask(`${data.address}/layouts`, { seed: given.seed(), view: data.view, text: data.text });
    if (response?.ok) marks = ((await response.json()) as { marks: typeof marks }).marks;
    draw();
  });
  byId("clear-signals").addEventListener("click", () => {
    signals.value = "";
    given.changed();
  });
  signals.addEventListener("change", given.changed);
  answers.addEventListener("change", () => {
    if (answers.value !== "" && !answers.value.endsWith("\n")) answers.value += "\n";
    prepared = answers.value.length;
    offered = [];
    given.changed();
  });
  byId("answer-form").addEventListener("submit", (event) => {
    event.preventDefault();
    answers.value += `${answers.value === "" || answers.value.endsWith("\n") ? "" : "\n"}${answer.value}\n`;
    answer.value = "";
    given.answered();
  });
  byId("edit-layouts").addEventListener("click", () => layoutEditor(chosen));
  draw();
}

/** The marks of another program say nothing of this one. */
export function forget(): void {
  marks = [];
  draw();
}
