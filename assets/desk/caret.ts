import { mark, reveal } from "./columns";
import { PAPER } from "./looks";
import { byId, icon, say } from "./page";
import { data } from "./store";
import type { Answer, Place } from "./types";
import * as places from "./places";

/** Rows that are chosen: neighbours in one body, or one part of a branch (`then1`, `otherwise`). */
export interface Selection {
  ids: number[];
  part: string;
}

export const column = document.getElementById("blocks") as HTMLOListElement | null;
/** An item of the list, as nothing else may stand in one; readers pass it over. */
const line = document.createElement("li");
line.setAttribute("aria-hidden", "true");
const actions = document.createElement("div");
let at = 0;
let from: number | null = null;
let part = "head";
/** How often a hand has moved the caret; answers, which move it too, are not counted. */
let moves = 0;
let doAction: (name: string) => void = () => {};

export const place = (): Place => data.places[at] ?? data.places[data.places.length - 1]!;
export const placeIndex = (): number => at;
export const handMoves = (): number => moves;

export function rowLine(id: number, partName = "head"): HTMLElement | null {
  return column?.querySelector<HTMLElement>(`li[data-row="${id}"][data-part="${partName}"]`) ?? null;
}

/** All lines of the chosen rows, with what they hold. */
export function selectedLines(): HTMLElement[] {
  const chosen = selection();
  if (!chosen || !column) return [];
  if (chosen.part !== "head") return [rowLine(chosen.ids[0]!, chosen.part)].filter((one) => one !== null);
  return chosen.ids.flatMap((id) => linesUnder(id));
}

export function linesUnder(id: number): HTMLElement[] {
  const lines: HTMLElement[] = [];
  let next: Element | null = rowLine(id);
  for (
    let left = Number((next as HTMLElement | null)?.dataset.height ?? 0);
    next && left > 0;
    next = next.nextElementSibling
  ) {
    lines.push(next as HTMLElement);
    if ((next as HTMLElement).dataset.row) left--;
  }
  return lines;
}

export function selection(): Selection | null {
  if (from === null) return null;
  if (part !== "head") return { ids: [place().parent], part };
  const ids = places.between(data.places, data.places[from]!, place());
  return ids.length ? { ids, part: "head" } : null;
}

export function clearSelection(): void {
  from = null;
  part = "head";
  remember();
  draw();
}

function sibling(index: number): number {
  return places.sibling(data.places, place(), index);
}

export function moveTo(index: number): void {
  moves++;
  goTo(index);
}

/** The place at which the caret stands, as it was before an answer brought others. */
let standing: Place | null = null;
/** And the one from which rows are chosen. */
let starting: Place | null = null;

function remember(): void {
  standing = place();
  starting = from === null ? null : (data.places[from] ?? null);
}

/**
 * An answer has changed the places: the caret stays at the one at which it stood; as long as nobody has moved it, that is
 * the end, also of what a window before this one had left.
 */
export function stay(): void {
  if (!standing) {
    at = data.places.length - 1;
    return;
  }
  const same = data.places.indexOf(found(standing));
  if (same >= 0) at = same;
  from = starting === null ? null : data.places.indexOf(found(starting));
  if (from !== null && from < 0) from = null;
  remember();
}

function goTo(index: number): void {
  at = Math.max(0, Math.min(index, data.places.length - 1));
  from = null;
  part = "head";
  remember();
  draw();
  reveal(`${place().anchor}/0`);
}

export function move(by: number, extending: boolean): void {
  if (!extending) {
    moveTo(at + by);
    return;
  }
  const next = sibling(place().index + by);
  moves++;
  if (next >= 0) {
    from ??= at;
    part = "head";
    at = next;
    remember();
    draw();
    reveal(`${place().anchor}/0`);
  }
}

/** Chooses all rows of the body that the caret stands in. */
export function selectAll(): void {
  const own = data.places.filter((one) => one.parent === place().parent && one.body === place().body);
  moves++;
  from = data.places.indexOf(own[0]!);
  part = "head";
  at = data.places.indexOf(own[own.length - 1]!);
  remember();
  draw();
}

/** Chooses one row; with Shift all from the caret to it, where they stand in one body. */
export function select(id: number, partName: string, extending = false): void {
  moves++;
  const target = data.places.findIndex((one) => one.before === id);
  if (partName !== "head") {
    const body = data.places.findIndex((one) => one.parent === id && one.body === partName);
    if (body < 0) return;
    [at, from, part] = [body, body, partName];
  } else if (target >= 0) {
    const other = extending ? (from ?? at) : -1;
    const together =
      other >= 0 &&
      data.places[other]!.parent === data.places[target]!.parent &&
      data.places[other]!.body === data.places[target]!.body;
    at = target;
    part = "head";
    const before = sibling(data.places[target]!.index - 1);
    from = together && data.places[other]!.index < data.places[target]!.index ? other : before;
    if (together && data.places[other]!.index > data.places[target]!.index) [at, from] = [before, other];
  } else {
    // A row without a place behind it starts the program: the caret goes inside.
    moveTo(data.places.findIndex((one) => one.parent === id));
    return;
  }
  remember();
  draw();
}

