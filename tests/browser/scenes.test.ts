import assert from "node:assert/strict";
import { test } from "node:test";
import { ADDRESS, assertAccessible, edit, newProgram, page, rowsOf, session, settled, textOf } from "./support.ts";

session();

/** Opens a demo program, with Python beside the blocks, and shows its end at once. */
async function demo(name: string, text = "python"): Promise<void> {
  await page.goto(`${ADDRESS}/`);
  await page.click(`[data-name]:text-is("${name}")`);
  await page.waitForURL(/programs/);
  await page.goto(`${page.url().replace(/\?.*/, "")}?view=both&text=${text}`);
}

const message = (): Promise<string | null> => page.locator("#run-message").textContent();
const toEnd = async (): Promise<void> => {
  await page.click("#to-end");
  await page.waitForFunction(() =>
    /step (\d+) of \1\b/.test(document.querySelector("#moment-text")?.textContent ?? ""),
  );
};

test("the plot: a run on one layout and on all, a step back, goals reached", async () => {
  await demo("To the gate");
  assert.equal(await page.locator("#layouts button").count(), 4);
  await page.click("#layouts button:nth-child(2)");
  await toEnd();
  await page.locator("#goals [data-met=yes]").waitFor();
  const place = await page.locator("#values tr:has-text('barrow place') td:last-child").textContent();
  for (let step = 0; step < 3; step++) await page.click("#step-back");
  assert.notEqual(await page.locator("#values tr:has-text('barrow place') td:last-child").textContent(), place);
  assert.ok((await page.locator("#sheet line[data-key]").count()) > 3);
  await page.click("#run-all");
  await page.waitForFunction(() => document.querySelectorAll("#layouts [data-met=yes]").length === 4);
  await assertAccessible(page, "plot");
});

test("the barrow bumps: the row is marked and the message says why", async () => {
  await newProgram(page);
  await page.selectOption("#scene", "plot");
  await page.waitForSelector('.stock[data-entry="barrow.step"]');
  await edit(page, () => page.click('.stock[data-entry="forever"]'));
  await edit(page, () => page.click('.stock[data-entry="barrow.step"]'));
  await toEnd();
  assert.match((await message())!, /bumped into a hedge.*RuntimeError/);
  assert.equal(await page.locator("#blocks .failed").count(), 1);
});

test("a layout is drawn with the mouse and with keys, and a wrong one is explained", async () => {
  await demo("Seedling row");
  await page.click("#edit-layouts");
  await page.click("#layout-add");
  const map = page.locator("#layout-map");
  await page.click('#layout-tools [aria-label="gate"]');
  await map.locator('[data-cell="7,1"]').click();
  await map.focus();
  await page.keyboard.press("ArrowLeft");
  await page.keyboard.press("o");
  await page.waitForFunction(() =>
    /#>::::oG#/.test(document.querySelector<HTMLTextAreaElement>("#layout-text")!.value),
  );
  await assertAccessible(page, "layout editor");
  await page.fill("#layout-text", (await page.inputValue("#layout-text")).replace(">", "."));
  await page.click("#layout-form [type=submit]");
  await page.waitForFunction(() => /no barrow/.test(document.querySelector("#layout-trouble")?.textContent ?? ""));
  await page.fill("#layout-text", (await page.inputValue("#layout-text")).replace("#.:", "#>:"));
  await edit(page, () => page.click("#layout-form [type=submit]"));
  await page.waitForFunction(() => document.querySelectorAll("#layouts button").length === 3);
  await page.click("#layouts button:nth-child(3)");
  await toEnd();
  assert.match((await message())!, /stone/);
});

test("the lantern: presses while it runs by mouse and by keys, recorded, edited and replayed", async () => {
  await demo("Visitors at the gate");
  await page.click("#run");
  await page.waitForFunction(() => document.querySelector("#run-message")?.textContent?.includes("waits"));
  const visitors = page.locator("#values tr:has-text('visitors') td:last-child");
  const round = page.locator('[data-press="round"]');
  await round.click();
  await page.waitForFunction(() => /visitors\s*(0 → )?1/.test(document.querySelector("#values")?.textContent ?? ""));
  await round.focus();
  await page.keyboard.press("Space");
  await page.waitForFunction(() => /visitors\s*(1 → )?2/.test(document.querySelector("#values")?.textContent ?? ""));
  assert.match(await page.inputValue("#signals"), /press round\n.*release round\n.*press round/);
  await page.fill("#signals", "1 tap round\n2 tap round\n3 tap square\n4 tap round\n");
  await page.locator("#signals").blur();
  await toEnd();
  assert.match((await visitors.textContent())!, /1$/);
  await page.fill("#signals", "1 tap nothing\n");
  await page.locator("#signals").blur();
  await page.waitForFunction(() => /Line 1/.test(document.querySelector("#run-message")?.textContent ?? ""));
  await assertAccessible(page, "lantern");
});

