import { adopt, hear, isBehind, keep, newId, type Kept, type Left } from "./unsent";
import { byId, say } from "./page";
import { data, onAnswer, take } from "./store";
import type { Answer, Edit } from "./types";

/** Why an edit was not done, in words for a person. */
export class Refused extends Error {}

const token = document.querySelector<HTMLMetaElement>('meta[name="csrf"]')!.content;
const saved = byId("saved");
/** The longest pause between two tries, in milliseconds. */
const LONGEST_PAUSE = 8000;
/** So many answers of a broken server in a row, and a person is asked what to do with the edit. */
const PATIENCE = 4;
/** A page that goes can still send so much. */
const LAST_BYTES = 60000;

interface Waiting extends Kept {
  /** Makes the edit fit the program as it is when it is sent. */
  fit: (edit: Edit) => Edit;
  /** Shows what the edit will do, until it is answered. */
  seen: () => void;
  done: (answer: Answer) => void;
  refused: (reason: Refused) => void;
}
const waiting: Waiting[] = [];
/** The edits of this window that may be the newest revision without its knowing. */
const mine: string[] = [];
let sending = false;
/** A person has to choose before anything else is sent. */
let halted = false;
/** Something stands in a page that no edit says yet: it is not saved, however short that lasts. */
let unread = false;

onAnswer(() => {
  keep(waiting, data.revision);
  hear(data.revision);
});

/** When all edits are answered; at once if there are none, and never while the connection is gone. */
export async function idle(): Promise<void> {
  while (waiting.length) await pause(20);
}

const pause = (milliseconds: number): Promise<void> => new Promise((later) => setTimeout(later, milliseconds));

/** Whether an edit is under way. */
export function isBusy(): boolean {
  return waiting.length > 0;
}

function note(key: string, isTrouble = false): void {
  saved.textContent = say(key);
  saved.toggleAttribute("data-trouble", isTrouble);
}

/** Says whether something was typed that is yet to be read. */
export function hold(is: boolean): void {
  if (unread === is) return;
  unread = is;
  if (!waiting.length && !halted && !saved.hasAttribute("data-trouble")) note(is ? "saving" : "saved");
}

export async function post(path: string, body: unknown, keepalive = false): Promise<Response> {
  return fetch(data.address + path, {
    method: "POST",
    headers: { "Content-Type": "application/json", "X-Csrf-Token": token, "X-Requested-With": "fetch" },
    body: JSON.stringify(body),
    keepalive,
  });
}

/** Sends an edit after those before it; the hand need not wait for it. */
export function send(
  edit: Edit,
  { fit = (one: Edit) => one, seen = () => {} }: Partial<Pick<Waiting, "fit" | "seen">> = {},
): Promise<Answer> {
  return new Promise((done, refused) => {
    const last = waiting[waiting.length - 1];
    if (edit.do === "type" && last?.edit.do === "type" && waiting.length > (sending ? 1 : 0)) {
      // A newer text says all that the one still waiting says.
      const before = last.done;
      last.edit = edit;
      last.done = (answer) => {
        before(answer);
        done(answer);
      };
      keep(waiting, data.revision);
      return;
    }
    waiting.push({ id: newId(), edit, fit, seen, done, refused });
    seen();
    keep(waiting, data.revision);
    void work();
  });
}

/** What waits still shows after the pages were brought to an answer. */
export function showWaiting(): void {
  for (const one of waiting) one.seen();
}

/** Seals are run, and go where runs go. */
function path(edit: Edit): string {
  return edit.do === "seal" ? "/seals" : "/edits";
}

function body(next: Waiting): Record<string, unknown> {
  return { revision: data.revision, mine, id: next.id, view: data.view, text: data.text, edit: next.edit };
}

