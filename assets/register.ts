import htmx from "htmx.org";
import { Live } from "./live";

interface Told {
  pupil?: number;
  view?: string;
  html?: Record<string, string>;
  /** Everything may be otherwise. */
  all?: boolean;
}

/** What is fetched anew behind a change waits so long for the next one, in milliseconds. */
const REST = 700;
const page = document.querySelector<HTMLElement>("#register, #pupil, #wall")!;
const rows = (): HTMLElement | null => document.querySelector<HTMLElement>("#board-rows");
const waiting = new Map<string, number>();

function soon(what: string, run: () => void): void {
  clearTimeout(waiting.get(what));
  waiting.set(what, window.setTimeout(run, REST));
}

async function fetched(address: string): Promise<string | null> {
  const answer = await fetch(address, { headers: { "X-Requested-With": "fetch" } }).catch(() => null);
  if (answer?.status === 401) location.reload();
  return answer?.ok ? answer.text() : null;
}

/** Puts a piece of a page in the place of the one it is anew, and the focus where it was. */
function put(html: string, selector: string): HTMLElement | null {
  const holder = document.createElement("template");
  holder.innerHTML = html;
  const made = holder.content.querySelector<HTMLElement>(selector);
  const old = document.querySelector<HTMLElement>(selector);
  if (!made || !old) return null;
  const had = old.contains(document.activeElement) ? (document.activeElement as HTMLElement) : null;
  const open = [...old.querySelectorAll<HTMLElement>("[data-trip] details[open]")].map(
    (one) => one.closest<HTMLElement>("[data-trip]")!.dataset.trip,
  );
  old.replaceWith(made);
  htmx.process(made);
  for (const trip of open)
    made.querySelector(`[data-trip="${CSS.escape(trip!)}"] details`)?.toggleAttribute("open", true);
  const card = had?.dataset.card;
  if (card) made.querySelector<HTMLElement>(`[data-card="${CSS.escape(card)}"]`)?.focus();
  return made;
}

function sort(): void {
  const body = rows();
  if (!body) return;
  const all = [...body.children] as HTMLElement[];
  const sorted = [...all].sort((one, other) =>
    one.dataset.order!.localeCompare(other.dataset.order!, undefined, { numeric: true }),
  );
  if (sorted.every((row, at) => row === all[at])) return;
  const had = body.contains(document.activeElement) ? (document.activeElement as HTMLElement) : null;
  body.replaceChildren(...sorted);
  had?.focus();
}

function count(): void {
  const place = document.querySelector<HTMLElement>("#board-count");
  if (place) soon("rows", () => void all());
}

async function all(): Promise<void> {
  const { rows: address } = page.dataset;
  const html = address ? await fetched(address) : null;
  if (html) put(html, "#board");
  chosen();
}

/** A pupil's row as it is now. */
function row(told: Told): void {
  const html = told.html?.[page.dataset.locale ?? ""] ?? Object.values(told.html ?? {})[0];
  const board = document.querySelector<HTMLElement>("#board");
  if (!html || !board || board.dataset.view !== told.view) return;
  const holder = document.createElement("template");
  holder.innerHTML = html.trim();
  const made = holder.content.querySelector<HTMLElement>("tr");
  const old = rows()?.querySelector<HTMLElement>(`tr[data-pupil="${told.pupil}"]`);
  if (!made || !old) return void all();
  const had = old.contains(document.activeElement);
  const isOtherwise =
    old.hasAttribute("data-stuck") !== made.hasAttribute("data-stuck") ||
    old.hasAttribute("data-away") !== made.hasAttribute("data-away");
  old.replaceWith(made);
  if (had) made.querySelector<HTMLElement>("[data-card]")?.focus();
  sort();
  chosen();
  if (isOtherwise) count();
}

const card = (): HTMLElement | null => document.querySelector<HTMLElement>("#pupil-card");
let shown = "";

function chosen(): void {
  for (const one of rows()?.querySelectorAll("tr") ?? [])
    one.setAttribute("aria-selected", String(one.dataset.pupil === card()?.dataset.of));
}

/** The pupil's card; not while its margin or its film is in hand. */
async function show(address: string, isAsked: boolean): Promise<void> {
  if (!isAsked && isInHand()) return;
  const html = await fetched(address);
  if (!html || (!isAsked && isInHand())) return;
  shown = address;
  const made = put(html, "#pupil-card");
  if (made && isAsked) made.querySelector<HTMLElement>("h2")?.focus();
  chosen();
}

