import { selectedCompletion } from "@codemirror/autocomplete";
import { defaultKeymap, indentLess, indentMore } from "@codemirror/commands";
import { bracketMatching, indentOnInput, indentUnit } from "@codemirror/language";
import { type Diagnostic, nextDiagnostic, previousDiagnostic, setDiagnostics } from "@codemirror/lint";
import { highlightSelectionMatches, searchKeymap } from "@codemirror/search";
import { EditorState, RangeSetBuilder, StateEffect, StateField, Transaction } from "@codemirror/state";
import {
  Decoration,
  type DecorationSet,
  drawSelection,
  EditorView,
  keymap,
  tooltips,
  WidgetType,
} from "@codemirror/view";
import { argumentCard } from "./card";
import { completing, writeSnippet } from "./completing";
import { mark, placeOf, reveal } from "./columns";
import { refused, travel } from "./editing";
import { knownNames } from "./known";
import { commandKeys } from "./command_keys";
import { grammar } from "./grammar";
import { folding, refold, showAll } from "./folding";
import { hold, isBusy, post, send } from "./server";
import { store } from "./unsent";
import { byId, piece, say } from "./page";
import { level } from "./room";
import { data } from "./store";
import type { Answer, Fix, Hint, Mistake, Suggestion, Typed } from "./types";
import type { Written } from "./reference";
import { difference, replaced } from "./texts";

/** How long a pause is until what was typed is read. */
const PAUSE = 300;
/** How long nothing is typed until it is asked what can be mended. */
const REST = 500;
/** How long nothing is typed until a line in the making is told its mistakes; another line's are told at once. */
const PATIENCE = 1000;
let view: EditorView | null = null;
let timer = 0;
let asking = 0;
let typedAt = -PATIENCE;
let scolding = 0;
/** The line whose mistakes are not told yet. */
let spared: number | null = null;
/** What mends, for the state of the text of which it was asked. */
let fixes: { typed: Typed | null; known: Fix[] } = { typed: null, known: [] };
/** What the server was given last, and whether more was typed since. */
let given = "";

/** Blank lines where the other page has a row that this language needs no line for. */
class Gap extends WidgetType {
  constructor(readonly lines: number) {
    super();
  }
  override eq(other: Gap): boolean {
    return other.lines === this.lines;
  }
  toDOM(): HTMLElement {
    const gap = document.createElement("div");
    gap.className = "gap";
    gap.style.height = `calc(var(--row) * ${this.lines})`;
    return gap;
  }
}

const redecorate = StateEffect.define<DecorationSet>();
const decorations = StateField.define<DecorationSet>({
  create: () => Decoration.none,
  update(set, transaction) {
    set = set.map(transaction.changes);
    for (const effect of transaction.effects) if (effect.is(redecorate)) set = effect.value;
    return set;
  },
  provide: (field) => EditorView.decorations.from(field),
});

/** What may be written behind a text, as the server knows the program. */
async function suggest(before: string): Promise<Suggestion[] | null> {
  const response = await post("/complete", { before, language: data.typed!.language }).catch(() => null);
  return response?.ok ? ((await response.json()) as { options: Suggestion[] }).options : null;
}

/** The gaps, in the order of the text. */
function decorated(state: EditorState, numbers: (number | null)[]): DecorationSet {
  const gaps: [number, number][] = [];
  let line = 0;
  let open = 0;
  for (const number of numbers) {
    if (number === null) {
      open++;
      continue;
    }
    if (open) gaps.push([number, open]);
    [line, open] = [number, 0];
  }
  const marks: { from: number; to: number; side: number; mark: Decoration }[] = [];
  for (const [number, lines] of gaps) {
    if (number > state.doc.lines) continue;
    const at = state.doc.line(number).from;
    marks.push({
      from: at,
      to: at,
      side: -1,
      mark: Decoration.widget({ widget: new Gap(lines), block: true, side: -1 }),
    });
  }
  if (open && line <= state.doc.lines) {
    const at = state.doc.length;
    marks.push({ from: at, to: at, side: 1, mark: Decoration.widget({ widget: new Gap(open), block: true, side: 1 }) });
  }
  marks.sort((one, other) => one.from - other.from || one.side - other.side);
  const set = new RangeSetBuilder<Decoration>();
  for (const { from, to, mark } of marks) set.add(from, to, mark);
  return set.finish();
}

/**
 * Decides which mistakes are told: those of a line in the making wait until the caret has left it, or the hand has
 * rested. Decided once for all places that show them, as the rest may end between two of them.
 */