async function work(): Promise<void> {
  if (sending || halted) return;
  sending = true;
  let tries = 0;
  while (waiting.length) {
    const next = waiting[0]!;
    next.edit = next.fit(next.edit);
    if (!mine.includes(next.id)) mine.push(next.id);
    if (mine.length > 40) mine.shift();
    keep(waiting, data.revision);
    note("saving");
    const response = await post(path(next.edit), body(next)).catch(() => null);
    // A server that is being started again is no other thing than a connection that is gone.
    if (!response || response.status >= 500 || response.status === 429) {
      const isBroken = response !== null && response.status === 500;
      note(isBroken ? "not_saved" : "offline", true);
      if (isBroken && next.edit.do === "seal") {
        // Nobody typed it, and nothing is lost.
        drop(next, new Refused(say("error")));
        continue;
      }
      if (isBroken && ++tries >= PATIENCE) {
        halt("stuck-dialog");
        return;
      }
      await pause(Math.min(LONGEST_PAUSE, 1500 * 1.4 ** Math.min(tries, 5)));
      continue;
    }
    tries = 0;
    if (response.status === 409) return halt("conflict-dialog");
    if (response.status === 410 || response.status === 404) return halt("gone-dialog");
    if (response.status === 401) {
      note("signed_out", true);
      await pause(3000);
      continue;
    }
    if (response.status === 403 && !sessionStorage.scrivletReloaded) {
      // Signed in again elsewhere: the page has an old token. It is loaded anew, and sends what is kept.
      sessionStorage.scrivletReloaded = "yes";
      location.reload();
      return;
    }
    if (response.ok) {
      delete sessionStorage.scrivletReloaded;
      const answer = (await response.json()) as Answer;
      waiting.shift();
      take(answer);
      next.done(answer);
      note(waiting.length || unread ? "saving" : "saved");
      // What follows the answer, the caret above all, has its turn before the next edit is made to fit.
      await pause(0);
    } else {
      const said = (await response.json().catch(() => null)) as { message?: string } | null;
      drop(next, new Refused(said?.message ?? say(response.status === 413 ? "too_large" : "error")));
      note("refused", true);
    }
  }
  sending = false;
}

function drop(edit: Waiting, reason: Refused): void {
  waiting.splice(waiting.indexOf(edit), 1);
  keep(waiting, data.revision);
  edit.refused(reason);
}

/** Nothing is sent any more until a person has chosen; what waits is kept in the browser. */
function halt(dialog: string): void {
  halted = true;
  sending = false;
  note("refused", true);
  const leaf = byId<HTMLDialogElement>(dialog);
  if (!leaf.open) leaf.showModal();
}

function goOn(dialog: string): void {
  halted = false;
  byId<HTMLDialogElement>(dialog).close();
  void work();
}

function forget(): void {
  halted = false;
  waiting.length = 0;
  keep(waiting, data.revision);
}

byId("stuck-again").addEventListener("click", () => goOn("stuck-dialog"));
byId("stuck-leave").addEventListener("click", () => {
  const first = waiting[0];
  if (first) drop(first, new Refused(say("error")));
  goOn("stuck-dialog");
});
byId("conflict-newer").addEventListener("click", () => {
  forget();
  location.reload();
});
byId("conflict-copy").addEventListener("click", async () => {
  const edits = waiting.map((one) => one.edit);
  const response = await post("/keep-both", { revision: data.revision, edits }).catch(() => null);
  if (!response?.ok) {
    byId("conflict-trouble").textContent = say("offline");
    return;
  }
  forget();
  location.href = ((await response.json()) as { address: string }).address;
});

/** Sends what another window could not, before what is made here. */
function takeOver({ edits, revision }: Left): void {
  // Edits of this window do not make what was left newest: whoever moved on meanwhile is asked which of both stays.
  if (revision !== data.revision) mine.length = 0;
  data.revision = revision;
  mine.push(...edits.map((one) => one.id));
  const left = edits.map((one) => ({
    ...one,
    fit: (edit: Edit) => edit,
    seen: () => {},
    done: () => {},
    refused: () => {},
  }));
  waiting.unshift(...left);
  keep(waiting, data.revision);
  void work();
}

export function start(): void {
  if (isBehind()) {
    location.reload();
    return;
  }
  void adopt((left) => void idle().then(() => takeOver(left))).then((left) => left && takeOver(left));
  window.addEventListener("online", () => void work());
  window.addEventListener("pagehide", () => {
    const next = waiting[0];
    if (!next || halted) return;
    next.edit = next.fit(next.edit);
    keep(waiting, data.revision);
    // Sent once more it still counts once.
    if (JSON.stringify(next.edit).length < LAST_BYTES) void post(path(next.edit), body(next), true).catch(() => {});
  });
}
