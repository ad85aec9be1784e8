import "./styles/editor.css";
import "./styles/scene.css";
import { byId, say } from "./desk/page";
import { data } from "./desk/store";
import { ask } from "./patience";
import { answerOf, putBack } from "./rung/answer";
import { Editor } from "./rung/editor";
import { pairing } from "./rung/pairing";
import { Sorting } from "./rung/sorting";
import { type AnswerRun, play } from "./rung/stage";

interface Marked {
  passed: boolean;
  why: string[];
  near: number;
  gentler: string | null;
  run: AnswerRun | null;
  key?: string[];
}

/** How long nothing is changed until it is kept on the server. */
const REST = 1500;

const page = byId("rung-page");
const form = byId<HTMLFormElement>("rung");
const { address, kind, language, draft, keeps, completes, modelRows } = page.dataset as Record<string, string>;
/** What goes with each answer. */
const extra = JSON.parse(page.dataset.extra!) as Record<string, unknown>;
/** What the page knows beside what a desk shows. */
const {
  answer: keptBefore,
  silent,
  hintSteps,
} = data as unknown as {
  answer: string | null;
  silent: string;
  hintSteps: number;
};
/** A line that says nothing; the server counts those of the model by the same pattern. */
const SILENT = new RegExp(silent);
const verdict = byId("rung-verdict");
const hints = byId("rung-hints");
const hint = byId<HTMLButtonElement>("rung-hint");
/** How near each try came, where the server does not remember it. */
const tries: number[] = [];
let editor: Editor | null = null;
let sorting: Sorting | null = null;
let timer = 0;
/** What is on its way to be kept: one after another, or a slow one would be put over a later one. One that is cut off leaves the draft. */
let keeping = Promise.resolve();

const DRAFT = `scrivlet-rung:${draft}`;

async function send<T>(what: string, further: Record<string, unknown> = {}): Promise<T | null> {
  const response = await ask(`${address}/${what}`, { answer: answerOf(form, editor), ...extra, ...further });
  if (response?.ok) return (await response.json()) as T;
  const said = response?.status === 422 ? ((await response.json()) as { message?: string }).message : null;
  tell([said ?? say(response ? "run_stopped" : "offline")], false);
  return null;
}

function tell(lines: string[], passed: boolean): void {
  verdict.toggleAttribute("data-passed", passed);
  byId("rung-why").replaceChildren(
    ...lines.map((line) => Object.assign(document.createElement("p"), { textContent: line })),
  );
  byId("rung-next").hidden = !passed;
  byId("rung-gentler").hidden = true;
}

/** The key of a guest's work, once there is work. */
function showKey(key: string[] | undefined): void {
  const place = document.querySelector<HTMLElement>("#guest-key");
  if (!place || !key?.length) return;
  place.hidden = false;
  place.querySelector("b")!.textContent = key.join(" · ");
}

/** Lines that say something. */
function count(): void {
  const shown = byId("rung-count");
  if (sorting) shown.textContent = say("rung_count_laid", { used: sorting.count, model: modelRows! });
  else if (form.dataset.answer === "text") {
    const lines = answerOf(form, editor)
      .split("\n")
      .filter((line) => !SILENT.test(line)).length;
    shown.textContent = say("rung_count", { used: lines, model: modelRows! });
  }
}

function changed(): void {
  const answer = answerOf(form, editor);
  localStorage.setItem(DRAFT, answer);
  count();
  clearTimeout(timer);
  if (keeps !== undefined) timer = window.setTimeout(() => (keeping = keeping.then(keep).catch(() => undefined)), REST);
}

async function keep(): Promise<void> {
  const answer = answerOf(form, editor);
  const response = await ask(`${address}/keep`, { answer });
  if (!response?.ok) return;
  forget(answer);
  showKey(((await response.json()) as { key: string[] }).key);
}

/** What the server has need not stay in this browser, where it would be put over what is written later in another one. */
function forget(answer: string): void {
  if (localStorage.getItem(DRAFT) === answer) localStorage.removeItem(DRAFT);
}

async function check(): Promise<void> {
  clearTimeout(timer);
  await keeping;
  const answer = answerOf(form, editor);
  const marked = await send<Marked>("mark", keeps === undefined ? { tries } : {});
  if (!marked) return;
  if (keeps !== undefined) forget(answer);
  tries.push(marked.near);
  tell(marked.why, marked.passed);
  byId("rung-gentler").hidden = !marked.gentler || !byId("rung-gentler").firstElementChild;
  showKey(marked.key);
  if (marked.run) play(marked.run);
  if (!marked.passed) return;
  byId("rung-next").querySelector<HTMLElement>("a")?.focus();
}

async function takeHint(): Promise<void> {
  const step = Math.min(hintSteps, hints.childElementCount + 1);
  const said = await send<{ says: string }>("hint", { step, tries });
  if (!said) return;
  if (hints.childElementCount >= hintSteps) hints.lastElementChild!.remove();
  hints.append(Object.assign(document.createElement("li"), { textContent: said.says }));
  hints.lastElementChild!.scrollIntoView({ block: "nearest" });
  hint.lastChild!.textContent = say("rung_hint", { step: Math.min(hintSteps, hints.childElementCount + 1) });
}

async function tryIt(): Promise<void> {
  const tried = await send<{ why: string[]; run: AnswerRun | null }>("try");
  if (!tried) return;
  tell(tried.why, false);
  if (tried.run) play(tried.run);
}

async function look(): Promise<void> {
  const response = await ask(`${address}/look`, {});
  if (!response?.ok) return;
  byId("look-rows").innerHTML = await response.text();
  byId<HTMLDialogElement>("look-dialog").showModal();
}

const kept = localStorage.getItem(DRAFT) ?? keptBefore;
if (kind === "sort") sorting = new Sorting(form, changed);
if (kept !== null) putBack(form, kept, (slip, indent) => sorting?.lay(slip, indent));
pairing(form, changed);
form.addEventListener("input", changed);
form.addEventListener("submit", (event) => {
  event.preventDefault();
  void check();
});
form.addEventListener("keydown", (event) => {
  // Enter in a gap leads to the next one; the last one checks.
  const gaps = [...form.querySelectorAll<HTMLInputElement>("[data-gap]")];
  const at = gaps.indexOf(event.target as HTMLInputElement);
  if (event.key !== "Enter" || event.ctrlKey || event.metaKey || at < 0 || at === gaps.length - 1) return;
  event.preventDefault();
  gaps[at + 1]!.focus();
});
document.addEventListener("keydown", (event) => {
  if ((event.ctrlKey || event.metaKey) && event.key === "Enter") {
    event.preventDefault();
    form.requestSubmit();
  } else if (event.key === "F9") {
    event.preventDefault();
    document.querySelector<HTMLElement>("#rung-try")?.click();
  }
});
hint.addEventListener("click", () => void takeHint());
document.querySelector("#rung-try")?.addEventListener("click", () => void tryIt());
document.querySelector("#rung-look")?.addEventListener("click", () => void look());
window.addEventListener("pagehide", () => clearTimeout(timer));
const place = document.querySelector<HTMLElement>("#rung-editor");
if (place)
  void Editor.open(place, {
    language: language!,
    nonce: data.nonce,
    address: completes === undefined ? null : address!,
    changed,
  }).then((opened) => (editor = opened));
count();
