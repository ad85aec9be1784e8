import { say } from "./page";
import type { Report } from "./types";

/** Shows beside each branch and loop what its condition came to last, and dims the rows that were left out. */
export function choices(report: Report | null, moment: number): void {
  for (const line of document.querySelectorAll<HTMLElement>("#spread [data-truth], #spread .untaken")) {
    delete line.dataset.truth;
    line.classList.remove("untaken");
  }
  const blocks = document.querySelector<HTMLElement>("#blocks") ?? document.querySelector<HTMLElement>(".column.code");
  if (!report || !blocks) return;
  const last = new Map<string, boolean>();
  for (let at = 0; at < report.truths.length && report.truths[at]! <= moment; at += 2) {
    const anchor = report.rows[report.steps[report.truths[at]! - 1]!]!;
    const [id, part] = anchor.split(":") as [string, string];
    // A branch that is asked again has not been through its other parts yet.
    if (part === "head") for (const known of [...last.keys()]) if (known.startsWith(`${id}:`)) last.delete(known);
    last.set(anchor, report.truths[at + 1] === 1);
  }
  const lines = [...blocks.children] as HTMLElement[];
  for (const [anchor, truth] of last) {
    const line = lines.find((one) => one.dataset.key === `${anchor}/0`);
    if (!line) continue;
    line.dataset.truth = say(truth ? "true" : "false");
    if (line.dataset.depth === undefined || line.classList.contains("kind-again")) continue;
    const id = anchor.split(":")[0]!;
    const taken = [...last].some(([other, held]) => held && other.startsWith(`${id}:`));
    for (const part of lines.filter((one) => one.dataset.row === id && one.dataset.depth !== undefined)) {
      const held = last.get(`${id}:${part.dataset.part}`);
      const isOtherwise = part.dataset.part === "otherwise";
      if (isOtherwise ? taken : held !== true && (taken || held === false)) dim(lines, part);
    }
  }
}

/** Dims the rows that a part holds, on all pages. */
function dim(lines: HTMLElement[], part: HTMLElement): void {
  const depth = Number(part.dataset.depth);
  for (let at = lines.indexOf(part) + 1; at < lines.length; at++) {
    const line = lines[at]!;
    if (line.dataset.depth !== undefined && Number(line.dataset.depth) <= depth) return;
    if (line.dataset.depth === undefined) continue;
    for (const one of document.querySelectorAll(`#spread [data-key="${CSS.escape(line.dataset.key!)}"]`))
      one.classList.add("untaken");
  }
}
