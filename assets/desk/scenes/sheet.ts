import { element, ScenePlayer } from "./scene";
import { say } from "../page";
import { data } from "../store";
import type { SceneEvent } from "../types";

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

interface Kept {
  nib: NibState;
  shape: SVGElement | null;
  marks: number;
  sheet: number;
  level: number | null;
}

export class SheetPlayer extends ScenePlayer {
  nib: NibState = { ...START };
  private shape: SVGElement | null = null;
  /** How often the sheet was cleared. */
  private sheet = 0;

  constructor(
    events: SceneEvent[],
    keyOf: (moment: number) => string,
    private readonly paper: Paper,
  ) {
    super(events, keyOf);
  }

  protected begin(): void {
    this.paper.marks.replaceChildren();
    this.nib = { ...START };
    this.shape = null;
    this.sheet = 0;
  }

  protected override keep(): Kept {
    const marks = this.paper.marks.childElementCount;
    return { nib: { ...this.nib }, shape: this.shape, marks, sheet: this.sheet, level: this.level };
  }

  /** What was drawn since then goes; a sheet that was cleared since then is drawn anew. */
  protected override comeBack({ nib, shape, marks, sheet, level }: Kept): boolean {
    if (sheet !== this.sheet) return false;
    const drawn = this.paper.marks;
    for (let left = drawn.childElementCount - marks; left > 0; left--) drawn.lastElementChild!.remove();
    this.nib = { ...nib };
    this.shape = shape;
    this.level = level;
    this.shape?.setAttribute("points", "");
    return true;
  }

  protected override place(): void {
    const { arrow } = this.paper;
    arrow.setAttribute("transform", `translate(${this.nib.x} ${-this.nib.y}) rotate(${-this.nib.heading})`);
    arrow.toggleAttribute("hidden", !this.nib.visible);
    (arrow as SVGGraphicsElement).style.display = this.nib.visible ? "" : "none";
  }

  override facts(): [string, string][] {
    const { x, y, heading, ink, width } = this.nib;
    const name = data.inks.find((one) => one.hex === ink)?.name ?? ink;
    return [
      [say("player_position"), `${round(x)}, ${round(y)}`],
      [say("player_heading"), `${round(heading)}°`],
      [say("player_ink"), `${name}, ${width}`],
    ];
  }

  private add(moment: number, name: string, attributes: Record<string, string | number>): SVGElement {
    const made = element(name, attributes);
    made.dataset.key = this.keyOf(moment);
    this.paper.marks.append(made);
    return made;
  }

  protected play([kind, moment, ...fields]: SceneEvent): void {
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
      this.sheet++;
      this.paper.marks.replaceChildren();
      if (this.shape) this.paper.marks.append(this.shape);
    }
  }
}

function round(number: number): string {
  return String(Math.round(number * 10) / 10 + 0);
}
