import {
  acceptCompletion,
  autocompletion,
  closeBrackets,
  closeBracketsKeymap,
  type Completion,
  type CompletionContext,
  completionKeymap,
  type CompletionResult,
  completionStatus,
  moveCompletionSelection,
  pickedCompletion,
  selectedCompletion,
  selectedCompletionIndex,
  snippet,
  snippetCompletion,
} from "@codemirror/autocomplete";
import { type Extension, Prec } from "@codemirror/state";
import { EditorView, keymap, ViewPlugin } from "@codemirror/view";
import type { Suggestion } from "./types";

/** A list that is longer helps nobody. */
const SHOWN = 12;
/** So many go on to be filtered by the letters that follow. */
const KEPT = 80;

/** Writes a text with gaps at the caret, the rows of the drawer among them; on a line of its own where the line is begun. */
export function writeSnippet(view: EditorView, insert: string): void {
  const { state } = view;
  const { from, to } = state.selection.main;
  const line = state.doc.lineAt(to);
  const isRow = !insert.startsWith("${") || insert.includes("\n") || insert.includes("(");
  const isBegun = isRow && line.text.trim() !== "";
  const at = isBegun ? line.to : from;
  const indent = /^\s*/.exec(line.text)![0];
  if (isBegun) view.dispatch({ changes: { from: at, insert: `${state.lineBreak}${indent}` } });
  const start = isBegun ? at + state.lineBreak.length + indent.length : at;
  snippet(gaps(insert))(view, null, start, isBegun ? start : to);
  view.focus();
}

/** Puts a suggestion in the place of what was begun of it. */
export function takeSuggestion(view: EditorView, { label, insert }: Suggestion): void {
  const { state } = view;
  const to = state.selection.main.head;
  const begun = /[\p{L}_][\p{L}\p{N}_]*$/u.exec(state.sliceDoc(Math.max(0, to - 200), to))?.[0] ?? "";
  const from = to - (label.toLowerCase().startsWith(begun.toLowerCase()) ? begun.length : 0);
  if (insert.includes("${")) snippet(gaps(insert))(view, null, from, to);
  else
    view.dispatch({ changes: { from, to, insert }, selection: { anchor: from + insert.length }, userEvent: "input" });
  view.focus();
}

/** The editor numbers gaps, and fills those of one number alike; the last Tab leads out behind all. */
function gaps(insert: string): string {
  const numbers = new Map<string, number>();
  let count = 0;
  const numbered = insert.replace(/\$\{([^{}]*)\}/g, (_, name: string) => {
    const number = (name && numbers.get(name)) || ++count;
    if (name) numbers.set(name, number);
    return `\${${number}:${name}}`;
  });
  return insert.endsWith("${}") ? numbered : `${numbered}\${${count + 1}}`;
}

/** As the list of the editor has it: what the server puts first stays first. */
function item({ label, insert, kind, detail }: Suggestion, index: number): Completion {
  const shown: Completion = { label, detail, type: kind, boost: 99 - index };
  return insert === label ? shown : snippetCompletion(gaps(insert), shown);
}

/** What may be written behind a text, best first; nothing if it could not be asked. */
export type Ask = (before: string) => Promise<Suggestion[] | null>;

/** What fits where no word is begun yet is asked for as soon as the caret stands there, so that the first letter finds it. */
class LookAhead {
  private ahead: { before: string; options: Promise<Suggestion[] | null> } | null = null;

  constructor(private readonly ask: Ask) {}

  /** The suggestions where a word begins, whatever of it is there. */
  private suggestions(before: string): Promise<Suggestion[] | null> {
    if (this.ahead?.before === before) return this.ahead.options;
    const asked = { before, options: this.ask(before) };
    this.ahead = asked;
    // What was not answered is asked again.
    void asked.options.then((found) => {
      if (!found && this.ahead === asked) this.ahead = null;
    });
    return asked.options;
  }

  look(view: EditorView): void {
    const at = view.state.selection.main.head;
    const isInWord = /[\p{L}\p{N}_]/u.test(view.state.sliceDoc(Math.max(0, at - 1), at));
    if (!isInWord) void this.suggestions(view.state.sliceDoc(0, at));
  }

