import assert from "node:assert/strict";
import { test } from "node:test";
import {
  edit,
  forgive,
  newProgram,
  open,
  rowsOf,
  session,
  settled,
  signIn,
  slow,
  textOf,
  type Page,
} from "./support.ts";

session();

const stock = (on: Page, entry: string) => on.locator(`.stock[data-entry="${entry}"]`);
const blank = (on: Page, slot: string) => on.locator(`#blocks .blank[data-slot="${slot}"]`).first();
const editor = (on: Page) => on.locator("#typed .cm-content");

async function write(on: Page): Promise<void> {
  await on.locator("#write:not([disabled])").click();
  await editor(on).focus();
}

/** A window of its own with a new program, signed in. */
async function fresh(): Promise<Page> {
  const own = await open();
  await signIn(own);
  await newProgram(own);
  return own;
}

test("quick clicks on a slow network come in the order in which they were made", async () => {
  const own = await fresh();
  await slow(own, 150);
  for (const entry of ["nib.clear", "nib.lower", "repeat", "nib.forward", "nib.left"]) await stock(own, entry).click();
  assert.ok((await own.locator("#blocks .coming").count()) > 0, "rows are seen before they are answered");
  await settled(own);
  assert.deepEqual((await rowsOf(own)).slice(1), [
    "clear the sheet",
    "lower the nib",
    "repeat 4 times",
    "go forward 50 steps",
    "turn left 90 degrees",
  ]);
  assert.match(await textOf(own, "python"), /range\(4\):\n {4}nib\.forward\(50\)\n {4}nib\.left\(90\)/);
  await own.close();
});

test("a row put in where the hand has moved the caret meanwhile goes there", async () => {
  const own = await fresh();
  for (const entry of ["nib.clear", "nib.lower"]) await edit(own, () => stock(own, entry).click());
  await slow(own, 150);
  await stock(own, "nib.lift").click();
  await own.locator('#blocks > li:has-text("clear the sheet") .words').first().click();
  await own.keyboard.press("Escape");
  await stock(own, "nib.left").click();
  await settled(own);
  assert.deepEqual((await rowsOf(own)).slice(1), [
    "clear the sheet",
    "turn left 90 degrees",
    "lower the nib",
    "lift the nib",
  ]);
  await own.close();
});

test("loading the page anew with an open blank, or right after typing, loses nothing and conflicts with nothing", async () => {
  const own = await fresh();
  await edit(own, () => stock(own, "nib.forward").click());
  for (let round = 0; round < 3; round++) {
    await blank(own, "steps").click();
    await own.fill("#filler", String(60 + round));
    await own.reload();
    await settled(own);
    await own.waitForFunction(() => document.querySelector("#saved")?.textContent === "saved");
    await assert.doesNotReject(
      own.waitForFunction(
        (wanted) => document.querySelector('#blocks .blank[data-slot="steps"]')?.textContent === wanted,
        String(60 + round),
      ),
    );
    assert.equal(await own.locator("#conflict-dialog[open]").count(), 0);
  }
  await own.keyboard.press("F2");
  await editor(own).waitFor();
  for (let round = 0; round < 3; round++) {
    await editor(own).focus();
    await own.keyboard.press("Control+End");
    await own.keyboard.type(`\nnib.left(${10 + round})`);
    await own.reload();
    await own.waitForFunction(
      (wanted) => document.querySelector('ol[data-page="python"]')?.textContent?.includes(wanted),
      `nib.left(${10 + round})`,
    );
    assert.equal(await own.locator("#conflict-dialog[open]").count(), 0);
    await own.keyboard.press("F2");
    await editor(own).waitFor();
  }
  await own.close();
});

test("an edit whose answer is lost counts once", async () => {
  const own = await fresh();
  let lost = 0;
  await own.route("**/edits", async (route) => {
    if (lost++ > 0) return route.fallback();
    await route.fetch();
    await route.abort();
  });
  await stock(own, "nib.forward").click();
  await own.waitForFunction(() => document.querySelectorAll("#blocks > li[data-row]").length === 2);
  await settled(own);
  assert.deepEqual((await rowsOf(own)).slice(1), ["go forward 50 steps"]);
  assert.equal(await own.locator("#conflict-dialog[open]").count(), 0);
  await own.close();
  forgive();
});

