import assert from "node:assert/strict";
import { readFileSync } from "node:fs";
import { test } from "node:test";
import {
  ADDRESS,
  assertAccessible,
  edit,
  forgive,
  newProgram,
  open,
  page,
  session,
  signIn,
  type Page,
} from "./support.ts";

session();

/** A program for the lantern that prints, on a desk of its own. */
async function lanternProgram(text: string): Promise<void> {
  await newProgram(page);
  await page.selectOption("#scene", "lantern");
  await page.waitForSelector('.stock[data-entry="lantern.shine"]');
  await page.click("#write");
  await page.locator(".cm-content").click();
  await edit(page, () => page.keyboard.insertText(text));
}

async function device(kind: string): Promise<Page> {
  const own = await open();
  await signIn(own);
  await own.goto(`${ADDRESS}/device/${kind}`);
  await own.waitForFunction(() => /^[A-Z0-9]{5}$/.test(document.querySelector("#device-code")?.textContent ?? ""));
  return own;
}

async function send(code: string): Promise<void> {
  await page.click("#send-device");
  await page.fill("#send-code", code);
  await page.keyboard.press("Enter");
}

const says = (on: Page, words: RegExp): Promise<unknown> =>
  on.waitForFunction(
    (one) => new RegExp(one).test(document.querySelector("#device-state")?.textContent ?? ""),
    words.source,
  );

test("a program is sent by a code, runs alone, outlasts the power, and reports what became of it", async () => {
  await lanternProgram('from scrivlet import lantern, wait\n\nlantern.shine(3)\nwait(0.3)\nprint("three beds")\n');
  const own = await device("lantern");
  await assertAccessible(own, "device");
  const code = (await own.textContent("#device-code"))!;
  await send(code.toLowerCase());
  await own.waitForFunction(() => document.querySelector("#device-printed")?.textContent === "three beds\n");
  assert.ok((await own.locator('#sheet circle[fill="#ffcf4d"]').count()) > 5);
  await says(own, /has come to its end/);
  await page.waitForFunction(() => /three beds/.test(document.querySelector("#device-report")?.textContent ?? ""));
  await own.click("#device-power");
  await says(own, /power is off/);
  assert.equal(await own.textContent("#device-printed"), "");
  await own.reload();
  await own.waitForFunction(() => document.querySelector("#device-printed")?.textContent === "three beds\n");
  assert.equal(await own.textContent("#device-code"), code, "it keeps its code");
  await own.close();
});

test("an error on the device names its line on the desk", async () => {
  await lanternProgram("from scrivlet import lantern\n\nbeds = [1, 2]\nlantern.shine(beds[5])\n");
  const own = await device("lantern");
  await send((await own.textContent("#device-code"))!);
  await says(own, /has stopped in line 4/);
  await page.waitForFunction(() => /line 4/.test(document.querySelector("#device-report")?.textContent ?? ""));
  await own.close();
});

test("presses reach the program on the device, by mouse and by keys", async () => {
  await lanternProgram(
    'from scrivlet import lantern, wait\n\nvisitors = 0\nwhile visitors < 2:\n    if lantern.tapped("round"):\n        visitors += 1\n        print(visitors)\n    wait(0.1)\n',
  );
  const own = await device("lantern");
  await send((await own.textContent("#device-code"))!);
  await says(own, /runs, in Python/);
  await own.click('[data-press="round"]', { delay: 120 });
  await own.waitForFunction(() => document.querySelector("#device-printed")?.textContent === "1\n");
  await own.focus('[data-press="round"]');
  await own.keyboard.press("Space", { delay: 120 });
  await own.waitForFunction(() => document.querySelector("#device-printed")?.textContent === "1\n2\n");
  await says(own, /has come to its end/);
  await own.close();
});

test("a file is dropped; one that is damaged, foreign or for another device is refused, and what was there stays", async () => {
  await lanternProgram("from scrivlet import lantern\n\nlantern.shine(7)\nprint(7)\n");
  const [download] = await Promise.all([
    page.waitForEvent("download"),
    page.evaluate(() => document.querySelector<HTMLAnchorElement>('a[href*="device.hex"]')!.click()),
  ]);
  const hex = readFileSync((await download.path())!, "latin1");
  assert.match(hex, /^:10000000/);
  const own = await device("lantern");
  const drop = (text: string): Promise<void> =>
    own.setInputFiles("#device-file", { name: "program.hex", mimeType: "text/plain", buffer: Buffer.from(text) });
  await drop(hex);
  await own.waitForFunction(() => document.querySelector("#device-printed")?.textContent === "7\n");
  const broken = hex.replace(
    /(\n:10....00.{10})(.)/,
    (_, before: string, sign: string) => before + (sign === "0" ? "1" : "0"),
  );
  for (const [file, why] of [
    [broken, /Line 2 of the file is damaged/],
    [hex.slice(0, hex.length / 2), /no whole record|end of the file is missing/],
    ["print(7)", /no file for a device/],
  ] as [string, RegExp][]) {
    await drop(file);
    await own.waitForFunction(
      (one) => new RegExp(one).test(document.querySelector("#device-trouble")?.textContent ?? ""),
      why.source,
    );
  }
  assert.equal(await own.textContent("#device-printed"), "7\n");
  const mower = await device("mower");
  await mower.setInputFiles("#device-file", { name: "p.hex", mimeType: "text/plain", buffer: Buffer.from(hex) });
  await mower.waitForFunction(() => /for a lantern/.test(document.querySelector("#device-trouble")?.textContent ?? ""));
  await send((await mower.textContent("#device-code"))!);
  await page.waitForFunction(() => /for a lantern/.test(document.querySelector("#send-trouble")?.textContent ?? ""));
  await assertAccessible(page, "sending");
  await page.fill("#send-code", "QQQQQ");
  await page.keyboard.press("Enter");
  await page.waitForFunction(() =>
    /No device shows the code/.test(document.querySelector("#send-trouble")?.textContent ?? ""),
  );
  await own.close();
  await mower.close();
  forgive();
});
