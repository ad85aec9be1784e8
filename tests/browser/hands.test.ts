import assert from "node:assert/strict";
import { readFile } from "node:fs/promises";
import { test } from "node:test";
import { assertAccessible, edit, newProgram, page, rowsOf, session, settled, textOf } from "./support.ts";

session();

const stock = (entry: string) => page.locator(`.stock[data-entry="${entry}"]`);
const row = (text: string) => page.locator("#blocks > li", { hasText: text }).first();

/** A square of four rows: ink, repeat, forward, left. */
async function square(text = "python"): Promise<string> {
  const address = await newProgram(page, text);
  for (const entry of ["nib.ink", "repeat", "nib.forward", "nib.left"]) await edit(page, () => stock(entry).click());
  return address;
}

/** Writes a row in its place, by mouse. */
async function write(which: string, line: string): Promise<void> {
  await row(which).locator(".margin").click();
  await page.click(".actions [data-action=write]");
  await page.locator("#writer").fill(line);
  await edit(page, () => page.press("#writer", "Enter"));
}

const squares: [string, [string, string][]][] = [
  [
    "python",
    [
      ["use ink", 'nib.ink( "plum" )'],
      ["repeat", "for side in range(2 + 2):"],
      ["go forward", "nib.forward(50)  # along"],
      ["turn left", "nib.left(9 * 10)"],
    ],
  ],
  [
    "cpp",
    [
      ["use ink", 'nib.ink("plum");'],
      ["repeat", "for (int side = 0; side <= 3; side++) {"],
      ["go forward", "nib.forward(50);"],
      ["turn left", "nib.right(-90);"],
    ],
  ],
];
for (const [language, lines] of squares) {
  test(`a square's four rows are written by hand in ${language} one by one, and get four seals`, async () => {
    await square(language);
    for (const [index, [which, line]] of lines.entries()) {
      await write(which, line);
      await page.waitForFunction((count) => document.querySelectorAll("#blocks .seal").length === count, index + 1);
      assert.equal(await page.locator("#ink b").textContent(), `${index + 1}/4`);
    }
    const text = await textOf(page, language);
    for (const [, line] of lines) assert.ok(text.includes(line), text);
    await page.click("#run");
    await page.waitForFunction(() => document.querySelectorAll("#sheet line[data-key]").length === 4);
  });
}

test("a loop's header alone is written by keyboard, its body stays blocks", async () => {
  await square("javascript");
  await page.locator("#blocks").focus();
  await page.keyboard.press("Home");
  // Inside of the program, behind the ink, behind the loop's header.
  for (let down = 0; down < 3; down++) await page.keyboard.press("ArrowDown");
  await row("repeat").locator(".margin").click();
  await page.keyboard.press("Alt+Enter");
  await page.locator("#writer:focus").waitFor();
  assert.equal(await page.locator(".print-through").textContent(), "for (let turn = 0; turn < 4; turn++) {");
  await page.keyboard.type("for (let n = 1; n <= 4; n++) {");
  await edit(page, () => page.keyboard.press("Enter"));
  await page.locator("#blocks .seal").waitFor();
  assert.deepEqual(await rowsOf(page), [
    "when the program starts",
    "use ink plum",
    "for (let n = 1; n <= 4; n++) {",
    "go forward 50 steps",
    "turn left 90 degrees",
  ]);
  assert.match(
    await textOf(page, "javascript"),
    /n <= 4; n\+\+\) \{\n {4}nib\.forward\(50\);\n {4}nib\.left\(90\);\n\}/,
  );
  // The body is still filled in as blocks, and moved.
  await page.locator('#blocks > li:has-text("turn left") .blank').first().click();
  await page.fill("#filler", "120");
  await edit(page, () => page.press("#filler", "Enter"));
  assert.match(await textOf(page, "javascript"), /nib\.left\(120\)/);
  await row("n <= 4").locator(".margin").click();
  await edit(page, () => page.keyboard.press("Alt+ArrowUp"));
  assert.equal((await rowsOf(page))[1], "for (let n = 1; n <= 4; n++) {");
  await edit(page, () => page.keyboard.press("Control+z"));
  assert.equal((await rowsOf(page))[1], "use ink plum");
});

test("a row that does something else is shown beside the printed one, and sealed once it is right", async () => {
  await square();
  await write("turn left", "nib.left(100)");
  const note = page.locator("#partings li");
  await note.waitFor();
  assert.match(await note.innerText(), /nib\.left\(100\).*step 4.*turns to 90°.*turns to 100°/s);
  assert.equal(await page.locator("#blocks .seal").count(), 0);
  await note.locator("button").click();
  const dialog = page.locator("#parting-dialog");
  assert.equal(await dialog.locator("svg.sheet").count(), 2);
  assert.equal(await dialog.locator("svg.sheet line[stroke-linecap], svg.sheet g line[stroke='#84397f']").count(), 2);
  await assertAccessible(page, "two runs side by side");
  await page.keyboard.press("Escape");
  await write("nib.left(100)", "nib.left(90)");
  await page.locator("#blocks .seal").waitFor();
  assert.equal(await page.locator("#partings").isVisible(), false);
});

test("a broken line keeps its place, is marked on the blocks page, and is mended there", async () => {
  await square();
  await write("turn left", "nib.left(90");
  assert.equal(await page.locator("#blocks .typed-line .wrong").innerText(), "(");
  assert.equal(await page.locator("#blocks > .has-mistake").count(), 1);
  assert.equal(await row("go forward").count(), 1);
  await edit(page, () => page.locator("#mistakes [data-mend]").click());
  await page.locator("#blocks .seal").waitFor();
  assert.equal(await page.locator("#typed").isVisible(), false, "the text page is still read");
  // In the view without text, too.
  await write("nib.left(90)", "nib.lefft(90)");
  await page.goto(page.url().replace("view=both", "view=blocks"));
  assert.equal(await page.locator("#blocks .typed-line .wrong").innerText(), "lefft");
  await edit(page, () => page.locator("#mistakes [data-mend]").click());
  await row("nib.left(90)").waitFor();
});

