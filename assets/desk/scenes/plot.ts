import { element, ScenePlayer } from "./scene";
import { say } from "../page";
import type { PlotLayout, SceneEvent } from "../types";

export const CELL = 40;
const ANGLES: Record<string, number> = { right: 0, down: 90, left: 180, up: 270 };

/** What stands in a cell, drawn around its middle. */
export function ground(sign: string): SVGElement[] {
  const leaves = [
    [-9, -7],
    [8, -9],
    [0, 2],
    [-10, 10],
    [10, 9],
  ];
  if (sign === "#")
    return [
      element("rect", { x: -20, y: -20, width: 40, height: 40, rx: 6, fill: "#46703a" }),
      ...leaves.map(([x, y]) =>
        element("path", { d: `M${x! - 5} ${y}q5 -7 10 0q-5 6 -10 0`, fill: x! > 0 ? "#5d8a4c" : "#39602f" }),
      ),
    ];
  if (sign === "o")
    return [
      element("ellipse", { cx: 0, cy: 2, rx: 14, ry: 11, fill: "#8b8f98" }),
      element("path", { d: "M-9 -2q6 -7 14 -3", fill: "none", stroke: "#b5b9c1", "stroke-width": 2.5 }),
    ];
  if (sign === "G")
    return [
      element("path", {
        d: "M-15 15V-13M15 15V-13M-15 -6H15M-15 7H15M-5 -10V13M5 -10V13",
        fill: "none",
        stroke: "#9a5b21",
        "stroke-width": 3.5,
        "stroke-linecap": "round",
      }),
    ];
  if (sign === ":" || sign === "%")
    return [
      element("rect", {
        x: -15,
        y: -15,
        width: 30,
        height: 30,
        rx: 5,
        fill: "#d8c4a6",
        stroke: "#8a6a43",
        "stroke-width": 1.5,
        "stroke-dasharray": "4 3",
      }),
    ];
  return [];
}

export function seedling(): SVGElement {
  return element(
    "g",
    {},
    element("path", { d: "M0 12V-3", stroke: "#2f7d3f", "stroke-width": 2.5, fill: "none" }),
    element("path", {
      d: "M0 -2C-11 -3 -11 -12 -8 -13C-2 -12 0 -8 0 -2M0 -4C10 -6 10 -14 7 -15C2 -14 0 -9 0 -4",
      fill: "#3f9a52",
    }),
  );
}

export function barrow(): SVGElement {
  return element(
    "g",
    {},
    element("path", { d: "M-9 -9H-18M-9 9H-18", stroke: "#5a4630", "stroke-width": 3, "stroke-linecap": "round" }),
    element("path", { d: "M-11 -10L7 -7V7L-11 10Z", fill: "#c4412b", stroke: "#7c2416", "stroke-width": 1.5 }),
    element("rect", { x: 8, y: -3, width: 9, height: 6, rx: 3, fill: "#33302c" }),
  );
}

const at = (x: number, y: number): string => `translate(${(x - 0.5) * CELL} ${(y - 0.5) * CELL})`;

/** The bare map, without what a program moves. */
export function map(layout: PlotLayout): SVGElement {
  const all = element("g", {});
  layout.rows.forEach((row, y) =>
    [...row].forEach((sign, x) => {
      const cell = element("g", { transform: at(x + 1, y + 1) });
      cell.append(
        element("rect", {
          x: -20,
          y: -20,
          width: 40,
          height: 40,
          fill: (x + y) % 2 ? "#efe6d6" : "#f4ecdf",
        }),
        ...ground(sign),
      );
      all.append(cell);
    }),
  );
  return all;
}

export function viewBox(layout: PlotLayout): string {
  const [width, height] = [layout.rows[0]!.length * CELL, layout.rows.length * CELL];
  const wide = Math.max(width, (height * 4) / 3);
  const high = (wide * 3) / 4;
  return `${(width - wide) / 2} ${(height - high) / 2} ${wide} ${high}`;
}

export class PlotPlayer extends ScenePlayer {
  private readonly trail = element("g", {
    stroke: "#c4412b",
    "stroke-width": 3,
    "stroke-linecap": "round",
    opacity: 0.5,
  });
  private readonly plants = element("g", {});
  private readonly barrow = barrow();
  private seedlings = new Map<string, SVGElement>();
  private x = 0;
  private y = 0;
  private facing = "right";
  private load = 0;
  private bumped = false;

  constructor(
    svg: SVGSVGElement,
    private readonly layout: PlotLayout,
    events: SceneEvent[],
    keyOf: (moment: number) => string,
  ) {
    super(events, keyOf);
    svg.setAttribute("viewBox", viewBox(layout));
    svg.replaceChildren(map(layout), this.trail, this.plants, this.barrow);
  }

  protected begin(): void {
    this.trail.replaceChildren();
    this.plants.replaceChildren();
    this.seedlings = new Map();
    [this.x, this.y, this.facing] = this.layout.barrow;
    this.load = this.layout.load;
    this.bumped = false;
    this.layout.rows.forEach((row, y) =>
      [...row].forEach((sign, x) => {
        if (sign === "*" || sign === "%") this.plant(x + 1, y + 1, "");
      }),
    );
  }

  private plant(x: number, y: number, key: string): void {
    const made = seedling();
    made.setAttribute("transform", at(x, y));
    if (key) made.dataset.key = key;
    this.seedlings.set(`${x},${y}`, made);
    this.plants.append(made);
  }

  protected play([kind, moment, ...fields]: SceneEvent): void {
    const [a, b, c] = fields as [never, never, never];
    if (kind === "roll") {
      const line = element("line", {
        x1: (this.x - 0.5) * CELL,
        y1: (this.y - 0.5) * CELL,
        x2: (a - 0.5) * CELL,
        y2: (b - 0.5) * CELL,
      });
      line.dataset.key = this.keyOf(moment);
      this.trail.append(line);
      [this.x, this.y] = [a, b];
    } else if (kind === "swing") {
      this.facing = a;
    } else if (kind === "plant") {
      this.plant(a, b, this.keyOf(moment));
      this.load = c;
    } else if (kind === "pick") {
      this.seedlings.get(`${a},${b}`)?.remove();
      this.seedlings.delete(`${a},${b}`);
      this.load = c;
    } else if (kind === "bump") {
      this.bumped = true;
    }
  }

  protected override place(): void {
    this.barrow.setAttribute("transform", `${at(this.x, this.y)} rotate(${ANGLES[this.facing]})`);
    this.barrow.classList.toggle("bumped", this.bumped);
  }

  override facts(): [string, string][] {
    return [
      [say("player_barrow"), `${this.x}, ${this.y}`],
      [say("player_load"), String(this.load)],
    ];
  }
}
