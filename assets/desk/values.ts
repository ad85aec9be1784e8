import type { Cell, Changes } from "./types";
export interface Value {
  name: string;
  value: string;
  /** The value before, where this moment changed it. */
  old: string | undefined;
}
export interface Moment {
  values: Value[];
  /** The functions that are being called, the innermost last. */
  calls: string[];
}

/** Where the calls say that another script goes on. */
const SCRIPT = -2;
/** So many items of a list are kept, and so many are shown. */
const KEPT = 100;
const SHOWN = 40;

/** A list or a map as it is at one moment. */
interface Thing {
  kind: string;
  count: number;
  /** The first items; of a map keys and values by twos. */
  items: Cell[];
  /** The last item that was put in, where it is none of the first. */
  late: [place: number, item: Cell] | null;
}
interface Frame {
  name: string;
  own: Map<number, Cell>;
}

/** Goes along with a run, and knows at each moment what every variable holds. */
export class Values {
  private moment = 0;
  private last: Moment | null = null;
  private change = 0;
  private became = 0;
  private call = 0;
  private globals = new Map<number, Cell>();
  private scripts = new Map<number, Frame[]>();
  private frames: Frame[] = [];
  private things: Thing[] = [];

  constructor(private readonly run: Changes) {
    this.scripts.set(0, this.frames);
  }

  at(moment: number): Moment {
    if (this.last && moment === this.moment) return this.last;
    if (moment < this.moment) this.restart();
    this.advance(moment - 1);
    const before = new Map(this.shown().map(([slot, value]) => [slot, this.text(value)]));
    this.advance(moment);
    this.moment = moment;
    const values = this.shown().map(([slot, value]) => {
      const { name, function: within } = this.run.variables[slot]!;
      const text = this.text(value);
      const old = before.get(slot);
      const changed = moment > 0 && (old !== text || this.assigned(slot, moment));
      return {
        name: within === null ? name : `${within} · ${name}`,
        value: text,
        old: changed ? (old ?? "") : undefined,
      };
    });
    return (this.last = { values, calls: this.frames.map((frame) => frame.name) });
  }

  private restart(): void {
    this.moment = this.change = this.became = this.call = 0;
    this.globals.clear();
    this.scripts.clear();
    this.frames = [];
    this.scripts.set(0, this.frames);
    this.things = [];
  }

  private shown(): [number, Cell][] {
    return [...this.globals, ...(this.frames[this.frames.length - 1]?.own ?? [])];
  }

  /** Whether a variable was given a value at a moment, maybe the same as before. */
  private assigned(slot: number, moment: number): boolean {
    for (let at = this.change - 3; at >= 0 && this.run.changes[at] === moment; at -= 3)
      if (this.run.changes[at + 1] === slot) return true;
    return false;
  }

  private advance(moment: number): void {
    const { changes, heap, calls, variables, functions } = this.run;
    while (true) {
      const change = this.change < changes.length ? (changes[this.change] as number) : Infinity;
      const called = this.call < calls.length ? calls[this.call]! : Infinity;
      const became = this.became < heap.length ? (heap[this.became] as number) : Infinity;
      if (Math.min(change, called, became) > moment) return;
      if (became <= Math.min(change, called)) {
        this.become(this.became);
        this.became += 5;
        continue;
      }
      const slot = changes[this.change + 1] as number;
      // A call begins before its parameters get their values, and ends after all of its changes.
      const callFirst =
        called < change ||
        (called === change &&
          (calls[this.call + 1]! >= 0 ? variables[slot]?.function !== null : calls[this.call + 1]! <= SCRIPT));
      if (callFirst) {
        const what = calls[this.call + 1]!;
        if (what >= 0) this.frames.push({ name: functions[what] ?? "", own: new Map() });
        else if (what > SCRIPT) this.frames.pop();
        else this.scripts.set(SCRIPT - what, (this.frames = this.scripts.get(SCRIPT - what) ?? []));
        this.call += 2;
        continue;
      }
      const frame =
        variables[slot]!.function === null ? this.globals : (this.frames[this.frames.length - 1]?.own ?? this.globals);
      frame.set(slot, changes[this.change + 2]!);
      this.change += 3;
    }
  }

  private become(at: number): void {
    const [, number, kind, place, item] = this.run.heap.slice(at, at + 5) as [
      number,
      number,
      string,
      Cell,
      Cell | Cell[],
    ];
    const thing = this.things[number];
    if (Array.isArray(item)) {
      this.things[number] = { kind, count: Number(place), items: [...item], late: null };
    } else if (!thing) {
      return;
    } else if (kind === "put") {
      if (Number(place) < KEPT) thing.items[Number(place)] = item;
      else thing.late = [Number(place), item];
    } else if (kind === "append") {
      if (thing.count < KEPT) thing.items.push(item);
      else thing.late = [thing.count, item];
      thing.count++;
    } else if (kind === "drop") {
      thing.count--;
      if (thing.items.length > thing.count) thing.items.pop();
      if (thing.late && thing.late[0] >= thing.count) thing.late = null;
    } else if (kind === "entry") {
      for (let index = 0; index < thing.items.length; index += 2) {
        if (thing.items[index] === place) {
          thing.items[index + 1] = item;
          return;
        }
      }
      if (thing.count < KEPT) thing.items.push(place, item);
      thing.count++;
    }
  }

  private text(cell: Cell, around: number[] = []): string {
    if (typeof cell === "string") return cell;
    const thing = this.things[cell];
    if (!thing) return "";
    const [opening, closing] = this.run.brackets[thing.kind]!;
    if (around.includes(cell) || around.length > 6) return `${opening}…${closing}`;
    const inner = [...around, cell];
    const parts: string[] = [];
    const isObject = thing.kind.startsWith("object ");
    const step = thing.kind === "map" || isObject ? 2 : 1;
    for (let index = 0; index < thing.items.length && parts.length < SHOWN; index += step) {
      const whole = this.text(thing.items[index]!, inner);
      // What an object keeps has a name, and no key in quotes.
      const item = isObject ? whole.replace(/^["']|["']$/g, "") : whole;
      parts.push(step === 2 ? `${item}: ${this.text(thing.items[index + 1]!, inner)}` : item);
    }
    if (thing.count > parts.length) parts.push("…");
    if (thing.late) parts.push(`${thing.late[0]}: ${this.text(thing.late[1], inner)}`, "…");
    const alone = thing.kind === "tuple" && thing.count === 1 ? "," : "";
    return `${opening}${parts.join(", ")}${alone}${closing}${thing.count > SHOWN ? ` (${thing.count})` : ""}`;
  }
}
