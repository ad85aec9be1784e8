import { linesOf, mark, reveal, words } from "./columns";
import { commit } from "./filler";
import { isBreak, onBreaks } from "./breaks";
import { choices } from "./paths";
import { scenePlayer } from "./scenes";
import type { ScenePlayer } from "./scenes/scene";
import { post } from "./server";
import * as stage from "./stage";
import { Values } from "./values";
import { byId, icon, say } from "./page";
import { data } from "./store";
import type { Report } from "./types";

/** Moments a second for each pace; the last shows the end at once. */
const PACES = [1, 2, 4, 7, 12, 25, 60, 150, 500, Infinity];
/** How fast the run's own time passes at each pace. */
const CLOCKS = [0.1, 0.2, 0.4, 0.7, 1, 1, 2, 4, 10, Infinity];
/** A run begins to play with its first steps, while the others are still on their way. */
const FIRST_STEPS = 1500;

const slider = byId<HTMLInputElement>("moment");
const pace = byId<HTMLInputElement>("pace");
const playButton = byId<HTMLButtonElement>("play");
const message = byId("run-message");
const svg = byId<SVGSVGElement>("sheet");
let report: Report | null = null;
let scene: ScenePlayer | null = null;
let known: Values | null = null;
let moment = 0;
/** The run's own time that is shown, in milliseconds. */
let clock = 0;
let playing = 0;
let owed = 0;
let seed = Math.floor(Math.random() * 1e6);
let isQuiet = true;
/** The moment at which the run was told to go on, where no breakpoint stops it again. */
let released = -1;
/** Whether the rest of the run is still on its way. */
let isPartial = false;
let whole: Promise<void> = Promise.resolve();

function keyAt(step: number): string {
  return `${report!.rows[report!.steps[step - 1] ?? 0] ?? ""}/0`;
}

/** When a moment begins in the run's own time. */
function timeAt(step: number): number {
  const times = report!.times;
  let low = 0;
  let high = times.length / 2;
  while (low < high) {
    const middle = (low + high) >> 1;
    if (times[2 * middle]! <= step) low = middle + 1;
    else high = middle;
  }
  return low === 0 ? 0 : times[2 * low - 1]!;
}

let asked = 0;

/** @param steps how many are wanted at most; null for a look at the scene, without the values of each moment */
async function fetchRun(steps: number | null): Promise<boolean> {
  const number = ++asked;
  const body = { seed, view: data.view, text: data.text, layout: stage.layout(), ...stage.input() };
  const wanted = steps === null ? { onlySheet: true } : { steps };
  let response = await post("/run", { ...body, ...wanted }).catch(() => null);
  for (let tries = 0; response?.status === 429 && number === asked && tries < 20; tries++) {
    // One run at a time: this one waits for its turn, unless a newer one takes its place.
    message.textContent = say("run_busy");
    await new Promise((later) => setTimeout(later, 150 + 50 * tries));
    if (number === asked) response = await post("/run", { ...body, ...wanted }).catch(() => null);
  }
  if (number !== asked) return false;
  if (!response?.ok) {
    const reason = response?.status === 422 ? ((await response.json()) as { message: string }).message : null;
    const other = !response ? "offline" : response.status === 429 ? "run_busy" : "run_stopped";
    message.textContent = reason ?? say(other);
    return false;
  }
  report = (await response.json()) as Report;
  known = new Values(report);
  scene = scenePlayer(svg, data.setting, stage.layout(), report.events, keyAt);
  slider.max = String(report.length);
  return true;
}

/** Takes a longer or another end of the run that is being shown, and goes on where it is. */
async function renew(): Promise<void> {
  const [at, time] = [moment, clock];
  const came = await fetchRun(1e9);
  isPartial = false;
  if (!came) return;
  clock = time;
  let next = Math.min(at, report!.length);
  while (next < report!.length && timeAt(next + 1) <= time && data.setting.scene === "lantern") next++;
  show(next, false, Math.max(time, timeAt(next)));
}

/** The scene shows at once what a program does, without the values of a run. */
export async function preview(): Promise<void> {
  if (await fetchRun(null)) show(data.setting.scene === "sheet" ? report!.length : 0, true);
}

