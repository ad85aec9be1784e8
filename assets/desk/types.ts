/** What the server sends, by name. This module takes nothing from any other. */

/** Where a row may go. */
export interface Place {
  /** The line behind which the place lies. */
  anchor: string;
  depth: number;
  parent: number;
  body: string;
  index: number;
  /** What may go here; see Goes. */
  accepts: string[];
  before: number | null;
  after: number | null;
}
export interface OwnFunction {
  name: string;
  parameters: string[];
  gives: boolean;
}
export interface Facts {
  revision: number;
  canUndo: boolean;
  canRedo: boolean;
  places: Place[];
  names: Record<string, string[]>;
  functions: OwnFunction[];
  mixed: string[];
  typed: Typed | null;
  /** Rows and pieces of the blocks page, lines and signs of the others, by page. */
  counts: Record<string, [number, number]>;
  /** Rows that a person typed, and all rows. */
  ink: { typed: number; all: number };
  /** Rows written in the place of printed ones that are not proven to do the same. */
  unsealed: number[];
  setting: Setting;
}
/** A part that a row plugs into the mower. */
export interface Fitting {
  row: number;
  name: string;
  kind: string;
  sockets: number[];
}
interface AnyLayout {
  text: string;
  name: string;
  goals: string[];
}
export interface PlotLayout extends AnyLayout {
  rows: string[];
  barrow: [x: number, y: number, facing: string];
  load: number;
  goalTexts: string[];
}
export interface LawnLayout extends AnyLayout {
  mower: [x: number, y: number, heading: number];
  piles: [x: number, y: number][];
}
/** The scene of the program, and how it is laid out before a run. */
export interface Setting {
  scene: string;
  asks: boolean;
  /** Whether its messages only lead from one script to the next. */
  chain: boolean;
  /** Whether the layouts are the program's own. */
  own: boolean;
  layouts: (PlotLayout | LawnLayout)[];
  fittings: Fitting[];
}
export interface Mistake {
  kind: string;
  line: number;
  /** Where the line stands on the blocks page. */
  key: string;
  from: number;
  to: number;
  message: string;
  /** Whether there is something that may mend it; the server tries it when it is asked. */
  mayMend: boolean;
}
/** Changes of a text that mend a mistake, which begins at `from`. */
export interface Fix {
  from: number;
  fix: { from: number; to: number; text: string }[];
}
/** What the real machine takes and a person hardly means. */
export type Hint = Pick<Mistake, "line" | "key" | "from" | "message">;
/** The text of the one text page that is open, and what is wrong with it. */
export interface Typed {
  language: string;
  text: string;
  mistakes: Mistake[];
  hints: Hint[];
}
export interface DeskData extends Facts {
  /** The letters that bring rows, by entry; small. */
  rowKeys: Record<string, string>;
  /** The names that the language of the text page brings along. */
  words: string[];
  numbers: Record<string, (number | null)[]>;
  address: string;
  /** Of the class in front of which a lectern stands. */
  class?: string | null;
  view: string;
  text: string;
  locale: string;
  texts: Record<string, string>;
  /** Sentences of the text editor's library, by their English. */
  phrases: Record<string, string>;
  nonce: string;
  inks: { name: string; hex: string }[];
  /** What the object of the scene answers. */
  answers: { value: string; isTruth: boolean }[];
  /** What a cell of the plot can hold. */
  cells: { sign: string; name: string }[];
  /** What may stand in a blank of a row, by the row's kind and the blank's name. */
  choices: Record<string, { value: string; words: string }[]>;
}
export interface Answer extends Facts {
  order: string[];
  changed: Record<string, Record<string, string>>;
  numbers: Record<string, (number | null)[]>;
  select: number[];
  focus: number | null;
  /** Where written rows part from the printed ones; null if they were not compared. */
  partings: Parting[] | null;
}
export interface Side {
  did: string;
  moment: number;
  run: Report;
}
export interface Parting {
  row: number;
  /** Whether the same is to be seen when both are over. */
  looksSame: boolean;
  sides: [printed: Side, written: Side];
}
export type Edit = { do: string } & Record<string, unknown>;

/** What happened in the scene: kind, moment, and what belongs to the kind; docs/trace.md names the fields. */
export type SceneEvent = [kind: string, moment: number, ...fields: unknown[]];
/** A value as the server sends it: in words, or the number of a list or a map that is kept apart. */
export type Cell = string | number;
/** The values of a run: what variables became, and what became of the lists and maps that they hold. */
export interface Changes {
  /** Moment, variable, value; by threes. */
  changes: Cell[];
  /** Moment, number, kind, place, item or items; by fives. */
  heap: (Cell | Cell[] | null)[];
  /** Moment and function; see Trace. By twos. */
  calls: number[];
  variables: { name: string; function: string | null }[];
  functions: string[];
  brackets: Record<string, [string, string]>;
}
export interface Report extends Changes {
  rows: string[];
  steps: number[];
  events: SceneEvent[];
  length: number;
  ending: string;
  message: string | null;
  /** What the real machine calls the mistake. */
  real: string | null;
  errorRow: string | null;
  /** Moment and milliseconds of the run's own time from then on; by twos. */
  times: number[];
  /** The run's own time at its end. */
  now: number;
  /** Moment and what a condition came to; by twos. */
  truths: number[];
  goals: { words: string; met: boolean }[];
  /** Whether something from outside could still start a script. */
  listens: boolean;
}

/** One thing that may be written at the caret; `${…}` in what is put in is a gap. */
export interface Suggestion {
  label: string;
  insert: string;
  kind: string;
  detail: string;
}

/** What the brackets want that the caret stands in. */
export interface ArgumentCard {
  /** Why what stands there cannot be right; empty if nothing is known against it. */
  wrong: string;
  name: string;
  does: string;
  parameters: { name: string; about: string }[];
  at: number;
}
