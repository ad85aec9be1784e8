import { byId, say } from "../desk/page";
import { scenePlayer } from "../desk/scenes";
import type { ScenePlayer } from "../desk/scenes/scene";
import type { Report, Setting } from "../desk/types";

/** A run of an answer, beside what it should leave. */
export interface AnswerRun {
  situation: number;
  layout: number;
  setting: Setting;
  report: Report;
  printed: string;
  goal: { picture: string; printed: string };
}

/** How long a run is watched, in milliseconds; one that takes no time of its own. */
const LONG = 1800;

let frame = 0;

/** Plays what an answer does. */
export function play(run: AnswerRun): void {
  cancelAnimationFrame(frame);
  const { report } = run;
  byId("yours").hidden = false;
  byId("yours-case").textContent = run.situation > 1 ? say("rung_case", { case: run.situation }) : "";
  const goal = document.querySelector("#goal");
  // The server's own drawing of the model's run.
  if (goal) goal.innerHTML = run.goal.picture;
  const goalPrinted = document.querySelector("#goal-printed");
  if (goalPrinted) goalPrinted.textContent = run.goal.printed;
  byId("yours-printed").textContent = run.printed;
  byId("yours-trouble").textContent = report.message ?? "";
  const scene = scenePlayer(byId<SVGSVGElement>("sheet"), run.setting, run.layout, report.events, () => "");
  if (matchMedia("(prefers-reduced-motion: reduce)").matches || report.length === 0) {
    scene.show(report.length, report.now);
    return;
  }
  step(scene, report, performance.now(), Math.max(LONG, Math.min(report.now, 3 * LONG)));
}

function step(scene: ScenePlayer, report: Report, began: number, long: number): void {
  const share = Math.min(1, (performance.now() - began) / long);
  const moment = Math.round(share * report.length);
  scene.show(moment, share === 1 ? report.now : timeAfter(report, moment));
  if (share < 1) frame = requestAnimationFrame(() => step(scene, report, began, long));
}

/** The run's own time when a moment is over. */
function timeAfter({ times, now }: Report, moment: number): number {
  for (let at = 0; at < times.length; at += 2) if (times[at]! > moment) return times[at + 1]!;
  return now;
}
