import assert from "node:assert/strict";
import { test } from "node:test";
import { ADDRESS, assertAccessible, edit, newProgram, page, rowsOf, session, settled, textOf } from "./support.ts";

session();

const stock = (entry: string) => page.locator(`.stock[data-entry="${entry}"]`);
const leaf = () => page.locator("#reference-dialog");

test("F1 tells of the row, its example runs in the card and is put in", async () => {
  await newProgram(page);
  await edit(page, () => stock("repeat").click());
  await page.keyboard.press("F1");
  await leaf().locator('[data-card="repeat"]').waitFor();
  await leaf().locator("[data-run-example]").click();
  await leaf().locator("#reference-outcome svg").waitFor();
  await assertAccessible(page, "reference");
  await leaf().locator("#reference-find").fill("how many");
  await leaf().locator('[data-key="operation.length"]').click();
  await leaf().locator('[data-card="operation.length"]').waitFor();
  await leaf().locator("[data-run-example]").click();
  await page.waitForFunction(() => document.querySelector("#reference-outcome [data-printed]")?.textContent === "3\n");
  await edit(page, () => leaf().locator("[data-put-in]").click());
  assert.match(await textOf(page, "python"), /beds = \["pea", "bean", "kale"\]\n\s*print\(len\(beds\)\)/);
  await page.locator("#blocks").focus();
  await edit(page, () => page.keyboard.press("Control+z"));
  assert.doesNotMatch(await textOf(page, "python"), /beds/);
});

test("F1 in the text tells of the word at the caret, and Escape leads back to it", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type("print(max(3, 8))");
  await page.keyboard.press("Escape");
  await page.locator(".cm-content").focus();
  await settled(page);
  await page.waitForFunction(() => document.querySelector("#blocks")?.textContent?.includes("largest"));
  for (let step = 0; step < 8; step++) await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("F1");
  await leaf().locator('[data-card="operation.larger"]').waitFor();
  await page.keyboard.press("Escape");
  await leaf().waitFor({ state: "hidden" });
  assert.ok(await page.locator(".cm-content").evaluate((one) => one === document.activeElement));
});

test("the reference has an address for each entry, is searched without scripts, and knows what it does not know", async () => {
  await page.goto(`${ADDRESS}/reference/nib.ink`);
  await page.locator('[data-card="nib.ink"] dd:has-text("poppy")').waitFor();
  await page.goto(`${ADDRESS}/reference?q=loop`);
  assert.ok((await page.locator('#reference-list [data-key="repeat"]').count()) === 1);
  await page.fill("#reference-find", "xylophone");
  await page.locator("text=Nothing is known by these words").waitFor();
  await page.fill("#reference-find", "say");
  await page.locator('[data-key="print"]').click();
  await page.waitForURL(`${ADDRESS}/reference/print`);
  assert.equal((await page.request.get(`${ADDRESS}/reference/nib.fly`)).status(), 404);
  assert.ok((await page.request.get(`${ADDRESS}/reference/..%2f..%2fetc`)).status() < 500);
  assert.equal((await page.request.get(`${ADDRESS}/reference?q=${"%F0%9F".repeat(200)}`)).status(), 200);
});

test("a capital brings its row, around chosen rows too; typing opens the list and finds people's words", async () => {
  await newProgram(page);
  await page.locator("#blocks").focus();
  await edit(page, () => page.keyboard.press("Shift+R"));
  await page.keyboard.press("Escape");
  await page.locator("#blocks").focus();
  await page.keyboard.type("color");
  await page.locator('#picker-options [aria-selected="true"]:has-text("use ink")').waitFor();
  await edit(page, () => page.keyboard.press("Enter"));
  await page.keyboard.press("Escape");
  await page.locator("#blocks").focus();
  assert.deepEqual((await rowsOf(page)).slice(1), ["repeat 4 times", "use ink plum"]);
  await page.locator('#blocks > li:has-text("use ink")').click({ position: { x: 200, y: 10 } });
  await edit(page, () => page.keyboard.press("i"));
  assert.deepEqual((await rowsOf(page)).slice(1), ["repeat 4 times", "if true", "use ink plum"]);
});

test("the key card shows what may stand at the caret, and is pressed as well", async () => {
  await newProgram(page);
  await page.locator("#blocks").focus();
  await page.keyboard.press("?");
  const card = page.locator("#keys-dialog");
  await card.locator('[data-bring="repeat"]').waitFor();
  assert.equal(await card.locator('[data-bring="break"], [data-bring="otherwise"]').count(), 0);
  await assertAccessible(page, "key card");
  await edit(page, () => card.locator('[data-bring="forever"]').click());
  await page.locator("#blocks").focus();
  await page.keyboard.press("?");
  await card.locator('[data-bring="break"]').waitFor();
  await page.keyboard.press("Escape");
  assert.deepEqual((await rowsOf(page)).slice(1), ["repeat for ever"]);
});

test("every command is found by Ctrl+K, and keys run, step and stop from the editor", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type("nib.forward(50)\nnib.left(90)\nnib.forward(50)");
  await settled(page);
  await page.keyboard.press("F10");
  await page.waitForFunction(() => /^step 1 of 3/.test(document.querySelector("#moment-text")?.textContent ?? ""));
  await page.keyboard.press("F10");
  await page.waitForFunction(() => /^step 2 of 3/.test(document.querySelector("#moment-text")?.textContent ?? ""));
  await page.keyboard.press("Shift+F10");
  await page.waitForFunction(() => /^step 1 of 3/.test(document.querySelector("#moment-text")?.textContent ?? ""));
  await page.keyboard.press("Control+Enter");
  await page.waitForFunction(() => /^step 3 of 3/.test(document.querySelector("#moment-text")?.textContent ?? ""));
  assert.equal(await page.locator(".cm-line").count(), 3, "no line was put in by the key that runs");
  await page.keyboard.press("Control+k");
  await page.keyboard.type("histo");
  await assertAccessible(page, "all commands");
  await page.keyboard.press("Enter");
  await page.locator("#history-dialog[open]").waitFor();
  await page.keyboard.press("Escape");
});

test("Ctrl+A chooses all rows of the body", async () => {
  await newProgram(page);
  for (const entry of ["nib.clear", "nib.lower"]) await edit(page, () => stock(entry).click());
  await page.locator("#blocks").focus();
  await page.keyboard.press("Control+a");
  assert.equal(await page.locator("#blocks > .selected").count(), 2);
  await edit(page, () => page.keyboard.press("Delete"));
  assert.equal((await rowsOf(page)).length, 1);
});
