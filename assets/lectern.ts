import "./styles/scene.css";
import "./styles/lectern.css";
import { drawing } from "./lectern/drawing";
import { Following } from "./lectern/following";
import { Lines } from "./lectern/lines";
import { Run } from "./lectern/run";
import { Writing } from "./lectern/writing";
import { byId } from "./desk/page";
import { data } from "./desk/store";

const SIZE = "scrivlet-lectern-size";
const lines = new Lines();
const run = new Run();
const writing = new Writing(lines);
const pen = drawing();
const following = new Following(data.address, data.class ?? null);
const light = byId("lectern-light");
const curtain = byId("lectern-curtain");

/** Lights a line, and shows what its row has done by then. */
async function go(to: number): Promise<void> {
  writing.stop();
  lines.light(to);
  await run.ready;
  run.showRow(lines.row());
  following.point(lines.current()?.dataset.key ?? "", data.text);
}

/** One moment further in the run, whose line is lit then. */
async function advance(): Promise<void> {
  await run.ready;
  const row = run.step();
  if (row !== null) lines.lightRow(row);
  following.point(lines.current()?.dataset.key ?? "", data.text);
}

async function language(name: string): Promise<void> {
  writing.stop();
  const response = await fetch(`${data.address}/lectern?lines&text=${name}`).catch(() => null);
  if (!response?.ok) return;
  lines.replace(await response.text(), name);
  for (const button of document.querySelectorAll<HTMLElement>("[data-language]"))
    if (button.matches("button")) button.setAttribute("aria-pressed", String(button.dataset.language === name));
  data.text = name;
  await run.fetch();
  run.showRow(lines.row());
}

function size(by: number): void {
  const now = Math.min(2, Math.max(0.6, Number(localStorage.getItem(SIZE) ?? 1) + by));
  localStorage.setItem(SIZE, String(now));
  document.body.style.setProperty("--lectern-size", String(now));
}

function pressed(name: string, on: boolean): void {
  document.querySelector(`[data-do="${name}"]`)?.setAttribute("aria-pressed", String(on));
}

const does: Record<string, () => void> = {
  next: () => void (writing.finishLine() || go(lines.next(1))),
  back: () => void go(lines.next(-1)),
  first: () => void go(lines.first()),
  last: () => void go(lines.last()),
  run: () => void (writing.pause() || advance()),
  cover: () => lines.cover(),
  uncover: () => lines.uncover(),
  write: () => {
    writing.toggle();
    pressed("write", writing.isOn);
  },
  build: () => pressed("build", lines.build()),
  light: () => {
    light.hidden = !light.hidden;
    pressed("light", !light.hidden);
  },
  draw: () => pressed("draw", pen.toggle()),
  follow: () =>
    void following
      .toggle()
      .then((on) => pressed("follow", on))
      .then(() => following.point(lines.current()?.dataset.key ?? "", data.text)),
  wipe: () => pen.wipe(),
  curtain: () => (curtain.hidden = !curtain.hidden),
  larger: () => size(0.1),
  smaller: () => size(-0.1),
  leave: () => {
    if (!curtain.hidden) curtain.hidden = true;
    else if (writing.isOn) does.write!();
    else if (pen.isOn) does.draw!();
    else if (!light.hidden) does.light!();
    else location.href = data.class ?? data.address;
  },
};

/** The keys of the board and of a presenter's clicker, which sends page keys, and a point for black. */
const KEYS: Record<string, string> = {
  ArrowRight: "next",
  ArrowDown: "next",
  PageDown: "next",
  Enter: "next",
  ArrowLeft: "back",
  ArrowUp: "back",
  PageUp: "back",
  Home: "first",
  End: "last",
  " ": "run",
  c: "cover",
  u: "uncover",
  w: "write",
  b: "build",
  l: "light",
  d: "draw",
  f: "follow",
  x: "wipe",
  ".": "curtain",
  "+": "larger",
  "-": "smaller",
  Escape: "leave",
};

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  const key = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  if ((key === "Enter" || key === " ") && (event.target as Element).closest("button")) return;
  const number = Number(key);
  const chosen = number ? document.querySelectorAll<HTMLElement>("button[data-language]")[number - 1] : undefined;
  const name = KEYS[key];
  if (!chosen && !name) return;
  event.preventDefault();
  if (chosen) void language(chosen.dataset.language!);
  else does[name!]!();
});
document.addEventListener("click", (event) => {
  const target = event.target as Element;
  const button = target.closest<HTMLElement>("[data-do], button[data-language]");
  const line = target.closest<HTMLElement>("[data-text]");
  if (button?.dataset.do) does[button.dataset.do]!();
  else if (button) void language(button.dataset.language!);
  else if (line && !pen.isOn) void go(lines.indexOf(line));
  else if (target === curtain) curtain.hidden = true;
});
document.addEventListener("pointermove", (event) => {
  light.style.setProperty("--x", `${event.clientX}px`);
  light.style.setProperty("--y", `${event.clientY}px`);
});
size(0);
void run.fetch();
void go(lines.first());
