import "./styles/scene.css";
import { Memory } from "./device/memory";
import { ask } from "./patience";
import { byId, say } from "./desk/page";
import { scenePlayer } from "./desk/scenes";
import type { ScenePlayer } from "./desk/scenes/scene";
import type { Report, Setting } from "./desk/types";

/** What the device is told of a file that it was given. */
interface Loaded {
  name: string;
  language: string;
  setting: Setting;
  report: Report;
  /** Of the text, with which the program stopped. */
  line: number | null;
  printed: string;
}

const kind = byId("device").dataset.kind!;
const power = byId<HTMLButtonElement>("device-power");
const state = byId("device-state");
const trouble = byId("device-trouble");
const printed = byId("device-printed");
const memory = new Memory(kind);
let loaded: Loaded | null = null;
let scene: ScenePlayer | null = null;
/** When the program began, in the window's time; what was pressed since, as a press script. */
let began = 0;
let signals = "";
let frame = 0;
let told = true;
/** Chance is another each time the device is switched on. */
let seed = 1;

const isOn = (): boolean => power.getAttribute("aria-pressed") === "true";

/** Asks for what the program in memory does, with what was pressed until now. */
async function load(file: string): Promise<Loaded | null> {
  const answer = await ask("/device/run", { kind, file, signals, seed });
  if (!answer) trouble.textContent = say("offline");
  else if (answer.ok) return (await answer.json()) as Loaded;
  else {
    const said = answer.status === 422 ? ((await answer.json()) as { message: string }).message : say("run_stopped");
    trouble.textContent = say("device_refused", { message: said });
  }
  return null;
}

/** A file that came: a good one takes the place of the one before, another one is refused. */
async function receive(file: string): Promise<void> {
  trouble.textContent = "";
  [signals, seed] = ["", Math.floor(Math.random() * 1e6)];
  const good = await load(file);
  if (!good) return;
  memory.file = file;
  if (isOn()) begin(good);
}

function begin(what: Loaded): void {
  loaded = what;
  scene = scenePlayer(byId<SVGSVGElement>("sheet"), what.setting, 0, what.report.events, () => "");
  began = performance.now();
  told = false;
  state.textContent = say("device_running", { name: what.name, language: what.language });
  cancelAnimationFrame(frame);
  play();
}

function play(): void {
  if (!loaded || !scene) return;
  const { report } = loaded;
  const time = performance.now() - began;
  let moment = 0;
  const { times } = report;
  // Rows take no time of their own: what happened until now is there at once.
  for (let at = 0; at < times.length && times[at + 1]! <= time; at += 2) moment = times[at]!;
  const isOver = time >= report.now;
  scene.show(isOver ? report.length : Math.max(moment, firstWait(report)), time);
  let text = "";
  for (const [event, at, said] of report.events) {
    if (!isOver && at > Math.max(moment, firstWait(report))) break;
    if (event === "print" || event === "ask") text += `${said as string}\n`;
    else if (event === "say") text += said as string;
  }
  printed.textContent = text;
  if (isOver && !report.listens) end();
  else frame = requestAnimationFrame(play);
}

/** Until the first row that takes time everything happens at once. */
function firstWait(report: Report): number {
  return report.times.length ? report.times[0]! - 1 : report.length;
}

function end(): void {
  if (!loaded || told) return;
  told = true;
  const { name, line, report } = loaded;
  state.textContent =
    line === null
      ? say("device_ended", { name })
      : say("device_stopped", { name, line, message: report.message ?? "" });
  void ask("/device/report", {
    channel: memory.channel,
    sent: memory.sent,
    printed: loaded.printed.slice(0, 20000),
    line,
    message: line === null ? "" : (report.message ?? "").slice(0, 1000),
  });
}

function dark(text: string): void {
  cancelAnimationFrame(frame);
  [loaded, scene] = [null, null];
  printed.textContent = "";
  state.textContent = text;
  const events: Report["events"] = [];
  const setting = { scene: kind === "mower" ? "lawn" : "lantern", layouts: [], fittings: [] } as unknown as Setting;
  if (kind === "lantern") scenePlayer(byId<SVGSVGElement>("sheet"), setting, 0, events, () => "").show(0);
  else byId("sheet").replaceChildren();
}

/** The program begins anew, from the memory that outlasts the power. */
async function start(): Promise<void> {
  [signals, seed] = ["", Math.floor(Math.random() * 1e6)];
  trouble.textContent = "";
  const file = memory.file;
  if (file === null) return dark(say("device_empty"));
  const good = await load(file);
  if (good && isOn()) begin(good);
}

/** A press reaches the program that runs: what it does from then on is asked for. */
async function signal(text: string): Promise<void> {
  if (!loaded || !isOn() || memory.file === null) return;
  signals += `${((performance.now() - began) / 1000).toFixed(3)} ${text}\n`;
  const next = await load(memory.file);
  if (!next || !isOn()) return;
  loaded = next;
  scene = scenePlayer(byId<SVGSVGElement>("sheet"), next.setting, 0, next.report.events, () => "");
  told = false;
  cancelAnimationFrame(frame);
  play();
}

async function pair(): Promise<void> {
  const answer = await ask("/device/code", { kind, channel: memory.channel });
  if (!answer?.ok) {
    byId("device-code").textContent = "—";
    trouble.textContent = say("device_pair_trouble");
    return;
  }
  const { code, channel } = (await answer.json()) as { code: string; channel: string };
  memory.channel = channel;
  byId("device-code").textContent = code;
  const source = new EventSource(`/events/${channel}`);
  source.addEventListener("message", (event) => {
    // What was sent while nobody listened comes again; what this device has had already does not run anew.
    const { file, sent } = JSON.parse(event.data as string) as { file: string; sent: string };
    if (sent === memory.sent) return;
    memory.sent = sent;
    void receive(file);
  });
}

power.addEventListener("click", () => {
  power.setAttribute("aria-pressed", String(!isOn()));
  if (isOn()) void start();
  else dark(say("device_off"));
});
byId("device-reset").addEventListener("click", () => isOn() && void start());
const input = byId<HTMLInputElement>("device-file");
byId("device-open").addEventListener("click", () => input.click());
input.addEventListener("change", async () => {
  const file = input.files?.[0];
  if (file) await receive(await file.text());
  input.value = "";
});
document.addEventListener("dragover", (event) => event.dataTransfer?.types.includes("Files") && event.preventDefault());
document.addEventListener("drop", async (event) => {
  const file = event.dataTransfer?.files[0];
  if (!file) return;
  event.preventDefault();
  await receive(await file.text());
});
for (const button of document.querySelectorAll<HTMLElement>("[data-press]")) {
  const name = button.dataset.press!;
  const set = (down: boolean): void => {
    if (down === button.hasAttribute("data-down")) return;
    button.toggleAttribute("data-down", down);
    void signal(`${down ? "press" : "release"} ${name}`);
  };
  button.addEventListener("pointerdown", (event) => {
    button.setPointerCapture(event.pointerId);
    set(true);
  });
  for (const end of ["pointerup", "pointercancel", "blur"]) button.addEventListener(end, () => set(false));
  button.addEventListener("keydown", (event) => {
    if (event.key !== " " && event.key !== "Enter") return;
    event.preventDefault();
    if (!event.repeat) set(true);
  });
  button.addEventListener("keyup", () => set(false));
}
document.getElementById("device-light")?.addEventListener("change", (event) => {
  void signal(`light ${(event.target as HTMLInputElement).value}`);
});
void pair();
void start();
