import type { Report } from "./player";

/** What the server says of the program on the desk. */
export type PlaceData = [
  anchor: string,
  depth: number,
  parent: number,
  body: string,
  index: number,
  accepts: string[],
  before: number | null,
  after: number | null,
];
export interface OwnFunction {
  name: string;
  parameters: string[];
  gives: boolean;
}
export interface Facts {
  revision: number;
  canUndo: boolean;
  canRedo: boolean;
  places: PlaceData[];
  names: Record<string, string[]>;
  functions: OwnFunction[];
  mixed: string[];
  typed: Typed | null;
  /** Rows that a person typed, and all rows. */
  ink: [typed: number, all: number];
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
/** The text of the one text page that is open, and what is wrong with it. */
export interface Typed {
  language: string;
  text: string;
  mistakes: Mistake[];
}
export interface DeskData extends Facts {
  numbers: Record<string, (number | null)[]>;
  address: string;
  view: string;
  text: string;
  locale: string;
  texts: Record<string, string>;
  /** Sentences of the text editor's library, by their English. */
  phrases: Record<string, string>;
  nonce: string;
  inks: [name: string, hex: string][];
  /** What may stand in a blank of a row, by the row's kind and the blank's name. */
  choices: Record<string, [value: string, words: string][]>;
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
  sides: [printed: Side, written: Side];
}
export type Edit = { do: string } & Record<string, unknown>;

export const data = JSON.parse(document.querySelector("#desk-data")!.textContent!) as DeskData;

/** The language in which rows are written by hand and shown in code. */
export const language = data.text === "all" ? "python" : data.text;

export function byId<T extends Element = HTMLElement>(id: string): T {
  return document.getElementById(id) as unknown as T;
}

/** A sentence of the interface with its gaps filled. */
export function say(key: string, values: Record<string, string | number> = {}): string {
  return (data.texts[key] ?? key).replace(/\{(\w+)\}/g, (gap, name: string) => String(values[name] ?? gap));
}

/** A piece that the page has as a template. */
export function piece<T extends HTMLElement>(id: string): T {
  return byId<HTMLTemplateElement>(id).content.firstElementChild!.cloneNode(true) as T;
}

export function icon(name: string): SVGSVGElement {
  const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
  svg.setAttribute("class", "icon");
  svg.setAttribute("aria-hidden", "true");
  const use = document.createElementNS("http://www.w3.org/2000/svg", "use");
  use.setAttribute("href", `#i-${name}`);
  svg.append(use);
  return svg;
}
