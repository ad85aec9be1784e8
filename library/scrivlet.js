/*
 * Scrivlet's commands for Node.js: a nib, a barrow, a lantern and a mower, and scripts that wait for something.
 *
 * When the program ends the nib's drawing is written to drawing.svg. A plot or a lawn is read from layout.txt, presses
 * of buttons from signals.txt. For comparing runs, SCRIVLET_LAYOUT and SCRIVLET_SIGNALS name other files,
 * SCRIVLET_TRACE=file writes what happened as JSON lines, SCRIVLET_SEED=number fixes what chance gives, and
 * SCRIVLET_SECONDS ends the run.
 */
import { existsSync, readFileSync, writeFileSync } from "node:fs";

const INKS = {
  midnight: ["#22304f", 221], sky: ["#3f8fd6", 208], moss: ["#4c7a34", 99], leaf: ["#2f9e5b", 144],
  butter: ["#f2c94c", 45], marigold: ["#e8912a", 33], poppy: ["#d43d2c", 6], rose: ["#d9679b", 333],
  plum: ["#84397f", 304], soil: ["#7a5233", 26], slate: ["#6b7280", 220], chalk: ["#ffffff", 0],
};
const GRID = 1e9;
const FARTHEST = 1000000;
const tracing = process.env.SCRIVLET_TRACE;

let marks = [];
const trace = [];

// The run's own time in milliseconds, and the time of what happened last.
let now = 0;
let told = 0;

function happened(what, fields = {}) {
  if (tracing) {
    if (told !== now) {
      told = now;
      trace.push(JSON.stringify({ do: "time", at: now }));
    }
    trace.push(JSON.stringify({ do: what, ...fields }));
  }
}

function number(value) {
  if (typeof value !== "number" && typeof value !== "boolean") {
    throw new TypeError(`this command needs a number, not ${String(value)}`);
  }
  if (!Number.isFinite(Number(value))) {
    throw new RangeError("this command needs an ordinary number");
  }
  return Number(value);
}

function within(value, least, most) {
  const size = number(value);
  if (size < least || size > most) {
    throw new RangeError(`this command takes numbers from ${least} to ${most}`);
  }
  return size;
}

function onCircle(degrees) {
  let turned = degrees % 360;
  if (turned < 0) {
    turned += 360;
  }
  turned = Math.floor(turned * GRID + 0.5) / GRID;
  return turned >= 360 ? 0 : turned;
}

function colour(wanted) {
  const name = String(wanted).trim().toLowerCase();
  if (Object.hasOwn(INKS, name)) {
    return INKS[name];
  }
  if (!/^#[0-9a-f]{6}$/.test(name)) {
    throw new RangeError(`${wanted} is no ink`);
  }
  const [red, green, blue] = [1, 3, 5].map((at) => parseInt(name.slice(at, at + 2), 16));
  const largest = Math.max(red, green, blue);
  const spread = largest - Math.min(red, green, blue);
  if (spread === 0) {
    return [name, 0];
  }
  let hue = 240 + (60 * (red - green)) / spread;
  if (largest === red) {
    hue = (60 * (green - blue)) / spread;
  } else if (largest === green) {
    hue = 120 + (60 * (blue - red)) / spread;
  }
  return [name, Math.floor(hue < 0 ? hue + 360 : hue)];
}

function numeral(value) {
  const thousandths = Math.floor(value * 1000 + 0.5);
  const size = Math.abs(thousandths);
  const fraction = String(size % 1000).padStart(3, "0").replace(/0+$/, "");
  return (thousandths < 0 ? "-" : "") + Math.floor(size / 1000) + (fraction ? "." + fraction : "");
}

class Nib {
  #x = 0;
  #y = 0;
  #heading = 0;
  #down = true;
  #ink = INKS.midnight[0];
  #hue = INKS.midnight[1];
  #width = 2;
  #shape = null;
  #shapeInk = "";
  #shapeMark = 0;

