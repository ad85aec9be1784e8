import assert from "node:assert/strict";
import { test } from "node:test";
import { ADDRESS, assertAccessible, edit, newProgram, page, session } from "./support.ts";

session();

const lit = () => page.locator('.lectern-line[aria-current="step"]');
const number = async (): Promise<string> => (await lit().locator(".lectern-number").textContent())!;
const shown = (text: RegExp): Promise<unknown> =>
  page.waitForFunction(
    (one) => new RegExp(one).test(document.querySelector("#lectern-plain")?.textContent ?? ""),
    text.source,
  );

async function square(): Promise<string> {
  const address = await newProgram(page);
  await edit(page, () => page.click('.stock[data-entry="repeat"]'));
  await edit(page, () => page.click('.stock[data-entry="nib.forward"]'));
  await edit(page, () => page.click('.stock[data-entry="nib.left"]'));
  await page.goto(`${address}/lectern?text=python`);
  await lit().waitFor();
  return address;
}

test("line by line by a clicker's keys: the row, its plain words, and what it does in the scene", async () => {
  await square();
  assert.equal(await number(), "1");
  await page.keyboard.press("PageDown");
  await shown(/^Repeat the 2 lines below 4 times\.$/);
  assert.equal(await number(), "3");
  await page.keyboard.press("ArrowRight");
  await shown(/^Go forward by 50 steps\.$|^Go forward 50 steps\.$/);
  await page.waitForFunction(() => document.querySelectorAll("#sheet line, #sheet path").length > 0);
  await page.waitForFunction(() => /step 2 of/.test(document.querySelector("#lectern-moment")?.textContent ?? ""));
  await page.keyboard.press("PageUp");
  assert.equal(await number(), "3");
  await page.keyboard.press("End");
  assert.equal(await number(), "5");
  await page.keyboard.press(" ");
  await page.waitForFunction(() => /step 4 of/.test(document.querySelector("#lectern-moment")?.textContent ?? ""));
  assert.equal(await number(), "3", "the lit line goes along with the run");
  await assertAccessible(page, "lectern");
});

test("lines are covered and uncovered, and the language changes on the way", async () => {
  await square();
  await page.keyboard.press("PageDown");
  await page.keyboard.press("c");
  assert.equal(await page.locator("[data-covered]").count(), 2);
  await assertAccessible(page, "lectern, covered");
  await page.keyboard.press("2");
  await page.locator('#lectern-lines[data-language="javascript"]').waitFor();
  assert.match((await lit().locator("code").textContent())!, /^for \(let/);
  assert.equal(await page.locator("[data-covered]").count(), 2, "what is covered stays covered");
  await page.keyboard.press("u");
  assert.equal(await page.locator("[data-covered]").count(), 1);
  await page.keyboard.press("c");
  assert.equal(await page.locator("[data-covered]").count(), 0);
  await page.locator('button[data-language="cpp"]').click();
  await page.locator(".lectern-line code", { hasText: /^int main\(\) \{$/ }).waitFor();
});

test("the text is written out, held, finished and left; the program is built up row by row", async () => {
  await square();
  await page.keyboard.press("w");
  await page.waitForFunction(() =>
    document.querySelector(".lectern-line[data-text] code")?.textContent?.startsWith("from"),
  );
  assert.ok((await page.locator("[data-unwritten]").count()) > 0);
  await page.keyboard.press(" ");
  const held = await page.locator(".lectern-line[data-text] code").first().textContent();
  await page.waitForTimeout(300);
  assert.equal(await page.locator(".lectern-line[data-text] code").first().textContent(), held);
  await page.keyboard.press("PageDown");
  assert.equal(await page.locator(".lectern-line[data-text] code").first().textContent(), "from scrivlet import nib");
  await page.waitForFunction(
    () => document.querySelector('[aria-current="step"] .lectern-number')?.textContent === "3",
  );
  await page.keyboard.press("Escape");
  assert.equal(await page.locator("[data-unwritten]").count(), 0);
  assert.equal(await page.locator(".lectern-line[data-text]").count(), 4);
  await page.keyboard.press("Home");
  await page.keyboard.press("b");
  assert.equal(await page.locator(".lectern-line[data-text]:visible").count(), 1);
  await page.keyboard.press("PageDown");
  assert.equal(await page.locator(".lectern-line[data-text]:visible").count(), 2);
});

test("a light follows the pointer, a pen draws, a clicker's black covers all, and Escape leads to the desk", async () => {
  const address = await square();
  await page.keyboard.press("l");
  await page.mouse.move(400, 300);
  assert.ok(await page.locator("#lectern-light").isVisible());
  await page.keyboard.press("Escape");
  assert.ok(await page.locator("#lectern-light").isHidden());
  await page.keyboard.press("d");
  await page.mouse.move(300, 300);
  await page.mouse.down();
  await page.mouse.move(400, 320);
  await page.mouse.up();
  assert.equal(await page.locator("#lectern-ink path").count(), 1);
  await page.keyboard.press("x");
  assert.equal(await page.locator("#lectern-ink path").count(), 0);
  await page.keyboard.press("d");
  await page.keyboard.press(".");
  assert.ok(await page.locator("#lectern-curtain").isVisible());
  await page.keyboard.press(".");
  await page.locator(".lectern-line[data-text]").nth(2).click();
  assert.equal(await number(), "4");
  await page.keyboard.press("Escape");
  await page.waitForURL(address);
});

test("lines are large enough for the last row, also where a program is long, empty or broken", async () => {
  await page.setViewportSize({ width: 1920, height: 1080 });
  await page.goto(`${ADDRESS}/`);
  await page.click('[data-name]:text-is("Sunflower")');
  await page.waitForURL(/programs/);
  await page.goto(`${page.url().replace(/\?.*/, "")}/lectern`);
  await lit().waitFor();
  const size = await page.locator("#lectern-lines").evaluate((one) => parseFloat(getComputedStyle(one).fontSize));
  assert.ok(size >= 36, `${size} px at 1920`);
  assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth));
  await page.setViewportSize({ width: 1280, height: 800 });
  const small = await page.locator("#lectern-lines").evaluate((one) => parseFloat(getComputedStyle(one).fontSize));
  assert.ok(small >= 24, `${small} px at 1280`);
  const address = await newProgram(page);
  await page.goto(`${address}/lectern`);
  await page.keyboard.press("PageDown");
  await page.keyboard.press("w");
  await page.goto(`${address}?view=both&text=python`);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type("print(1\nprint(2)");
  await page.waitForTimeout(1500);
  await page.goto(`${address}/lectern`);
  await page.keyboard.press("PageDown");
  await page.locator("#lectern-trouble:not(:empty)").waitFor();
  assert.match((await page.locator("#lectern-plain").textContent())!, /\S/);
});