test("an edit that is sent twice at the same time counts once, and conflicts with nothing", async () => {
  const own = await fresh();
  const codes = await own.evaluate(async () => {
    const send = (id: string, revision: number) =>
      fetch(`${location.pathname}/edits`, {
        method: "POST",
        headers: {
          "Content-Type": "application/json",
          "X-Requested-With": "fetch",
          "X-Csrf-Token": document.querySelector<HTMLMetaElement>("meta[name=csrf]")!.content,
        },
        body: JSON.stringify({
          revision,
          id,
          view: "both",
          text: "python",
          edit: { do: "insert", row: "nib.clear", parent: 1, body: "body", index: 0 },
        }),
      });
    const answers: [number, number][] = [];
    for (let round = 1; round <= 8; round++) {
      const twice = await Promise.all([send(`twice-000${round}`, round), send(`twice-000${round}`, round)]);
      for (const one of twice) answers.push([one.status, ((await one.json()) as { revision: number }).revision]);
    }
    return answers;
  });
  assert.deepEqual(
    codes,
    Array.from({ length: 16 }, (_, at) => [200, 2 + (at >> 1)]),
  );
  await own.close();
});

test("what an older version of the page has left in the browser is sent", async () => {
  const own = await fresh();
  const address = own.url();
  await own.goto(address.replace("?", "/history?"));
  await own.evaluate((program) => {
    const edit = { do: "insert", row: "nib.clear", parent: 1, body: "body", index: 0 };
    const left = { tab: "gone", at: Date.now() - 60_000, revision: 1, edits: [edit] };
    localStorage.setItem(`scrivlet-unsent:${program}`, JSON.stringify(left));
  }, new URL(address).pathname);
  await own.goto(address);
  await own.locator('#blocks > li:has-text("clear the sheet")').waitFor();
  await edit(own, () => stock(own, "nib.left").click());
  await own.reload();
  assert.deepEqual(
    (await rowsOf(own)).slice(1),
    ["clear the sheet", "turn left 90 degrees"],
    "once, and before the next",
  );
  await own.close();
});

test("a browser without room for more sends all the same", async () => {
  const own = await fresh();
  await own.evaluate(() => {
    Storage.prototype.setItem = () => {
      throw new DOMException("full", "QuotaExceededError");
    };
  });
  await edit(own, () => stock(own, "nib.clear").click());
  await edit(own, () => stock(own, "nib.lower").click());
  assert.deepEqual((await rowsOf(own)).slice(1), ["clear the sheet", "lower the nib"]);
  await own.close();
});

test("a server that breaks for a while loses no typed word", async () => {
  const own = await fresh();
  let answers = 0;
  await own.route("**/edits", (route) =>
    answers++ < 3 ? route.fulfill({ status: [500, 503, 502][answers - 1]!, body: "broken" }) : route.fallback(),
  );
  await write(own);
  await own.keyboard.type("seeds = 12");
  await own.waitForFunction(() => document.querySelector("#blocks")?.textContent?.includes("12"), null, {
    timeout: 30000,
  });
  assert.equal(await textOf(own, "python"), "seeds = 12");
  await own.close();
  forgive();
});

test("a server that stays broken asks what to do, and keeps what was typed meanwhile", async () => {
  const own = await fresh();
  let broken = true;
  await own.route("**/edits", (route) => (broken ? route.fulfill({ status: 500, body: "broken" }) : route.fallback()));
  await stock(own, "nib.forward").click();
  await own.locator("#stuck-dialog[open]").waitFor({ timeout: 30000 });
  await own.keyboard.press("Escape");
  assert.equal(await own.locator("#stuck-dialog[open]").count(), 1, "something has to be chosen");
  broken = false;
  await own.click("#stuck-again");
  await settled(own);
  assert.deepEqual((await rowsOf(own)).slice(1), ["go forward 50 steps"]);
  await own.close();
  forgive();
});

test("words typed without a connection are there when the program is opened again at once", async () => {
  const own = await fresh();
  const address = own.url();
  await own.route("**/edits", (route) => route.abort());
  await write(own);
  await own.keyboard.type("beds = 3");
  await own.waitForFunction(() => Object.keys(localStorage).some((key) => key.startsWith("scrivlet-unsent")));
  const context = own.context();
  await own.close();
  const again = await context.newPage();
  await again.goto(address);
  await again.waitForFunction(() => document.querySelector("#blocks")?.textContent?.includes("beds"));
  await edit(again, () => stock(again, "nib.forward").click());
  assert.match(await textOf(again, "python"), /beds = 3\n+nib\.forward\(50\)/);
  await again.close();
  forgive();
});

