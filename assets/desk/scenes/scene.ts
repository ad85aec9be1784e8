import type { SceneEvent } from "../types";
const SVG = "http://www.w3.org/2000/svg";

export function element(
  name: string,
  attributes: Record<string, string | number>,
  ...inside: SVGElement[]
): SVGElement {
  const made = document.createElementNS(SVG, name);
  for (const [key, value] of Object.entries(attributes)) made.setAttribute(key, String(value));
  made.append(...inside);
  return made;
}

/** So many events lie between two states that are kept. */
const BETWEEN = 500;

/** Plays what happened, forward event by event; back is from the beginning again. */
export abstract class ScenePlayer {
  private done = 0;
  /** States on the way, so that a step back is not the whole way again. */
  private kept: [done: number, state: unknown][] = [];
  private at: [moment: number, time: number] = [-1, -1];
  /** The pace a program asks for, if it does. */
  level: number | null = null;

  constructor(
    protected readonly events: SceneEvent[],
    protected readonly keyOf: (moment: number) => string,
  ) {}

  /** The scene before anything has happened. */
  protected abstract begin(): void;

  protected abstract play(event: SceneEvent): void;

  /** Brings what moves to where it is now. */
  protected place(): void {}

  /** What is needed to come back to where the scene is now; nothing where it begins anew instead. */
  protected keep(): unknown {
    return null;
  }

  /** Comes back to what was kept; whether it can. */
  protected comeBack(_kept: unknown): boolean {
    return false;
  }

  /** Names and values to show below the program's own. */
  facts(): [string, string][] {
    return [];
  }

  /** To the last state that was kept before a moment, else to the beginning. */
  private goBack(moment: number, time: number): void {
    const isBefore = (event: SceneEvent): boolean =>
      event[1] <= moment && (event[0] !== "time" || (event[2] as number) <= time);
    while (this.kept.length && this.at[0] >= 0) {
      const [done, state] = this.kept[this.kept.length - 1]!;
      if (isBefore(this.events[done - 1]!) && this.comeBack(state)) {
        this.done = done;
        return;
      }
      this.kept.pop();
    }
    this.kept = [];
    this.done = 0;
    this.level = null;
    this.begin();
  }

  /** @param time milliseconds of the run's own time, for what happens within one moment */
  show(moment: number, time = Infinity): void {
    if (moment < this.at[0] || time < this.at[1] || this.at[0] < 0) this.goBack(moment, time);
    this.at = [moment, time];
    for (; this.done < this.events.length; this.done++) {
      const event = this.events[this.done]!;
      if (event[1] > moment || (event[0] === "time" && (event[2] as number) > time)) break;
      if (this.done >= (this.kept.length + 1) * BETWEEN) this.kept.push([this.done, this.keep()]);
      this.play(event);
    }
    this.place();
  }
}
