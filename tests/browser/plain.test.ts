import { test } from "node:test";
import { edit, newProgram, page, session, settled } from "./support.ts";

session();

const plain = (words: string) => page.locator(`#plain:text-is("${words}")`).waitFor({ timeout: 5000 });

test("the line of the caret is read out, on every page, and follows what is changed", async () => {
  const address = await newProgram(page);
  await edit(page, () => page.locator('.stock[data-entry="repeat"]').click());
  await edit(page, () => page.locator('.stock[data-entry="nib.forward"]').click());
  await plain("Go forward 50 steps.");
  await page.hover('#blocks > li:has-text("repeat")');
  await plain("Repeat the line below 4 times.");
  await page.hover('.column.code[data-page="python"] > li:has-text("import")');
  await plain("Bring in scrivlet and nib.");

  await page.goto(`${address}?text=javascript`);
  await page.click("#write");
  await page.locator(".cm-content").click();
  await page.keyboard.press("Control+Home");
  await page.keyboard.press("Control+End");
  await page.keyboard.type("console.log(2 + 3 * 4);");
  await settled(page);
  await page.keyboard.press("ArrowUp");
  await page.keyboard.press("ArrowDown");
  await plain("Print 2 plus 3 times 4.");
});
