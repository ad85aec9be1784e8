import assert from "node:assert/strict";
import { test } from "node:test";
import { edit, fillBlank, newProgram, open, page, rowsOf, session, settled, signIn, textOf } from "./support.ts";

session();

const stock = (entry: string) => page.locator(`.stock[data-entry="${entry}"]`);
const column = () => page.locator("#blocks");

test("a square is built with the mouse, and its text follows in three languages", async () => {
  const address = await newProgram(page);
  await edit(page, () => stock("repeat").click());
  await edit(page, () => stock("nib.forward").click());
  await edit(page, () => stock("nib.left").click());
  assert.deepEqual(await rowsOf(page), [
    "when the program starts",
    "repeat 4 times",
    "go forward 50 steps",
    "turn left 90 degrees",
  ]);
  assert.equal(
    await textOf(page, "python"),
    "from scrivlet import nib\n\nfor turn in range(4):\n    nib.forward(50)\n    nib.left(90)",
  );
  await fillBlank(page, "go forward", "steps", "12 * 5");
  assert.match(await textOf(page, "python"), /nib\.forward\(12 \* 5\)/);
  assert.equal(await page.locator('#blocks .blank[data-slot="steps"]').textContent(), "12 × 5");

  await page.goto(`${address}?text=all`);
  assert.match(
    await textOf(page, "javascript"),
    /for \(let turn = 0; turn < 4; turn\+\+\) \{\n {4}nib\.forward\(12 \* 5\);/,
  );
  assert.match(await textOf(page, "cpp"), /int main\(\) \{\n {4}for \(int turn = 0; turn < 4; turn\+\+\) \{/);
  const tops = await page.$$eval('#spread [data-key$=":head/0"]', (lines) => {
    const byKey: Record<string, number[]> = {};
    for (const line of lines)
      (byKey[(line as HTMLElement).dataset.key!] ??= []).push(Math.round(line.getBoundingClientRect().top));
    return Object.values(byKey);
  });
  assert.ok(tops.length >= 4);
  for (const row of tops) assert.equal(new Set(row).size, 1, "a row stands at one height on every page");
});

test("rows are dragged to where they may go, and nowhere else", async () => {
  await newProgram(page);
  for (const entry of ["nib.lift", "repeat", "nib.forward"]) await edit(page, () => stock(entry).click());
  const handle = (words: string) => page.locator(`#blocks > li:has-text("${words}") .margin`);
  const drag = async (from: ReturnType<typeof handle>, to: { x: number; y: number }) => {
    await from.scrollIntoViewIfNeeded();
    const box = (await from.boundingBox())!;
    await page.mouse.move(box.x + 8, box.y + 12);
    await page.mouse.down();
    await page.mouse.move(box.x + 30, box.y + 30, { steps: 3 });
    await page.mouse.move(to.x, to.y, { steps: 5 });
    await page.mouse.up();
  };
  const forward = (await page.locator('#blocks > li:has-text("go forward")').boundingBox())!;
  await edit(page, () => drag(handle("lift the nib"), { x: forward.x + 60, y: forward.y + forward.height }));
  assert.deepEqual((await rowsOf(page)).slice(1), ["repeat 4 times", "go forward 50 steps", "lift the nib"]);
  assert.match(await textOf(page, "python"), /:\n {4}nib\.forward\(50\)\n {4}nib\.lift\(\)$/);

  await edit(page, () => drag(stock("break"), { x: forward.x + 60, y: forward.y - 30 }));
  assert.equal((await rowsOf(page))[2], "leave the loop", "inside of the loop it finds the nearest place");
  await edit(page, () => page.click("#undo"));

  const before = await rowsOf(page);
  const loop = (await page.locator('#blocks > li:has-text("repeat")').boundingBox())!;
  await drag(handle("repeat"), { x: loop.x + 90, y: loop.y + loop.height * 2.2 });
  await page.waitForTimeout(200);
  assert.deepEqual(await rowsOf(page), before, "a loop does not go into itself");
  await drag(handle("go forward"), { x: 1200, y: 400 });
  assert.deepEqual(await rowsOf(page), before, "beside the page nothing is dropped");
});

test("everything by keys: build, fill, select, wrap, switch off, move, copy, undo and redo", async () => {
  await newProgram(page);
  await column().focus();
  const insert = async (words: string) => {
    await page.keyboard.press("Enter");
    await page.keyboard.type(words);
    await edit(page, () => page.keyboard.press("Enter"));
  };
  await insert("let");
  await page.locator("#filler").waitFor();
  await page.keyboard.type("side");
  await edit(page, () => page.keyboard.press("Tab"));
  await page.keyboard.type("60");
  await edit(page, () => page.keyboard.press("Enter"));
  await insert("forward");
  await page.locator("#filler").waitFor();
  await page.keyboard.type("side * 2");
  await edit(page, () => page.keyboard.press("Enter"));
  await insert("turn left");
  await page.locator("#filler").waitFor();
  await page.keyboard.press("Escape");
  assert.deepEqual((await rowsOf(page)).slice(1), [
    "let side be 60",
    "go forward side × 2 steps",
    "turn left 90 degrees",
  ]);

  await page.keyboard.press("Shift+ArrowUp");
  await page.keyboard.press("Shift+ArrowUp");
  assert.equal(await page.locator("#blocks .selected").count(), 2);
  await page.keyboard.press("Enter");
  await page.keyboard.type("wrap");
  await page.keyboard.press("Enter");
  await page.keyboard.type("repeat");
  await edit(page, () => page.keyboard.press("Enter"));
  assert.equal((await rowsOf(page))[2], "repeat 4 times");
  assert.match(await textOf(page, "python"), /range\(4\):\n {4}nib\.forward\(side \* 2\)\n {4}nib\.left\(90\)/);

  await edit(page, () => page.keyboard.press("Control+d"));
  assert.equal((await rowsOf(page)).length, 8);
  await edit(page, () => page.keyboard.press("Control+/"));
  assert.match(await textOf(page, "python"), /\n# for turn in range\(4\):\n# {5}nib\.forward/);
  await edit(page, () => page.keyboard.press("Alt+ArrowUp"));
  assert.match(await textOf(page, "python"), /\n {4}# for turn2 in range/, "the next place up is the end of the loop");
  await edit(page, () => page.keyboard.press("Control+x"));
  assert.equal((await rowsOf(page)).length, 5);
  await edit(page, () => page.keyboard.press("Control+v"));
  assert.equal((await rowsOf(page)).length, 8);

  const end = await rowsOf(page);
  let undone = 0;
  while (await page.locator("#undo:not([disabled])").count()) {
    await edit(page, () => page.keyboard.press("Control+z"));
    undone++;
  }
  assert.ok(undone >= 10);
  assert.deepEqual(await rowsOf(page), ["when the program starts"]);
  for (let again = 0; again < undone; again++) await edit(page, () => page.keyboard.press("Control+y"));
  assert.deepEqual(await rowsOf(page), end);
  await page.reload();
  assert.deepEqual(await rowsOf(page), end, "all is as it was left");
});

test("a wrong value is explained in its blank, and nothing is lost", async () => {
  await newProgram(page);
  await edit(page, () => stock("nib.forward").click());
  for (const [value, message] of [
    ["", /needs something/],
    ["sied * 2", /no variable sied/],
    ["(1 + 2", /no partner/],
    ['"ten"', /needs a number/],
    ["1e999", /too large/],
    ["9".repeat(21000), /too long/],
    ["<script>alert(1)</script>", /can’t read|needs a number|no variable/],
  ] as const) {
    await page.locator('.blank[data-slot="steps"]').click();
    await page.fill("#filler", value);
    await page.press("#filler", "Enter");
    await page.locator(".filler .refusal").waitFor();
    assert.match((await page.locator(".filler .refusal").textContent())!, message);
    assert.equal(await page.inputValue("#filler"), value, "what was typed is still there");
    await page.keyboard.press("Escape");
    assert.equal(await page.locator('.blank[data-slot="steps"]').textContent(), "50");
  }
  for (const [value, shown] of [
    ["1e308", "1.0e+308"],
    ["-0", "0"],
    ["-12", "-12"],
  ] as const) {
    await fillBlank(page, "go forward", "steps", value);
    assert.equal(await page.locator('.blank[data-slot="steps"]').textContent(), shown);
  }
  await edit(page, () => stock("print").click());
  await fillBlank(page, "print", "value", "<script>alert(1)</script>");
  assert.equal(
    await textOf(page, "python"),
    'from scrivlet import nib\n\nnib.forward(-12)\nprint("<script>alert(1)</script>")',
  );
});

test("branches, functions, and taking a loop away around its rows", async () => {
  await newProgram(page);
  await edit(page, () => stock("define").click());
  await fillBlank(page, "define", "name", "petal");
  await fillBlank(page, "define", "parameters", "size, angle");
  await edit(page, () => stock("nib.forward").click());
  await fillBlank(page, "go forward", "steps", "size");
  await column().click({ position: { x: 200, y: 560 } });
  await edit(page, () => stock("call.petal").click());
  assert.match(
    await textOf(page, "python"),
    /def petal\(size, angle\):\n {4}nib\.forward\(size\)\n\n\npetal\(10, 10\)/,
  );
  await edit(page, () => stock("if").click());
  await edit(page, () => stock("nib.appear").click());
  await edit(page, () => stock("otherwise").click());
  await fillBlank(page, "if", "condition0", "1 < 2 and not false");
  assert.match(await textOf(page, "python"), /if 1 < 2 and not False:\n {4}nib\.appear\(\)\nelse:\n {4}pass/);
  await page.locator('#blocks > li:has-text("otherwise") .words').click();
  await edit(page, () => page.locator('.actions [data-action="delete"]').click());
  await page.locator('#blocks > li[data-row]:has-text("if") .words').first().click();
  await edit(page, () => page.locator('.actions [data-action="unwrap"]').click());
  assert.deepEqual((await rowsOf(page)).slice(-2), ["do petal : size 10, angle 10", "the nib appears"]);
  await page.locator('#blocks > li:has-text("define") .words').first().click();
  await page.keyboard.press("Delete");
  await page.waitForFunction(() => /still called/.test(document.querySelector("#here")?.textContent ?? ""));
});

test("pointing finds the row, its lines and what it drew", async () => {
  await newProgram(page, "all");
  await page.goto(page.url().replace("text=all", "text=python"));
  await edit(page, () => stock("nib.forward").click());
  await edit(page, () => stock("nib.left").click());
  await page.locator('ol[data-page="python"] > li:has-text("left")').hover();
  assert.equal(
    await page
      .locator("#blocks > li.lit")
      .textContent()
      .then((text) => text!.replace(/\s+/g, " ").trim()),
    "turn left 90 degrees",
  );
  await page.locator("#sheet line[data-key]").waitFor({ state: "attached" });
  await page.locator("#sheet line[data-key]").dispatchEvent("pointerover", { bubbles: true });
  assert.match((await page.locator("#blocks > li.lit").textContent())!, /go forward/);
  await column().focus();
  await page.keyboard.press("ArrowUp");
  assert.match((await page.locator('ol[data-page="python"] > li.lit').textContent())!, /forward/);
});

test("a program is run step by step, forward and back", async () => {
  await newProgram(page);
  await edit(page, () => stock("set").click());
  await fillBlank(page, "let", "value", "10");
  await edit(page, () => stock("repeat").click());
  await edit(page, () => stock("nib.forward").click());
  await fillBlank(page, "go forward", "steps", "size");
  await edit(page, () => stock("change").click());
  await fillBlank(page, "change", "amount", "5");
  await edit(page, () => stock("print").click());
  await fillBlank(page, "print", "value", "size");
  await page.click("#to-end");
  await page.waitForFunction(() => document.querySelector("#printout")?.textContent === "15\n20\n25\n30");
  assert.equal(await page.locator("#sheet line[data-key]").count(), 4);
  await page.click("#to-start");
  assert.equal(await page.locator("#sheet line[data-key]").count(), 0);
  for (let step = 0; step < 4; step++) await page.click("#step");
  assert.match((await page.locator("#values").textContent())!, /size10 → 15/);
  assert.match((await page.locator("#blocks > li.now").textContent())!, /change/);
  assert.match((await page.locator(".spine li.now").textContent())!, /\d+/);
  await page.click("#step-back");
  assert.match((await page.locator("#values").textContent())!, /size10nib/);
  assert.match((await page.locator('ol[data-page="python"] > li.now').textContent())!, /nib\.forward\(size\)/);
  await page.locator("#moment").fill("7");
  assert.match((await page.locator("#moment-text").textContent())!, /7/);
  await page.click("#run");
  await page.locator("#pace").fill("10");
  await page.waitForFunction(() => document.querySelector("#printout")?.textContent === "15\n20\n25\n30");
});

test("an endless program is cut, and a mistake names its row", async () => {
  await newProgram(page);
  await edit(page, () => stock("forever").click());
  await edit(page, () => stock("nib.left").click());
  await page.click("#to-end");
  await page.waitForFunction(() =>
    /cut after \d{5,6} steps/.test(document.querySelector("#run-message")?.textContent ?? ""),
  );
  await newProgram(page);
  await edit(page, () => stock("print").click());
  await fillBlank(page, "print", "value", "1 / 0");
  await page.click("#to-end");
  await page.waitForFunction(() =>
    /^“print 1 ÷ 0”: You can’t divide by zero/.test(document.querySelector("#run-message")?.textContent ?? ""),
  );
  assert.match((await page.locator("#blocks > li.failed").textContent())!, /print/);
});

test("two windows never overwrite each other, and both versions can be kept", async () => {
  const address = await newProgram(page);
  const second = await page.context().newPage();
  await second.goto(`${address}?view=both&text=python`);
  await edit(page, () => stock("nib.lift").click());
  await second.locator('.stock[data-entry="nib.vanish"]').click();
  await second.locator("#conflict-dialog[open]").waitFor();
  await second.click("#conflict-copy");
  await second.waitForURL((url) => url.pathname !== new URL(address).pathname);
  assert.deepEqual(await rowsOf(second), ["when the program starts", "the nib vanishes"]);
  await page.reload();
  assert.deepEqual(await rowsOf(page), ["when the program starts", "lift the nib"]);
  await second.goto(address);
  await edit(page, () => stock("nib.appear").click());
  await second.locator('.stock[data-entry="nib.vanish"]').click();
  await second.click("#conflict-newer");
  await second.waitForLoadState();
  await second.locator('#blocks > li:has-text("the nib appears")').waitFor();
  await second.close();
});

test("what is typed while the connection is gone arrives when it is back", async () => {
  await newProgram(page);
  await page.context().setOffline(true);
  await stock("nib.lift").click();
  await page.waitForFunction(() => /No connection/.test(document.querySelector("#saved")?.textContent ?? ""));
  await page.context().setOffline(false);
  await settled(page);
  assert.deepEqual(await rowsOf(page), ["when the program starts", "lift the nib"]);
});

test("the history is looked at and gone back to", async () => {
  await newProgram(page);
  await edit(page, () => stock("nib.lift").click());
  await edit(page, () => stock("nib.lower").click());
  await page.click("#history");
  await page.locator("#history-dialog li").first().waitFor();
  assert.equal(await page.locator("#history-dialog li").count(), 3);
  const second = page.locator('#history-dialog li:has([data-return="2"])');
  await second.locator("summary").click();
  await second.locator("input[name=name]").fill("One row");
  await second.locator("form button").click();
  await second.locator("b").waitFor();
  assert.equal(await second.locator("b").textContent(), "One row");
  await edit(page, () => page.click('[data-return="2"]'));
  assert.deepEqual(await rowsOf(page), ["when the program starts", "lift the nib"]);
  await edit(page, () => page.click("#undo"));
  assert.equal((await rowsOf(page)).length, 3, "going back can be undone");
});

test("an expression is put together with the mouse", async () => {
  await newProgram(page);
  await edit(page, () => stock("set").click());
  await edit(page, () => stock("nib.forward").click());
  await page.locator('.blank[data-slot="steps"]').click();
  await page.fill("#filler", "");
  await page.locator('.options [role="option"]:has-text("size")').click();
  await settled(page);
  await page.waitForFunction(() => document.querySelector('.blank[data-slot="steps"]')?.textContent === "size");
  await page.locator('.blank[data-slot="steps"]').click();
  await page.locator('.signs button:text-is("×")').click();
  await page.keyboard.type("3");
  await edit(page, () => page.keyboard.press("Enter"));
  assert.match(await textOf(page, "python"), /nib\.forward\(size \* 3\)/);
});

test("the list at the caret offers what fits there and nothing else", async () => {
  await newProgram(page);
  await column().focus();
  const offered = async (words: string) => {
    await page.keyboard.press("Enter");
    await page.keyboard.type(words);
    const options = await page.$$eval('.picker [role="option"]:not([aria-disabled])', (all) =>
      all.map((one) => one.textContent),
    );
    await page.keyboard.press("Escape");
    return options;
  };
  assert.ok(!(await offered("leave the loop")).includes("leave the loop"));
  assert.deepEqual(await offered("otherwise"), []);
  assert.deepEqual(await offered("give back"), []);
  await edit(page, () => stock("forever").click());
  await edit(page, () => stock("if").click());
  assert.equal((await offered("leave the loop"))[0], "leave the loop");
  assert.deepEqual(await offered("otherwise"), ["otherwise", "otherwise, if …"]);
  assert.deepEqual(await offered("give back"), []);
});

test("Backspace at the beginning of a loop takes only the loop away, behind a row the row", async () => {
  await newProgram(page);
  await edit(page, () => stock("repeat").click());
  await edit(page, () => stock("nib.lift").click());
  await edit(page, () => stock("nib.lower").click());
  await column().focus();
  await page.keyboard.press("Home");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await edit(page, () => page.keyboard.press("Backspace"));
  assert.deepEqual((await rowsOf(page)).slice(1), ["lift the nib", "lower the nib"]);
  await page.keyboard.press("End");
  await edit(page, () => page.keyboard.press("Backspace"));
  assert.deepEqual((await rowsOf(page)).slice(1), ["lift the nib"]);
  await page.keyboard.press("Home");
  await page.keyboard.press("ArrowDown");
  await edit(page, () => page.keyboard.press("Delete"));
  assert.deepEqual((await rowsOf(page)).slice(1), []);
});

test("several rows are dragged together, and copied into another program", async () => {
  await newProgram(page);
  for (const entry of ["nib.lift", "nib.lower", "repeat"]) await edit(page, () => stock(entry).click());
  await page.locator('#blocks > li:has-text("lift the nib") .words').click();
  await page.keyboard.press("Shift+ArrowDown");
  const from = (await page.locator('#blocks > li:has-text("lower the nib") .margin').boundingBox())!;
  const to = (await page.locator('#blocks > li:has-text("nothing yet")').boundingBox())!;
  await page.mouse.move(from.x + 8, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 40, from.y + 40, { steps: 3 });
  await page.mouse.move(to.x + 60, to.y + 2, { steps: 5 });
  assert.match((await page.locator(".ghost").textContent())!, /lift the nib \+ 1/);
  await edit(page, () => page.mouse.up());
  assert.match(await textOf(page, "python"), /range\(4\):\n {4}nib\.lift\(\)\n {4}nib\.lower\(\)$/);
  await page.locator('#blocks > li:has-text("repeat") .words').first().click();
  const copied = page.waitForResponse(/\/rows\?ids=/);
  await page.keyboard.press("Control+c");
  await copied;
  await page.waitForFunction(() => localStorage.getItem("scrivlet-clipboard")?.includes("lift"));
  // The system takes it a moment later.
  await page.waitForTimeout(300);
  await newProgram(page);
  await column().focus();
  await edit(page, () => page.keyboard.press("Control+v"));
  assert.deepEqual((await rowsOf(page)).slice(1), ["repeat 4 times", "lift the nib", "lower the nib"]);
});

test("a variable with values of two kinds is explained for C++", async () => {
  await newProgram(page, "cpp");
  await edit(page, () => stock("set").click());
  await edit(page, () => stock("set").click());
  await page.locator('.blank[data-slot="variable"]').nth(1).click();
  await page.fill("#filler", "size");
  await edit(page, () => page.press("#filler", "Enter"));
  await page.locator('.blank[data-slot="value"]').nth(1).click();
  await page.fill("#filler", "large");
  await edit(page, () => page.press("#filler", "Enter"));
  assert.match((await page.locator("#mixed").textContent())!, /size holds values of several kinds/);
  await edit(page, () => page.click("#undo"));
  assert.equal(await page.locator("#mixed").textContent(), "");
});

test("blocks alone, both, or text alone; the arrows walk a text line by line", async () => {
  const address = await newProgram(page);
  await edit(page, () => stock("nib.forward").click());
  await page.click("header nav >> text=Blocks");
  assert.equal(await page.locator(".script-page").count(), 0);
  await page.click("header nav >> text=Text");
  assert.equal(await page.locator("#blocks").count(), 0);
  assert.match(await textOf(page, "python"), /nib\.forward\(50\)/);
  await page.locator(".column.code").focus();
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  await page.keyboard.press("ArrowDown");
  assert.match((await page.locator(".code > li.lit").textContent())!, /forward/);
  await page.goto(address);
  assert.equal(await page.locator("#blocks").count(), 0, "what was open last is open again");
  await page.click("header nav >> text=Both");
});

test("edits that a closed window left behind are sent by the next one", async () => {
  const address = await newProgram(page);
  const doomed = await page.context().newPage();
  await doomed.goto(`${address}?view=both&text=python`);
  await doomed.route("**/edits", (route) => route.abort());
  await doomed.locator('.stock[data-entry="nib.lift"]').click();
  await doomed.waitForFunction(() => /No connection/.test(document.querySelector("#saved")?.textContent ?? ""));
  await doomed.close();
  await page.evaluate(() => {
    const key = Object.keys(localStorage).find((one) => one.startsWith("scrivlet-unsent"))!;
    localStorage.setItem(key, JSON.stringify({ ...JSON.parse(localStorage.getItem(key)!), at: 0 }));
  });
  await page.reload();
  await settled(page);
  assert.deepEqual(await rowsOf(page), ["when the program starts", "lift the nib"]);
});

test("after signing in again the page goes on with what was typed", async () => {
  const own = await open();
  await signIn(own);
  const address = await newProgram(own);
  let old = true;
  await own.route("**/edits", (route) => {
    const answer = old ? route.fulfill({ status: 403, body: "" }) : route.continue();
    old = false;
    return answer;
  });
  // The row is there at once; the page is loaded again when the server has not taken it, and has it still.
  const again = own.waitForEvent("load");
  await own.locator('.stock[data-entry="nib.vanish"]').click();
  await again;
  await own.locator('#blocks > li:has-text("the nib vanishes")').waitFor();
  await settled(own);
  assert.equal(own.url().replace(/\?.*/, ""), address);
  assert.deepEqual(await rowsOf(own), ["when the program starts", "the nib vanishes"]);
  await own.close();
});
