import { AxeBuilder } from "@axe-core/playwright";
import assert from "node:assert/strict";
import { after, before } from "node:test";
import { chromium, type Browser, type BrowserContext, type Page } from "playwright-core";

export const ADDRESS = process.env.SCRIVLET_ADDRESS ?? "http://127.0.0.1:8080";

let browser: Browser | null = null;

/** Everything that went wrong in the pages of a test without being asked for. */
export const troubles: string[] = [];

/** What a test broke itself went wrong as it was meant to. */
export function forgive(): void {
  const asked = /status of 50\d|ERR_FAILED/;
  troubles.splice(0, troubles.length, ...troubles.filter((one) => !asked.test(one)));
}

export async function open(options: Parameters<Browser["newContext"]>[0] = {}): Promise<Page> {
  browser ??= await chromium.launch({
    executablePath: "/usr/bin/chromium",
    args: [
      "--no-sandbox",
      "--disable-gpu",
      "--disable-quic",
      "--no-first-run",
      "--disable-background-networking",
      "--disable-component-update",
      "--disable-sync",
    ],
  });
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    acceptDownloads: true,
    ...options,
  });
  if (process.env.SCRIVLET_SLOW) await slow(context, Number(process.env.SCRIVLET_SLOW));
  const page = await context.newPage();
  page.setDefaultTimeout(20000);
  page.on("pageerror", (error) => troubles.push(error.message));
  page.on("console", (message) => {
    if (message.type() === "error" && !/status of (4\d\d)|ERR_INTERNET_DISCONNECTED/.test(message.text()))
      troubles.push(message.text());
  });
  return page;
}

/** Lets the scripts' requests take so many milliseconds more, now less, now up to twice as many. */
export async function slow(context: BrowserContext | Page, milliseconds: number): Promise<void> {
  await context.route(
    (url) => /\/programs\/\d+\/\w/.test(url.pathname),
    async (route) => {
      if (route.request().resourceType() === "fetch")
        await new Promise((later) => setTimeout(later, milliseconds * 2 * Math.random()));
      await route.fallback();
    },
  );
}

/** The page of a file's tests, once their session has begun. */
export let page: Page;

/** One browser and one signed-in page for all tests of a file; nothing may go wrong in it without being asked for. */
export function session(): void {
  before(async () => {
    page = await open();
    await signIn(page);
  });
  after(async () => {
    await shut();
    assert.deepEqual(troubles, []);
  });
}

export async function shut(): Promise<void> {
  await browser?.close();
  browser = null;
}

/** What the browser keeps of those who have signed in, by whom. */
const sessions = new Map<string, Awaited<ReturnType<BrowserContext["cookies"]>>>();

/** Signed in on the shelf; whoever has done so before need not say the password again, as long as the server knows them. */
export async function signIn(page: Page, email = "juniper@fernhollow.example"): Promise<void> {
  const kept = sessions.get(email);
  if (kept) {
    await page.context().addCookies(kept);
    await page.goto(`${ADDRESS}/`);
    if (page.url() === `${ADDRESS}/`) return;
  }
  await page.goto(`${ADDRESS}/sign-in`);
  await page.fill("[name=_username]", email);
  await page.fill("[name=_password]", "garden-gate");
  await page.click("main form button[type=submit]");
  await page.waitForURL(`${ADDRESS}/`);
  sessions.set(email, await page.context().cookies());
}

/** A new empty program, open on the desk with blocks and one text; made by what the dialog of the shelf sends. */
export async function newProgram(page: Page, text = "python"): Promise<string> {
  if (page.url() !== `${ADDRESS}/`) await page.goto(`${ADDRESS}/`);
  const [action, fields] = await page.$eval(
    "#new-dialog form[method=post]",
    (form: HTMLFormElement) =>
      [form.action, Object.fromEntries([...new FormData(form)].map(([name, value]) => [name, String(value)]))] as const,
  );
  const form = { ...fields, scene: "sheet" };
  const headers = { Origin: ADDRESS, Referer: `${ADDRESS}/` };
  const made = await page.context().request.post(action, { form, headers, maxRedirects: 0 });
  assert.equal(made.status(), 302, await made.text());
  const address = new URL(made.headers().location!, ADDRESS).href.replace(/\?.*/, "");
  await page.goto(`${address}?view=both&text=${text}`);
  return address;
}

/** The text of a page as its file has it: lines that only keep pages level are left out. */
export async function textOf(page: Page, language: string): Promise<string> {
  return page.$$eval(`ol[data-page="${language}"] > li`, (lines) =>
    lines
      .filter((line) => !line.classList.contains("vacant"))
      .map((line) => line.textContent)
      .join("\n")
      .trim(),
  );
}

export async function rowsOf(page: Page): Promise<string[]> {
  return page.$$eval("#blocks > li[data-row]", (lines) =>
    lines
      .filter((line) => (line as HTMLElement).dataset.part !== "empty")
      .map((line) => line.textContent!.replace(/\s+/g, " ").trim()),
  );
}

/** Waits until the edits that were made are on the page. */
export async function settled(page: Page): Promise<void> {
  await page.waitForFunction(() =>
    ["saved", "enregistré"].includes(document.querySelector("#saved")?.textContent ?? ""),
  );
}

/** Makes an edit and waits for its answer. */
export async function edit(page: Page, make: () => Promise<unknown>): Promise<void> {
  const answered = page.waitForResponse((response) => response.url().endsWith("/edits"));
  await make();
  await answered;
  await settled(page);
}

/** Puts the value into the blank of the first row with these words. */
export async function fillBlank(page: Page, row: string, slot: string, value: string): Promise<void> {
  await page.locator(`#blocks > li:has-text("${row}") .blank[data-slot="${slot}"]`).first().click();
  await page.fill("#filler", value);
  await edit(page, () => page.press("#filler", "Enter"));
}

const LEVELS = ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa", "best-practice"];

/** @param colours that only the colours are looked at, as nothing else differs from what was looked at before */
export async function assertAccessible(page: Page, what: string, colours = false): Promise<void> {
  // Nothing can be asked of a page that is just being left.
  await page.waitForLoadState();
  // The legacy mode does without a second page, which only frames of other sites need; there are none.
  const axe = new AxeBuilder({ page }).setLegacyMode();
  const looked = colours ? axe.withRules(["color-contrast"]) : axe.withTags(LEVELS);
  // What waits for its turn comes anew by itself, and takes what looks at it along.
  const { violations } = await looked.analyze().catch(async () => {
    await page.waitForLoadState();
    return looked.analyze();
  });
  const found = violations.map(
    (one) =>
      `${one.id}: ${one.help}\n    ${one.nodes.map((node) => `${node.target} ${node.failureSummary ?? ""}`).join("\n    ")}`,
  );
  assert.deepEqual(found, [], what);
}

export type { BrowserContext, Page };
