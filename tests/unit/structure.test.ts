import assert from "node:assert/strict";
import { readdirSync, readFileSync } from "node:fs";
import { posix } from "node:path";
import { test } from "node:test";

/** The modules of the browser's code, and which each of them takes something from, types included. */
function imports(): Map<string, string[]> {
  const found = new Map<string, string[]>();
  for (const file of readdirSync("assets", { recursive: true, encoding: "utf8" })) {
    if (!file.endsWith(".ts") || file.endsWith(".d.ts")) continue;
    const name = file.replace(/\.ts$/, "");
    const text = readFileSync(`assets/${file}`, "utf8");
    const taken = [...text.matchAll(/(?:from|import\() ?"(\.[^"]+)"/g)].map(([, path]) =>
      posix.join(posix.dirname(name), path!).replace(/scenes$/, "scenes/index"),
    );
    found.set(
      name,
      taken.filter((one) => !one.endsWith(".css")),
    );
  }
  return found;
}

test("modules take from each other one way only", () => {
  const all = imports();
  const open: string[] = [];
  const done = new Set<string>();
  const visit = (name: string): void => {
    assert.ok(!open.includes(name), `a circle: ${[...open.slice(open.indexOf(name)), name].join(" → ")}`);
    if (done.has(name)) return;
    open.push(name);
    for (const next of all.get(name) ?? assert.fail(`${name} is no module`)) visit(next);
    open.pop();
    done.add(name);
  };
  for (const name of all.keys()) visit(name);
  assert.ok(done.size > 30);
});

test("what the server sends has its names in one module, which takes from none", () => {
  assert.deepEqual(imports().get("desk/types"), []);
});