function decide(): void {
  const said: Hint[] = [...(data.typed?.mistakes ?? []), ...(data.typed?.hints ?? [])];
  const left = PATIENCE - (performance.now() - typedAt);
  const line = view?.hasFocus && left > 0 ? view.state.doc.lineAt(view.state.selection.main.head).number : null;
  spared = said.some((one) => one.line === line) ? line : null;
  clearTimeout(scolding);
  if (spared !== null) scolding = window.setTimeout(tell, left);
}

function told(): Mistake[] {
  return (data.typed?.mistakes ?? []).filter((mistake) => mistake.line !== spared);
}

function tell(): void {
  decide();
  list();
  if (view && text() === data.typed?.text) redraw(data.numbers[data.typed.language] ?? []);
}

/** What is wrong, at its place, with what mends it where that is known. */
function diagnostics(state: EditorState): Diagnostic[] {
  const marks: Diagnostic[] = [];
  for (const mistake of told()) {
    const from = Math.min(mistake.from, state.doc.length);
    const to = Math.min(Math.max(mistake.to, from + 1), state.doc.lineAt(from).to);
    if (to <= from) continue;
    const mends = mending(mistake);
    const actions = mends ? [{ name: say("fix"), apply: () => void mend(mends) }] : [];
    marks.push({ from, to, severity: "error", message: mistake.message, markClass: "wrong", actions });
  }
  return marks;
}

function mending(mistake: Mistake): Fix | undefined {
  return fixes.typed === data.typed ? fixes.known.find((fix) => fix.from === mistake.from) : undefined;
}

/** A text whose lines end in one way keeps it; in any other every sign stays as it is. */
function separator(text: string): string {
  const ends = new Set(text.match(/\r\n|\n|\r/g) ?? []);
  return ends.size === 1 && ends.has("\r\n") ? "\r\n" : "\n";
}

async function open(): Promise<void> {
  const colours = await grammar(data.typed!.language);
  const typed = data.typed!;
  if (view) return;
  const unit = /^(\t| {2,8})\S/m.exec(typed.text)?.[1] ?? "    ";
  given = typed.text;
  view = new EditorView({
    parent: byId("typed"),
    state: EditorState.create({
      doc: typed.text,
      extensions: [
        EditorView.cspNonce.of(data.nonce),
        // Outside of the pages, whose lines need not be laid out anew for a list.
        tooltips({ parent: byId("tips") }),
        EditorState.phrases.of(data.phrases),
        EditorState.lineSeparator.of(separator(typed.text)),
        drawSelection(),
        EditorView.scrollMargins.of(room),
        indentOnInput(),
        indentUnit.of(unit),
        EditorState.tabSize.of(4),
        bracketMatching(),
        completing(suggest, bringIn),
        argumentCard(),
        folding(unit === "\t" ? 4 : unit.length),
        highlightSelectionMatches(),
        colours,
        decorations,
        knownNames(),
        commandKeys(bringIn),
        EditorView.contentAttributes.of({
          tabindex: "0",
          "aria-label": say("writing", { language: byId("write").closest(".head")!.querySelector("b")!.textContent! }),
        }),
        keymap.of([
          // The page and the rows have one history: what was typed is read first, then the whole program goes back.
          { key: "Mod-z", run: () => (read(), travel("undo"), true) },
          { key: "Mod-Shift-z", run: () => (read(), travel("redo"), true) },
          { key: "Mod-y", run: () => (read(), travel("redo"), true) },
          { key: "Escape", run: () => (byId("write").focus(), true) },
          { key: "Tab", run: indentMore, shift: indentLess },
          { key: "F8", run: nextDiagnostic, shift: previousDiagnostic },
          ...defaultKeymap,
          ...searchKeymap,
        ]),
        EditorView.updateListener.of((update) => {
          if (update.selectionSet && update.view.hasFocus) {
            const line = update.state.doc.lineAt(update.state.selection.main.head).number;
            mark("lit", placeOf(data.typed!.language, line));
            if (spared !== null && line !== spared) {
              typedAt = -PATIENCE;
              setTimeout(tell);
            }
          }
          if (!update.docChanged || update.transactions.every((one) => one.annotation(Transaction.remote))) return;
          typedAt = performance.now();
          clearTimeout(timer);
          timer = window.setTimeout(read, PAUSE);
          hold(true);
        }),
      ],
    }),
  });
  redraw(data.numbers[typed.language] ?? []);
  const left = localStorage.getItem(draft());
  if (left !== null && left !== typed.text)
    view.dispatch({ changes: { from: 0, to: view.state.doc.length, insert: view.state.toText(left) } });
}