/** @param time of the run, for what happens within one moment; its end if none is named */
function show(next: number, quietly = false, time: number | null = null): void {
  if (!report || !scene) return;
  isQuiet = quietly;
  moment = Math.max(0, Math.min(next, report.length));
  const atEnd = moment === report.length;
  clock = time ?? (atEnd ? Math.max(report.now, timeAt(moment)) : timeAt(moment + 1));
  scene.show(moment, clock);
  slider.value = String(moment);
  byId("moment-text").textContent = quietly
    ? say("player_not_run")
    : say("player_of", { moment, length: report.length }) + (report.now > 0 ? ` · ${(clock / 1000).toFixed(1)} s` : "");
  const isOver = atEnd && clock >= report.now && !isPartial;
  mark("now", null);
  mark("ahead", null);
  mark("failed", null);
  message.textContent = isOver && !quietly ? ending() : "";
  message.toggleAttribute("data-waits", report.errorRow === null && (report.listens || report.ending === "asks"));
  stage.atEnd(isOver && !quietly ? report : null);
  if (!quietly && moment > 0) {
    const failed = isOver && report.errorRow !== null;
    const key = failed ? `${report.errorRow}/0` : keyAt(moment);
    mark(failed ? "failed" : "now", key);
    if (failed) for (const line of linesOf(key)) line.classList.add("now");
    reveal(key);
  }
  choices(quietly ? null : report, moment);
  values(quietly);
  printed(quietly);
  byId<HTMLButtonElement>("step-back").disabled = byId<HTMLButtonElement>("to-start").disabled = moment === 0;
  for (const id of ["step", "step-over", "to-end"]) byId<HTMLButtonElement>(id).disabled = atEnd && !quietly;
}

/** Marks the row before which a run has stopped. */
function ahead(step: number): void {
  mark("ahead", keyAt(step));
  reveal(keyAt(step));
}

/** What was printed and answered until now. */
function printed(quietly: boolean): void {
  let text = "";
  for (const [kind, at, said] of quietly ? [] : report!.events) {
    if (at > moment) break;
    if (kind === "print") text += `${said as string}\n`;
    else if (kind === "say") text += said as string;
    // Written for who runs the program, beside what it prints.
    else if (kind === "complain") text += `! ${said as string}\n`;
    else if (kind === "ask") text += `${said as string}\n`;
  }
  const pre = byId("printout");
  pre.textContent = text === "" ? say("player_no_print") : text.replace(/\n$/, "");
  pre.scrollTop = pre.scrollHeight;
}

/** How the run ended, with the words of the row that failed. */
function ending(): string {
  const { errorRow, message: text, real } = report!;
  const row = errorRow === null ? undefined : words(`${errorRow}/0`)[0];
  return (row ? `${say("of_row", { row })} ` : "") + (text ?? "") + (real ? ` (${real})` : "");
}

function values(quietly: boolean): void {
  const body = byId("values").querySelector("tbody")!;
  const { values: shown, calls } = quietly ? { values: [], calls: [] } : known!.at(moment);
  const rows = shown.map(({ name, value, old }) => line(name, old ? `${old} → ${value}` : value, old !== undefined));
  if (calls.length) rows.unshift(line(say("player_calls"), calls.join(" › ")));
  if (scene && !quietly) rows.push(...scene.facts().map(([name, value]) => line(name, value)));
  if (!rows.length) rows.push(line(say("player_no_values"), ""));
  body.replaceChildren(...rows);
}

function line(name: string, value: string, isFresh = false): HTMLTableRowElement {
  const row = document.createElement("tr");
  for (const text of [name, value]) {
    const cell = document.createElement("td");
    cell.textContent = text;
    row.append(cell);
  }
  if (isFresh) row.lastElementChild!.setAttribute("data-fresh", "");
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
    // A frame's time may lie before the click that started the run: nothing is owed then, at whatever speed.
    const passed = Math.max(0, now - before);
    before = Math.max(now, before);
    const stopped = advance(passed);
    if (scene?.level !== null && scene?.level !== undefined) {
      pace.value = String(scene.level === 0 ? 10 : Math.max(1, scene.level));
      scene.level = null;
    }
    if (stopped || (isOver() && !goesOn())) setPlaying(false);
    else playing = requestAnimationFrame(tick);
  };
  playing = requestAnimationFrame(tick);
}

function isOver(): boolean {
  return moment >= report!.length && clock >= report!.now && !isPartial;
}

/** A run that waits for what comes from outside goes on listening, as time goes on. */
function goesOn(): boolean {
  return report!.listens && report!.ending === "finished";
}

/**
 * Shows what a time brings: steps at their pace, and waiting as long as it takes.
 *
 * @return whether a breakpoint stops it
 */
