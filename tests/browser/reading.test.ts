import assert from "node:assert/strict";
import { test } from "node:test";
import { assertAccessible, edit, newProgram, page, session } from "./support.ts";

session();

const stock = (entry: string) => page.locator(`.stock[data-entry="${entry}"]`);
const reads = (words: RegExp): Promise<unknown> =>
  page.waitForFunction(
    (one) => new RegExp(one).test(document.querySelector("#plain")?.textContent ?? ""),
    words.source,
  );

async function square(text = "python"): Promise<string> {
  const address = await newProgram(page, text);
  for (const entry of ["repeat", "nib.forward", "nib.left"]) await edit(page, () => stock(entry).click());
  return address;
}

test("the piece that is pointed at is read out, in a blank and in a text", async () => {
  await square();
  await page.hover('#blocks .blank[data-slot="times"]');
  await reads(/^4\.$/);
  await page.hover("#blocks > li:has-text('turn left') .words >> nth=0");
  await reads(/^Turn left/);
  await page.evaluate(() => {
    const line = [...document.querySelectorAll('ol[data-page="python"] li')].find((one) =>
      one.textContent!.includes("range"),
    )!;
    const range = document.createRange();
    range.setStart(line.querySelector(".t-f")!.firstChild!, 0);
    range.setEnd(line.querySelector(".t-n")!.nextSibling!, 1);
    getSelection()!.removeAllRanges();
    getSelection()!.addRange(range);
  });
  await reads(/^The numbers from 0 until 4/);
});

test("a column of plain words stands level with the lines, and stays when the page is loaded again", async () => {
  await square();
  await page.click("#plain-column");
  const column = page.locator("#plain-page li", { hasText: "Repeat the 2 lines below 4 times." });
  await column.waitFor();
  const line = await page.locator('ol[data-page="python"] li', { hasText: /^for / }).boundingBox();
  assert.ok(Math.abs((await column.boundingBox())!.y - line!.y) < 1);
  // A sentence is there to its last word, and what stands below it stays level as well.
  const cut = await page.$$eval("#plain-page li", (lines) => lines.filter((one) => one.scrollWidth > one.clientWidth));
  assert.deepEqual(cut, []);
  const last = await page.locator("#plain-page li", { hasText: "Turn left" }).boundingBox();
  const below = await page.locator('ol[data-page="python"] li', { hasText: "left" }).boundingBox();
  assert.ok((await column.boundingBox())!.height > 40 && Math.abs(last!.y - below!.y) < 1);
  await assertAccessible(page, "plain words column");
  await edit(page, () => stock("nib.lift").click());
  await page.locator("#plain-page li", { hasText: "Lift the nib." }).waitFor();
  await page.reload();
  await page.locator("#plain-page li", { hasText: "Lift the nib." }).waitFor();
  await page.click("#plain-column");
});

test("both pages tell how much they take, and what only the text says is marked on request", async () => {
  await square("cpp");
  await page.locator('[data-count="blocks"]', { hasText: /rows 3 · pieces 6/ }).waitFor();
  assert.match((await page.textContent('[data-count="cpp"]'))!, /^lines 7 · signs \d+$/);
  assert.equal(await page.locator(".glance .x").count(), 0);
  await page.click('[data-glance="cpp"]');
  assert.deepEqual(await page.locator(".glance .x").allTextContents(), ["int", "int"]);
  await assertAccessible(page, "marked text");
});

test("the history and a comparison tell in plain words what changed", async () => {
  await square();
  await page.click("#history");
  await page.locator("#history-dialog [data-changes]").first().click();
  await page.locator("#history-dialog [data-change=new]", { hasText: /Turn left/ }).waitFor();
  assert.equal(await page.locator("#history-dialog [data-change=gone]").count(), 0);
  await assertAccessible(page, "changes in the history");
  await page.keyboard.press("Escape");
  await page.click("#compare");
  await page.locator("#compare-with").selectOption({ index: 3 });
  await page.click("#compare-dialog form:not([method=dialog]) [type=submit]");
  await page.locator("[data-changes] td", { hasText: /\.$/ }).first().waitFor();
  await page.keyboard.press("Escape");
});

test("columns are drawn to any width by mouse and keys and remembered, and long lines are broken with their rows level", async () => {
  await newProgram(page);
  const width = async (one: string): Promise<number> => (await page.locator(one).boundingBox())!.width;
  const before = await width(".script-page");
  await page.focus("#split-pages");
  for (let press = 0; press < 8; press++) await page.keyboard.press("ArrowRight");
  const narrow = await width(".script-page");
  assert.ok(narrow < before - 40, `${narrow} < ${before}`);
  const line = (await page.locator("#split-stage").boundingBox())!;
  await page.mouse.move(line.x + 4, line.y + 300);
  await page.mouse.down();
  await page.mouse.move(line.x - 150, line.y + 300, { steps: 4 });
  await page.mouse.up();
  const stage = await width(".stage");
  assert.ok(stage > 450);
  await page.reload();
  assert.ok(Math.abs((await width(".stage")) - stage) < 3);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await edit(page, () => page.keyboard.insertText(`print("${"a bed of beans and ".repeat(12)}")\nprint(2)\n`));
  await page.click("#write");
  await page.click("#wrap-lines");
  await page.waitForFunction(() => document.querySelectorAll("#spread .line[style*=height]").length >= 3);
  const rows = await page.locator("#blocks > li", { hasText: "print 2" }).boundingBox();
  const text = await page.locator('ol[data-page="python"] li', { hasText: "print(2)" }).boundingBox();
  assert.ok(Math.abs(rows!.y - text!.y) < 1, "rows stay level");
  await page.click("#wrap-lines");
  await page.evaluate(() => localStorage.clear());
});
