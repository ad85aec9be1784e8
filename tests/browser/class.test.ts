import jsQR from "jsqr";
import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { PNG } from "pngjs";
import { ADDRESS, assertAccessible, edit, forgive, open, shut, signIn, troubles, type Page } from "./support.ts";

let teacher: Page;
const pupils: Page[] = [];
const NAMES = ["Nettle", "Burdock", "Teasel"];
let register = "";
let code = "";
const keys: string[] = [];

/** A new class of the teacher's, on the course of the meadow. */
before(async () => {
  teacher = await open();
  await signIn(teacher);
  await teacher.goto(`${ADDRESS}/classes`);
  await teacher.fill("[name=name]", "Hedge group");
  await teacher.click("#classes form button[type=submit]");
  await teacher.waitForURL(/\/classes\/\d+\/people/);
  register = teacher.url().replace("/people", "");
  code = (await teacher.textContent("[data-code]"))!;
  await teacher.goto(register);
  await teacher.selectOption("[name=course]", { label: "The meadow notebook" });
  await teacher.waitForSelector("[name=lesson]");
});
after(async () => {
  await shut();
  assert.deepEqual(troubles, []);
});

const row = (name: string): string => `tr[data-pupil]:has([data-card]:has-text("${name}"))`;

/** The last rung of the lesson that a pupil's class works on, on which a program is written. */
async function toWriting(page: Page): Promise<void> {
  await page.goto(`${ADDRESS}/my-class`);
  await page.click('#my-class a:has-text("The lesson")');
  await page.locator("[data-rung] a").last().click();
  await page.waitForSelector(".cm-content");
}

async function write(page: Page, text: string): Promise<void> {
  await page.click(".cm-content");
  await page.keyboard.press("Control+A");
  await page.keyboard.insertText(text);
}

test("three pupils come in with the code, by hand and by the picture, on a small screen too", async () => {
  await teacher.goto(`${register}/join`);
  await teacher.waitForSelector("#qr svg");
  const picture = PNG.sync.read(await teacher.locator("#qr").screenshot());
  const read = jsQR.default(new Uint8ClampedArray(picture.data), picture.width, picture.height);
  assert.equal(read?.data, `${ADDRESS}/join/${code.replace(" ", "")}`);
  await assertAccessible(teacher, "the code on the wall");
  await teacher.goto(register);
  for (const [at, name] of NAMES.entries()) {
    const page = await open(at === 2 ? { viewport: { width: 390, height: 844 }, hasTouch: true } : {});
    pupils.push(page);
    await page.goto(at === 0 ? read!.data : `${ADDRESS}/join`);
    await assertAccessible(page, "joining");
    if (at === 2)
      assert.ok(await page.evaluate(() => document.documentElement.scrollWidth <= innerWidth), "nothing is too wide");
    if (at > 0) await page.fill("#join [name=code]", ` ${code.toLowerCase().replace(" ", "-")}`);
    await page.fill("#join [name=name]", name);
    await page.press("#join [name=name]", "Enter");
    await page.waitForURL(/my-class/);
    keys.push((await page.textContent("[data-key]"))!);
    await assertAccessible(page, "the class of a pupil");
    // Nobody has to load the register anew.
    await teacher.waitForSelector(row(name));
  }
});

test("a name twice is told, and nothing typed is lost", async () => {
  const page = await open();
  await page.goto(`${ADDRESS}/join/${code}`);
  await page.fill("#join [name=name]", "nettle");
  await page.click('#join button:has-text("Come in")');
  await page.waitForSelector('[data-notice="trouble"]:has-text("already")');
  assert.equal(await page.inputValue("#join [name=name]"), "nettle");
  await page.context().close();
});

test("who works and who is stuck is seen within a second", async () => {
  await toWriting(pupils[0]!);
  await teacher.waitForSelector(`${row("Nettle")} [data-standing=work]`);
  for (let tries = 0; tries < 5; tries++) {
    await write(pupils[0]!, `whle True:\n    nib.forward(${tries})\n`);
    const marked = pupils[0]!.waitForResponse((answer) => answer.url().endsWith("/mark"));
    await pupils[0]!.keyboard.press("Control+Enter");
    await marked;
  }
  await teacher.waitForSelector(`${row("Nettle")}[data-stuck] [data-standing=help]`);
  assert.equal(await teacher.locator("#board-rows tr").first().getAttribute("data-stuck"), "", "stuck first");
  await teacher.waitForSelector("#trips [data-trip]");
  await teacher.click(`${row("Nettle")} [data-card]`);
  await teacher.waitForSelector('#pupil-card [data-lines]:has-text("whle True")');
  await teacher.waitForSelector("#pupil-card [data-mistake]");
  await assertAccessible(teacher, "the register");
  // As it was before.
  await teacher.locator('#pupil-card input[type="range"]').fill("0");
  await teacher.waitForSelector('#pupil-card [data-lines]:has-text("forward(0)")');
});

