import { byId, data, say, type Answer, type Edit } from "./data";

/** Why an edit was not done, in words for a person. */
export class Refused extends Error {}

const token = document.querySelector<HTMLMetaElement>('meta[name="csrf"]')!.content;
const saved = byId("saved");
const kept = `scrivlet-unsent:${data.address}`;

interface Waiting {
  edit: Edit;
  done: (answer: Answer) => void;
  refused: (reason: Refused) => void;
}
const waiting: Waiting[] = [];
let sending = false;
/** When all edits are answered; at once if there are none, and never while the connection is gone. */
export async function idle(): Promise<void> {
  while (waiting.length) await new Promise((later) => setTimeout(later, 20));
}

/** Whether an edit is under way. */
export function isBusy(): boolean {
  return waiting.length > 0;
}
let onAnswer: (answer: Answer) => void = () => {};

function note(key: string, isTrouble = false): void {
  saved.textContent = say(key);
  saved.classList.toggle("trouble-mark", isTrouble);
}

export async function post(path: string, body: unknown): Promise<Response> {
  return fetch(data.address + path, {
    method: "POST",
    headers: { "Content-Type": "application/json", "X-Csrf-Token": token, "X-Requested-With": "fetch" },
    body: JSON.stringify(body),
  });
}

/** Sends an edit after those before it; the hand need not wait for it. */
export function send(edit: Edit): Promise<Answer> {
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
      keep();
      return;
    }
    waiting.push({ edit, done, refused });
    keep();
    void work();
  });
}

interface Unsent {
  tab: string;
  at: number;
  revision: number;
  edits: Edit[];
}

/** This window, also after it was loaded again. */
const tab = (sessionStorage.scrivletTab ??= crypto.randomUUID()) as string;
/** A window that waits writes more often than this, so that what is older belongs to a window that is gone. */
const GONE = 10000;

/** Until they are sent, edits are kept where a closed window leaves them. */
function keep(): void {
  if (waiting.length) {
    const unsent: Unsent = { tab, at: Date.now(), revision: data.revision, edits: waiting.map((one) => one.edit) };
    localStorage.setItem(kept, JSON.stringify(unsent));
  } else {
    localStorage.removeItem(kept);
  }
}

async function work(): Promise<void> {
  if (sending) return;
  sending = true;
  while (waiting.length) {
    const next = waiting[0]!;
    note("saving");
    let response: Response | null;
    try {
      response = await post("/edits", { revision: data.revision, view: data.view, text: data.text, edit: next.edit });
    } catch {
      response = null;
    }
    // A server that is being started again is no other thing than a connection that is gone.
    if (!response || [502, 503, 504].includes(response.status)) {
      note("offline", true);
      keep();
      await new Promise((later) => setTimeout(later, 1500));
      continue;
    }
    if (response.status === 409) {
      conflict();
      return;
    }
    if (response.status === 401) {
      note("signed_out", true);
      keep();
      await new Promise((later) => setTimeout(later, 3000));
      continue;
    }
    if (response.status === 403 && !sessionStorage.scrivletReloaded) {
      // Signed in again elsewhere: the page has an old token. It is loaded anew, and sends what is kept.
      sessionStorage.scrivletReloaded = "yes";
      keep();
      location.reload();
      return;
    }
    waiting.shift();
    if (response.ok) {
      delete sessionStorage.scrivletReloaded;
      const answer = (await response.json()) as Answer;
      Object.assign(data, answer);
      keep();
      onAnswer(answer);
      next.done(answer);
      note("saved");
    } else if (response.status === 422) {
      keep();
      note("refused", true);
      next.refused(new Refused(((await response.json()) as { message: string }).message));
    } else {
      keep();
      note("error", true);
      next.refused(new Refused(say("error")));
      setTimeout(() => location.reload(), 2500);
    }
  }
  sending = false;
}

/** Another window was faster: nothing is sent any more until a person has chosen. */
function conflict(): void {
  note("refused", true);
  byId<HTMLDialogElement>("conflict-dialog").showModal();
}

byId("conflict-newer").addEventListener("click", () => {
  waiting.length = 0;
  keep();
  location.reload();
});
byId("conflict-copy").addEventListener("click", async () => {
  const edits = waiting.map((one) => one.edit);
  const response = await post("/keep-both", { revision: data.revision, edits });
  if (response.ok) {
    waiting.length = 0;
    keep();
    location.href = ((await response.json()) as { address: string }).address;
  }
});

/** Sends what an earlier window could not. */
export function start(whenAnswered: (answer: Answer) => void): void {
  onAnswer = whenAnswered;
  const left = JSON.parse(localStorage.getItem(kept) ?? "null") as Unsent | null;
  if (left && (left.tab === tab || Date.now() - left.at > GONE)) {
    data.revision = left.revision;
    for (const edit of left.edits) send(edit).catch(() => {});
  }
  window.addEventListener("online", () => void work());
}