  forward(steps) {
    const length = number(steps);
    const angle = (this.#heading / 180) * Math.PI;
    const quarter = { 0: [1, 0], 90: [0, 1], 180: [-1, 0], 270: [0, -1] };
    const [cos, sin] = quarter[this.#heading] ?? [Math.cos(angle), Math.sin(angle)];
    this.#goTo(this.#x + length * cos, this.#y + length * sin);
  }

  back(steps) {
    this.forward(-number(steps));
  }

  left(degrees) {
    this.#turnTo(this.#heading + number(degrees));
  }

  right(degrees) {
    this.#turnTo(this.#heading - number(degrees));
  }

  moveTo(x, y) {
    this.#goTo(number(x), number(y));
  }

  face(degrees) {
    this.#turnTo(number(degrees));
  }

  circle(radius, degrees) {
    const lines = 1 + Math.trunc(Math.min(11 + Math.abs(number(radius)) / 6, 59) * Math.min(Math.abs(number(degrees)) / 360, 100));
    let turn = degrees / lines;
    let length = 2 * radius * Math.sin((turn / 2 / 180) * Math.PI);
    if (radius < 0) [length, turn] = [-length, -turn];
    this.#turnTo(this.#heading + turn / 2);
    for (let line = 0; line < lines; line++) {
      this.forward(length);
      this.#turnTo(this.#heading + turn);
    }
    this.#turnTo(this.#heading - turn / 2);
  }

  home() {
    this.#goTo(0, 0);
    this.#turnTo(0);
  }

  reset() {
    this.#shape = null;
    this.lift();
    this.home();
    this.lower();
    this.ink("midnight");
    this.width(2);
    this.appear();
    this.clear();
  }

  lift() {
    this.#down = false;
    happened("pen", { down: false });
  }

  lower() {
    this.#down = true;
    happened("pen", { down: true });
  }

  ink(wanted) {
    [this.#ink, this.#hue] = colour(wanted);
    happened("ink", { ink: this.#ink });
  }

  shiftInk(amount) {
    this.#hue = onCircle(this.#hue + number(amount));
    this.#ink = `hsl(${numeral(Math.floor(this.#hue))}, 60%, 45%)`;
    happened("ink", { ink: this.#ink });
  }

  width(size) {
    this.#width = within(size, 0, 200);
    happened("width", { width: this.#width });
  }

  openShape(wanted) {
    this.#shapeInk = colour(wanted)[0];
    this.#shape = [[this.#x, this.#y]];
    this.#shapeMark = marks.length;
    marks.push("");
    happened("fill_begin");
  }

  closeShape() {
    if (this.#shape !== null) {
      const points = this.#shape.map(([x, y]) => `${numeral(x)},${numeral(-y)}`).join(" ");
      marks[this.#shapeMark] = `<polygon points="${points}" fill="${this.#shapeInk}"/>`;
      happened("fill", { ink: this.#shapeInk, points: this.#shape });
      this.#shape = null;
    }
  }

  dot(size) {
    const diameter = within(size, 0, 1000);
    marks.push(`<circle cx="${numeral(this.#x)}" cy="${numeral(-this.#y)}" r="${numeral(diameter / 2)}" fill="${this.#ink}"/>`);
    happened("dot", { x: this.#x, y: this.#y, size: diameter, ink: this.#ink });
  }

  write(value) {
    const text = String(value);
    const plain = text.replace(/[\x00-\x08\x0b\x0c\x0e-\x1f]/g, "").replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;");
    marks.push(`<text x="${numeral(this.#x)}" y="${numeral(-this.#y)}" font-family="sans-serif" font-size="16" fill="${this.#ink}">${plain}</text>`);
    happened("write", { x: this.#x, y: this.#y, text, ink: this.#ink });
  }

  pace(level) {
    happened("speed", { level: level === "at once" ? 0 : within(level, 0, 10) });
  }

  appear() {
    happened("show", { visible: true });
  }

  vanish() {
    happened("show", { visible: false });
  }

  clear() {
    marks = [];
    if (this.#shape !== null) {
      this.#shape = [[this.#x, this.#y]];
      this.#shapeMark = 0;
      marks.push("");
    }
    happened("clear");
  }

  x() {
    return this.#x;
  }

  y() {
    return this.#y;
  }

  facing() {
    return this.#heading;
  }

  #goTo(toX, toY) {
    if (Math.abs(toX) > FARTHEST || Math.abs(toY) > FARTHEST) {
      throw new RangeError("the nib went too far off the sheet");
    }
    const x = Math.floor(toX * GRID + 0.5) / GRID;
    const y = Math.floor(toY * GRID + 0.5) / GRID;
    if (this.#down) {
      marks.push(`<line x1="${numeral(this.#x)}" y1="${numeral(-this.#y)}" x2="${numeral(x)}" y2="${numeral(-y)}" stroke="${this.#ink}" stroke-width="${numeral(this.#width)}"/>`);
      happened("stroke", { x1: this.#x, y1: this.#y, x2: x, y2: y, ink: this.#ink, width: this.#width });
    } else {
      happened("move", { x, y });
    }
    this.#x = x;
    this.#y = y;
    if (this.#shape !== null) {
      this.#shape.push([x, y]);
    }
  }

  #turnTo(degrees) {
    this.#heading = onCircle(degrees);
    happened("turn", { heading: this.#heading });
  }
}

export const nib = new Nib();

let chance = Math.random;
if (process.env.SCRIVLET_SEED !== undefined) {
  let state = (Number(process.env.SCRIVLET_SEED) % 2147483646) + 1;
  chance = () => (state = (state * 48271) % 2147483647);
}

/** A whole number by chance, both ends included. */
export function randomBetween(first, last) {
  const [from, to] = [Math.trunc(number(first)), Math.trunc(number(last))];
  if (from > to) {
    throw new RangeError(`chance goes from the smaller number to the larger one, not from ${from} to ${to}`);
  }
  const drawn = chance();
  return chance === Math.random ? from + Math.floor(drawn * (to - from + 1)) : from + (drawn % (to - from + 1));
}

// Time, and scripts that run in turns. A script keeps its turn until it waits or ends; of two that are due at the same
// time the one goes first that was put down first. While a trace is written time passes at once, otherwise really.

const ASKING = 10;
const listeners = new Map();
const signals = readSignals(file("SCRIVLET_SIGNALS", "signals.txt"));
const last = process.env.SCRIVLET_SECONDS === undefined ? Infinity : Math.trunc(Number(process.env.SCRIVLET_SECONDS) * 1000);
const waiting = [];
let orders = 0;

function put(resume, at) {
  const task = { resume, at, order: orders++ };
  waiting.push(task);
  return task;
}

function pass(to) {
  if (to <= now) {
    return;
  }
  const end = Math.min(to, last);
  if (!tracing) {
    Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, end - now);
  }
  mower._advance(now, end);
  now = end;
  if (end < to) {
    process.exit(0);
  }
}

function deliver(signal) {
  pass(signal.at);
  signals.shift();
  if (signal.kind === "light") {
    lantern._lit(signal.what);
  } else {
    lantern._moved(signal.what, signal.kind === "press");
  }
}

function happen(what) {
  for (const listener of listeners.get(what) ?? []) {
    listener.waiting++;
    if (!listener.runs) {
      listener.runs = true;
      put(() => void handle(listener).catch(fail), now);
    }
  }
}

async function handle(listener) {
  while (listener.waiting > 0) {
    listener.waiting--;
    await listener.handler();
  }
  listener.runs = false;
  next()?.resume();
}

function fail(error) {
  console.error(error);
  process.exit(1);
}

/** The script whose turn it is, or undefined when all are done and nothing can start one. */
function next() {
  for (;;) {
    const first = waiting.reduce((one, other) => (other.at < one.at || (other.at === one.at && other.order < one.order) ? other : one), waiting[0]);
    if (signals.length > 0 && (first ? signals[0].at <= first.at : listeners.size > 0)) {
      deliver(signals[0]);
      continue;
    }
    if (first) {
      waiting.splice(waiting.indexOf(first), 1);
      pass(first.at);
    }
    return first;
  }
}

/** Lets other scripts go on; resolves when it is this one's turn again. */
function pause(milliseconds) {
  return new Promise((resume) => {
    put(resume, now + Math.max(0, milliseconds));
    next().resume();
  });
}

// Time that passes while the script keeps its turn.
function elapse(milliseconds) {
  const end = now + milliseconds;
  while (signals.length > 0 && signals[0].at <= end) {
    deliver(signals[0]);
  }
  pass(end);
}

// After the program's last line: the scripts that are still under way, and those that something starts.
process.on("beforeExit", () => {
  if (!process.exitCode) {
    next()?.resume();
  }
});

export function wait(seconds) {
  return pause(Math.floor(Math.min(Math.max(number(seconds), 0), 1e6) * 1000 + 0.5));
}

export const sleep = wait;

/** Whether something is in a list, a map, a set or a text, or a number is not 0. */
export function holds(value) {
  if (Array.isArray(value)) return value.length > 0;
  if (value instanceof Set || value instanceof Map) return value.size > 0;
  return value?.constructor === Object ? Object.keys(value).length > 0 : Boolean(value);
}

export function announce(message) {
  happened("announce", { message: String(message) });
  happen(`when_announced ${message}`);
}

function on(what, handler) {
  if (typeof handler !== "function") {
    throw new TypeError("a handler is a function, without brackets behind it");
  }
  listeners.set(what, [...(listeners.get(what) ?? []), { handler, waiting: 0, runs: false }]);
}

export function whenAnnounced(message, handler) {
  on(`when_announced ${message}`, handler);
}

function readSignals(text) {
  const found = [];
  for (const line of text.split(/\r?\n/)) {
    const [time, kind, what] = line.trim().split(/\s+/);
    if (!time || time.startsWith("//")) {
      continue;
    }
    const at = Math.round(Number(time) * 1000);
    if (kind === "light") {
      found.push({ at, kind, what: Number(what) });
      continue;
    }
    for (const button of what === "both" ? ["round", "square"] : [what]) {
      if (kind !== "release") {
        found.push({ at, kind: "press", what: button });
      }
      if (kind !== "press") {
        found.push({ at: kind === "tap" ? at + 200 : at, kind: "release", what: button });
      }
    }
  }
  return found.sort((one, other) => one.at - other.at);
}

// What a file beside the program says, or the one that a variable names; nothing if there is none.
function file(variable, name) {
  const path = process.env[variable] ?? name;
  return existsSync(path) ? readFileSync(path, "utf8") : "";
}

function answered(what, answer) {
  happened("sense", { what, answer });
  return answer;
}

// The barrow on its plot.

const TURNS = ["right", "up", "left", "down"];
const STEPS = { right: [1, 0], up: [0, -1], left: [-1, 0], down: [0, 1] };

class Barrow {
  #map = null;
  #x = 0;
  #y = 0;
  #facing = "right";
  #load = 0;
  #seedlings = new Set();

  #plot() {
    if (this.#map !== null) {
      return this.#map;
    }
    const text = file("SCRIVLET_LAYOUT", "layout.txt") || "load: 3\n\n########\n#......#\n#>.....#\n#......#\n########\n";
    const map = [];
    for (const line of text.split(/\r?\n/).map((row) => row.trimEnd())) {
      if (map.length === 0 && (line === "" || /^(\/\/|name:|goal:|load:)/.test(line))) {
        this.#load = line.startsWith("load:") ? Number(line.slice(5)) : this.#load;
      } else if (line !== "") {
        map.push(line);
      }
    }
    const width = Math.max(...map.map((line) => line.length));
    this.#map = map.map((line) => line.padEnd(width, "#"));
    this.#map.forEach((line, y) =>
      [...line].forEach((sign, x) => {
        if (">^<v".includes(sign)) {
          [this.#x, this.#y, this.#facing] = [x, y, TURNS[">^<v".indexOf(sign)]];
        }
        if ("*%".includes(sign)) {
          this.#seedlings.add(`${x},${y}`);
        }
      }),
    );
    return this.#map;
  }

  #ahead(turns = 0) {
    this.#plot();
    const [right, down] = STEPS[TURNS[(TURNS.indexOf(this.#facing) + turns) % 4]];
    return [this.#x + right, this.#y + down];
  }

  #free([x, y]) {
    return ![undefined, "#", "o"].includes(this.#plot()[y]?.[x]);
  }

  get #here() {
    this.#plot();
    return `${this.#x},${this.#y}`;
  }

  step() {
    const [x, y] = this.#ahead();
    if (!this.#free([x, y])) {
      happened("bump", { x: this.#x + 1, y: this.#y + 1 });
      const what = { "#": "bumped into a hedge", o: "bumped into a stone" }[this.#plot()[y]?.[x]];
      throw new Error(`the barrow ${what ?? "would roll over the edge"}`);
    }
    [this.#x, this.#y] = [x, y];
    happened("roll", { x: x + 1, y: y + 1 });
  }

  turnLeft() {
    this.#turn(1);
  }

  turnRight() {
    this.#turn(3);
  }

  #turn(by) {
    this.#plot();
    this.#facing = TURNS[(TURNS.indexOf(this.#facing) + by) % 4];
    happened("swing", { facing: this.#facing });
  }

  plant() {
    if (this.#seedlings.has(this.#here)) {
      throw new Error("a seedling stands here already");
    }
    if (this.#load === 0) {
      throw new Error("the barrow is empty");
    }
    this.#load--;
    this.#seedlings.add(this.#here);
    happened("plant", { x: this.#x + 1, y: this.#y + 1, load: this.#load });
  }

  pick() {
    if (!this.#seedlings.delete(this.#here)) {
      throw new Error("there is no seedling here");
    }
    this.#load++;
    happened("pick", { x: this.#x + 1, y: this.#y + 1, load: this.#load });
  }

  pathClear() {
    return answered("path_clear", this.#free(this.#ahead()));
  }

  clearLeft() {
    return answered("clear_left", this.#free(this.#ahead(1)));
  }

  clearRight() {
    return answered("clear_right", this.#free(this.#ahead(3)));
  }

  seedlingHere() {
    return answered("seedling_here", this.#seedlings.has(this.#here));
  }

  atGate() {
    return answered("at_gate", this.#plot()[this.#y]?.[this.#x] === "G");
  }

  facing() {
    this.#plot();
    return answered("facing", this.#facing);
  }

  load() {
    this.#plot();
    return answered("load", this.#load);
  }
}

export const barrow = new Barrow();

// The lantern at the gate.

const GLYPHS = new Map(
  (
    "A.#.#.#####.##.# B##.#.###.#.###. C.###..#..#...## D##.#.##.##.###. E####..##.#..### " +
    "F####..##.#..#.. G.###..#.##.#.## H#.##.#####.##.# I###.#..#..#.### J..#..#..##.#.#. " +
    "K#.##.###.#.##.# L#..#..#..#..### M#...###.###.#.##...##...# N#..###.##.###..##..# O.#.#.##.##.#.#. " +
    "P##.#.###.#..#.. Q.##.#..##..##.##.### R##.#.###.#.##.# S.###...#...###. T###.#..#..#..#. " +
    "U#.##.##.##.#### V#.##.##.##.#.#. W#...##...##.#.##.#.#.#.#. X#.##.#.#.#.##.# Y#.##.#.#..#..#. " +
    "Z###..#.#.#..### 0.#.#.##.##.#.#. 1.#.##..#..#.### 2##...#.#.#..### 3##...#.#...###. " +
    "4#.##.####..#..# 5####..##...###. 6.###..##.#.#.#. 7###..#.#..#..#. 8.#.#.#.#.#.#.#. " +
    "9.#.#.#.##..###. !###.# .....# ,...## :.#.#. ;.#.## ?##...#.#.....#. +....#.###.#.... " +
    "-......###...... *...#.#.#.#.#... /..#..#.#.#..#.. =...###...###... (.##.#.#..# )#..#.#.##. " +
    "<..#.#.#...#...# >#...#...#.#.#.. '##... \"#.##.#......... #.#.#.#####.#.#####.#.#. %#.#..#.#.#..#.# " +
    "&.#..#.#..#..#.#.#.#. _............### "
  )
    .trim()
    .split(" ")
    .map((entry) => {
      const wide = Math.max(1, Math.trunc((entry.length - 1) / 5));
      return [entry[0], [0, 1, 2, 3, 4].map((row) => entry.slice(1 + row * wide, 1 + row * wide + wide))];
    }),
);

function letters(value) {
  const text = [...String(value)];
  if (text.length > 200) {
    throw new RangeError("the text is too long for the lantern");
  }
  let rows = ["", "", "", "", ""];
  text.forEach((sign, index) => {
    const letter = /[a-z]/.test(sign) ? sign.toUpperCase() : sign;
    const glyph = letter === " " ? [".", ".", ".", ".", "."] : (GLYPHS.get(letter) ?? ["###", "#.#", "#.#", "#.#", "###"]);
    rows = rows.map((row, at) => row + (index > 0 ? "." : "") + glyph[at]);
  });
  return rows;
}

class Lantern {
  #lamps = Array(5).fill(".........");
  #light = 50;
  #down = {};
  #was = {};

  shine(value) {
    const rows = letters(value);
    if (rows[0].length > 9) {
      throw new RangeError(`${value} is too wide for nine lamps`);
    }
    const left = Math.trunc((9 - rows[0].length) / 2);
    this.#glow(rows.map((row) => (".".repeat(left) + row).padEnd(9, ".")));
  }

  async roll(text) {
    const rows = letters(text);
    for (let at = 1; at <= rows[0].length + 9; at++) {
      this.#glow(rows.map((row) => ("........." + row + ".........").slice(at, at + 9)));
      await pause(100);
    }
  }

  light(x, y) {
    this.#lamp(number(x), number(y), "#");
  }

  dark(x, y) {
    this.#lamp(number(x), number(y), ".");
  }

  #lamp(x, y, sign) {
    if (!(x >= 0 && x < 9 && y >= 0 && y < 5)) {
      throw new RangeError("there is no such lamp: x goes from 0 to 8, y from 0 to 4");
    }
    const [column, line] = [Math.trunc(x), Math.trunc(y)];
    this.#glow(this.#lamps.map((row, at) => (at === line ? row.slice(0, column) + sign + row.slice(column + 1) : row)));
  }

  pattern(value) {
    const rows = String(value);
    if (!/^(?:[#.]{0,9}\/){0,4}[#.]{0,9}$/.test(rows)) {
      throw new RangeError("a pattern has at most five rows with / between them, of at most nine signs # and .");
    }
    this.#glow([...rows.split("/"), "", "", "", "", ""].slice(0, 5).map((row) => row.padEnd(9, ".")));
  }

  clear() {
    this.pattern("");
  }

  held(name) {
    const button = this.#button(name);
    elapse(ASKING);
    return answered(`pressed ${button}`, button === "both" ? this.#both() : (this.#down[button] ?? false));
  }

  tapped(name) {
    const button = this.#button(name);
    elapse(ASKING);
    const was = this.#was[button] ?? false;
    this.#was[button] = false;
    return answered(`tapped ${button}`, was);
  }

  brightness() {
    elapse(ASKING);
    return answered("brightness", this.#light);
  }

  whenTapped(button, handler) {
    on(`when_tapped ${this.#button(button)}`, handler);
  }

  whenLight(change, handler) {
    on(`when_light ${change}`, handler);
  }

  #button(button) {
    if (!["round", "square", "both"].includes(button)) {
      throw new RangeError(`${button} is no button`);
    }
    return button;
  }

  #both() {
    return Boolean(this.#down.round && this.#down.square);
  }

  _moved(button, down) {
    const [both, wasDown] = [this.#both(), this.#down[button] ?? false];
    this.#down[button] = down;
    happened("button", { button, down });
    if (down && !wasDown) {
      this.#was[button] = true;
      happen(`when_tapped ${button}`);
      if (this.#both() && !both) {
        this.#was.both = true;
        happen("when_tapped both");
      }
    }
  }

  _lit(level) {
    const before = this.#light;
    this.#light = level;
    happened("daylight", { level });
    if (level !== before) {
      happen(`when_light ${level < before ? "darker" : "brighter"}`);
    }
  }

  #glow(rows) {
    this.#lamps = rows;
    happened("lamps", { rows });
  }
}

export const lantern = new Lantern();

// The mower on its lawn: two driven wheels, moved on exactly along an arc in steps of a fixed time.

const STEP = 20;
const PLACES = { 1: 150, 2: -150, 3: 30, 4: 0, 5: -30, 6: 90, 7: -90, 8: 180 };
const onGrid = (value) => Math.floor(value * 1e9 + 0.5) / 1e9;

class Mower {
  #x = 0;
  #y = 0;
  #heading = 90;
  #left = 0;
  #right = 0;
  #piles = [];
  #plugged = new Set();
  _unit = 1;

  constructor() {
    for (const line of (file("SCRIVLET_LAYOUT", "layout.txt") || "mower: 0 0 90\npile: 0 70\npile: 60 -40\n").split(/\r?\n/)) {
      const [word, rest = ""] = line.trim().split(":");
      const values = rest.trim().split(/\s+/).map(Number);
      if (word === "mower") {
        [this.#x, this.#y, this.#heading] = [values[0], values[1], ((values[2] % 360) + 360) % 360];
      } else if (word === "pile") {
        this.#piles.push(values);
      }
    }
  }

  drive(left, right) {
    this.#speeds((within(left, -100, 100) * 30) / 100, (within(right, -100, 100) * 30) / 100);
  }

  async travel(far, speed) {
    const fast = (Math.abs(within(speed, -100, 100)) * 30) / 100;
    const distance = within(far, -1000, 1000) * this._unit;
    if (fast === 0 && distance !== 0) {
      throw new RangeError("at speed 0 the mower never arrives");
    }
    const milliseconds = fast === 0 ? 0 : Math.floor((Math.abs(distance) / fast) * 1000 + 0.5);
    if (milliseconds > 0) {
      this.#speeds((distance / milliseconds) * 1000, (distance / milliseconds) * 1000);
      await pause(milliseconds);
    }
    this.stop();
  }

  async turn(wanted) {
    const degrees = within(wanted, -3600, 3600);
    const milliseconds = Math.floor((Math.abs(degrees) / 90) * 1000 + 0.5);
    if (milliseconds > 0) {
      const speed = ((((degrees / milliseconds) * 1000) / 180) * Math.PI * 20) / 2;
      this.#speeds(-speed, speed);
      await pause(milliseconds);
    }
    this.stop();
  }

  stop() {
    this.#speeds(0, 0);
  }

  lamp(wanted) {
    happened("lamp", { socket: 0, ink: colour(wanted)[0] });
  }

  units(unit) {
    if (!["cm", "inches"].includes(unit)) {
      throw new RangeError(`${unit} is no unit`);
    }
    this._unit = unit === "cm" ? 1 : 2.54;
  }

  #speeds(left, right) {
    [this.#left, this.#right] = [left, right];
    happened("wheels", { left: onGrid(left), right: onGrid(right) });
  }

  _plug(socket) {
    const place = number(socket);
    if (!(place in PLACES)) {
      throw new RangeError("there is no such socket: they have the numbers 1 to 8");
    }
    if (this.#plugged.has(place)) {
      throw new RangeError(`something is plugged into socket ${place} already`);
    }
    this.#plugged.add(place);
    return place;
  }

  _sensor(socket) {
    const angle = ((this.#heading + PLACES[socket]) / 180) * Math.PI;
    return [onGrid(this.#x + 10 * Math.cos(angle)), onGrid(this.#y + 10 * Math.sin(angle))];
  }

  _nearest(socket) {
    const [x, y] = this._sensor(socket);
    const angle = ((this.#heading + PLACES[socket]) / 180) * Math.PI;
    const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
    const field = (15 / 180) * Math.PI;
    let nearest = 80;
    for (const [pileX, pileY] of this.#piles) {
      const [dx, dy] = [pileX - x, pileY - y];
      const [along, aside] = [dx * cos + dy * sin, Math.abs(dy * cos - dx * sin)];
      if (along > 0 && aside * Math.cos(field) - along * Math.sin(field) <= 12) {
        nearest = Math.min(nearest, Math.max(0, Math.sqrt(dx * dx + dy * dy) - 12));
      }
    }
    return onGrid(nearest);
  }

  _advance(from, to) {
    if (this.#left === 0 && this.#right === 0) {
      return;
    }
    for (let at = from; at < to;) {
      const after = Math.min(to, Math.trunc(at / STEP) * STEP + STEP);
      this.#move((after - at) / 1000);
      at = now = after;
      happened("pose", { x: this.#x, y: this.#y, heading: this.#heading });
      this.#push();
      if (this.#x * this.#x + this.#y * this.#y > 150 * 150) {
        throw new Error("the mower drove off the gravel");
      }
    }
  }

  #move(seconds) {
    const angle = (this.#heading / 180) * Math.PI;
    const speed = (this.#left + this.#right) / 2;
    const turning = (this.#right - this.#left) / 20;
    if (turning === 0) {
      this.#x += speed * seconds * Math.cos(angle);
      this.#y += speed * seconds * Math.sin(angle);
    } else {
      const radius = speed / turning;
      const after = angle + turning * seconds;
      this.#x += radius * (Math.sin(after) - Math.sin(angle));
      this.#y += radius * (Math.cos(angle) - Math.cos(after));
    }
    [this.#x, this.#y] = [onGrid(this.#x), onGrid(this.#y)];
    const heading = (this.#heading + ((turning * seconds) / Math.PI) * 180) % 360;
    const turned = onGrid(heading < 0 ? heading + 360 : heading);
    this.#heading = turned >= 360 ? 0 : turned;
  }

  #push() {
    this.#piles.forEach(([x, y], index) => {
      const [dx, dy] = [x - this.#x, y - this.#y];
      const away = Math.sqrt(dx * dx + dy * dy);
      if (away < 24 - 1e-5 && away > 0) {
        this.#piles[index] = [onGrid(this.#x + (dx / away) * 24), onGrid(this.#y + (dy / away) * 24)];
        happened("pile", { index, x: this.#piles[index][0], y: this.#piles[index][1] });
      }
    });
  }
}

export const mower = new Mower();

/** The mower's wheels, on two sockets. */
export class DrivePair {
  constructor(leftSocket, rightSocket) {
    mower._plug(leftSocket);
    mower._plug(rightSocket);
  }

  drive(left, right) {
    mower.drive(left, right);
  }

  travel(distance, speed) {
    return mower.travel(distance, speed);
  }

  turn(degrees) {
    return mower.turn(degrees);
  }

  stop() {
    mower.stop();
  }
}

/** Tells grass from gravel. */
export class SurfaceSensor {
  constructor(socket) {
    this.socket = mower._plug(socket);
  }

  surface() {
    elapse(ASKING);
    const [x, y] = mower._sensor(this.socket);
    return answered(`surface ${this.socket}`, x * x + y * y > 120 * 120 ? "gravel" : "grass");
  }
}

/** The way to the next leaf pile in its field, in whole centimetres or inches; now and then nothing. */
export class RangeSensor {
  constructor(socket) {
    this.socket = mower._plug(socket);
  }

  distance() {
    elapse(ASKING);
    const silent = randomBetween(1, 12) === 1;
    return answered(`distance ${this.socket}`, silent ? null : Math.floor(mower._nearest(this.socket) / mower._unit));
  }
}

/** A lamp on a socket. */
export class Lamp {
  constructor(socket) {
    this.socket = mower._plug(socket);
  }

  show(wanted) {
    happened("lamp", { socket: this.socket, ink: colour(wanted)[0] });
  }

  off() {
    happened("lamp", { socket: this.socket, ink: "" });
  }
}

/** What is left over by floorDiv; it has the sign of the divisor. */
export function floorMod(a, b) {
  const rest = a % b;
  if (rest === 0) {
    return b < 0 ? -0 : 0;
  }
  return b < 0 !== rest < 0 ? rest + b : rest;
}

/** The whole number at or below the quotient. */
export function floorDiv(a, b) {
  if (b === 0 || !Number.isFinite(a) || !Number.isFinite(b)) {
    return Math.floor(a / b);
  }
  const rest = a % b;
  let quotient = (a - rest) / b;
  if (rest !== 0 && b < 0 !== rest < 0) {
    quotient -= 1;
  }
  if (quotient === 0) {
    return a / b < 0 || Object.is(a / b, -0) ? -0 : 0;
  }
  const floor = Math.floor(quotient);
  return quotient - floor > 0.5 ? floor + 1 : floor;
}

if (tracing) {
  const log = console.log;
  console.log = (...values) => {
    log(...values);
    happened("print", { text: values.map((value) => (Object.is(value, -0) ? "-0" : String(value))).join(" ") });
  };
}

process.on("exit", () => {
  const drawn = marks.filter((mark) => mark !== "").slice(0, 20000);
  writeFileSync(
    "drawing.svg",
    '<svg xmlns="http://www.w3.org/2000/svg" viewBox="-240 -180 480 360" width="480" height="360">\n' +
      '<rect x="-240" y="-180" width="480" height="360" fill="#ffffff"/>\n<g stroke-linecap="round">\n' +
      drawn.map((mark) => mark + "\n").join("") +
      "</g>\n</svg>\n",
  );
  if (tracing) {
    writeFileSync(tracing, trace.map((line) => line + "\n").join(""));
  }
});

// What text programs use beside their language's own functions.

let answers = null;

/** The next line of the answers, from standard input. */
export function prompt(question = "") {
  process.stdout.write(String(question));
  answers ??= readFileSync(0, "utf8").split(/\r?\n/);
  const line = answers.shift();
  if (line === undefined) {
    throw new Error("there is no answer left");
  }
  happened("ask", { answer: line });
  return line;
}

const waitingWords = [];

/** One word after another of the answers, of which a line may have several. */
export function nextWord() {
  while (waitingWords.length === 0) {
    waitingWords.push(...prompt().split(/\s+/).filter((word) => word !== ""));
  }
  return waitingWords.shift();
}

export const position = (list, value) => list.indexOf(value);

export function indexIn(list, value) {
  const at = list.indexOf(value);
  if (at < 0) {
    throw new RangeError(`${value} is not in the list`);
  }
  return at;
}

export const occurrences = (list, value) =>
  typeof list === "string" ? list.split(value).length - 1 : list.filter((item) => item === value).length;

export const repeated = (list, times) => Array.from({ length: Math.max(0, times) }, () => list).flat();

export const backwards = (value) => (typeof value === "string" ? [...value].reverse().join("") : [...value].reverse());

export const title = (text) =>
  text.toLowerCase().replace(/\p{L}+/gu, (word) => word[0].toUpperCase() + word.slice(1));

export const capitalized = (text) => text.slice(0, 1).toUpperCase() + text.slice(1).toLowerCase();

export const words = (text) => text.split(/\s+/).filter((word) => word !== "");

export function linesOf(text) {
  const lines = text.split(/\r\n|[\n\r\v\f\x1c-\x1e\x85\u2028\u2029]/);
  if (lines.at(-1) === "") lines.pop();
  return lines;
}

export const isDigits = (text) => /^\d+$/.test(text);

export const isUpper = (text) => /\p{Lu}/u.test(text) && !/\p{Ll}/u.test(text);

export const isLower = (text) => /\p{Ll}/u.test(text) && !/\p{Lu}/u.test(text);

export const isSpace = (text) => /^\s+$/.test(text);

export const isPlain = (text) => /^[\p{L}\p{Nd}]+$/u.test(text);

export function lettersBetween(from, to) {
  return numbers(from.charCodeAt(0), to.charCodeAt(0) + 1).map((code) => String.fromCharCode(code));
}

const placesOf = (text, letters, among) => [...text].flatMap((letter, place) => (letters.includes(letter) === among ? [place] : []));
export const firstAmong = (text, letters) => placesOf(text, letters, true)[0] ?? -1;
export const lastAmong = (text, letters) => placesOf(text, letters, true).at(-1) ?? -1;
export const firstApart = (text, letters) => placesOf(text, letters, false)[0] ?? -1;
export const lastApart = (text, letters) => placesOf(text, letters, false).at(-1) ?? -1;

/** How far it is from a point to another one. */
export const wayBetween = (from, to) => Math.hypot(...from.map((at, axis) => at - to[axis]));

export const isLetters = (text) => /^\p{L}+$/u.test(text);

/** So many significant digits, and an exponent where it is shorter. */
function general(value, digits) {
  digits = Math.max(1, digits);
  const [mantissa, exponent] = value.toExponential(digits - 1).split("e");
  if (exponent >= -4 && exponent < digits) {
    return String(Number(value.toPrecision(digits)));
  }
  return String(Number(mantissa)) + "e" + exponent.replace(/^([+-])(\d)$/, "$10$2");
}

export function formatted(value, form) {
  const [, given, align, sign = "", based, zero, width = 0, comma, precision, type] =
    /^(?:(.)?([<>^]))?([+ -])?(#)?(0)?(\d+)?(,)?(?:\.(\d+))?([dfgsxXobe%])?$/u.exec(form) ?? [];
  // Where a form is given, a truth value is a number.
  value = typeof value === "boolean" && form !== "" ? Number(value) : value;
  const isNumber = typeof value === "number";
  let text = String(value);
  if (type === "%") {
    text = (value * 100).toFixed(precision ?? 6) + "%";
  } else if (type === "f") {
    text = value.toFixed(precision ?? 6);
  } else if (type === "e") {
    text = value.toExponential(Number(precision ?? 6)).replace(/e([+-])(\d)$/, "e$10$2");
  } else if (type === "g" || (isNumber && precision !== undefined)) {
    text = general(value, Number(precision ?? 6));
  } else if ("xXob".includes(type ?? " ")) {
    text = Math.abs(value).toString({ x: 16, X: 16, o: 8, b: 2 }[type]);
    text = (value < 0 ? "-" : "") + (based ? "0" + type : "") + (type === "X" ? text.toUpperCase() : text);
  } else if (!isNumber && precision !== undefined) {
    text = text.slice(0, Number(precision));
  }
  if (comma) {
    const [whole, fraction] = text.split(".");
    text = whole.replace(/\B(?=(\d{3})+$)/g, ",") + (fraction === undefined ? "" : "." + fraction);
  }
  if (isNumber && value >= 0 && sign !== "" && sign !== "-") {
    text = sign + text;
  }
  const missing = Math.max(0, width - text.length);
  if (zero && !align) {
    const signs = (based ? /^[+ -]?(?:0[xXob])?/ : /^[+ -]?/).exec(text)[0].length;
    return text.slice(0, signs) + "0".repeat(missing) + text.slice(signs);
  }
  const at = align ?? (isNumber ? ">" : "<");
  const left = at === "<" ? 0 : at === "^" ? Math.floor(missing / 2) : missing;
  // A nought before the width fills where nothing else is given to fill with.
  const fill = given ?? (zero ? "0" : " ");
  return fill.repeat(left) + text + fill.repeat(missing - left);
}

export const rounded = Math.round;

export function roundedEven(value) {
  const floor = Math.floor(value);
  if (value - floor !== 0.5) {
    return Math.round(value);
  }
  return floor % 2 === 0 ? floor : floor + 1;
}

export const roundedAway = (value) => Math.sign(value) * Math.round(Math.abs(value));

export const roundedTo = (value, digits) => Number(value.toFixed(digits));

export const radians = (degrees) => (degrees * Math.PI) / 180;

export const chosen = (list) => list[randomBetween(0, list.length - 1)];

export function numberedFrom(list, from) {
  return [...list].map((item, at) => [at + from, item]);
}

export function stepped(list, from, to, by) {
  const size = list.length;
  const bound = (at, open) =>
    at === null ? open : Math.max(by > 0 ? 0 : -1, Math.min(by > 0 ? size : size - 1, at < 0 ? at + size : at));
  const part = [];
  const end = bound(to, by > 0 ? size : -1);
  for (let at = bound(from, by > 0 ? 0 : size - 1); by > 0 ? at < end : at > end; at += by) {
    part.push(list[at]);
  }
  return typeof list === "string" ? part.join("") : part;
}

/** Puts something in a set, and gives whether it was not there yet. */
export function putNew(items, item) {
  const isNew = !items.has(item);
  items.add(item);
  return isNew;
}

/** Every so many items give way to others. */
export function putStepped(list, from, to, by, items) {
  const places = stepped([...list.keys()], from, to, by);
  if (places.length !== items.length) {
    throw new RangeError(`attempt to assign sequence of size ${items.length} to extended slice of size ${places.length}`);
  }
  places.forEach((place, index) => (list[place] = items[index]));
}

/** Nothing is kept by any key any more. */
export function forgetAll(map) {
  if (map instanceof Map) map.clear();
  else for (const key of Object.keys(map)) delete map[key];
}

function risen(items, hole, value, isBefore) {
  for (; hole > 0 && isBefore(items[(hole - 1) >> 1], value); hole = (hole - 1) >> 1) items[hole] = items[(hole - 1) >> 1];
  items[hole] = value;
}

function heap(items, isBefore) {
  const all = [...items];
  for (let at = 1; at < all.length; at++) risen(all, at, all[at], isBefore);
  return all;
}

/** What a queue gives out next whose members are compared by a function. */
export const firstOut = (items, isBefore) => heap(items, isBefore)[0];

export function takeFirst(items, isBefore) {
  const all = heap(items, isBefore);
  const last = all.pop();
  let hole = 0;
  for (let below = 1; below < all.length; below = 2 * hole + 1) {
    if (below + 1 < all.length && !isBefore(all[below + 1], all[below])) below++;
    all[hole] = all[below];
    hole = below;
  }
  if (all.length > 0) risen(all, hole, last, isBefore);
  items.splice(0, items.length, ...all);
}

/** Two lists, maps or sets get what the other one has. */
export function exchange(one, other) {
  if (Array.isArray(one)) {
    const kept = [...one];
    one.splice(0, one.length, ...other);
    other.splice(0, other.length, ...kept);
  } else {
    const kept = one instanceof Set ? new Set(one) : one instanceof Map ? new Map(one) : { ...one };
    refill(one, other);
    refill(other, kept);
  }
}

/** A map or a set gets what another one has, and nothing else. */
export function refill(place, other) {
  if (place instanceof Set) {
    const items = [...other];
    place.clear();
    for (const item of items) place.add(item);
  } else {
    const entries = place instanceof Map ? [...other] : Object.entries(other);
    forgetAll(place);
    for (const [key, value] of entries) {
      if (place instanceof Map) place.set(key, value);
      else place[key] = value;
    }
  }
}

/** Items from one bound until before the other give way to others. */
export function putRange(list, from, to, items) {
  const bound = (at, open) => Math.max(0, Math.min(list.length, at == null ? open : at < 0 ? at + list.length : at));
  const start = bound(from, 0);
  list.splice(start, Math.max(0, bound(to, list.length) - start), ...items);
}

/** Items that follow each other and are alike, with what they are alike in. */
export function grouped(items, key) {
  const groups = [];
  for (const item of items) {
    const of = key(item);
    const last = groups.at(-1);
    if (last !== undefined && JSON.stringify(last[0]) === JSON.stringify(of)) {
      last[1].push(item);
    } else {
      groups.push([of, [item]]);
    }
  }
  return groups;
}

export const leastBy = (list, key) => sortedBy(list, key)[0];

export const greatestBy = (list, key) => sortedDownBy(list, key)[0];

export const toDegrees = (arc) => arc * (180 / Math.PI);

export const commonDivisor = (one, other) => (other === 0 ? Math.abs(one) : commonDivisor(other, one % other));

export const commonMultiple = (one, other) =>
  one === 0 || other === 0 ? 0 : Math.abs((one / commonDivisor(one, other)) * other);

export const factorialOf = (number) => (number < 2 ? 1 : number * factorialOf(number - 1));

export function zeroFilled(text, length) {
  const sign = /^[+-]/.test(text) ? text[0] : "";
  return sign + text.slice(sign.length).padStart(length - sign.length, "0");
}

export function centred(text, length) {
  const missing = Math.max(0, length - text.length);
  const left = Math.floor(missing / 2) + (missing & length & 1);
  return " ".repeat(left) + text + " ".repeat(missing - left);
}

export const withLetter = (text, place, letter) => text.slice(0, place) + letter + text.slice(place + 1);

export const withLetterOfC = (text, place, letter) =>
  letter === "\0" ? text.slice(0, place) : text.slice(0, place).padEnd(place, "\0") + letter + text.slice(place + 1);

export function popped(map, key) {
  const value = map[key];
  delete map[key];
  return value;
}

export const least = (texts) => [...texts].reduce((one, other) => (other < one ? other : one));

export const greatest = (texts) => [...texts].reduce((one, other) => (one < other ? other : one));

/** Lists are compared item by item. */
function order(a, b) {
  if (Array.isArray(a) && Array.isArray(b)) {
    for (let at = 0; at < a.length && at < b.length; at++) {
      const found = order(a[at], b[at]);
      if (found !== 0) {
        return found;
      }
    }
    return a.length - b.length;
  }
  return a < b ? -1 : b < a ? 1 : 0;
}

const byOrder = (isBefore) => (one, other) => (isBefore(one, other) ? -1 : isBefore(other, one) ? 1 : 0);

export const sortBefore = (list, isBefore) => void list.sort(byOrder(isBefore));

export const sortPartBefore = (list, isBefore, from, to) => putRange(list, from, to, list.slice(from, to).sort(byOrder(isBefore)));

export const sortBy = (list, key) => void list.sort((a, b) => order(key(a), key(b)));

export const sortDownBy = (list, key) => void list.sort((a, b) => order(key(b), key(a)));

export const sortedBy = (list, key) => [...list].sort((a, b) => order(key(a), key(b)));

export const sortedDownBy = (list, key) => [...list].sort((a, b) => order(key(b), key(a)));

export function shuffle(list) {
  for (let at = list.length - 1; at > 0; at--) {
    const other = randomBetween(0, at);
    [list[at], list[other]] = [list[other], list[at]];
  }
}

export function remove(list, value) {
  list.splice(indexIn(list, value), 1);
}

export const total = (list) => [...list].reduce((sum, item) => sum + item, 0);

export function numbers(from, to, by = 1) {
  const all = [];
  for (let number = from; by > 0 ? number < to : number > to; number += by) {
    all.push(number);
  }
  return all;
}

export const paired = (one, other) => one.slice(0, other.length).map((item, at) => [item, other[at]]);

/** A map without some of its keys. */
export const leftOut = (map, keys) => Object.fromEntries(Object.entries(map).filter(([key]) => !keys.includes(key)));

export const valueOrPut = (map, key, value) => (map[key] ??= value);

/** A list, map or object with all that it holds made anew, objects with their class. */
export function copied(value) {
  if (Array.isArray(value)) return value.map(copied);
  if (typeof value !== "object" || value === null) return value;
  return Object.assign(Object.create(Object.getPrototypeOf(value)), Object.fromEntries(Object.entries(value).map(([name, kept]) => [name, copied(kept)])));
}

/** Whether two values are the same, lists and maps by what they hold. */
export function same(one, other) {
  if (one === other || typeof one !== "object" || typeof other !== "object" || one === null || other === null) return one === other;
  const keys = Object.keys(one);
  return Array.isArray(one) === Array.isArray(other) && keys.length === Object.keys(other).length && keys.every((key) => key in other && same(one[key], other[key]));
}