function advance(passed: number): boolean {
  const at = Number(pace.value) - 1;
  const [speed, rate] = [PACES[at]!, CLOCKS[at]!];
  const isTimed = ["lantern", "lawn"].includes(data.setting.scene);
  owed = speed === Infinity ? Infinity : owed + (passed / 1000) * speed;
  let time = rate === Infinity ? Infinity : clock + passed * rate;
  let next = moment;
  let stopped = false;
  for (let steps = 0; next < report!.length && steps < 5000; steps++) {
    const begins = timeAt(next + 1);
    // It stops before the row, so that what the row will do can still be foreseen.
    if (next !== released && isBreak(keyAt(next + 1)) && begins <= time) {
      stopped = true;
      break;
    }
    if (begins > time) break;
    if (begins > clock) clock = begins;
    else if (!isTimed && owed < 1) {
      time = Math.min(time, clock);
      break;
    } else if (!isTimed && owed !== Infinity) owed -= 1;
    next++;
  }
  if (stopped) {
    show(next, false, timeAt(next));
    ahead(next + 1);
  } else if (next >= report!.length && goesOn()) {
    show(next, false, Math.max(clock, time === Infinity ? report!.now : time));
  } else {
    const until = next < report!.length ? timeAt(next + 1) : report!.now;
    if (next !== moment || Math.min(time, until) > clock) show(next, false, Math.max(clock, Math.min(time, until)));
  }
  return stopped;
}

let ran = false;
async function ready(): Promise<boolean> {
  setPlaying(false);
  commit();
  if (report && ran) return true;
  seed = Math.floor(Math.random() * 1e6);
  ran = await fetchRun(FIRST_STEPS);
  if (!ran) return false;
  isPartial = report!.ending === "cut";
  show(0);
  whole = isPartial ? renew() : Promise.resolve();
  return true;
}

/** The program has changed: what was run is not true any more. */
export function stale(): void {
  setPlaying(false);
  ran = false;
  if (report) {
    mark("now", null);
    mark("ahead", null);
    mark("failed", null);
    choices(null, 0);
    void preview();
  }
}

export async function run(): Promise<void> {
  ran = false;
  stage.afresh();
  released = -1;
  // Where the page scrolls, what is to be looked at comes into sight.
  byId("scene-area").scrollIntoView({ block: "nearest" });
  if (await ready()) setPlaying(true);
}

/** A press, a release or a change of light while the run is shown: the run is asked for again with it. */
function signalled(text: string): void {
  if (!ran || isQuiet) return;
  stage.record(`${(Math.round(clock) / 1000).toFixed(3).replace(/\.?0+$/, "")} ${text}`);
  void renew();
}

/** Forward to the next moment at which no call is under way that this moment's row began. */
function over(): number {
  const { calls, length } = report!;
  let call = 0;
  /** How many calls are under way when the row of a moment begins. */
  const depthAt = (step: number, before: number): number => {
    let depth = before;
    for (; call < calls.length && calls[call]! < step; call += 2)
      depth += calls[call + 1]! >= 0 ? 1 : calls[call + 1]! === -1 ? -1 : 0;
    return depth;
  };
  const here = depthAt(moment, 0);
  let depth = here;
  for (let next = moment + 1; next <= length; next++) {
    depth = depthAt(next, depth);
    if (depth <= here) return next;
  }
  return length;
}

export function start(): void {
  stage.start(signalled, {
    changed: () => {
      ran = false;
      setPlaying(false);
      void preview();
    },
    answered: () => void renew().then(() => setPlaying(true)),
    seed: () => seed,
  });
  onBreaks();
  byId("run").addEventListener("click", () => void run());
  playButton.addEventListener("click", async () => {
    if (playing) setPlaying(false);
    else if (await ready()) {
      if (isOver() && !goesOn()) show(0);
      released = moment;
      setPlaying(true);
    }
  });
  const on = (id: string, next: () => number) =>
    byId(id).addEventListener("click", async () => (await ready()) && show(next()));
  on("step", () => moment + 1);
  on("step-over", over);
  on("step-back", () => moment - 1);
  on("to-start", () => 0);
  byId("to-end").addEventListener("click", async () => {
    if (!(await ready())) return;
    await whole;
    show(report!.length);
  });
  slider.addEventListener("input", () => {
    const wanted = Number(slider.value);
    void ready().then((ok) => ok && show(wanted));
  });
  void preview();
}
