/*
 * Scrivlet's commands for Node.js: a nib that draws on a sheet.
 *
 * When the program ends the drawing is written to drawing.svg. Two environment variables are for comparing runs:
 * SCRIVLET_TRACE=file writes what happened as JSON lines, SCRIVLET_SEED=number fixes what chance gives.
 */
import { readFileSync, writeFileSync } from "node:fs";

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

function happened(what, fields = {}) {
  if (tracing) {
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

  beginFill(wanted) {
    this.#shapeInk = colour(wanted)[0];
    this.#shape = [[this.#x, this.#y]];
    this.#shapeMark = marks.length;
    marks.push("");
    happened("fill_begin");
  }

  endFill() {
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

  speed(level) {
    happened("speed", { level: within(level, 0, 10) });
  }

  show() {
    happened("show", { visible: true });
  }

  hide() {
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

  heading() {
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
  return line;
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

export const isDigits = (text) => /^\d+$/.test(text);

export const isLetters = (text) => /^\p{L}+$/u.test(text);

export function formatted(value, form) {
  const [, fill = " ", align, sign = "", zero, width = 0, comma, precision, type] =
    /^(?:(.)?([<>^]))?([+ -])?(0)?(\d+)?(,)?(?:\.(\d+))?([dfgsxbe%])?$/u.exec(form) ?? [];
  const isNumber = typeof value === "number";
  let text = String(value);
  if (type === "%") {
    text = (value * 100).toFixed(precision ?? 6) + "%";
  } else if (type === "f" || (isNumber && precision !== undefined)) {
    text = value.toFixed(precision ?? 6);
  } else if (type === "x" || type === "b") {
    text = value.toString(type === "x" ? 16 : 2);
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
    const signs = /^[+ -]/.test(text) ? 1 : 0;
    return text.slice(0, signs) + "0".repeat(missing) + text.slice(signs);
  }
  const at = align ?? (isNumber ? ">" : "<");
  const left = at === "<" ? 0 : at === "^" ? Math.floor(missing / 2) : missing;
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

export function shuffle(list) {
  for (let at = list.length - 1; at > 0; at--) {
    const other = randomBetween(0, at);
    [list[at], list[other]] = [list[other], list[at]];
  }
}

export function remove(list, value) {
  list.splice(indexIn(list, value), 1);
}

export const total = (list) => list.reduce((sum, item) => sum + item, 0);

export function numbers(from, to, by = 1) {
  const all = [];
  for (let number = from; by > 0 ? number < to : number > to; number += by) {
    all.push(number);
  }
  return all;
}

export const paired = (one, other) => one.slice(0, other.length).map((item, at) => [item, other[at]]);

export const sleep = (seconds) => new Promise((resolve) => setTimeout(resolve, tracing ? 0 : seconds * 1000));
