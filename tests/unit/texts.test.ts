import assert from "node:assert/strict";
import { test } from "node:test";
import { difference, fit, replaced } from "../../assets/desk/texts";

test("the difference of two texts makes one of the other", () => {
  const words = [
    "",
    "a",
    "aa",
    "ab",
    "aba",
    "pea\n",
    "pea\npea\n",
    "ééé",
    "🌱🌱",
    "x = 1\nprint(x)\n",
    "x = 12\nprint(x)\n",
  ];
  for (const old of words)
    for (const fresh of words) {
      const { from, oldEnd, newEnd } = difference(old, fresh);
      assert.equal(old.slice(0, from) + fresh.slice(from, newEnd) + old.slice(oldEnd), fresh);
      assert.ok(from <= oldEnd && from <= newEnd);
      if (old === fresh) assert.equal(from, old.length, "nothing differs");
    }
});

test("stretches are replaced wherever they stand, in whatever order they are named", () => {
  const changes = [
    { from: 0, to: 1, text: "long" },
    { from: 4, to: 4, text: "+" },
    { from: 2, to: 3, text: "" },
  ];
  for (const order of [changes, [...changes].reverse()]) assert.equal(replaced("abcde", order), "longbd+e");
  assert.equal(replaced("abc", []), "abc");
});

test("an option fits without accents and capitals, by all of its words, the closest first", () => {
  assert.equal(fit("répéter", "Repeter"), 0);
  assert.equal(fit("répéter sans fin", "rép"), 1);
  assert.equal(fit("go forward … steps", "steps forward"), 2);
  assert.equal(fit("go back", "move", "nib.move_to"), 2);
  assert.equal(fit("go back", "forward"), null);
  assert.equal(fit("go back", ""), 1);
});