test("a hand that goes up is seen, and goes down when the teacher was there", async () => {
  await pupils[1]!.click("#class-hand");
  await teacher.waitForSelector(`${row("Burdock")}[data-stuck]`);
  await teacher.click(`${row("Burdock")} [data-card]`);
  await teacher.click('#pupil-card button:has-text("I was there")');
  await pupils[1]!.waitForSelector('#class-hand[aria-pressed="false"]');
  await teacher.waitForSelector(`${row("Burdock")}:not([data-stuck])`);
});

test("a note in the margin is there at once, beside what is being typed", async () => {
  await teacher.click(`${row("Nettle")} [data-card]`);
  await teacher.click('#pupil-card [data-line="2"]');
  await teacher.keyboard.type("Read line one aloud.");
  await write(pupils[0]!, "half a thou");
  await teacher.keyboard.press("Enter");
  await pupils[0]!.waitForSelector('#class-notes:has-text("Read line one aloud.")');
  await pupils[0]!.keyboard.type("ght");
  assert.match((await pupils[0]!.textContent(".cm-content"))!, /half a thought/, "the hand stays in the editor");
  await assertAccessible(pupils[0]!, "a note in the margin");
  await pupils[0]!.click('#class-notes button:has-text("I have read it")');
  await pupils[0]!.waitForSelector("#class-notes", { state: "detached" });
});

test("gathering opens beside the work, follows the lectern's line, and lets go", async () => {
  const name = "Dahlia bed";
  await teacher.click("[data-order=gather]");
  await teacher.click(`#gather button:has-text("${name}")`);
  for (const page of pupils) await page.waitForSelector(`#class-gathered:visible h2:has-text("${name}")`);
  assert.match((await pupils[0]!.textContent(".cm-content"))!, /half a thought/);
  await assertAccessible(pupils[0]!, "gathered");
  await teacher.click("#orders a:has-text('Lectern')");
  await teacher.waitForURL(/\/lectern/);
  await teacher.waitForSelector("#lectern-lines [aria-current]");
  await teacher.keyboard.press("f");
  await teacher.waitForSelector('[data-do="follow"][aria-pressed="true"]');
  await teacher.keyboard.press("ArrowDown");
  await teacher.keyboard.press("ArrowDown");
  const lit = await teacher.getAttribute("#lectern-lines [aria-current]", "data-key");
  for (const page of pupils) await page.waitForSelector(`#class-lines [data-key="${lit}"][aria-current]`);
  await teacher.keyboard.press("f");
  for (const page of pupils) await page.waitForSelector("#class-gathered", { state: "detached" });
  await teacher.keyboard.press("Escape");
  await teacher.waitForURL(register);
});

test("hold covers every page, also one that is loaded anew, until it is let go", async () => {
  await teacher.click("[data-order=hold]");
  for (const page of pupils) await page.waitForSelector("#class-hold[open]");
  await pupils[0]!.keyboard.press("Escape");
  await pupils[0]!.keyboard.type("not now");
  assert.ok(await pupils[0]!.isVisible("#class-hold"), "Escape does not let go");
  await assertAccessible(pupils[0]!, "held");
  await pupils[1]!.reload();
  await pupils[1]!.waitForSelector("#class-hold[open]");
  await teacher.click("[data-order=hold]");
  for (const page of pupils) await page.waitForSelector("#class-hold", { state: "detached" });
  assert.doesNotMatch((await pupils[0]!.textContent(".cm-content"))!, /not now/);
});

test("a program is handed out, worked on, noted beside its row, and collected", async () => {
  await teacher.goto(`${register}/handouts`);
  await teacher.selectOption("[name=program]", { label: "A first bed" });
  await teacher.click('#handouts button:has-text("Hand out")');
  await teacher.waitForSelector('[data-notice="done"]');
  const pupil = pupils[1]!;
  await pupil.goto(`${ADDRESS}/my-class`);
  await pupil.click('#my-class a:has-text("A first bed")');
  await pupil.waitForSelector("#blocks");
  await teacher.goto(register);
  await teacher.selectOption("[name=view]", "programs");
  await teacher.waitForSelector('#board[data-view^="programs"]');
  await pupil.locator('#blocks .blank[data-slot="steps"]').first().click();
  await pupil.fill("#filler", "77");
  await edit(pupil, () => pupil.press("#filler", "Enter"));
  await teacher.waitForSelector(`${row("Burdock")} [data-standing=work]`);
  await teacher.click(`${row("Burdock")} [data-card]`);
  await teacher.waitForSelector('#pupil-card [data-lines]:has-text("77")');
  const line = teacher.locator('#pupil-card li:has-text("77") [data-line]').first();
  await line.click();
  await teacher.keyboard.type("Why 77?");
  await teacher.keyboard.press("Enter");
  await pupil.waitForSelector('#class-notes:has-text("Why 77?")');
  await pupil.waitForSelector('[data-noted]:has-text("77")');
  await assertAccessible(pupil, "the desk with a note");
  await teacher.goto(`${register}/handouts`);
  await teacher.click('#handouts button:has-text("Collect")');
  await teacher.waitForSelector('#handouts button:has-text("Give back")');
  for (const path of ["people", "handouts", "marks", "wall", "keys"]) {
    await teacher.goto(`${register}/${path}`);
    await assertAccessible(teacher, path);
  }
});