/** After an edit the caret stands behind what was put in, or inside of it. */
/** @param body of the new row in which the caret goes on; its first one if none is named */
export function follow(answer: Answer, inside: boolean, body: string | null = null): void {
  const last = answer.select[answer.select.length - 1];
  if (last === undefined) {
    goTo(at);
    return;
  }
  const within = inside
    ? data.places.findIndex((one) => one.parent === last && one.index === 0 && (body === null || one.body === body))
    : -1;
  if (within >= 0) {
    goTo(within);
  } else if (inside) {
    goTo(data.places.findIndex((one) => one.before === last));
  } else {
    const behind = data.places.findIndex((one) => one.before === last);
    const before = data.places.findIndex((one) => one.after === answer.select[0]);
    if (behind >= 0 && before >= 0) {
      [at, from, part] = [behind, before, "head"];
      remember();
      draw();
      reveal(`${place().anchor}/0`);
    }
  }
}

export function keepPlace(before: Place): void {
  goTo(places.kept(data.places, before, at));
}

/** A place as it is found again after other edits. */
export function found(before: Place): Place {
  return places.found(data.places, before);
}

function words(anchor: string): string {
  const [id, name] = anchor.split(":");
  return (rowLine(Number(id), name)?.textContent ?? "").replace(/\s+/g, " ").trim();
}

let isDue = false;

/** Shows what is chosen at once, and where the caret is once before the next painting, however often it has moved. */
export function draw(): void {
  if (!column) return;
  const lines = new Set(selectedLines());
  for (const one of column.querySelectorAll<HTMLElement>(".selected"))
    if (!lines.has(one)) one.classList.remove("selected");
  for (const one of lines) one.classList.add("selected");
  const current = place();
  const chosen = selection();
  byId("here").textContent = chosen
    ? say("selected", { count: chosen.ids.length })
    : say(current.before === null ? "place_in" : "place", {
        row:
          words(current.before === null ? `${current.parent}:${bodyPart(current)}` : `${current.before}:head`) ||
          say("program"),
      });
  if (isDue) return;
  isDue = true;
  requestAnimationFrame(put);
}

/** Asks for the layout of the page, which costs as much as all the rest of a change. */
function put(): void {
  isDue = false;
  if (!column) return;
  // A long blank may have been scrolled into sight; the caret's margin is where rows begin.
  if (document.activeElement === column) column.scrollLeft = 0;
  const current = place();
  const anchor = column.querySelector<HTMLElement>(`li[data-key="${CSS.escape(current.anchor)}/0"]`);
  line.className = "caret";
  line.classList.toggle("resting", document.activeElement !== column);
  line.style.top = `${anchor ? anchor.offsetTop + anchor.offsetHeight - 1 : 0}px`;
  line.style.setProperty("--at", `${34 + 24 * current.depth}px`);
  line.style.width = `${column.scrollWidth}px`;
  column.append(line);
  drawActions(selection(), selectedLines());
  mark("lit", anchor?.dataset.row ? anchor.dataset.key! : null);
}

/** The row under which a body begins: the head, or a part of a branch. */
function bodyPart(current: Place): string {
  return current.body === "then0" || current.body === "body" || current.body === "functions" ? "head" : current.body;
}

function drawActions(chosen: Selection | null, lines: HTMLElement[]): void {
  actions.remove();
  const first = lines[0];
  if (!chosen || !first || !column) return;
  const isPart = chosen.part !== "head";
  const isTurned = ["code", "handwritten", "sealed"].includes(first.dataset.hand ?? "");
  const write: [string, string][] =
    chosen.ids.length === 1 && !first.hasAttribute("data-off") ? [["write", "pencil-line"]] : [];
  const names: [string, string][] = isPart
    ? [...write, ["unwrap", "ungroup"], ["delete", "trash-2"]]
    : [
        ...write,
        isTurned ? ["turn_words", "message-square-text"] : ["turn_code", "code-xml"],
        ["duplicate", "copy"],
        [first.hasAttribute("data-off") ? "switch_on" : "switch_off", "power"],
        ["wrap", "group"],
        ...(chosen.ids.length === 1 && first.hasAttribute("data-holds")
          ? ([["unwrap", "ungroup"]] as [string, string][])
          : []),
        ["delete", "trash-2"],
      ];
  actions.replaceChildren(
    ...names.map(([name, picture]) => {
      const button = document.createElement("button");
      button.type = "button";
      button.tabIndex = -1;
      button.title = say(name);
      button.setAttribute("aria-label", say(name));
      button.dataset.action = name;
      button.append(icon(picture));
      return button;
    }),
  );
  actions.className = `actions absolute right-2 z-7 flex gap-px rounded-md *:grid *:h-7 *:w-[30px] *:place-items-center *:text-md *:hover:bg-lit ${PAPER}`;
  const page = column.closest<HTMLElement>(".blocks-page")!;
  page.style.position = "relative";
  page.append(actions);
  // Beside the words of the first row where there is room, else below the rows, so that nothing chosen is hidden.
  const last = first.lastElementChild?.getBoundingClientRect().right ?? 0;
  const fits = last < actions.getBoundingClientRect().left - 4;
  const line = fits ? first : lines[lines.length - 1]!;
  const top = fits ? line.offsetHeight / 2 - 14 : line.offsetHeight + 3;
  actions.style.top = `${column.offsetTop + line.offsetTop + top}px`;
}

export function start(action: (name: string) => void): void {
  if (!column) return;
  doAction = action;
  actions.addEventListener("pointerdown", (event) => event.preventDefault());
  actions.addEventListener("click", (event) => {
    const button = (event.target as Element).closest<HTMLElement>("button");
    if (button) doAction(button.dataset.action!);
  });
  column.addEventListener("focus", () => line.classList.remove("resting"));
  column.addEventListener("blur", () => line.classList.add("resting"));
  at = data.places.length - 1;
  draw();
}
