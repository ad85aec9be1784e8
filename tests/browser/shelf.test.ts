import assert from "node:assert/strict";
import { execFileSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { after, before, test } from "node:test";
import { ADDRESS, open, rowsOf, shut, signIn, troubles, type Page } from "./support.ts";

let page: Page;
let folder: string;
before(async () => {
  folder = mkdtempSync(join(tmpdir(), "scrivlet-browser-"));
  page = await open();
  await signIn(page, "rowan@fernhollow.example");
});
after(async () => {
  await shut();
  rmSync(folder, { recursive: true });
  assert.deepEqual(troubles, []);
});

const names = () => page.$$eval("[data-program] [data-name]", (all) => all.map((one) => one.textContent));

test("signing in with a wrong password says so, and leads nowhere", async () => {
  const stranger = await open();
  await stranger.goto(`${ADDRESS}/programs/1`);
  assert.match(stranger.url(), /sign-in$/);
  await stranger.fill("[name=_username]", "rowan@fernhollow.example");
  await stranger.fill("[name=_password]", "wrong");
  await stranger.click("main form button[type=submit]");
  await stranger.locator("[data-notice=trouble]").waitFor();
  assert.equal(await stranger.inputValue("[name=_username]"), "rowan@fernhollow.example");
  await stranger.close();
});

test("programs are named, copied, taken from the shelf and brought back, and found", async () => {
  await page.goto(`${ADDRESS}/`);
  await page.click("#new-program");
  await page.click("#new-dialog [value=sheet]");
  await page.click("#rename");
  await page.fill('#rename-form [name="name"]', "Bean rows");
  await page.press('#rename-form [name="name"]', "Enter");
  await page.locator("h1 >> text=Bean rows").waitFor();
  await page.goto(`${ADDRESS}/`);
  assert.ok((await names()).includes("Bean rows"));
  const action = async (name: string, what: string) => {
    await page.locator(`[data-program]:has([data-name]:text-is("${name}")) summary`).click();
    await page.locator(`[data-program]:has([data-name]:text-is("${name}")) >> button:has-text("${what}")`).click();
    await page.waitForLoadState();
  };
  await action("Bean rows", "Duplicate");
  assert.ok((await names()).includes("Bean rows (copy)"));
  await action("Bean rows (copy)", "Delete");
  assert.ok(!(await names()).includes("Bean rows (copy)"));
  await page.click("text=Bring it back");
  await page.waitForLoadState();
  assert.ok((await names()).includes("Bean rows (copy)"));
  const found = page.waitForResponse(/search=/);
  await page.locator('input[name="search"]').pressSequentially("bean");
  await found;
  await page.waitForFunction(() => document.querySelectorAll("[data-program]").length === 2);
  assert.deepEqual((await names()).sort(), ["Bean rows", "Bean rows (copy)"]);
  const picture = await page.request.get(
    `${ADDRESS}${await page.locator("[data-program] img").first().getAttribute("src")}`,
  );
  assert.match(await picture.text(), /^<svg /);
});

test("what is taken away runs on the real machines and comes back the same", async () => {
  await page.goto(`${ADDRESS}/`);
  await page.click('[data-name]:text-is("A first bed")');
  await page.waitForURL(/programs/);
  const rows = await rowsOf(page);
  const take = async (words: string) => {
    await page.locator('summary[aria-label="Take away"]').click();
    const [download] = await Promise.all([
      page.waitForEvent("download"),
      page.locator("[data-menu][open]").getByText(words, { exact: false }).click(),
    ]);
    const file = join(folder, download.suggestedFilename());
    await download.saveAs(file);
    await page.keyboard.press("Escape");
    return file;
  };
  assert.match(readFileSync(await take("text in Python"), "utf8"), /^from scrivlet import nib\n/);
  assert.match(readFileSync(await take("text in C++"), "utf8"), /^#include "scrivlet.hpp"\n/);
  const svg = readFileSync(await take("as SVG"), "utf8");
  assert.equal(
    readFileSync(await take("as PNG"))
      .subarray(1, 4)
      .toString(),
    "PNG",
  );
  execFileSync("unzip", ["-q", await take("ZIP"), "-d", join(folder, "bundle")]);
  const bundle = join(folder, "bundle");
  execFileSync("g++", ["-std=c++17", "a-first-bed.cpp"], { cwd: bundle });
  for (const command of [["python3", "a-first-bed.py"], ["node", "a-first-bed.js"], ["./a.out"]]) {
    rmSync(join(bundle, "drawing.svg"), { force: true });
    execFileSync(command[0]!, command.slice(1), { cwd: bundle });
    assert.equal(readFileSync(join(bundle, "drawing.svg"), "utf8"), svg, command[0]);
  }
  const project = await take("project file");
  await page.goto(`${ADDRESS}/`);
  await page.setInputFiles("#open-files", project);
  await page.waitForURL(/programs/);
  assert.deepEqual(await rowsOf(page), rows);
});

test("a file can be dropped, and one that is none gets a clear answer", async () => {
  const bad = join(folder, "holiday.json");
  writeFileSync(bad, "this is no project");
  await page.goto(`${ADDRESS}/`);
  await page.setInputFiles("#open-files", bad);
  await page.locator("[data-notice=trouble]").waitFor();
  assert.match((await page.locator("[data-notice=trouble]").textContent())!, /holiday\.json: This is no project file/);
  const kite = readFileSync("demo/kite.scrivlet.json", "utf8");
  const transfer = await page.evaluateHandle((content) => {
    const data = new DataTransfer();
    data.items.add(new File([content], "kite.scrivlet.json", { type: "application/json" }));
    return data;
  }, kite);
  await page.dispatchEvent("#shelf", "drop", { dataTransfer: transfer });
  await page.waitForURL(/programs/);
  await page.locator("h1 >> text=Kite over the meadow").waitFor();
});
