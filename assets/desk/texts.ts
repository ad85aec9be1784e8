/** What differs between two texts, as one stretch; the same signs stand before and behind it. */
export interface Difference {
  from: number;
  /** Its end in the old text, and in the new one. */
  oldEnd: number;
  newEnd: number;
}

export function difference(old: string, fresh: string): Difference {
  const shorter = Math.min(old.length, fresh.length);
  let from = 0;
  while (from < shorter && old[from] === fresh[from]) from++;
  let tail = 0;
  while (tail < shorter - from && old.at(-1 - tail) === fresh.at(-1 - tail)) tail++;
  return { from, oldEnd: old.length - tail, newEnd: fresh.length - tail };
}

/** A text with stretches of it put in other words; none of them overlaps another. */
export function replaced(text: string, changes: { from: number; to: number; text: string }[]): string {
  let made = text;
  for (const change of [...changes].sort((one, other) => other.from - one.from))
    made = made.slice(0, change.from) + change.text + made.slice(change.to);
  return made;
}

/** How well words fit what was typed: 0 if they are it, 1 if they begin so, 2 if they hold it, null if they do not. */
export function fit(label: string, typed: string, also = ""): 0 | 1 | 2 | null {
  const wanted = plain(typed).split(/\s+/).filter(Boolean);
  const has = plain(`${label} ${also}`);
  if (!wanted.every((word) => has.includes(word))) return null;
  if (plain(label) === plain(typed).trim()) return 0;
  return plain(label).startsWith(wanted[0] ?? "") ? 1 : 2;
}

function plain(text: string): string {
  return text.normalize("NFD").replace(/\p{M}/gu, "").toLowerCase();
}