/**
 * What the browser itself keeps free below a caret that it scrolls to. With less behind a line break, the first letter of each line
 * moved the whole spread, to be laid out and painted anew. The editor takes it off its own edges, too, beyond which it shows no
 * list: there is as much room below its last line, and none above the first.
 */
function room(): { bottom: number } {
  return { bottom: parseFloat(getComputedStyle(byId("spread")).scrollPaddingBottom) };
}

function text(): string {
  return view!.state.sliceDoc();
}

/** Has what was typed read on the server. */
export function read(): void {
  clearTimeout(timer);
  if (!view || text() === given) return hold(false);
  given = text();
  const sent = given;
  const answered = send({ do: "type", language: data.typed!.language, text: sent });
  hold(false);
  answered.then(
    () => localStorage.removeItem(draft()),
    (refusal: unknown) => {
      // It stays on the page, and in the browser for the next time.
      store(draft(), sent);
      refused(refusal);
    },
  );
}

/** Where a text is kept that was refused. */
function draft(): string {
  return `scrivlet-draft:${data.address}:${data.typed!.language}`;
}

function redraw(numbers: (number | null)[]): void {
  const { state } = view!;
  view!.dispatch({
    effects: redecorate.of(decorated(state, numbers)),
    annotations: Transaction.remote.of(true),
  });
  view!.dispatch({ ...setDiagnostics(state, diagnostics(state)), annotations: Transaction.remote.of(true) });
}

/** Brings the editor to what the server has; what a person typed in the meantime stays. */
function follow(answer: Answer): void {
  const typed = answer.typed;
  if (!view || !typed) return;
  if (text() === given && typed.text !== given) {
    const [old, fresh] = [given, typed.text];
    const { from, oldEnd, newEnd } = difference(old, fresh);
    const breaks = (part: string): number => (view!.state.lineBreak.length - 1) * (part.split("\r\n").length - 1);
    view.dispatch({
      changes: {
        from: from - breaks(old.slice(0, from)),
        to: oldEnd - breaks(old.slice(0, oldEnd)),
        insert: view.state.toText(fresh.slice(from, newEnd)),
      },
      annotations: [Transaction.remote.of(true), Transaction.addToHistory.of(false)],
    });
    given = fresh;
  }
  if (text() === typed.text) redraw(answer.numbers[typed.language] ?? []);
  if (!byId("typed").hidden) refold(view);
}

async function write(on: boolean): Promise<void> {
  const typed = byId("typed");
  const page = document.querySelector<HTMLElement>(".script-page ol")!;
  byId("write").setAttribute("aria-pressed", String(on));
  if (on && !view) await open();
  if (!on) read();
  typed.hidden = !on;
  page.hidden = on;
  level();
  if (on) {
    refold(view!);
    view!.focus();
  } else showAll();
}

async function mend({ fix }: Fix): Promise<void> {
  if (!hasPage() || byId("typed").hidden) {
    const [typed, lineEnd] = [data.typed!, separator(data.typed!.text)];
    const mended = replaced(typed.text.replaceAll(lineEnd, "\n"), fix);
    send({ do: "type", language: typed.language, text: mended.replaceAll("\n", lineEnd) }).catch(refused);
    return;
  }
  await write(true);
  const changes = fix.map(({ from, to, text }) => ({ from, to, insert: text }));
  view!.dispatch({ changes, userEvent: "input.fix" });
  read();
}

/** What is said of a line, which leads there. */
function leading(said: Hint): HTMLLIElement {
  const item = document.createElement("li");
  const jump = document.createElement("button");
  jump.type = "button";
  jump.dataset.jump = "";
  jump.textContent = said.message;
  jump.addEventListener("click", async () => {
    if (!hasPage()) return reveal(said.key);
    await write(true);
    view!.dispatch({ selection: { anchor: Math.min(said.from, view!.state.doc.length) }, scrollIntoView: true });
  });
  item.append(jump);
  return item;
}

