import type { Place } from "./types";

/** What can be told of places without a page: lists of them as the server sends them, in the order of the page. */

function isBeside(one: Place, other: Place): boolean {
  return one.parent === other.parent && one.body === other.body;
}

/** A place as it is found again after other edits: behind the same row of the same body, else at the same index. */
export function found(places: Place[], before: Place): Place {
  const inBody = places.filter((one) => isBeside(one, before));
  return (
    inBody.find((one) => one.before === before.before) ?? inBody.find((one) => one.index === before.index) ?? before
  );
}

/** Where the caret goes when the place that it stood at is gone: where that row is now, else no further than the end. */
export function kept(places: Place[], before: Place, at: number): number {
  const same = places.findIndex((one) => isBeside(one, before) && one.before === before.before);
  return same >= 0 ? same : Math.min(at, places.length - 1);
}

/** The place of an index in the body of another place; -1 if there is none. */
export function sibling(places: Place[], place: Place, index: number): number {
  return places.findIndex((one) => isBeside(one, place) && one.index === index);
}

/** The rows between two places of one body, from top to bottom. */
export function between(places: Place[], one: Place, other: Place): number[] {
  const [first, last] = [Math.min(one.index, other.index), Math.max(one.index, other.index)];
  return places
    .filter((place) => isBeside(place, other) && place.index > first && place.index <= last)
    .map((place) => place.before!);
}

/** The next place up or down that takes rows, and is none of their own; null if there is none. */
export function target(places: Place[], ids: number[], goes: string, by: -1 | 1, inside: Set<number>): Place | null {
  const first = places.findIndex((one) => one.after === ids[0]);
  const last = places.findIndex((one) => one.before === ids[ids.length - 1]);
  for (let at = by < 0 ? first - 1 : last + 1; places[at]; at += by) {
    const place = places[at]!;
    if (place.accepts.includes(goes) && !inside.has(place.parent)) return place;
  }
  return null;
}