function isInHand(): boolean {
  const place = card() ?? document.querySelector("#pupil");
  const typed = place?.querySelector<HTMLInputElement>('[data-note-form] [name="text"]')?.value ?? "";
  const film = place?.querySelector<HTMLInputElement>('[data-film] input[type="range"]');
  return typed !== "" || (film !== null && film !== undefined && film.value !== film.max) || playing !== 0;
}

let playing = 0;

/** A moment of the film. */
async function moment(film: HTMLElement): Promise<void> {
  const states = JSON.parse(film.dataset.states!) as number[];
  const times = JSON.parse(film.dataset.times!) as string[];
  const at = Number(film.querySelector<HTMLInputElement>('input[type="range"]')!.value);
  const isNow = at === states.length - 1;
  const time = film.querySelector<HTMLElement>("[data-film-time]")!;
  time.dataset.now ??= time.textContent;
  time.textContent = isNow ? time.dataset.now : times[at]!;
  const html = await fetched(`${film.dataset.film}&at=${states[at]}`);
  if (html && film.isConnected) put(html, "[data-moment]");
}

function play(film: HTMLElement): void {
  const range = film.querySelector<HTMLInputElement>('input[type="range"]')!;
  if (playing) {
    clearInterval(playing);
    playing = 0;
    return;
  }
  if (range.value === range.max) range.value = "0";
  playing = window.setInterval(() => {
    if (!film.isConnected || range.value === range.max) {
      clearInterval(playing);
      playing = 0;
      return;
    }
    range.value = String(Number(range.value) + 1);
    void moment(film);
  }, 600);
}

function hear(data: unknown): void {
  const told = data as Told;
  if (page.id === "wall") {
    const picture = document.querySelector<HTMLImageElement>(`figure[data-pupil="${told.pupil}"] img`);
    if (told.all) location.reload();
    else if (picture) soon(`picture ${told.pupil}`, () => (picture.src = `${picture.src.split("?")[0]}?${Date.now()}`));
    return;
  }
  if (page.id === "pupil") {
    if (String(told.pupil) === page.dataset.pupil) soon("page", () => (isInHand() ? undefined : location.reload()));
    return;
  }
  if (told.all) soon("rows", () => void all());
  else if (told.html) row(told);
  if (told.html || told.all)
    soon("trips", () => void fetched(page.dataset.trips!).then((html) => html && put(html, "#trips")));
  if (shown && String(told.pupil) === card()?.dataset.of) soon("card", () => void show(shown, false));
}

const live = new Live(
  hear,
  () => void all(),
  (isLost) => {
    const place = document.querySelector<HTMLElement>("#line-trouble");
    if (place) place.hidden = !isLost;
  },
);
live.listen(page.dataset.channel!);

document.addEventListener("click", (event) => {
  const target = event.target as HTMLElement;
  const link = target.closest<HTMLElement>("[data-card]");
  const line = target.closest<HTMLElement>("[data-line]");
  const film = target.closest<HTMLElement>("[data-film]");
  if (link && !event.ctrlKey && !event.metaKey && matchMedia("(min-width: 1100px)").matches) {
    event.preventDefault();
    void show(link.dataset.card!, true);
  } else if (line) {
    const form = document.querySelector<HTMLFormElement>("[data-note-form]");
    if (!form) return;
    for (const name of ["line", "anchor", "quote"])
      form.querySelector<HTMLInputElement>(`[name="${name}"]`)!.value = line.dataset[name] ?? "";
    form.querySelector<HTMLInputElement>('[name="text"]')!.focus();
  } else if (film && target.closest("[data-film-play]")) play(film);
});
document.addEventListener("input", (event) => {
  const target = event.target as HTMLElement;
  const film = target.closest<HTMLElement>("[data-film]");
  if (film && target.matches('input[type="range"]')) void moment(film);
  // The line of a note is chosen by its number as well.
  const form = target.closest("[data-note-form]");
  if (form && target.matches('[name="line"]')) {
    const line = document.querySelector<HTMLElement>(`[data-line="${(target as HTMLInputElement).value}"]`);
    form.querySelector<HTMLInputElement>('[name="anchor"]')!.value = line?.dataset.anchor ?? "";
    form.querySelector<HTMLInputElement>('[name="quote"]')!.value = line?.dataset.quote ?? "";
  }
});
document.addEventListener("change", (event) => {
  const form = (event.target as Element).closest<HTMLFormElement>("form[data-sends]");
  if (form && event.target instanceof HTMLSelectElement) form.requestSubmit();
});
document.addEventListener("submit", (event) => {
  const form = event.target as Element;
  if (form.matches("[data-closes]")) form.closest("dialog")?.close();
});
const first = card()?.dataset.first;
if (first) void show(first, false);
// Minutes pass where nobody does anything.
if (page.id === "register") window.setInterval(() => void all(), 60_000);
