import { byId } from "./data";

/** What happened in the scene: kind, moment, and what belongs to the kind; docs/trace.md names the fields. */
export type SceneEvent = [kind: string, moment: number, ...fields: unknown[]];

const SVG = "http://www.w3.org/2000/svg";

function element(name: string, attributes: Record<string, string | number>): SVGElement {
  const made = document.createElementNS(SVG, name);
  for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, String(value));
  return made;
}

/** A sheet of paper with what is drawn on it. */
export interface Paper {
  marks: SVGElement;
  arrow: SVGElement;
}

export function paper(sheet: SVGSVGElement): Paper {
  const grid = element("g", { stroke: "#eef0f4", "stroke-width": 1 });
  for (let x = -240; x <= 240; x += 40) grid.append(element("line", { x1: x, x2: x, y1: -180, y2: 180 }));
  for (let y = -160; y <= 160; y += 40) grid.append(element("line", { x1: -240, x2: 240, y1: y, y2: y }));
  const marks = element("g", { "stroke-linecap": "round" });
  const arrow = element("path", { d: "M0 0 L-16 -6 L-12 0 L-16 6Z", fill: "#c4412b" });
  sheet.replaceChildren(grid, marks, arrow);
  return { marks, arrow };
}

const stage = paper(byId<SVGSVGElement>("sheet"));

export interface NibState {
  x: number;
  y: number;
  heading: number;
  ink: string;
  width: number;
  down: boolean;
  visible: boolean;
}
const START: NibState = { x: 0, y: 0, heading: 0, ink: "#22304f", width: 2, down: true, visible: true };

/** Plays what happened, forward event by event; back is from the beginning again. */
export class SheetPlayer {
  nib: NibState = { ...START };
  private done = 0;
  private shape: SVGElement | null = null;
  /** The pace a program asks for, if it does. */
  level: number | null = null;

  constructor(
    private readonly events: SceneEvent[],
    private readonly keyOf: (moment: number) => string,
    private readonly paper: Paper = stage,
  ) {
    this.begin();
  }

  private begin(): void {
    this.paper.marks.replaceChildren();
    this.nib = { ...START };
    this.done = 0;
    this.shape = null;
    this.level = null;
  }

  show(moment: number): void {
    if (this.done > 0 && (this.events[this.done - 1]?.[1] ?? 0) > moment) this.begin();
    while (this.done < this.events.length && this.events[this.done]![1] <= moment) this.play(this.events[this.done++]!);
    const { arrow } = this.paper;
    arrow.setAttribute("transform", `translate(${this.nib.x} ${-this.nib.y}) rotate(${-this.nib.heading})`);
    arrow.toggleAttribute("hidden", !this.nib.visible);
    (arrow as SVGGraphicsElement).style.display = this.nib.visible ? "" : "none";
  }

  private add(moment: number, name: string, attributes: Record<string, string | number>): SVGElement {
    const made = element(name, attributes);
    made.dataset.key = this.keyOf(moment);
    this.paper.marks.append(made);
    return made;
  }

  private play([kind, moment, ...fields]: SceneEvent): void {
    const [a, b, c, d, e, f] = fields as [never, never, never, never, never, never];
    const nib = this.nib;
    if (kind === "stroke") {
      this.add(moment, "line", { x1: a, y1: -b, x2: c, y2: -d, stroke: e, "stroke-width": f });
      [nib.x, nib.y] = [c, d];
    } else if (kind === "move") {
      [nib.x, nib.y] = [a, b];
    } else if (kind === "turn") {
      nib.heading = a;
    } else if (kind === "ink") {
      nib.ink = a;
    } else if (kind === "width") {
      nib.width = a;
    } else if (kind === "pen") {
      nib.down = a;
    } else if (kind === "show") {
      nib.visible = a;
    } else if (kind === "fill_begin") {
      this.shape = this.add(moment, "polygon", { points: "" });
    } else if (kind === "fill") {
      this.shape?.setAttribute("points", (b as number[][]).map(([x, y]) => `${x},${-y!}`).join(" "));
      this.shape?.setAttribute("fill", a);
    } else if (kind === "dot") {
      this.add(moment, "circle", { cx: a, cy: -b, r: c / 2, fill: d });
    } else if (kind === "write") {
      this.add(moment, "text", { x: a, y: -b, fill: d, "font-size": 16, "font-family": "sans-serif" }).textContent = c;
    } else if (kind === "speed") {
      this.level = a;
    } else if (kind === "clear") {
      this.paper.marks.replaceChildren();
      if (this.shape) this.paper.marks.append(this.shape);
    }
  }
}

/** Lights the marks that a row drew. */
export function lightMarks(key: string | null): void {
  for (const one of stage.marks.querySelectorAll(".mark-lit")) one.classList.remove("mark-lit");
  if (key === null) return;
  for (const one of stage.marks.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)) one.classList.add("mark-lit");
}
