import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { test } from "node:test";
import { assertAccessible, edit, newProgram, page, rowsOf, session, settled, textOf } from "./support.ts";

session();

const typed = () => page.evaluate(() => document.querySelector<HTMLElement>("#typed .cm-content")!.innerText);

/** Opens the text page for writing, with all that stands there chosen. */
async function write(address: string, language: string): Promise<void> {
  await page.goto(`${address}?view=both&text=${language}`);
  await page.locator("#write:enabled").waitFor();
  await page.keyboard.press("F2");
  await page.locator("#typed .cm-content").waitFor();
  await page.keyboard.press("Control+a");
}

/** Puts a text where the caret is and waits until it is read. */
async function put(text: string): Promise<void> {
  await edit(page, () => page.keyboard.insertText(text));
}

const programs: [string, string, string, string][] = [
  [
    "python",
    'from scrivlet import nib\n\nfor side in range(4):\n    nib.forward(50)\n    nib.left(90)\nprint("done")\n',
    "nib.forward(50)",
    "nib.fowrard(50)",
  ],
  [
    "javascript",
    'import { nib } from "./scrivlet.js";\n\nfor (let side = 0; side < 4; side++) {\n  nib.forward(50);\n  nib.left(90);\n}\nconsole.log("done");\n',
    "nib.forward(50)",
    "nib.fowrard(50)",
  ],
  [
    "cpp",
    '#include "scrivlet.hpp"\n\nint main() {\n  for (int side = 0; side < 4; side++) {\n    nib.forward(50);\n    nib.left(90);\n  }\n  cout << "done" << endl;\n}\n',
    "nib.forward(50)",
    "nib.fowrard(50)",
  ],
];

for (const [language, program, right, wrong] of programs) {
  test(`a program is typed in ${language}, broken, mended and run`, async () => {
    await write(await newProgram(page), language);
    await put(program);
    const rows = [
      "when the program starts",
      "repeat 4 times",
      "go forward 50 steps",
      "turn left 90 degrees",
      "print done",
    ];
    assert.deepEqual(await rowsOf(page), rows);
    await page.click("#run");
    await page.locator("#printout", { hasText: "done" }).waitFor();

    await page.locator("#typed .cm-content").click();
    await page.keyboard.press("Control+a");
    await put(program.replace(right, wrong));
    assert.match(await page.locator("#mistakes li").innerText(), /fowrard.*forward/s);
    assert.equal(await page.locator("#typed .wrong").innerText(), "fowrard");
    assert.equal(await page.locator(".spine .has-mistake").count(), 1);
    assert.equal((await rowsOf(page)).length, rows.length, "only the broken line is an unread row");
    await edit(page, () => page.locator("#mistakes [data-mend]").click());
    assert.deepEqual(await rowsOf(page), rows);
    assert.equal(await page.locator("#mistakes").isVisible(), false);
  });
}

test("what is hardly meant is said beside a program that runs, and leads to its line", async () => {
  await write(await newProgram(page), "python");
  await put('age = input("Age? ")\nif age > 12:\n    print("old")\n');
  const hint = page.locator("#hints [data-jump]");
  await hint.waitFor();
  assert.match(await hint.innerText(), /line 2/);
  assert.equal(await page.locator("#mistakes").isVisible(), false);
  assert.equal(await page.locator(".spine .has-mistake").count(), 0, "nothing is marked as wrong");
  await hint.click();
  await page.waitForFunction(() => {
    const at = getSelection()?.anchorNode;
    const line = (at instanceof Element ? at : at?.parentElement)?.closest(".cm-line");
    return line?.textContent === "if age > 12:";
  });
  await page.keyboard.press("Control+a");
  await put('age = int(input("Age? "))\nif age > 12:\n    print("old")\n');
  await page.locator("#hints").waitFor({ state: "hidden" });
});

test("views and languages are changed with a mistake inside, and not a letter is lost", async () => {
  const address = await newProgram(page);
  const text = "from scrivlet import nib\n\nx  =  3   # odd\n\nif x > 2\n\tnib.dot( x )\n\nprint('it')\n";
  await write(address, "python");
  await put(text);
  for (const where of ["view=blocks", "view=text&text=cpp", "view=both&text=all", "view=both&text=javascript"]) {
    await page.goto(`${address}?${where}`);
  }
  await page.goto(`${address}?view=both&text=python`);
  assert.equal(await textOf(page, "python"), text.trim());
  const file = await page.request.get(`${new URL(address, page.url()).href}/text/python`);
  assert.equal(await file.text(), text);
});