test("a pattern is put together lamp by lamp", async () => {
  await demo("Dusk and dawn");
  await page.locator(".blank.pattern").first().click();
  await page.locator(".lamps button").nth(1).click();
  await page.keyboard.press("Alt+ArrowRight");
  await page.keyboard.press("Alt+ArrowRight");
  await page.keyboard.press("Alt+Space");
  await edit(page, () => page.keyboard.press("Enter"));
  assert.match(await textOf(page, "python"), /"###\.\.\.\.\.#/);
});

test("one program in both idioms, and a chain of messages as functions", async () => {
  await demo("Visitors at the gate");
  await edit(page, () => page.check("#asks"));
  const loop = await textOf(page, "python");
  assert.match(loop, /while True:\n    if lantern\.tapped\("round"\):/);
  assert.ok(!loop.includes("when_tapped"));
  await edit(page, () => page.uncheck("#asks"));
  assert.match(await textOf(page, "python"), /when_tapped\("round", on_round\)/);
  await demo("Morning bells", "javascript");
  await edit(page, () => page.click('[data-chain="functions"]'));
  assert.match(await textOf(page, "javascript"), /await water\(\);\nawait weed\(\);\nrest\(\);/);
  await edit(page, () => page.click("#undo"));
  await edit(page, () => page.click('[data-chain="sequence"]'));
  assert.ok(!(await textOf(page, "javascript")).includes("function"));
  await edit(page, () => page.click("#undo"));
});

test("the lawn: sockets and text follow each other, a run with sensors", async () => {
  await demo("Leaf piles");
  await toEnd();
  await page.waitForFunction(() => document.querySelectorAll("#goals [data-met=yes]").length === 2);
  await page.click('#sockets [aria-label="Plug something into socket 6"]');
  await page.selectOption("#plug-kind", "lamp");
  await page.fill("#plug-name", "eye");
  await page.click("#plug-form [type=submit]");
  await page.waitForFunction(() => (document.querySelector("#plug-trouble")?.textContent ?? "") !== "");
  await page.fill("#plug-name", "glow");
  await assertAccessible(page, "plugging in");
  await edit(page, () => page.click("#plug-form [type=submit]"));
  assert.match(await textOf(page, "python"), /glow = Lamp\(6\)/);
  await page.keyboard.press("F2");
  await page.locator("#typed .cm-content").waitFor();
  await page.locator("#typed .cm-line", { hasText: "glow" }).click();
  await page.keyboard.press("End");
  await page.keyboard.press("ArrowLeft");
  await edit(page, async () => {
    await page.keyboard.press("Backspace");
    await page.keyboard.type("7");
  });
  await settled(page);
  await page.waitForFunction(() => /7\s*glow/.test(document.querySelector("#sockets")?.textContent ?? ""));
  await assertAccessible(page, "lawn");
});

test("the printout asks, is answered while it runs, and beforehand", async () => {
  await demo("Seed order");
  await page.fill("#pace", "10");
  await page.click("#run");
  await page.fill("#answer", "Juniper");
  await page.press("#answer", "Enter");
  await page.waitForFunction(() => /How many/.test(document.querySelector("#printout")?.textContent ?? ""));
  await page.fill("#answer", "12");
  await page.press("#answer", "Enter");
  await page.waitForFunction(() => /Juniper pays 36/.test(document.querySelector("#printout")?.textContent ?? ""));
  await page.click("#beforehand summary");
  await page.fill("#answers", "Rowan\n2\n");
  await page.locator("#answers").blur();
  await toEnd();
  assert.match((await page.locator("#printout").textContent())!, /Rowan pays 6$/);
  await assertAccessible(page, "printout");
});

test("breakpoints stop a run, a call is stepped over, what was not taken is dimmed", async () => {
  await demo("Two rows of beans");
  await page.locator("ol[data-numbers] li", { hasText: /^5$/ }).click();
  await page.fill("#pace", "9");
  await page.click("#run");
  // It goes no farther, however long one waits, and the row has not run yet.
  await page.locator("#spread .break.ahead").first().waitFor();
  assert.equal(await page.locator("#spread .break.now").count(), 0);
  await page.waitForFunction(() => document.querySelector("#play use")!.getAttribute("href") === "#i-play");
  assert.match((await page.locator("#values").textContent())!, /plant_row/);
  await page.locator("ol[data-numbers] li", { hasText: /^5$/ }).click();
  await page.click("#to-start");
  await page.click("#step");
  assert.match((await page.locator("#blocks .now").textContent())!, /plant_row/);
  await page.click("#step-over");
  assert.match((await page.locator("#blocks .now").textContent())!, /turn the barrow right/);
  await demo("To the gate");
  await toEnd();
  assert.ok((await page.locator("#blocks .untaken").count()) > 0);
  assert.ok((await page.locator("#blocks [data-truth]").count()) >= 3);
});

test("same or not: with another language, and with an earlier version, side by side", async () => {
  await demo("Seedling row");
  await page.click("#compare");
  await page.selectOption("#compare-with", "language:cpp");
  await page.click("#compare-form [type=submit]");
  await page.waitForFunction(() => document.querySelectorAll("#compare-result [data-met=yes]").length >= 2);
  await page.keyboard.press("Escape");
  await edit(page, () => page.click('.stock[data-entry="barrow.turn_left"]'));
  await page.click("#compare");
  await page.locator("#compare-with").waitFor();
  const version = await page.locator('#compare-with option[value^="version:"]').first().getAttribute("value");
  await page.selectOption("#compare-with", version!);
  await page.click("#compare-form [type=submit]");
  await page.waitForFunction(() => document.querySelectorAll("#compare-result figure").length >= 3);
  await assertAccessible(page, "not the same");
  await page.keyboard.press("Escape");
  assert.ok((await rowsOf(page)).includes("turn the barrow left"));
  await edit(page, () => page.click("#undo"));
});
