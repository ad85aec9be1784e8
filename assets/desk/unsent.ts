import { data } from "./store";
import type { Edit } from "./types";

/** An edit with the number by which the server knows it again. */
export interface Kept {
  id: string;
  edit: Edit;
}
interface Unsent {
  at: number;
  revision: number;
  edits: Kept[];
}

/** Where the first version kept them, one window's for all, and without numbers. */
const FORMER = `scrivlet-unsent:${data.address}`;
const PREFIX = `${FORMER}:`;
/** Where windows cannot be asked whether they are there, one that has not written for so long is gone, in milliseconds. */
const GONE = 6000;
/** How long a window that is loaded again takes at most to go, in milliseconds. */
const GOING = 5000;
/** How long one that is loaded again takes to have its name back, in milliseconds. */
const RETURN = 1500;
/** How often a window that waits says that it is there. */
const BEAT = 2000;

/** Also where a page comes without TLS, which `crypto.randomUUID` wants. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return [...bytes].map((byte) => byte.toString(16).padStart(2, "0")).join("");
}

/** This window, also after it was loaded again. */
let tab = (sessionStorage.scrivletTab ??= newId()) as string;
let latest: Unsent | null = null;

/** A browser that keeps nothing, or has no room left, sends all the same. */
export function store(key: string, text: string, into: Storage = localStorage): void {
  try {
    into.setItem(key, text);
  } catch {
    into.removeItem(key);
  }
}

/** The newest revision this window heard of; numbers only grow. */
const HEARD = `scrivletHeard:${data.address}`;

export function hear(revision: number): void {
  store(HEARD, String(revision), sessionStorage);
}

/**
 * Whether the page shows less than this window knew before it was loaded anew: an edit was answered while the page was
 * already under way. Asked once, so that a server that forgot something does not load it for ever.
 */
export function isBehind(): boolean {
  const heard = Number(sessionStorage.getItem(HEARD) ?? 0);
  sessionStorage.removeItem(HEARD);
  return heard > data.revision;
}

/** Until they are answered, edits are kept where a closed window leaves them. */
export function keep(edits: Kept[], revision: number): void {
  latest = edits.length ? { at: Date.now(), revision, edits: edits.map(({ id, edit }) => ({ id, edit })) } : null;
  if (latest) store(PREFIX + tab, JSON.stringify(latest));
  else localStorage.removeItem(PREFIX + tab);
}

/** Holds this window's name as long as it is open; false if another window has it, as a doubled one does. */
async function hold(name: string): Promise<boolean> {
  if (!navigator.locks) return true;
  return new Promise((held) => {
    void navigator.locks.request(name, { ifAvailable: true }, (lock) => {
      held(lock !== null);
      return lock === null ? undefined : new Promise(() => {});
    });
  });
}

/** Waits for a window of this name to go, at most so long: one that is loaded again ends a moment after the new one has come. */
async function going(name: string): Promise<void> {
  const signal = AbortSignal.timeout(GOING);
  await navigator.locks.request(name, { signal }, () => undefined).catch(() => undefined);
}

async function heldNames(): Promise<(string | undefined)[]> {
  return (await navigator.locks?.query())?.held?.map((lock) => lock.name) ?? [];
}

/**
 * Waits until the window of this name is closed, however long that takes; one that is only loaded again has its name
 * back a moment later, and sends by itself what it had.
 */
async function closed(name: string): Promise<void> {
  do {
    await navigator.locks.request(name, () => undefined);
    await new Promise((later) => setTimeout(later, RETURN));
  } while ((await heldNames()).includes(name));
}

/** What a window could not send: its edits, made to the program of this revision. */
export interface Left {
  edits: Kept[];
  revision: number;
}

function leftBy(name: string): Unsent | null {
  return JSON.parse(localStorage.getItem(PREFIX + name) ?? "null") as Unsent | null;
}

/**
 * Takes over what windows that are gone have left, the oldest first, and what this one had before it was loaded again;
 * what one leaves that is closing just now comes later.
 */
export async function adopt(later: (left: Left) => void): Promise<Left | null> {
  const former = `scrivlet:${tab}`;
  if (!(await hold(former))) {
    tab = sessionStorage.scrivletTab = newId();
    await hold(`scrivlet:${tab}`);
    await going(former);
  }
  setInterval(() => latest && keep(latest.edits, latest.revision), BEAT);
  const held = await heldNames();
  const left: Unsent[] = [];
  for (const key of Object.keys(localStorage).filter((one) => one.startsWith(PREFIX))) {
    const other = key.slice(PREFIX.length);
    const kept = leftBy(other);
    if (!kept) continue;
    if (other !== tab && held.includes(`scrivlet:${other}`)) {
      void closed(`scrivlet:${other}`).then(() => {
        const behind = leftBy(other);
        if (!behind) return;
        localStorage.removeItem(key);
        later(behind);
      });
      continue;
    }
    if (other !== tab && !navigator.locks && Date.now() - kept.at < GONE) continue;
    left.push(kept);
    if (other !== tab) localStorage.removeItem(key);
  }
  const first = localStorage.getItem(FORMER);
  if (first !== null) {
    const { at, revision, edits } = JSON.parse(first) as { at: number; revision: number; edits: Edit[] };
    left.push({ at, revision, edits: edits.map((edit) => ({ id: newId(), edit })) });
    localStorage.removeItem(FORMER);
  }
  left.sort((one, another) => one.at - another.at);
  return left.length ? { edits: left.flatMap((one) => one.edits), revision: left[0]!.revision } : null;
}
