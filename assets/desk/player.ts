import { linesOf, mark, reveal, words } from "./columns";
import { byId, data, icon, say } from "./data";
import { commit } from "./filler";
import { post } from "./server";
import { SheetPlayer, type SceneEvent } from "./sheet";

export interface Report {
  rows: string[];
  steps: number[];
  changes: (number | string)[];
  calls: number[];
  events: SceneEvent[];
  variables: { name: string; function: string | null }[];
  functions: string[];
  length: number;
  ending: string;
  message: string | null;
  /** What the real machine calls the mistake. */
  real: string | null;
  errorRow: string | null;
}

/** Moments a second for each pace; the last shows the end at once. */
const PACES = [1, 2, 4, 7, 12, 25, 60, 150, 500, Infinity];

const slider = byId<HTMLInputElement>("moment");
const pace = byId<HTMLInputElement>("pace");
const playButton = byId<HTMLButtonElement>("play");
const message = byId("run-message");
let report: Report | null = null;
let sheet: SheetPlayer | null = null;
let moment = 0;
let playing = 0;
let owed = 0;
let seed = Math.floor(Math.random() * 1e6);

function keyAt(step: number): string {
  return `${report!.rows[report!.steps[step - 1] ?? 0] ?? ""}/0`;
}

let asked = 0;

/** @param onlySheet for a look at what is drawn, without the values of each moment */
async function fetchRun(onlySheet: boolean): Promise<boolean> {
  const number = ++asked;
  const response = await post("/run", { seed, view: data.view, text: data.text, onlySheet }).catch(() => null);
  if (number !== asked) return false;
  if (!response?.ok) {
    message.textContent = say(response ? "error" : "offline");
    return false;
  }
  report = (await response.json()) as Report;
  sheet = new SheetPlayer(
    report.events.filter(([kind]) => kind !== "print"),
    keyAt,
  );
  slider.max = String(report.length);
  return true;
}

/** The sheet shows at once what a program draws, without the values of a run. */
export async function preview(): Promise<void> {
  if (await fetchRun(true)) show(report!.length, true);
}

function show(next: number, quietly = false): void {
  if (!report || !sheet) return;
  moment = Math.max(0, Math.min(next, report.length));
  sheet.show(moment);
  slider.value = String(moment);
  byId("moment-text").textContent = quietly
    ? say("player_not_run")
    : say("player_of", { moment, length: report.length });
  const atEnd = moment === report.length;
  mark("now", null);
  mark("failed", null);
  message.textContent = atEnd && !quietly ? ending() : "";
  if (!quietly && moment > 0) {
    const failed = atEnd && report.errorRow !== null;
    const key = failed ? `${report.errorRow}/0` : keyAt(moment);
    mark(failed ? "failed" : "now", key);
    if (failed) for (const line of linesOf(key)) line.classList.add("now");
    reveal(key);
  }
  values(quietly);
  const printed = report.events.filter(([kind, at]) => kind === "print" && at <= moment && !quietly);
  const pre = byId("printout");
  pre.textContent = printed.length ? printed.map((event) => event[2]).join("\n") : say("player_no_print");
  pre.scrollTop = pre.scrollHeight;
  byId<HTMLButtonElement>("step-back").disabled = byId<HTMLButtonElement>("to-start").disabled = moment === 0;
  byId<HTMLButtonElement>("step").disabled = byId<HTMLButtonElement>("to-end").disabled = atEnd && !quietly;
}

/** How the run ended, with the words of the row that failed. */
function ending(): string {
  const { errorRow, message: text, real } = report!;
  const row = errorRow === null ? undefined : words(`${errorRow}/0`)[0];
  return (row ? `“${row}”: ` : "") + (text ?? "") + (real ? ` (${real})` : "");
}

export interface Value {
  name: string;
  value: string;
  /** The value before, where this moment changed it. */
  old: string | undefined;
}

