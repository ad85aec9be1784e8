import { column, linesUnder, select, selectedLines, selection } from "./caret";
import { send } from "./server";
import { PAPER } from "./looks";
import { data } from "./store";
import type { Place } from "./types";

interface Load {
  /** What each of the rows needs of its place. */
  goes: string[];
  label: string;
  ids: number[];
  entry: string | null;
}

/** Rows and commands are taken by the hand and put down where they may go, and nowhere else. */
export function start(dropped: (promise: ReturnType<typeof send>, isNew: boolean) => void): void {
  if (!column) return;
  document.addEventListener("pointerdown", (down) => {
    if (down.button !== 0) return;
    const target = down.target as Element;
    const stock = target.closest<HTMLElement>(".stock");
    // A finger scrolls where it is put down, but for the margin; a mouse takes a row by any part of it.
    const row = target.closest<HTMLElement>("#blocks > li[data-row]");
    const isTaken = row && !target.closest(".blank") && (down.pointerType === "mouse" || target.closest(".margin"));
    if (!stock && !isTaken) return;
    const begin = { x: down.clientX, y: down.clientY };
    let load: Load | null = null;
    let ghost: HTMLElement | null = null;
    let found: Place | null = null;
    /** Whether the rows would be taken away: they are held over the drawer. */
    let away = false;
    const drawer = document.getElementById("drawer");
    const mark = document.createElement("li");
    mark.setAttribute("aria-hidden", "true");
    mark.className = "caret target";

    const moved = (event: PointerEvent) => {
      if (!load) {
        if (Math.hypot(event.clientX - begin.x, event.clientY - begin.y) < 5) return;
        load = stock ? fromDrawer(stock) : fromPage(row!);
        if (!load) return end();
        ghost = document.createElement("div");
        ghost.className = `ghost pointer-events-none fixed z-50 px-3 py-1 whitespace-nowrap opacity-90 ${PAPER}`;
        ghost.textContent = load.label;
        document.body.append(ghost);
        document.body.classList.add("dragging");
      }
      ghost!.style.left = `${event.clientX + 12}px`;
      ghost!.style.top = `${event.clientY + 8}px`;
      scrollNear(event.clientY);
      found = nearest(load, event.clientX, event.clientY);
      away = load.entry === null && drawer !== null && within(drawer, event.clientX, event.clientY);
      drawer?.toggleAttribute("data-drop", away);
      mark.remove();
      if (found) {
        const line = column!.querySelector<HTMLElement>(`li[data-key="${CSS.escape(found.anchor)}/0"]`);
        mark.style.top = `${line ? line.offsetTop + line.offsetHeight - 1 : 0}px`;
        mark.style.setProperty("--at", `${34 + 24 * found.depth}px`);
        column!.append(mark);
      }
    };
    const end = () => {
      document.removeEventListener("pointermove", moved);
      document.removeEventListener("pointerup", up);
      document.removeEventListener("pointercancel", end);
      document.removeEventListener("keydown", escape, true);
      document.body.classList.remove("dragging");
      ghost?.remove();
      mark.remove();
      drawer?.removeAttribute("data-drop");
      if (load) document.addEventListener("click", swallow, { capture: true, once: true });
      setTimeout(() => document.removeEventListener("click", swallow, true));
    };
    const up = () => {
      const [what, where, isAway] = [load, found, away];
      end();
      if (what && isAway) return dropped(send({ do: "delete", ids: what.ids }), false);
      if (!what || !where) return;
      const { parent, body, index } = where;
      const edit = what.entry
        ? { do: "insert", row: what.entry, parent, body, index }
        : { do: "move", ids: what.ids, parent, body, index };
      dropped(send(edit), what.entry !== null);
    };
    const escape = (event: KeyboardEvent) => {
      if (event.key === "Escape") {
        found = null;
        away = false;
        end();
      }
    };
    document.addEventListener("pointermove", moved);
    document.addEventListener("pointerup", up);
    document.addEventListener("pointercancel", end);
    document.addEventListener("keydown", escape, true);
  });
}

function within(element: HTMLElement, x: number, y: number): boolean {
  const box = element.getBoundingClientRect();
  return x >= box.left && x <= box.right && y >= box.top && y <= box.bottom;
}

/** The click that ends a drag is none. */
function swallow(event: Event): void {
  event.preventDefault();
  event.stopPropagation();
}

function fromDrawer(stock: HTMLElement): Load {
  return { goes: [stock.dataset.goes!], label: stock.textContent!.trim(), ids: [], entry: stock.dataset.entry! };
}

function fromPage(line: HTMLElement): Load | null {
  const id = Number(line.dataset.row);
  if (line.dataset.part !== "head" || !data.places.some((one) => one.before === id)) return null;
  if (!selection()?.ids.includes(id)) select(id, "head");
  const ids = selection()?.ids ?? [id];
  const heads = selectedLines().filter((one) => one.dataset.part === "head" && ids.includes(Number(one.dataset.row)));
  const label = (heads[0]?.textContent ?? "").replace(/\s+/g, " ").trim();
  return {
    goes: heads.map((one) => one.dataset.goes!),
    label: ids.length > 1 ? `${label} + ${ids.length - 1}` : label,
    ids,
    entry: null,
  };
}

/** The place nearest to the hand that takes the load: by height first, then by how deep it lies. */
function nearest(load: Load, x: number, y: number): Place | null {
  const page = column!.getBoundingClientRect();
  const spread = document.getElementById("spread")!.getBoundingClientRect();
  if (x < page.left - 30 || x > page.right + 30 || y < spread.top - 10 || y > spread.bottom + 10) return null;
  const inside = new Set(load.ids.flatMap((id) => linesUnder(id).map((line) => Number(line.dataset.row))));
  let best: Place | null = null;
  let least = Infinity;
  for (const one of data.places) {
    if (!load.goes.every((need) => one.accepts.includes(need)) || inside.has(one.parent)) continue;
    const line = column!.querySelector<HTMLElement>(`li[data-key="${CSS.escape(one.anchor)}/0"]`);
    const height = line ? line.getBoundingClientRect().bottom : page.top;
    const distance = Math.abs(height - y) * 4 + Math.abs(page.left + 34 + 24 * one.depth - x) * 0.25;
    if (distance < least) [best, least] = [one, distance];
  }
  return best;
}

function scrollNear(y: number): void {
  const spread = document.getElementById("spread")!;
  const box = spread.getBoundingClientRect();
  if (y < box.top + 46) spread.scrollTop -= 12;
  if (y > box.bottom - 30) spread.scrollTop += 12;
}
