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
export function store(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
  } catch {
    localStorage.removeItem(key);
  }
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

/** When a window of this name is gone, or stays; one that is loaded again goes a moment after the new one has come. */
async function gone(name: string): Promise<void> {
  const signal = AbortSignal.timeout(GOING);
  await navigator.locks.request(name, { signal }, () => {}).catch(() => {});
}

async function isOpen(other: string, at: number): Promise<boolean> {
  if (!navigator.locks) return Date.now() - at < GONE;
  const { held } = await navigator.locks.query();
  return held?.some((lock) => lock.name === `scrivlet:${other}`) ?? false;
}

/** Takes over what windows that are gone have left, the oldest first, and what this one had before it was loaded again. */
export async function adopt(): Promise<{ edits: Kept[]; revision: number | null }> {
  const former = `scrivlet:${tab}`;
  if (!(await hold(former))) {
    tab = sessionStorage.scrivletTab = newId();
    await hold(`scrivlet:${tab}`);
    await gone(former);
  }
  setInterval(() => latest && keep(latest.edits, latest.revision), BEAT);
  const left: Unsent[] = [];
  for (const key of Object.keys(localStorage).filter((one) => one.startsWith(PREFIX))) {
    const found = JSON.parse(localStorage.getItem(key) ?? "null") as Unsent | null;
    const other = key.slice(PREFIX.length);
    if (!found || (other !== tab && (await isOpen(other, found.at)))) continue;
    left.push(found);
    if (other !== tab) localStorage.removeItem(key);
  }
  const first = localStorage.getItem(FORMER);
  if (first !== null) {
    const { at, revision, edits } = JSON.parse(first) as { at: number; revision: number; edits: Edit[] };
    left.push({ at, revision, edits: edits.map((edit) => ({ id: newId(), edit })) });
    localStorage.removeItem(FORMER);
  }
  left.sort((one, another) => one.at - another.at);
  return { edits: left.flatMap((one) => one.edits), revision: left[0]?.revision ?? null };
}
