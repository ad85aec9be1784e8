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

/** Plays what happened, forward event by event; back is from the beginning again. */
export abstract class ScenePlayer {
  private done = 0;
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

  /** Names and values to show below the program's own. */
  facts(): [string, string][] {
    return [];
  }

  /** @param time milliseconds of the run's own time, for what happens within one moment */
  show(moment: number, time = Infinity): void {
    if (moment < this.at[0] || time < this.at[1] || this.at[0] < 0) {
      this.done = 0;
      this.level = null;
      this.begin();
    }
    this.at = [moment, time];
    for (; this.done < this.events.length; this.done++) {
      const event = this.events[this.done]!;
      if (event[1] > moment || (event[0] === "time" && (event[2] as number) > time)) break;
      this.play(event);
    }
    this.place();
  }
}
