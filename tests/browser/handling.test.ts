import assert from "node:assert/strict";
import { test } from "node:test";
import type { Page } from "playwright-core";
import { ADDRESS, assertAccessible, edit, newProgram, page, rowsOf, session, settled, textOf } from "./support.ts";

session();

const stock = (entry: string) => page.locator(`.stock[data-entry="${entry}"]`);
const words = (row: string) => page.locator(`#blocks > li:has-text("${row}") .words`).first();

async function drag(from: { x: number; y: number }, to: { x: number; y: number }): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  await page.mouse.move(from.x + 8, from.y + 8, { steps: 3 });
  await page.mouse.move(to.x, to.y, { steps: 6 });
  await page.mouse.up();
}

const middle = (box: { x: number; y: number; width: number; height: number } | null) => ({
  x: box!.x + Math.min(40, box!.width / 2),
  y: box!.y + box!.height / 2,
});

test("rows are dragged by their words, several at once, and taken away over the drawer", async () => {
  await newProgram(page);
  for (const entry of ["nib.clear", "nib.lower", "nib.lift"]) await edit(page, () => stock(entry).click());
  const last = await page.locator("#blocks > li").last().boundingBox();
  const first = await words("clear the sheet").boundingBox();
  await edit(page, () => drag(middle(first), { x: first!.x, y: last!.y + last!.height - 1 }));
  assert.deepEqual((await rowsOf(page)).slice(1), ["lower the nib", "lift the nib", "clear the sheet"]);
  assert.equal(await page.evaluate(() => getSelection()!.toString()), "", "dragging selects no text");
  await words("lower the nib").click();
  await words("lift the nib").click({ modifiers: ["Shift"] });
  assert.equal(await page.locator("#blocks > .selected").count(), 2);
  const drawer = await page.locator("#drawer").boundingBox();
  await edit(page, async () =>
    drag(middle(await words("lower the nib").boundingBox()), { x: drawer!.x + 60, y: drawer!.y + 300 }),
  );
  assert.deepEqual((await rowsOf(page)).slice(1), ["clear the sheet"]);
});

test("numbers have steppers by mouse and keys, and an open blank leaves its neighbours in sight", async () => {
  await newProgram(page);
  await edit(page, () => stock("nib.move_to").click());
  await page.locator('#blocks .blank[data-slot="x"]').click();
  const filler = await page.locator("#filler").boundingBox();
  const neighbour = await page.locator('#blocks .blank[data-slot="y"]').boundingBox();
  assert.ok(filler!.x + filler!.width <= neighbour!.x + 1, "the neighbour stands beside the open blank");
  await page.locator('.steppers [aria-label="10 more"]').click();
  await page.keyboard.press("Alt+ArrowDown");
  const value = Number(await page.inputValue("#filler"));
  await edit(page, () => page.keyboard.press("Enter"));
  assert.match(await textOf(page, "python"), new RegExp(`move_to\\(${value}, `));
  assert.equal(value % 10, 9);
});

test("typing and rows have one history, from the editor too", async () => {
  await newProgram(page);
  await edit(page, () => stock("nib.clear").click());
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.press("Control+End");
  await edit(page, () => page.keyboard.type("nib.lift()"));
  await settled(page);
  // What was typed slowly, as on a busy machine, goes and comes in several turns.
  const until = async (key: string, text: string, isThere: boolean): Promise<void> => {
    for (let turns = 0; turns < 20; ++turns) {
      await page.keyboard.press(key);
      const came = page.waitForFunction(
        ([what, there]) => document.querySelector(".cm-content")?.textContent?.includes(what) === there,
        [text, isThere] as const,
        { timeout: 2000 },
      );
      if (
        await came.then(
          () => true,
          () => false,
        )
      )
        return;
    }
    assert.fail(`${key}: ${text} is ${isThere ? "not there" : "still there"}`);
  };
  await until("Control+z", "nib.l", false);
  await until("Control+z", "clear", false);
  await settled(page);
  await until("Control+Shift+Z", "clear", true);
  await until("Control+y", "nib.lift()", true);
  await settled(page);
  assert.deepEqual((await rowsOf(page)).slice(1), ["clear the sheet", "lift the nib"]);
});

