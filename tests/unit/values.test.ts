import assert from "node:assert/strict";
import { test } from "node:test";
import type { Changes } from "../../assets/desk/types";
import { Values } from "../../assets/desk/values";

/** `beds = [1, 2]`, then `beds.append(3)`, then `grow(5)`, in which `seeds` becomes 5 and 6, then back. */
const run: Changes = {
  variables: [
    { name: "beds", function: null },
    { name: "seeds", function: "grow" },
  ],
  functions: ["grow"],
  brackets: { list: ["[", "]"], tuple: ["(", ")"], map: ["{", "}"] },
  heap: [1, 0, "list", 2, ["1", "2"], 2, 0, "append", null, "3"],
  changes: [1, 0, 0, 3, 1, "5", 4, 1, "6"],
  calls: [3, 0, 5, -1],
};
const shown = (values: Values, moment: number): string[] =>
  values.at(moment).values.map(({ name, value }) => `${name}=${value}`);

test("each moment has its own values, forward and back", () => {
  const values = new Values(run);
  const wanted = [
    [],
    ["beds=[1, 2]"],
    ["beds=[1, 2, 3]"],
    ["beds=[1, 2, 3]", "grow · seeds=5"],
    ["beds=[1, 2, 3]", "grow · seeds=6"],
    ["beds=[1, 2, 3]"],
  ];
  for (const moment of [0, 1, 2, 3, 4, 5, 4, 3, 2, 1, 0, 5, 1])
    assert.deepEqual(shown(values, moment), wanted[moment], `${moment}`);
});

test("what a moment changed is told with what it was, and whose call it is", () => {
  const values = new Values(run);
  assert.deepEqual(values.at(2).values[0], { name: "beds", value: "[1, 2, 3]", old: "[1, 2]" });
  assert.equal(values.at(3).values[0]!.old, undefined, "beds stayed as it was");
  assert.deepEqual(values.at(3).calls, ["grow"]);
  assert.deepEqual(values.at(5).calls, []);
});

test("a list that holds itself ends, and long ones are cut", () => {
  const itself = new Values({ ...run, heap: [1, 0, "list", 1, [0]], changes: [1, 0, 0], calls: [] });
  assert.deepEqual(shown(itself, 1), ["beds=[[…]]"]);
  const items = Array.from({ length: 100 }, (_, index) => String(index));
  const long = new Values({ ...run, heap: [1, 0, "list", 5000, items], changes: [1, 0, 0], calls: [] });
  assert.match(shown(long, 1)[0]!, /^beds=\[0, 1, .*, 39, …\] \(5000\)$/);
});