test("an edit of a block changes its line alone in what was typed", async () => {
  await write(await newProgram(page), "python");
  await put("from scrivlet import nib\n\nnib.forward( 10 )  # out\nnib.left(90)   # turn\n");
  await page.locator('#blocks > li:has-text("turn left") .blank').first().click();
  await page.fill("#filler", "45");
  await edit(page, () => page.press("#filler", "Enter"));
  assert.match(await typed(), /nib\.forward\( 10 \) {2}# out\nnib\.left\(45\) {3}# turn/);
});

test("what is typed without a connection is kept and sent later", async () => {
  await write(await newProgram(page), "python");
  await put("print(1)\n");
  await page.context().setOffline(true);
  await page.keyboard.insertText("print(2)\n");
  await page.locator("#saved[data-trouble]").waitFor();
  await page.context().setOffline(false);
  await settled(page);
  assert.equal((await rowsOf(page)).length, 3);
});

test("the page for writing is accessible", async () => {
  await write(await newProgram(page), "python");
  await put("print(1\n");
  await assertAccessible(page, "writing");
});

/** What a variable holds at the moment that is shown. */
const valueOf = (name: string) =>
  page.evaluate((name) => {
    const row = [...document.querySelectorAll("#values tr")].find((one) => one.firstElementChild!.textContent === name);
    return row ? row.lastElementChild!.textContent!.replace(/^.* → /, "") : null;
  }, name);

test("the values of each moment are those that python3 has then, forward and back", async () => {
  const program = [
    "beds = [3, 1, 2]",
    "for last in range(2, 0, -1):",
    "    for at in range(last):",
    "        if beds[at] > beds[at + 1]:",
    "            beds[at], beds[at + 1] = beds[at + 1], beds[at]",
    "beds.append(7)",
    "plan = {'x': 1}",
    "plan['y'] = [2]",
    "plan['y'].append(5)",
    "plan['x'] = 'bean'",
    "beds.pop()",
    "",
  ].join("\n");
  await write(await newProgram(page), "python");
  await put(program);
  const watch = `import sys
seen = {}
def look(frame, event, what):
    for name in ("beds", "plan"):
        if name in frame.f_locals and seen.setdefault(name, [])[-1:] != [repr(frame.f_locals[name])]:
            seen[name].append(repr(frame.f_locals[name]))
    return look
sys.settrace(look)
exec(compile(sys.stdin.read(), "beds.py", "exec"), {})
sys.settrace(None)
import json
print(json.dumps(seen))`;
  const there = JSON.parse(execFileSync("python3", ["-c", watch], { input: program, encoding: "utf8" })) as Record<
    string,
    string[]
  >;
  await page.click("#to-end");
  await page.locator("#values tr", { hasText: "plan" }).waitFor();
  const length = Number(await page.locator("#moment").getAttribute("max"));
  for (const back of [false, true]) {
    const here: Record<string, string[]> = {};
    for (let step = 0; step <= length; step++) {
      await page.locator("#moment").fill(String(back ? length - step : step));
      for (const name of ["beds", "plan"]) {
        const value = await valueOf(name);
        if (value !== null && here[name]?.[here[name].length - 1] !== value) (here[name] ??= []).push(value);
      }
    }
    for (const name of ["beds", "plan"])
      assert.deepEqual(back ? here[name]!.reverse() : here[name], there[name], `${name}, ${back ? "back" : "forward"}`);
  }
});

test("the heads of the pages stay above a long text, and a first letter at its end moves nothing", async () => {
  await write(await newProgram(page), "python");
  await put(`${Array.from({ length: 120 }, (_, line) => `print(${line})`).join("\n")}\n`);
  await page.keyboard.press("Control+End");
  await edit(page, () => page.keyboard.press("Enter"));
  const places = () =>
    page.evaluate(() => {
      const spread = document.querySelector("#spread")!;
      const heads = [...spread.querySelectorAll(".head")].filter((head) => head.checkVisibility());
      return {
        scrolled: spread.scrollTop,
        top: spread.getBoundingClientRect().top,
        heads: heads.map((head) => head.getBoundingClientRect().top),
      };
    });
  // The editor brings the caret into sight when it next measures, not at the key.
  await page.waitForFunction(() => {
    const line = document.querySelector("#typed .cm-line:last-child")?.getBoundingClientRect();
    return line !== undefined && line.bottom <= document.querySelector("#spread")!.getBoundingClientRect().bottom;
  });
  const before = await places();
  assert.ok(before.scrolled > 2000, `scrolled by ${before.scrolled}`);
  assert.deepEqual(new Set(before.heads), new Set([before.top]));
  await edit(page, () => page.keyboard.type("p"));
  await page.locator(".cm-tooltip-autocomplete li").first().waitFor();
  assert.equal((await places()).scrolled, before.scrolled);
  const list = await page.locator(".cm-tooltip-autocomplete").boundingBox();
  assert.ok(list && list.y > before.top && list.y + list.height < 800, `the list is at ${JSON.stringify(list)}`);
});

test("at the first line the list is in sight as well", async () => {
  await write(await newProgram(page), "python");
  await page.keyboard.type("pr");
  await page.locator(".cm-tooltip-autocomplete li").first().waitFor();
  await page.waitForTimeout(300);
  const list = await page.locator(".cm-tooltip-autocomplete").boundingBox();
  assert.ok(list && list.y > 80 && list.y + list.height < 800, `the list is at ${JSON.stringify(list)}`);
});