test("several lines stand in one place, and go back to print", async () => {
  await square();
  await row("go forward").locator(".margin").click();
  await page.keyboard.press("Alt+Enter");
  await page.locator("#writer").fill("nib.forward(20)\nnib.forward(30)");
  await edit(page, () => page.press("#writer", "Enter"));
  await page.waitForFunction(() => document.querySelectorAll("#blocks .seal").length === 2);
  assert.match(await textOf(page, "python"), /\n {4}nib\.forward\(20\)\n {4}nib\.forward\(30\)\n/);
  await row("nib.forward(20)").locator(".margin").click();
  await edit(page, () => page.keyboard.press("Alt+c"));
  assert.equal(await row("go forward 20 steps").count(), 1);
  await edit(page, () => page.keyboard.press("Control+z"));
  assert.equal(await row("nib.forward(20)").count(), 1);
  // What is typed and left is not taken.
  await page.keyboard.press("Alt+Enter");
  await page.locator("#writer").fill("print(1)");
  await page.keyboard.press("Escape");
  assert.equal(await page.locator("#writer").count(), 0);
  await settled(page);
  assert.doesNotMatch(await textOf(page, "python"), /print/);
});

test("rows are turned over to code, with blanks that can be filled in", async () => {
  await square();
  await row("go forward").locator(".margin").click();
  await edit(page, () => page.click(".actions [data-action=turn_code]"));
  await page.locator('#blocks > li[data-hand="code"] .blank', { hasText: "50" }).click();
  await page.fill("#filler", "70");
  await edit(page, () => page.press("#filler", "Enter"));
  assert.equal(await row("nib.forward(70)").count(), 1);
  await edit(page, () => page.click("[data-hands=code]"));
  assert.deepEqual(await rowsOf(page), [
    "when the program starts",
    'nib.ink("plum")',
    "for turn in range(4):",
    "nib.forward(70)",
    "nib.left(90)",
  ]);
  await assertAccessible(page, "rows in code");
  await edit(page, () => page.click("[data-hands=words]"));
  assert.equal((await rowsOf(page))[3], "go forward 70 steps");
});

test("a row being written is accessible, in the dark as well", async () => {
  await square();
  await write("turn left", "nib.left(90)");
  await page.locator("#blocks .seal").waitFor();
  await row("go forward").locator(".margin").click();
  await page.keyboard.press("Alt+Enter");
  await page.locator("#writer").waitFor();
  await assertAccessible(page, "writing a row");
  await page.emulateMedia({ colorScheme: "dark" });
  await assertAccessible(page, "writing a row in the dark", true);
  await page.emulateMedia({ colorScheme: null });
  await page.keyboard.press("Escape");
});

test("a copy becomes a text of its own, files are opened and saved by keys", async () => {
  const address = await square();
  // Listened for from the start: the browser has to be told before it opens a dialogue of its own.
  const chosen = page.waitForEvent("filechooser", { timeout: 120_000 });
  await page.click("summary[aria-label='Take away']");
  await page.click("text=A copy as Python text");
  await page.waitForURL((url) => !url.href.startsWith(address) && /programs\/\d+/.test(url.href));
  assert.match(await page.locator("#rename").innerText(), /Python$/);
  assert.match(await textOf(page, "python"), /for turn in range\(4\):\n {4}nib\.forward\(50\)/);
  const [download] = await Promise.all([page.waitForEvent("download"), page.keyboard.press("Control+s")]);
  assert.match(download.suggestedFilename(), /\.py$/);
  const file = await download.path();
  assert.match(await readFile(file, "utf8"), /^from scrivlet import nib\n/);
  // What was typed a moment ago is saved with it.
  await page.keyboard.press("F2");
  await page.locator("#typed .cm-content").waitFor();
  await page.keyboard.press("Control+End");
  await page.keyboard.insertText("# saved at once\n");
  const [fresh] = await Promise.all([page.waitForEvent("download"), page.keyboard.press("Control+s")]);
  assert.match(await readFile(await fresh.path(), "utf8"), /# saved at once\n$/);
  const copy = new URL(page.url()).pathname;
  await page.keyboard.press("Control+o");
  const chooser = await chosen;
  await chooser.setFiles({
    name: "beds.js",
    mimeType: "text/javascript",
    buffer: Buffer.from('console.log("beds");\n'),
  });
  await page.waitForURL((url) => url.pathname !== copy && /programs\/\d+/.test(url.href));
  await page.goto(`${page.url().replace(/\?.*/, "")}?view=both&text=javascript`);
  assert.equal(await textOf(page, "javascript"), 'console.log("beds");');
  await page.goto(`${address}?view=both&text=python`);
  assert.equal((await rowsOf(page)).length, 5, "the block program is as it was");
});

test("what is folded away in the text is folded away beside it", async () => {
  await square("cpp");
  await page.keyboard.press("F2");
  await page.locator("#typed .cm-content").waitFor();
  const visible = (): Promise<string[]> =>
    page.$$eval("#blocks > li[data-row]:not(.folded)", (lines) => lines.map((line) => line.textContent!.trim()));
  assert.equal((await visible()).length, 5);
  await page.locator(".cm-foldGutter .fold-mark").nth(2).click();
  assert.equal((await visible()).length, 3);
  assert.equal(await page.locator(".spine .line.folded").count(), 2);
  await page.locator(".fold-mark.closed").last().click();
  assert.equal((await visible()).length, 5);
});
