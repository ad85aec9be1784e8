import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import {
  assertAccessible,
  edit,
  newProgram,
  open,
  rowsOf,
  shut,
  signIn,
  textOf,
  troubles,
  type Page,
} from "./support.ts";

let page: Page;

before(async () => {
  page = await open({ viewport: { width: 1024, height: 768 }, hasTouch: true, isMobile: true });
  await signIn(page);
});
after(async () => {
  await shut();
  assert.deepEqual(troubles, []);
});

test("a program is built, changed and run by fingers alone", async () => {
  await newProgram(page);
  await page.tap("#open-drawer");
  await edit(page, () => page.tap('.stock[data-entry="repeat"]'));
  await page.tap("#open-drawer");
  await edit(page, () => page.tap('.stock[data-entry="nib.forward"]'));
  await page.tap("#spread", { position: { x: 400, y: 400 } });
  await page.tap('#blocks .blank[data-slot="times"]');
  const stepper = page.locator('.steppers [aria-label="1 more"]');
  assert.ok((await stepper.boundingBox())!.height >= 44, "large enough for a finger");
  await stepper.tap();
  await stepper.tap();
  await edit(page, () => page.tap("#spread", { position: { x: 400, y: 400 } }));
  assert.deepEqual((await rowsOf(page)).slice(1), ["repeat 6 times", "go forward 50 steps"]);
  await page.tap("#run");
  await page.waitForFunction(() => /step \d+ of/.test(document.querySelector("#moment-text")?.textContent ?? ""));
  await assertAccessible(page, "desk under fingers");
});

test("command keys are there for fingers, and write", async () => {
  await newProgram(page);
  await page.tap("#write");
  await page.locator(".cm-content").tap();
  const strip = page.locator("#command-keys");
  await strip.locator("button").first().waitFor();
  assert.ok((await strip.locator("button").first().boundingBox())!.height >= 44);
  await strip.locator('button:text-is("print")').tap();
  await edit(page, () => page.keyboard.insertText('"pea"'));
  assert.equal(await textOf(page, "python"), 'print("pea")');
});

test("the lectern is led by fingers: a line is touched, the next one pressed, lines covered", async () => {
  const address = await newProgram(page);
  await page.tap("#open-drawer");
  await edit(page, () => page.tap('.stock[data-entry="nib.forward"]'));
  await page.tap("#open-drawer");
  await edit(page, () => page.tap('.stock[data-entry="nib.left"]'));
  await page.goto(`${address}/lectern?text=javascript`);
  await page.locator(".lectern-line[data-text]").nth(1).tap();
  await page.waitForFunction(() => /^Go forward/.test(document.querySelector("#lectern-plain")?.textContent ?? ""));
  await page.tap('[data-do="next"]');
  await page.waitForFunction(() => /^Turn left/.test(document.querySelector("#lectern-plain")?.textContent ?? ""));
  await page.tap('[data-do="back"]');
  await page.tap('[data-do="cover"]');
  assert.equal(await page.locator("[data-covered]").count(), 1);
});
