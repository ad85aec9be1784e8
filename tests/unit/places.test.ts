import assert from "node:assert/strict";
import { test } from "node:test";
import { between, found, kept, sibling, target } from "../../assets/desk/places";
import type { Place } from "../../assets/desk/types";

interface Row {
  id: number;
  body?: Row[];
}

/** The places of a tree of rows as the server lists them: before each row of a body and behind the last. */
function placesOf(rows: Row[], parent = 1, depth = 0): Place[] {
  const made: Place[] = [];
  for (let index = 0; index <= rows.length; index++) {
    const before = rows[index - 1]?.id ?? null;
    const after = rows[index]?.id ?? null;
    made.push({
      anchor: `${before ?? parent}:head`,
      depth,
      parent,
      body: "body",
      index,
      accepts: ["row"],
      before,
      after,
    });
    const row = rows[index];
    if (row?.body) made.push(...placesOf(row.body, row.id, depth + 1));
  }
  return made;
}

/** A random tree, always the same for a seed. */
function tree(seed: number): Row[] {
  let state = seed * 2654435761;
  let id = 1;
  const next = (most: number): number => (state = (state * 1103515245 + 12345) >>> 0) % most;
  const rows = (depth: number): Row[] =>
    Array.from({ length: next(5) }, () =>
      next(3) === 0 && depth < 3 ? { id: ++id, body: rows(depth + 1) } : { id: ++id },
    );
  return rows(0);
}

test("a place is found where it is, and behind its row where others came before it", () => {
  for (let seed = 1; seed <= 200; seed++) {
    const rows = tree(seed);
    const places = placesOf(rows);
    for (const place of places) {
      assert.equal(found(places, place), place);
      assert.equal(kept(places, place, 0), places.indexOf(place));
    }
    const later = placesOf([{ id: 1000 }, ...rows]);
    for (const place of places.filter((one) => one.before !== null)) {
      const again = found(later, place);
      assert.equal(again.before, place.before);
      assert.equal(again.parent, place.parent);
    }
    assert.ok(kept([places[0]!], { ...places[0]!, before: 4711, body: "gone" }, 9) === 0);
  }
});

test("between two places of a body stand its rows, whichever comes first", () => {
  for (let seed = 1; seed <= 100; seed++) {
    const rows = tree(seed);
    const places = placesOf(rows);
    for (let one = 0; one <= rows.length; one++)
      for (let other = 0; other <= rows.length; other++) {
        const [from, to] = [one, other].map((index) => places[sibling(places, places[0]!, index)]!) as [Place, Place];
        const ids = rows.slice(Math.min(one, other), Math.max(one, other)).map((row) => row.id);
        assert.deepEqual(between(places, from, to), ids);
      }
  }
});

test("rows move to the next place that takes them, never into themselves", () => {
  const places = placesOf([{ id: 2 }, { id: 3, body: [{ id: 4 }] }, { id: 5 }]);
  const at = (place: Place | null): unknown => place && [place.parent, place.index];
  assert.deepEqual(at(target(places, [2], "row", 1, new Set([2]))), [3, 0], "down into the loop");
  assert.deepEqual(at(target(places, [3], "row", 1, new Set([3, 4]))), [1, 3], "over what stands below");
  assert.deepEqual(at(target(places, [3], "row", -1, new Set([3, 4]))), [1, 0]);
  assert.equal(target(places, [2], "row", -1, new Set([2])), null, "there is nothing above");
  assert.equal(target(places, [2], "define", 1, new Set()), null, "nothing takes it");
});