  async find(context: CompletionContext): Promise<CompletionResult | null> {
    const begun = context.matchBefore(/[\p{L}_][\p{L}\p{N}_]*$/u);
    const before = context.state.sliceDoc(0, context.pos);
    const isAsked = context.explicit || begun !== null || /[.("']$/.test(before);
    if (!isAsked) return null;
    const from = begun?.from ?? context.pos;
    const all = await this.suggestions(context.state.sliceDoc(0, from));
    if (!all || context.aborted) return null;
    const word = (begun?.text ?? "").toLowerCase();
    // Those in the very letters before those in others, as the server puts them.
    const options = all.filter(({ label }) => label.toLowerCase().startsWith(word)).slice(0, KEPT);
    return options.length ? { from, options: options.map(item), validFor: /^[\p{L}\p{N}_]*$/u } : null;
  }
}

/** Tab takes what is chosen, or what is best; nothing is chosen before an arrow is pressed, so that Enter ends the line. */
function takeBest(view: EditorView): boolean {
  if (completionStatus(view.state) !== "active") return false;
  if (selectedCompletionIndex(view.state) === null) {
    moveCompletionSelection(true)(view);
    // What stands there whole already needs no taking.
    const { from, to } = view.state.wordAt(view.state.selection.main.head) ?? { from: 0, to: 0 };
    if (
      selectedCompletion(view.state)?.label === view.state.sliceDoc(from, to) &&
      !selectedCompletion(view.state)?.apply
    )
      moveCompletionSelection(true)(view);
  }
  return acceptCompletion(view);
}

/**
 * The list's own part of the editor looks for what to show a timer after each key, which the browser lets wait until the
 * letter is painted. Begun at once, letter and list come in one frame.
 */
class AtOnce {
  private readonly plugins: ViewPlugin<{ startUpdate?: () => void }>[];

  constructor(list: Extension) {
    this.plugins = (list as readonly Extension[]).filter((one) => one instanceof ViewPlugin);
  }

  look(view: EditorView): void {
    for (const plugin of this.plugins) view.plugin(plugin)?.startUpdate?.();
  }
}

/** Quotes that stand three at a time are typed over one by one, as they are written. */
const typedOver = EditorView.inputHandler.of((view, from, to, typed) => {
  const quotes = /^["']$/.test(typed) && from === to ? typed.repeat(3) : "";
  const known = view.state.languageDataAt<{ brackets?: string[] }>("closeBrackets", from)[0]?.brackets;
  if (!quotes || !known?.includes(quotes)) return false;
  const before = view.state.sliceDoc(0, from);
  const opened = before.replace(/(["'])\1*$/, (run, sign) => (sign === typed ? "" : run));
  const behind = before.length - opened.length;
  let ahead = 0;
  while (ahead < 3 && view.state.sliceDoc(from + ahead, from + ahead + 1) === typed) ahead++;
  const isClosing = behind + ahead === 3 ? opened.split(quotes).length % 2 === 0 : behind + ahead === 6 && behind >= 3;
  if (!ahead || !isClosing) return false;
  view.dispatch({ selection: { anchor: from + 1 }, userEvent: "input.type" });
  return true;
});

/**
 * What may be written at the caret, as a list while typing and on Ctrl+Space; brackets and quotes close themselves.
 *
 * @param taken called when something was taken from the list
 */
export function completing(ask: Ask, taken: () => void): Extension {
  const ahead = new LookAhead(ask);
  const list = autocompletion({
    override: [(context) => ahead.find(context)],
    maxRenderedOptions: SHOWN,
    icons: false,
    activateOnTypingDelay: 0,
    filterStrict: true,
    selectOnOpen: false,
    defaultKeymap: false,
  });
  const atOnce = new AtOnce(list);
  return [
    EditorView.updateListener.of(({ transactions, docChanged, selectionSet, view }) => {
      if ((docChanged || selectionSet) && view.hasFocus) ahead.look(view);
      if (transactions.some((one) => one.isUserEvent("input.type"))) atOnce.look(view);
      if (transactions.some((one) => one.annotation(pickedCompletion))) taken();
    }),
    list,
    typedOver,
    closeBrackets(),
    // Before the keys that lead from gap to gap, while the list is there.
    Prec.highest(keymap.of([{ key: "Tab", run: takeBest }, ...completionKeymap])),
    keymap.of(closeBracketsKeymap),
  ];
}
