import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { ADDRESS, assertAccessible, open, shut, signIn, troubles, type Page } from "./support.ts";

let page: Page;
before(async () => {
  page = await open();
});
after(async () => {
  await shut();
  assert.deepEqual(troubles, []);
});

async function desk(query: string): Promise<void> {
  await page.goto(`${ADDRESS}/`);
  await page.click('[data-name]:text-is("Dahlia bed")');
  await page.waitForURL(/programs/);
  await page.goto(`${page.url().replace(/\?.*/, "")}?${query}`);
}

for (const theme of ["light", "dark", "contrast"]) {
  test(`axe finds nothing on any page: ${theme}`, async () => {
    const accessible = (what: string): Promise<void> => assertAccessible(page, what, theme !== "light");
    await page.context().clearCookies();
    await page.context().addCookies([{ name: "scrivlet_theme", value: theme, url: ADDRESS }]);
    await page.goto(`${ADDRESS}/sign-in`);
    await accessible("signing in");
    await signIn(page);
    await accessible("shelf");
    await page.locator("[data-program] summary").first().click();
    await accessible("shelf with a menu");
    for (const query of ["view=both&text=python", "view=blocks", "view=text&text=cpp", "view=both&text=all"]) {
      await desk(query);
      await page.click("#to-end");
      await page.waitForTimeout(150);
      await accessible(query);
    }
    await desk("view=both&text=python");
    await page.locator("#blocks").focus();
    await page.keyboard.press("Shift+ArrowUp");
    await accessible("rows chosen");
    await page.keyboard.press("Escape");
    await page.keyboard.press("Enter");
    await accessible("list of rows");
    await page.keyboard.press("Escape");
    await page.locator(".blank.colour").click();
    await accessible("a blank being filled");
    await page.keyboard.press("Escape");
    await page.click("#history");
    await page.locator("#history-dialog li").first().waitFor();
    await accessible("history");
    await page.keyboard.press("Escape");
    await page.goto(`${ADDRESS}/programs/999999`);
    await accessible("not found");
  });
}

test("the interface and the blocks speak French", async () => {
  await page.context().clearCookies();
  await signIn(page);
  await page.locator('summary[aria-label="Settings"]').click();
  await page.click('button[value="fr"]');
  await page.locator("#new-program:has-text('Nouveau programme')").waitFor();
  await desk("view=both&text=python");
  assert.match((await page.locator("#blocks").textContent())!, /quand le programme démarre/);
  assert.equal(await page.getAttribute("html", "lang"), "fr");
});

test("the type grows and shrinks with one number, and the pages stay level", async () => {
  await page.context().clearCookies();
  await signIn(page);
  const heights: number[] = [];
  for (const size of ["1", "3", "5"]) {
    await page.context().addCookies([{ name: "scrivlet_size", value: size, url: ADDRESS }]);
    await desk("view=both&text=python");
    const [block, text] = await page.evaluate(() =>
      ['#blocks > li[data-key$="head/0"]', 'ol[data-page="python"] > li[data-key$="head/0"]'].map((one) => {
        const all = [...document.querySelectorAll(one)];
        return all[all.length - 1]!.getBoundingClientRect();
      }),
    );
    assert.equal(Math.round(block!.top), Math.round(text!.top));
    heights.push(block!.height);
  }
  assert.ok(heights[0]! < heights[1]! && heights[1]! < heights[2]!);
});
