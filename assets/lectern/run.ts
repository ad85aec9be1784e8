import { byId, say } from "../desk/page";
import { scenePlayer } from "../desk/scenes";
import type { ScenePlayer } from "../desk/scenes/scene";
import { data } from "../desk/store";
import type { Report } from "../desk/types";
import { Values } from "../desk/values";
import { ask } from "../patience";

/** A class does not see more steps than this one by one. */
const STEPS = 20000;

/** The program's run, shown up to what a line has done. */
export class Run {
  /** When the run is there. */
  ready: Promise<void> = Promise.resolve();
  private report: Report | null = null;
  private scene: ScenePlayer | null = null;
  private known: Values | null = null;
  private moment = 0;

  fetch(): Promise<void> {
    this.ready = this.load();
    return this.ready;
  }

  private async load(): Promise<void> {
    const trouble = byId("lectern-trouble");
    const response = await ask(`${data.address}/run`, {
      seed: 1,
      view: "both",
      text: data.text,
      layout: 0,
      answers: "",
      signals: "",
      steps: STEPS,
    });
    if (!response?.ok) {
      const said = response?.status === 422 ? ((await response.json()) as { message: string }).message : null;
      trouble.textContent = said ?? say(response ? "run_stopped" : "offline");
      return;
    }
    trouble.textContent = "";
    const report = (await response.json()) as Report;
    this.report = report;
    this.known = new Values(report);
    this.scene = scenePlayer(
      byId<SVGSVGElement>("sheet"),
      data.setting,
      0,
      report.events,
      (step) => this.rowAt(step) ?? "",
    );
  }

  private rowAt(step: number): string | null {
    const report = this.report!;
    return report.rows[report.steps[step - 1] ?? 0]?.split(":")[0] ?? null;
  }

  /** Shows what a row has done when it has run for the first time; a row that does not run leaves the scene as it is. */
  showRow(row: string | null): void {
    if (!this.report) return;
    for (let step = 1; step <= this.report.length; step++) if (this.rowAt(step) === row) return this.show(step);
    if (this.moment === 0) this.show(0);
  }

  /** One moment further, from the end to the beginning again; the row that ran. */
  step(): string | null {
    if (!this.report) return null;
    this.show(this.moment >= this.report.length ? 0 : this.moment + 1);
    return this.moment === 0 ? null : this.rowAt(this.moment);
  }

  private show(moment: number): void {
    const report = this.report!;
    this.moment = moment;
    this.scene!.show(moment, this.timeAfter(moment));
    byId("lectern-moment").textContent = say("player_of", { moment, length: report.length });
    const { values } = this.known!.at(moment);
    const rows = values.map(({ name, value, old }) =>
      this.line(name, old ? `${old} → ${value}` : value, old !== undefined),
    );
    rows.push(...this.scene!.facts().map(([name, value]) => this.line(name, value, false)));
    byId("lectern-values")
      .querySelector("tbody")!
      .replaceChildren(...rows);
    let text = "";
    for (const [kind, at, said] of report.events) {
      if (at > moment) break;
      if (kind === "print" || kind === "ask") text += `${said as string}\n`;
      else if (kind === "say") text += said as string;
    }
    byId("lectern-printed").textContent = text;
    byId("lectern-trouble").textContent = moment === report.length ? (report.message ?? "") : "";
  }

  /** The run's own time when a moment is over. */
  private timeAfter(moment: number): number {
    const { times, now } = this.report!;
    for (let at = 0; at < times.length; at += 2) if (times[at]! > moment) return times[at + 1]!;
    return now;
  }

  private line(name: string, value: string, isFresh: boolean): HTMLTableRowElement {
    const row = document.createElement("tr");
    for (const text of [name, value]) row.insertCell().textContent = text;
    row.lastElementChild!.toggleAttribute("data-fresh", isFresh);
    return row;
  }
}