test("the register goes by keys alone", async () => {
  await teacher.goto(register);
  await teacher.selectOption("[name=view]", "lesson");
  await teacher.waitForSelector('#board[data-view^="lesson"]');
  await teacher.focus(`${row("Nettle")} [data-card]`);
  await teacher.keyboard.press("Enter");
  await teacher.waitForSelector('#pupil-card h2:has-text("Nettle"):focus');
  // A row that changes under the hand keeps the focus.
  await teacher.focus(`${row("Nettle")} [data-card]`);
  const told = teacher.waitForFunction(
    (old) =>
      document.querySelector("tr[data-pupil] [data-card]:focus") &&
      document.querySelector("tr[data-pupil]:has(:focus)") !== old,
    await teacher.$(row("Nettle")),
  );
  await pupils[0]!.click("#class-hand");
  await told;
  await pupils[0]!.click("#class-hand");
  await teacher.press("[data-order=hold]", "Enter");
  await pupils[0]!.waitForSelector("#class-hold[open]");
  await teacher.waitForSelector('[data-order=hold][aria-pressed="true"]');
  await teacher.press("[data-order=hold]", "Enter");
  await pupils[0]!.waitForSelector("#class-hold", { state: "detached" });
});

test("where the line breaks pages ask by themselves, say so, and catch up", async () => {
  const page = pupils[0]!;
  await page.route(/\/news\//, (route) => route.abort());
  await page.reload();
  await page.waitForSelector("#class-offline:visible");
  await teacher.click("[data-order=hold]");
  await page.waitForSelector("#class-hold[open]", { timeout: 10000 });
  await teacher.click("[data-order=hold]");
  await page.waitForSelector("#class-hold", { state: "detached", timeout: 10000 });
  await page.unroute(/\/news\//);
  await page.waitForSelector("#class-offline", { state: "hidden", timeout: 15000 });
  await teacher.click("[data-order=hold]");
  await page.waitForSelector("#class-hold[open]", { timeout: 2500 });
  await teacher.click("[data-order=hold]");
  await page.waitForSelector("#class-hold", { state: "detached" });
  forgive();
});

test("a pupil comes back with four words, and is out when removed", async () => {
  const page = await open();
  await page.goto(`${ADDRESS}/join`);
  await page.fill("#join [name=key]", keys[1]!.replaceAll(" · ", " ").toUpperCase());
  await page.click('#join button:has-text("Come back")');
  await page.waitForURL(/my-class/);
  await page.waitForSelector('header:has-text("Burdock")');
  await teacher.goto(register);
  await teacher.locator(`${row("Burdock")} [data-card]`).click({ modifiers: ["Control"] });
  const href = await teacher.getAttribute(`${row("Burdock")} [data-card]`, "href");
  await teacher.goto(`${ADDRESS}${href}`);
  await assertAccessible(teacher, "one pupil");
  await teacher.click('button[data-opens="remove"]');
  await teacher.click("#remove button[type=submit]:has-text('Remove')");
  await teacher.waitForSelector('[data-notice="done"]:has-text("Burdock")');
  for (const gone of [page, pupils[1]!]) await gone.waitForURL(/\/(join|sign-in)/);
  // The others hear on.
  await teacher.goto(register);
  await teacher.click("[data-order=hold]");
  await pupils[0]!.waitForSelector("#class-hold[open]");
  await teacher.click("[data-order=hold]");
  await pupils[0]!.waitForSelector("#class-hold", { state: "detached" });
});

test("an administrator's page, and what is kept, are readable by all", async () => {
  const page = await open();
  await page.goto(`${ADDRESS}/privacy`);
  await assertAccessible(page, "what is kept");
  await signIn(page, "linden@fernhollow.example");
  await page.goto(`${ADDRESS}/people`);
  await assertAccessible(page, "people of a school");
  await page.fill('form[action$="/people"] [name=email]', `teacher${Date.now()}@fernhollow.example`);
  await page.click('#staff button:has-text("Invite")');
  const link = (await page.textContent("[data-link]"))!.trim();
  const guest = await open();
  await guest.goto(link);
  await assertAccessible(guest, "choosing a password");
});

test("a class is deleted with all that is of it", async () => {
  await teacher.goto(`${register}/people`);
  await teacher.click('summary:has-text("Delete the class")');
  await teacher.fill("details [name=name]", "Hedge group");
  await teacher.click('button:has-text("Delete it with all")');
  await teacher.waitForSelector('[data-notice="done"]:has-text("Hedge group")');
  await pupils[0]!.waitForURL(/\/(join|sign-in)/);
});