/** Values as they were: the program's own, and those of the innermost call. */
export function valuesAt({ changes, calls, variables }: Report, moment: number): Value[] {
  const frames: Map<number, string>[] = [new Map()];
  const fresh = new Map<number, string>();
  let call = 0;
  for (let at = 0; at < changes.length || call < calls.length;) {
    const change = at < changes.length ? (changes[at] as number) : Infinity;
    const called = call < calls.length ? calls[call]! : Infinity;
    if (Math.min(change, called) > moment) break;
    const slot = changes[at + 1] as number;
    // A call begins before its parameters get their values, and ends after all of its changes.
    const callFirst =
      called < change || (called === change && (calls[call + 1]! >= 0 ? variables[slot]?.function !== null : false));
    if (callFirst) {
      if (calls[call + 1]! >= 0) frames.push(new Map());
      else frames.pop();
      call += 2;
      continue;
    }
    const frame = variables[slot]!.function === null ? frames[0]! : frames[frames.length - 1]!;
    if (change === moment) fresh.set(slot, frame.get(slot) ?? "");
    frame.set(slot, String(changes[at + 2]));
    at += 3;
  }
  const shown = frames.length > 1 ? [...frames[0]!, ...frames[frames.length - 1]!] : [...frames[0]!];
  return shown.map(([slot, value]) => {
    const { name, function: within } = variables[slot]!;
    return { name: within === null ? name : `${within} · ${name}`, value, old: fresh.get(slot) };
  });
}

function values(quietly: boolean): void {
  const body = byId("values").querySelector("tbody")!;
  const rows = (quietly ? [] : valuesAt(report!, moment)).map(({ name, value, old }) =>
    line(name, old ? `${old} → ${value}` : value, old !== undefined),
  );
  if (sheet && !quietly) {
    const { x, y, heading, ink, width } = sheet.nib;
    const name = data.inks.find(([, hex]) => hex === ink)?.[0] ?? ink;
    rows.push(
      line(say("player_position"), `${round(x)}, ${round(y)}`),
      line(say("player_heading"), `${round(heading)}°`),
      line(say("player_ink"), `${name}, ${width}`),
    );
  }
  if (!rows.length) rows.push(line(say("player_no_values"), ""));
  body.replaceChildren(...rows);
}

function round(number: number): string {
  return String(Math.round(number * 10) / 10 + 0);
}

function line(name: string, value: string, isFresh = false): HTMLTableRowElement {
  const row = document.createElement("tr");
  for (const text of [name, value]) {
    const cell = document.createElement("td");
    cell.textContent = text;
    row.append(cell);
  }
  if (isFresh) row.lastElementChild!.classList.add("fresh");
  return row;
}

function setPlaying(on: boolean): void {
  cancelAnimationFrame(playing);
  playing = 0;
  playButton.replaceChildren(icon(on ? "pause" : "play"));
  playButton.setAttribute("aria-label", say(on ? "player_pause" : "player_play"));
  playButton.title = say(on ? "player_pause" : "player_play");
  if (!on) return;
  let before = performance.now();
  owed = 0;
  const tick = (now: number) => {
    const speed = PACES[Number(pace.value) - 1]!;
    // A frame's time may lie before the click that started the run: nothing is owed then, at whatever speed.
    owed = speed === Infinity ? Infinity : owed + (Math.max(0, now - before) / 1000) * speed;
    before = Math.max(now, before);
    if (owed >= 1) {
      const steps = Math.floor(Math.min(owed, 1e9));
      owed = speed === Infinity ? 0 : owed - steps;
      show(moment + steps);
      if (sheet?.level !== null && sheet?.level !== undefined) {
        pace.value = String(sheet.level === 0 ? 10 : Math.max(1, sheet.level));
        sheet.level = null;
      }
    }
    if (moment >= report!.length) setPlaying(false);
    else playing = requestAnimationFrame(tick);
  };
  playing = requestAnimationFrame(tick);
}

let ran = false;
async function ready(): Promise<boolean> {
  setPlaying(false);
  commit();
  if (report && ran) return true;
  seed = Math.floor(Math.random() * 1e6);
  ran = await fetchRun(false);
  if (ran) show(0);
  return ran;
}

/** The program has changed: what was run is not true any more. */
export function stale(): void {
  setPlaying(false);
  ran = false;
  if (report) {
    mark("now", null);
    mark("failed", null);
    void preview();
  }
}

export async function run(): Promise<void> {
  ran = false;
  if (await ready()) setPlaying(true);
}

export function start(): void {
  byId("run").addEventListener("click", () => void run());
  playButton.addEventListener("click", async () => {
    if (playing) setPlaying(false);
    else if (await ready()) {
      if (moment >= report!.length) show(0);
      setPlaying(true);
    }
  });
  const on = (id: string, next: () => number) =>
    byId(id).addEventListener("click", async () => (await ready()) && show(next()));
  on("step", () => moment + 1);
  on("step-back", () => moment - 1);
  on("to-start", () => 0);
  on("to-end", () => report!.length);
  slider.addEventListener("input", () => {
    const wanted = Number(slider.value);
    void ready().then((ok) => ok && show(wanted));
  });
  void preview();
}