test("an edit that is answered while the page is loaded anew is on the new page", async () => {
  const own = await fresh();
  let isOut = true;
  const answered = own.waitForResponse((response) => response.url().endsWith("/edits"));
  await own.route(
    (url) => /\/programs\/\d+$/.test(url.pathname),
    async (route) => {
      if (!isOut) return route.fallback();
      isOut = false;
      const early = await route.fetch();
      await (await answered).finished();
      await route.fulfill({ response: early });
    },
  );
  await own.evaluate(() =>
    setTimeout(() => document.querySelector<HTMLElement>('.stock[data-entry="nib.forward"]')!.click(), 2000),
  );
  await own.reload();
  await own.locator('#blocks > li:has-text("go forward")').waitFor();
  await edit(own, () => stock(own, "nib.left").click());
  assert.deepEqual((await rowsOf(own)).slice(1), ["go forward 50 steps", "turn left 90 degrees"]);
  await own.close();
});

test("what a window leaves that takes its time to close is sent by the next one", async () => {
  const own = await fresh();
  const address = own.url();
  const name = await own.evaluate(() => `scrivlet:${sessionStorage.scrivletTab as string}`);
  await own.route("**/edits", (route) => route.abort());
  await stock(own, "nib.forward").click();
  await own.waitForFunction(() => Object.keys(localStorage).some((key) => key.startsWith("scrivlet-unsent")));
  const slow = await own.context().newPage();
  await slow.goto(address.replace("?", "/history?"));
  await slow.evaluate((lock) => {
    void navigator.locks.request(lock, () => new Promise((later) => setTimeout(later, 7000)));
  }, name);
  // Not even as it goes does it get anything through.
  await own.evaluate(() => {
    window.fetch = () => Promise.reject(new TypeError("offline"));
  });
  await own.close();
  const again = await slow.context().newPage();
  await again.goto(address);
  await again.locator('#blocks > li:has-text("go forward")').waitFor();
  await edit(again, () => stock(again, "nib.left").click());
  assert.deepEqual((await rowsOf(again)).slice(1), ["go forward 50 steps", "turn left 90 degrees"]);
  await again.context().close();
  forgive();
});

test("after Escape in the conflict dialog it still stands there, and no later edit vanishes", async () => {
  const own = await fresh();
  const other = await own.context().newPage();
  await other.goto(own.url());
  await edit(other, () => stock(other, "nib.lift").click());
  await stock(own, "nib.lower").click();
  await own.locator("#conflict-dialog[open]").waitFor();
  await own.keyboard.press("Escape");
  await own.keyboard.press("Escape");
  assert.equal(await own.locator("#conflict-dialog[open]").count(), 1);
  await own.click("#conflict-copy");
  await own.waitForURL((url) => url.href !== other.url());
  assert.deepEqual((await rowsOf(own)).slice(1), ["lower the nib"]);
  await own.context().close();
});

test("going back to a program shows it as it is now", async () => {
  const own = await fresh();
  await edit(own, () => stock(own, "nib.forward").click());
  await own.click("header a >> nth=0");
  await own.waitForURL((url) => url.pathname === "/");
  await own.goBack();
  await own.locator('#blocks > li:has-text("go forward")').waitFor();
  await edit(own, () => stock(own, "nib.left").click());
  assert.equal(await own.locator("#conflict-dialog[open]").count(), 0);
  await own.close();
});

test("a program that was taken away elsewhere says so, and keeps what was done", async () => {
  const own = await fresh();
  const token = await own.getAttribute('meta[name="csrf"]', "content");
  const address = new URL(own.url()).pathname;
  await own.evaluate(
    ([path, value]) => fetch(`${path}/delete`, { method: "POST", headers: { "X-Csrf-Token": value! } }),
    [address, token] as const,
  );
  await stock(own, "nib.forward").click();
  await own.locator("#gone-dialog[open]").waitFor();
  assert.ok(await own.evaluate(() => Object.keys(localStorage).some((key) => key.startsWith("scrivlet-unsent"))));
  await own.close();
});

test("a refused blank waits while somebody types elsewhere, and is sent once", async () => {
  const own = await fresh();
  await edit(own, () => stock(own, "nib.forward").click());
  await edit(own, () => stock(own, "nib.left").click());
  let sent = 0;
  await own.route("**/edits", async (route) => {
    sent++;
    await new Promise((later) => setTimeout(later, 250));
    await route.fallback();
  });
  await blank(own, "steps").click();
  await own.fill("#filler", "50 +");
  await own.press("#filler", "Tab");
  await own.fill("#filler", "45");
  await own.waitForTimeout(700);
  assert.equal(await own.inputValue("#filler"), "45", "nobody is interrupted");
  assert.equal(await blank(own, "steps").textContent(), "50 +", "what was typed is still there");
  await own.press("#filler", "Enter");
  await settled(own);
  await own.waitForTimeout(500);
  assert.equal(sent, 2);
  await blank(own, "steps").click();
  assert.equal(await own.inputValue("#filler"), "50 +");
  await own.locator(".filler .refusal").waitFor();
  await own.close();
});
