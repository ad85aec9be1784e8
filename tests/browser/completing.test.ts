import assert from "node:assert/strict";
import { test } from "node:test";
import { AxeBuilder } from "@axe-core/playwright";
import { assertAccessible, edit, newProgram, page, session, settled } from "./support.ts";

session();

const list = () => page.locator(".cm-tooltip-autocomplete");
const text = async () => (await page.locator(".cm-content").innerText()).replace(/\n+/g, "\n").trimEnd();

/** Types, and waits for the list. */
async function begin(words: string): Promise<void> {
  await page.keyboard.type(words, { delay: 25 });
  await list().waitFor();
  // The editor keeps the keys from a list that has only just come.
  await page.waitForTimeout(150);
}

test("the list opens while typing, Tab takes and leads through the gaps, Enter is the end of the line", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type("seeds = 3");
  await page.keyboard.press("Enter");
  await begin("fo");
  assert.match(await list().innerText(), /for\s*repeat … times/);
  const found = await new AxeBuilder({ page }).analyze();
  assert.deepEqual(
    found.violations.map((one) => one.id),
    [],
  );
  await page.keyboard.press("Tab");
  await page.keyboard.type("bed");
  // Where no list is, Escape would end the gaps.
  await page.waitForTimeout(500);
  if (await list().isVisible()) await page.keyboard.press("Escape");
  await page.keyboard.press("Tab");
  await begin("se");
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  await begin("pri");
  await page.keyboard.press("Tab");
  await begin("be");
  await page.keyboard.press("Tab");
  await page.keyboard.press("Tab");
  assert.equal(await text(), "seeds = 3\nfor bed in range(seeds):\n    print(bed)");

  await page.keyboard.press("Enter");
  await begin("see");
  await page.keyboard.press("Enter");
  assert.equal(await text(), "seeds = 3\nfor bed in range(seeds):\n    print(bed)\n    see");
});

test("Ctrl+Space asks at an empty place, arrows choose, quotes close themselves and are typed over", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type('print("bed")');
  await page.keyboard.press("Enter");
  await page.keyboard.press("Control+Space");
  await list().waitFor();
  await page.waitForTimeout(150);
  await page.keyboard.press("ArrowDown");
  const chosen = await list().locator('[aria-selected="true"] .cm-completionLabel').innerText();
  await page.keyboard.press("Enter");
  await settled(page);
  assert.ok((await text()).startsWith(`print("bed")\n${chosen}`), await text());
});

test("quotes that stand three at a time are typed over one by one", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  for (const line of ['"""The beds of the garden."""', 'x = """"""', "y = ''", "z = '''a''' + 'b'"]) {
    await page.keyboard.type(line);
    await page.keyboard.press("Escape");
    await page.locator(".cm-content").focus();
    await page.keyboard.press("Enter");
  }
  await settled(page);
  assert.equal((await text()).trim(), `"""The beds of the garden."""\nx = """"""\ny = ''\nz = '''a''' + 'b'`);
});

test("a card says what the brackets want, and marks the argument in hand", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type("nib.move_to(3, ");
  const card = page.locator(".argument-card");
  await card.locator('b:text-is("y")').waitFor();
  assert.match(await card.innerText(), /nib\.move_to\(x, y\)\s+steps · The nib goes straight to a place/);
  await page.keyboard.press("Escape");
  await page.keyboard.press("End");
  await card.waitFor({ state: "detached" });
});

test("a line in the making is not scolded before a second has passed or the caret has left it", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  const told = page.locator("#mistakes");
  await page.keyboard.type("print(1");
  await page.keyboard.press("Delete");
  const start = Date.now();
  await page.waitForFunction(() => document.querySelector("#saved")?.textContent === "saved");
  if (Date.now() - start < 700) assert.ok(await told.isHidden());
  await told.waitFor();
  assert.ok(Date.now() - start >= 900);
});

test("a number that its blank does not take is told while it is typed", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type("nib.width(900");
  await page.locator(".argument-card [data-wrong]", { hasText: /900 does not fit: from 0 to 200/ }).waitFor();
  await page.keyboard.press("Backspace");
  await page.locator(".argument-card [data-wrong]").waitFor({ state: "detached" });
});

test("names are in colour once they are known, and in a plain hand until then", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.type("seeds = 4\nprint(seeds)\nprint(sedes)");
  await page.locator(".t-plain", { hasText: "sedes" }).waitFor();
  await settled(page);
  await page.waitForFunction(() => {
    const plain = [...document.querySelectorAll(".t-plain")].map((one) => one.textContent);
    return plain.includes("sedes") && !plain.includes("seeds") && !plain.includes("print");
  });
});

test("command keys write what fits the caret, with its first gap chosen", async () => {
  await newProgram(page);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.click("#show-keys");
  const key = (label: string) => page.locator(`#command-keys button:text-is("${label}")`);
  await key("for").click();
  await page.waitForFunction(() => /for i in range/.test(document.querySelector(".cm-content")?.textContent ?? ""));
  await page.keyboard.press("Tab");
  await page.keyboard.type("3");
  await page.keyboard.press("Tab");
  await key("print").click();
  await page.keyboard.type('"pea"');
  assert.match(await text(), /^for i in range\(3\):\n {4}print\("pea"\)/);
  await page.keyboard.press("Escape");
  await assertAccessible(page, "command keys");
  await page.click("#show-keys");
});

test("a row that is written by hand is completed as well", async () => {
  await newProgram(page);
  await edit(page, () => page.click('.stock[data-entry="set"]'));
  await edit(page, () => page.click('.stock[data-entry="nib.forward"]'));
  await page.keyboard.press("Escape");
  await page.locator('#blocks > li:has-text("go forward") .words').first().click();
  await page.keyboard.press("Alt+Enter");
  const writer = page.locator("#writer");
  await writer.fill("");
  await writer.pressSequentially("nib.forw");
  await page.locator('#writer-options [role=option]:has-text("forward")').waitFor();
  await page.keyboard.press("Tab");
  assert.match(await writer.inputValue(), /^nib\.forward\(/);
  await page.keyboard.type("si");
  await page.locator('#writer-options [role=option]:has-text("size")').waitFor();
  await page.keyboard.press("Tab");
  assert.match(await writer.inputValue(), /^nib\.forward\(size/);
  await assertAccessible(page, "row written by hand, with its list");
  await edit(page, () => page.keyboard.press("Enter"));
  await page.locator('#blocks > li[data-hand] .typed-line:has-text("nib.forward(size)")').waitFor();
});
