import type { Page } from "playwright-core";

/** Writes a text on the page of a rung, in the place of what stands there. */
export async function write(page: Page, text: string): Promise<void> {
  const content = page.locator("#rung-editor .cm-content");
  await content.click();
  await page.keyboard.press("Control+a");
  await content.evaluate((one, pasted) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData("text/plain", pasted);
    one.dispatchEvent(new ClipboardEvent("paste", { clipboardData, bubbles: true, cancelable: true }));
  }, text);
}

/** What stands on the page of a rung. */
export async function written(page: Page): Promise<string> {
  await page.locator("#rung-editor .cm-content").waitFor();
  return page.locator("#rung-text").evaluate((area) => (area as HTMLTextAreaElement).value);
}

/** Checks with the keys, and says whether the answer passed. */
export async function check(page: Page): Promise<boolean> {
  const answered = page.waitForResponse((response) => response.url().endsWith("/mark"));
  await page.keyboard.press("Control+Enter");
  await answered;
  await page.waitForFunction(() => (document.querySelector("#rung-why")?.textContent ?? "") !== "");
  return page.locator("#rung-verdict").evaluate((one) => one.hasAttribute("data-passed"));
}

export async function verdict(page: Page): Promise<string> {
  return (await page.textContent("#rung-why")) ?? "";
}