/** The mistakes as a list, each with its line and, where there is one, what mends it. */
function list(): void {
  const section = byId("mistakes");
  const mistakes = told();
  section.hidden = mistakes.length === 0;
  const items = section.querySelector("ol")!;
  const focused = [...items.children].findIndex((item) => item.contains(document.activeElement));
  items.replaceChildren(
    ...mistakes.map((mistake) => {
      const item = leading(mistake);
      const mends = mending(mistake);
      if (mends) {
        const fix = piece<HTMLButtonElement>("small-button");
        fix.dataset.mend = "";
        fix.textContent = say("fix");
        fix.setAttribute("aria-label", `${say("fix")}: ${say("line", { line: mistake.line })}`);
        fix.addEventListener("click", () => void mend(mends));
        item.append(fix);
      }
      return item;
    }),
  );
  items.children[focused]?.querySelector("button")?.focus();
  const hints = (data.typed?.hints ?? []).filter((hint) => hint.line !== spared);
  const notes = byId("hints");
  notes.hidden = hints.length === 0;
  notes.querySelector("ol")!.replaceChildren(...hints.map(leading));
  const wrong = new Set(mistakes.map((mistake) => String(mistake.line)));
  for (const line of document.querySelectorAll<HTMLElement>(".spine .line"))
    line.classList.toggle("has-mistake", wrong.has(line.textContent!.trim()));
  markRows(mistakes);
}

/** Fixes are tried out by the server, so that they are asked for once the hand rests. */
function ask(): void {
  clearTimeout(asking);
  if (!data.typed?.mistakes.some((mistake) => mistake.mayMend)) return;
  asking = window.setTimeout(async () => {
    const typed = data.typed;
    if (isBusy()) return;
    const response = await fetch(`${data.address}/fixes?text=${data.text}`).catch(() => null);
    const answer = response?.ok ? ((await response.json()) as { revision: number; fixes: Fix[] }) : null;
    if (!answer || answer.revision !== data.revision || data.typed !== typed) return;
    fixes = { typed, known: answer.fixes };
    const missing = brings ? typed?.mistakes.find((mistake) => mistake.kind === "library_missing") : undefined;
    const mends = missing && mending(missing);
    brings = false;
    if (mends && view && text() === typed!.text) void mend(mends);
    tell();
  }, REST);
}

/** Rows that show as they were typed are marked on the blocks page, too, with the place underlined. */
function markRows(mistakes: Mistake[]): void {
  for (const row of document.querySelectorAll<HTMLElement>("#blocks > .has-mistake")) {
    row.classList.remove("has-mistake");
    const typed = row.querySelector(".typed-line");
    if (typed) typed.textContent = typed.textContent;
  }
  const lines = data.typed?.text.split(/\r\n|\n|\r/) ?? [];
  for (const mistake of mistakes) {
    const row = document.querySelector<HTMLElement>(`#blocks > li[data-key="${CSS.escape(mistake.key)}"]`);
    row?.classList.add("has-mistake");
    const typed = row?.querySelector(".typed-line");
    if (!typed) continue;
    const before = lines.slice(0, mistake.line - 1).reduce((sum, line) => sum + line.length + 1, 0);
    const indent = /^\s*/.exec(lines[mistake.line - 1] ?? "")![0].length;
    const text = typed.textContent!;
    const from = Math.max(0, Math.min(mistake.from - before - indent, text.length - 1));
    const to = Math.max(from + 1, Math.min(mistake.to - before - indent, text.length));
    const wrong = document.createElement("span");
    wrong.className = "wrong";
    wrong.title = mistake.message;
    wrong.textContent = text.slice(from, to);
    typed.replaceChildren(text.slice(0, from), wrong, text.slice(to));
  }
}

/** Whether a text page lies open. */
function hasPage(): boolean {
  return document.getElementById("write") !== null;
}

/** Whether what was taken from a list may want something brought in, which then is without being asked for. */
let brings = false;

export function bringIn(): void {
  brings = true;
}

/** Writes a command of the drawer at the caret of the page. */
export async function writeCommand(insert: string): Promise<void> {
  await write(true);
  bringIn();
  writeSnippet(view!, insert);
}

/** Where the caret stands, while the editor has the focus, with the word there or the one chosen in the list. */
export function written(): Written | null {
  if (!view?.hasFocus) return null;
  const { state } = view;
  const at = state.selection.main.head;
  const word = state.wordAt(at);
  const chosen = selectedCompletion(state)?.label;
  return { line: state.doc.lineAt(at).number, word: chosen ?? (word ? state.sliceDoc(word.from, word.to) : "") };
}

export function typing(answer: Answer): void {
  decide();
  follow(answer);
  list();
  ask();
}

export function startTyping(): void {
  decide();
  list();
  ask();
  if (!hasPage()) return;
  byId<HTMLButtonElement>("write").disabled = false;
  byId("write").addEventListener("click", () => void write(byId<HTMLElement>("typed").hidden === true));
  document.addEventListener("keydown", (event) => {
    if (event.key === "F2" && !(event.target as Element).closest("dialog")) {
      event.preventDefault();
      void write(byId<HTMLElement>("typed").hidden === true);
    }
  });
  window.addEventListener("pagehide", () => read());
}
