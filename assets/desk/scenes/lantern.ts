import { element, ScenePlayer } from "./scene";
import { say } from "../page";
import type { SceneEvent } from "../types";

const DARK = "#3d3b46";
const LIT = "#ffcf4d";

export class LanternPlayer extends ScenePlayer {
  private readonly lamps: SVGElement[] = [];
  private readonly down = new Set<string>();
  private level_ = 50;

  constructor(svg: SVGSVGElement, events: SceneEvent[], keyOf: (moment: number) => string) {
    super(events, keyOf);
    svg.setAttribute("viewBox", "0 0 400 300");
    const frame = element(
      "g",
      {},
      element("path", { d: "M150 44C150 8 250 8 250 44", fill: "none", stroke: "#6d5a3c", "stroke-width": 7 }),
      element("path", { d: "M60 70L90 44H310L340 70Z", fill: "#6d5a3c" }),
      element("rect", {
        x: 46,
        y: 70,
        width: 308,
        height: 176,
        rx: 12,
        fill: "#26242e",
        stroke: "#6d5a3c",
        "stroke-width": 7,
      }),
      element("rect", { x: 70, y: 249, width: 260, height: 17, rx: 6, fill: "#6d5a3c" }),
    );
    for (let row = 0; row < 5; row++)
      for (let column = 0; column < 9; column++) {
        const lamp = element("circle", { cx: 72 + column * 32, cy: 94 + row * 32, r: 11, fill: DARK });
        this.lamps.push(lamp);
        frame.append(lamp);
      }
    svg.replaceChildren(element("rect", { x: 0, y: 0, width: 400, height: 300, fill: "#e7e3da" }), frame);
  }

  protected begin(): void {
    for (const lamp of this.lamps) lamp.setAttribute("fill", DARK);
    this.down.clear();
    this.level_ = 50;
  }

  protected play([kind, moment, ...fields]: SceneEvent): void {
    if (kind === "lamps") {
      const lit = (fields[0] as string[]).join("");
      this.lamps.forEach((lamp, index) => {
        const shines = lit[index] === "#";
        lamp.setAttribute("fill", shines ? LIT : DARK);
        if (shines) lamp.dataset.key = this.keyOf(moment);
        else delete lamp.dataset.key;
      });
    } else if (kind === "button") {
      if (fields[1]) this.down.add(fields[0] as string);
      else this.down.delete(fields[0] as string);
    } else if (kind === "daylight") {
      this.level_ = fields[0] as number;
    }
  }

  protected override place(): void {
    for (const button of document.querySelectorAll<HTMLElement>("[data-button]"))
      button.classList.toggle("down", this.down.has(button.dataset.button!));
  }

  override facts(): [string, string][] {
    return [[say("player_light"), String(this.level_)]];
  }
}