test("rows are pasted in another window, and the newer clipboard wins", async () => {
  await page.context().grantPermissions(["clipboard-read", "clipboard-write"]);
  await newProgram(page);
  await edit(page, () => stock("nib.clear").click());
  await page.locator("#blocks").focus();
  await page.keyboard.press("Control+c");
  await holds(page, "nib.clear");
  const other = await page.context().newPage();
  await newProgram(other);
  await edit(other, () => other.locator('.stock[data-entry="nib.lower"]').click());
  await other.locator("#blocks").focus();
  await other.keyboard.press("Control+c");
  await holds(other, "nib.lower");
  await page.bringToFront();
  await page.locator("#blocks").focus();
  await edit(page, () => page.keyboard.press("Control+v"));
  assert.deepEqual((await rowsOf(page)).slice(1), ["clear the sheet", "lower the nib"]);
  await other.close();
  await page.route("**/rows?ids=*", async (route) => {
    await new Promise((after) => setTimeout(after, 500));
    await route.continue();
  });
  await page.locator("#blocks").focus();
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("Control+c");
  await edit(page, () => page.keyboard.press("Control+v"));
  await page.unroute("**/rows?ids=*");
  assert.deepEqual(
    (await rowsOf(page)).slice(1),
    ["clear the sheet", "clear the sheet", "lower the nib"],
    "slow network",
  );
});

/** Waits until the clipboard holds a word; a predicate of the page that promises is taken for true at once. */
async function holds(page: Page, word: string): Promise<void> {
  while (!(await page.evaluate(() => navigator.clipboard.readText())).includes(word)) await page.waitForTimeout(50);
}

test("the drawer folds where there is little room, and on the text page a press writes at the caret, with what it needs", async () => {
  const address = await newProgram(page);
  await page.setViewportSize({ width: 1024, height: 768 });
  assert.ok(await page.locator("#drawer").isHidden());
  await page.click("#open-drawer");
  await assertAccessible(page, "drawer over the pages");
  await edit(page, () => stock("nib.clear").click());
  await page.keyboard.press("Escape");
  await page
    .locator("#find-row")
    .focus()
    .catch(() => {});
  await page.goto(`${address}?view=text&text=python`);
  await page.click("#open-drawer");
  await stock("repeat").click();
  await page.waitForFunction(() => document.querySelector(".cm-content")?.textContent?.includes("for i in range(4):"));
  await page.keyboard.press("Tab");
  await page.keyboard.type("7");
  await page.keyboard.press("Tab");
  await page.keyboard.type("wait(1)");
  await settled(page);
  await page.setViewportSize({ width: 1280, height: 800 });
  await newProgram(page, "python");
  await page.goto(`${page.url().replace(/\?.*/, "")}?view=text&text=python`);
  await stock("nib.forward").click();
  await page.waitForFunction(() =>
    /from scrivlet import nib/.test(document.querySelector(".cm-content")?.textContent ?? ""),
  );
  await page.locator("#mistakes").waitFor({ state: "hidden" });
});

test("a new program begins with its scene, an empty page says how, and the first minute is led once", async () => {
  await page.goto(`${ADDRESS}/`);
  await page.evaluate(() => localStorage.removeItem("scrivlet-led"));
  await page.click("#new-program");
  await assertAccessible(page, "choice of a scene");
  await page.click("#new-dialog [value=plot]");
  await page.waitForURL(/programs/);
  await page.goto(`${page.url().replace(/\?.*/, "")}?view=both&text=python`);
  await page.waitForSelector('.stock[data-entry="barrow.step"]');
  assert.ok(await page.locator("#begin").isVisible());
  const led = page.locator("#led");
  await led.locator("text=1 of 3").waitFor();
  await edit(page, () => stock("barrow.step").click());
  await led.locator("text=3 of 3").waitFor();
  assert.ok(await page.locator("#begin").isHidden());
  await page.click("#run");
  await led.locator("text=F1").waitFor();
  await newProgram(page);
  assert.ok(await led.isHidden(), "once");
});

test("notes fold and stay folded, the scene grows, and a layout that fails says why", async () => {
  await newProgram(page);
  await page.selectOption("#scene", "plot");
  await page.waitForSelector('.stock[data-entry="barrow.step"]');
  const values = page.locator("details:has(#values)");
  await values.locator("summary").click();
  await page.reload();
  assert.ok(await page.locator("#values").isHidden());
  await page.locator("details:has(#values) summary").click();
  const before = (await page.locator("#sheet").boundingBox())!.width;
  await page.click("#scene-larger");
  await page.waitForFunction(
    (width) => document.querySelector("#sheet")!.getBoundingClientRect().width > 1.4 * width,
    before,
  );
  await assertAccessible(page, "large scene");
  await page.click("#scene-larger");
  await edit(page, () => stock("forever").click());
  await edit(page, () => stock("barrow.step").click());
  await page.click("#run-all");
  await page.waitForFunction(() => /hedge|bump/i.test(document.querySelector("#layout-why")?.textContent ?? ""));
  await page.setViewportSize({ width: 1920, height: 1080 });
  assert.ok((await page.locator("#sheet").boundingBox())!.width > 450, "at 1920 the scene grows with the window");
  await page.setViewportSize({ width: 1280, height: 800 });
});
