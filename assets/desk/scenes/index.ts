import { LanternPlayer } from "./lantern";
import { LawnPlayer } from "./lawn";
import { PlotPlayer } from "./plot";
import { ScenePlayer } from "./scene";
import { paper, SheetPlayer } from "./sheet";
import type { LawnLayout, PlotLayout, SceneEvent, Setting } from "../types";

/** Nothing moves where a program only prints and asks. */
class PrintoutPlayer extends ScenePlayer {
  protected begin(): void {}
  protected play(): void {}
}

/** What plays a run in the program's scene, drawn into an SVG element. */
export function scenePlayer(
  svg: SVGSVGElement,
  setting: Setting,
  layout: number,
  events: SceneEvent[],
  keyOf: (moment: number) => string,
): ScenePlayer {
  const happened = events.filter(([kind]) => !["print", "say", "ask", "announce"].includes(kind));
  const chosen = setting.layouts[layout] ?? setting.layouts[0];
  if (setting.scene === "plot") return new PlotPlayer(svg, chosen as PlotLayout, happened, keyOf);
  if (setting.scene === "lawn") return new LawnPlayer(svg, chosen as LawnLayout, setting.fittings, happened, keyOf);
  if (setting.scene === "lantern") return new LanternPlayer(svg, happened, keyOf);
  svg.setAttribute("viewBox", "-240 -180 480 360");
  if (setting.scene === "printout") return new PrintoutPlayer([], keyOf);
  return new SheetPlayer(happened, keyOf, paper(svg));
}

/** Lights the marks that a row left in the scene. */
export function lightMarks(svg: SVGSVGElement, key: string | null): void {
  for (const one of svg.querySelectorAll(".mark-lit")) one.classList.remove("mark-lit");
  if (key === null) return;
  for (const one of svg.querySelectorAll(`[data-key="${CSS.escape(key)}"]`)) one.classList.add("mark-lit");
}
