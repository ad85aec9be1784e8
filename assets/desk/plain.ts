import { onPointed } from "./columns";
import { byId, say } from "./page";
import { level } from "./room";
import { isBusy } from "./server";
import { data, onAnswer } from "./store";
import { store } from "./unsent";

/** How long nothing changes until the lines are read out anew. */
const REST = 250;
/** How long after a failed question it is asked again. */
const AGAIN = 5000;
/** How long a piece is pointed at until it is read out. */
const POINTED = 120;
const COLUMN = "scrivlet-plain-column";

/** What the lines of the page say, in the order of the places they belong to, and of which state. */
let known: { revision: number; sentences: Record<string, string[]> } = { revision: -1, sentences: {} };
let at: string | null = null;
let timer = 0;
let pointing = 0;
/** What the piece that is pointed at says, which goes before its line. */
let piece = "";

/** @param key of a line: its place, and which line of it */
function sentence(key: string): string {
  const [place, line] = key.split("/");
  return known.sentences[place!]?.[Number(line ?? 0)] ?? "";
}

function show(): void {
  byId("plain").textContent = piece || (at !== null && (sentence(at) || sentence(at.split("/")[0]!))) || "";
}

async function ask(): Promise<void> {
  if (known.revision === data.revision) return;
  const response = isBusy() ? null : await fetch(`${data.address}/plain?text=${data.text}`).catch(() => null);
  const answer = response?.ok ? ((await response.json()) as typeof known) : null;
  if (answer) known = answer;
  if (known.revision !== data.revision) wait(answer || isBusy() ? REST : AGAIN);
  show();
  column();
}

function wait(time: number): void {
  clearTimeout(timer);
  timer = window.setTimeout(() => void ask(), time);
}

/** Reads out a piece: a blank by its row and name, or a value that was chosen in the text. */
function point(question: Record<string, string> | null): void {
  clearTimeout(pointing);
  if (!question) {
    if (piece !== "") {
      piece = "";
      show();
    }
    return;
  }
  pointing = window.setTimeout(async () => {
    const response = await fetch(`${data.address}/piece?${new URLSearchParams(question)}`).catch(() => null);
    piece = response?.ok ? ((await response.json()) as { says: string }).says : "";
    show();
  }, POINTED);
}

/** A column of plain words beside the page, where it is wanted. */
function column(): void {
  const page = document.getElementById("plain-page");
  const lines = document.querySelector<HTMLElement>(".script-page ol");
  if (!page || !lines || page.hidden) return;
  const list = page.querySelector("ol")!;
  list.replaceChildren(
    ...[...lines.children].map((line) => {
      const item = document.createElement("li");
      const key = (line as HTMLElement).dataset.key!;
      item.className = "line";
      item.dataset.key = key;
      if (!line.classList.contains("vacant")) item.textContent = sentence(key);
      return item;
    }),
  );
  level();
}

function showColumn(on: boolean): void {
  byId("plain-page").hidden = !on;
  byId("plain-column").setAttribute("aria-pressed", String(on));
  if (on) column();
  else level();
}

/** Reads out the line that the caret is in or that is pointed at, and the piece of it. */
export function readOut(): void {
  onPointed((key) => {
    at = key;
    show();
  });
  onAnswer(() => wait(REST));
  wait(0);
  document.getElementById("blocks")?.addEventListener("pointerover", (event) => {
    const blank = (event.target as Element).closest<HTMLElement>(".blank");
    const row = blank?.closest<HTMLElement>("li")?.dataset.row;
    point(blank && row ? { row, slot: blank.dataset.slot! } : null);
  });
  document.getElementById("blocks")?.addEventListener("pointerleave", () => point(null));
  document.addEventListener("selectionchange", () => {
    const chosen = getSelection();
    const isText = (chosen?.anchorNode as Node | null)?.parentElement?.closest(".script-page");
    const text = isText ? chosen!.toString().trim() : "";
    point(text !== "" && text.length < 300 ? { piece: text, text: data.text } : null);
  });
  const button = document.getElementById("plain-column");
  if (button) {
    showColumn(localStorage.getItem(COLUMN) === "yes");
    button.addEventListener("click", () => {
      showColumn(byId<HTMLElement>("plain-page").hidden === true);
      store(COLUMN, byId("plain-page").hidden ? "" : "yes");
    });
  }
}

/** Marks in a page, on request, what its text says and its rows do not. */
export function glancing(): void {
  for (const button of document.querySelectorAll<HTMLElement>("[data-glance]"))
    button.addEventListener("click", () => {
      const on = document.querySelector(`ol[data-page="${button.dataset.glance}"]`)!.classList.toggle("glance");
      button.setAttribute("aria-pressed", String(on));
    });
}

/** How much each page takes, in its head. */
export function counts(): void {
  for (const place of document.querySelectorAll<HTMLElement>("[data-count]")) {
    const [first, second] = data.counts[place.dataset.count!] ?? [0, 0];
    place.textContent =
      place.dataset.count === "blocks"
        ? say("count_rows", { rows: first, pieces: second })
        : say("count_lines", { lines: first, signs: second });
  }
}
