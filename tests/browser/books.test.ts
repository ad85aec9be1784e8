import assert from "node:assert/strict";
import { after, before, test } from "node:test";
import { check, verdict, write, written } from "./rungs.ts";
import {
  ADDRESS,
  forgive,
  assertAccessible,
  edit,
  newProgram,
  open,
  shut,
  signIn,
  troubles,
  type Page,
} from "./support.ts";

/** As the program's own page prints it. */
let model = "";
const COURSE = `Beds ${Date.now()}`;
const TITLE = "A square bed for Wren";

let teacher: Page;
let guest: Page;
/** Where the lesson lies as pupils see it. */
let book = "";
let key = "";

before(async () => {
  teacher = await open();
  await signIn(teacher);
  guest = await open();
});
after(async () => {
  await shut();
  assert.deepEqual(troubles, []);
});

const rung = (page: Page, kind: string) => page.locator(`#book [data-rung] a`, { hasText: kind });

async function kept(): Promise<void> {
  await teacher.waitForFunction(() => document.querySelector("#lesson-saved")?.textContent === "kept");
}

test("a teacher makes a lesson from a program, tries a rung, changes the ladder, and opens the course", async () => {
  const began = Date.now();
  await teacher.goto(`${ADDRESS}/workshop`);
  await assertAccessible(teacher, "courses on the bench");
  await teacher.fill("[name=title]", COURSE);
  await teacher.press("[name=title]", "Enter");
  await teacher.waitForURL(/\/workshop\/courses\/\d+/);
  const desk = await newProgram(teacher);
  for (const entry of ["repeat", "nib.forward", "nib.left"])
    await edit(teacher, () => teacher.click(`.stock[data-entry="${entry}"]`));
  await teacher.goto(`${desk}/ladder`);
  await teacher.click("text=Make a lesson of it");
  await teacher.waitForURL(/\/workshop\/lessons\/\d+/);
  await assertAccessible(teacher, "workshop");
  const rungs = teacher.locator("#rungs li[data-rung]");
  assert.ok((await rungs.count()) >= 8);
  await teacher.fill("[name=title]", TITLE);
  await kept();
  await teacher.fill("[name=goal]", "Draw a **square** bed.");
  await kept();
  await teacher.locator("#lesson-pages summary").click();
  await teacher.fill("[name='pages[]']", "### A loop\n\n```python\nnib.forward(20)\n```\n");
  await kept();
  // What is not for this class is left out, another one made anew, one moved.
  for (const kind of ["Vary", "Carry over", "Write over"]) {
    const answered = teacher.waitForResponse(/\/rungs$/);
    await rungs.getByRole("button", { name: `Leave it out: ${kind}` }).click();
    await answered;
    await teacher.getByRole("button", { name: `Leave it out: ${kind}` }).waitFor({ state: "detached" });
  }
  const another = teacher.waitForResponse(/\/rungs$/);
  await rungs.getByRole("button", { name: "Another one of this kind: Fill in" }).click();
  await another;
  await teacher.getByRole("link", { name: "Try Pair in C++" }).click();
  await teacher.locator("#rung").waitFor();
  assert.equal(await check(teacher), false);
  await teacher.goBack();
  assert.equal(await teacher.inputValue("[name=title]"), TITLE);
  await teacher.reload();
  assert.equal(await teacher.inputValue("[name=goal]"), "Draw a **square** bed.");
  await teacher.locator("header a", { hasText: COURSE }).click();
  await teacher.waitForURL(/\/workshop\/courses\/\d+/);
  await assertAccessible(teacher, "a course on the bench");
  await teacher.check("[name=open]");
  await teacher.click("text=Save");
  await teacher.locator("[data-notice=done]").waitFor();
  await teacher.locator("ol a", { hasText: TITLE }).click();
  await teacher.getByRole("link", { name: "As pupils see it" }).click();
  await teacher.waitForURL(/\/books\/\d+\/\d+/);
  book = teacher.url();
  assert.ok(Date.now() - began < 5 * 60_000, "in under five minutes");
});

test("what was written on the bench is not lost when the way is cut, nor put over what another window has written", async () => {
  const lesson = book.replace(/.*\//, `${ADDRESS}/workshop/lessons/`);
  await teacher.goto(lesson);
  await teacher.route("**/workshop/lessons/*", (route) => route.abort());
  await teacher.fill("[name=goal]", "Draw a square bed, with four sides.");
  await teacher.waitForFunction(() => (document.querySelector("#lesson-trouble")?.textContent ?? "") !== "");
  await teacher.unroute("**/workshop/lessons/*");
  await kept();
  const other = await teacher.context().newPage();
  await other.goto(lesson);
  await other.fill("[name=goal]", "Draw a square bed. It has four sides.");
  await other.waitForFunction(() => document.querySelector("#lesson-saved")?.textContent === "kept");
  await teacher.fill("[name=goal]", "Older.");
  await teacher.waitForFunction(() =>
    /another window/.test(document.querySelector("#lesson-trouble")?.textContent ?? ""),
  );
  assert.equal(await teacher.inputValue("[name=goal]"), "Older.", "what was written stays on the page");
  await other.reload();
  assert.equal(await other.inputValue("[name=goal]"), "Draw a square bed. It has four sides.");
  await other.close();
  forgive();
});

test("a guest reads the page, pairs by keys, fails, takes a hint, and passes", async () => {
  await guest.goto(`${ADDRESS}/books`);
  await assertAccessible(guest, "books");
  await guest.goto(book);
  await assertAccessible(guest, "a course as a book");
  assert.ok(await guest.locator("#guest-key").isHidden(), "who has done nothing has no key");
  await guest.click("text=Read the page");
  await guest.getByRole("button", { name: "Run", exact: true }).click();
  await guest.locator("article svg").first().waitFor();
  await assertAccessible(guest, "a page of explanation");
  await guest.click("text=On to the next rung");
  await guest.waitForURL(/\/1\/python|\/\d+\/python/);
  await assertAccessible(guest, "pairing");
  assert.equal(await check(guest), false);
  await guest.click("#rung-hint");
  await guest.locator("#rung-hints li").first().waitFor();
  key = (await guest.locator("#guest-key b").textContent())!;
  assert.equal(key.split(" · ").length, 4);
  // By keys alone: each choice is opened by its first letters.
  const lines = await guest.locator("[data-pair] code").allTextContents();
  for (const [at, line] of lines.entries()) {
    await guest.locator("[data-choice]").nth(at).focus();
    const begins = /forward/.test(line) ? "Go" : /left/.test(line) ? "Turn" : /for/.test(line) ? "Repeat" : "Bring";
    await guest.keyboard.type(begins);
  }
  assert.equal(await check(guest), true, await verdict(guest));
  await guest.keyboard.press("Enter");
  await guest.waitForURL((url) => !url.pathname.endsWith("/1/python"));
});

test("foretelling, and sorting by dragging", async () => {
  await guest.goto(book);
  await rung(guest, "Foretell").click();
  await guest.locator("[data-choice]").first().waitFor();
  await assertAccessible(guest, "foretelling");
  const choices = await guest.locator("[data-choice]").count();
  model = (await guest.locator("#rung ol > li code").allTextContents()).map((line) => line.trimEnd()).join("\n");
  assert.match(model, /range\(4\):\n    nib\.forward\(50\)\n    nib\.left\(90\)/);
  let passed = false;
  for (let at = 0; at < choices && !passed; at++) {
    await guest.locator("[data-choice]").nth(at).check();
    passed = await check(guest);
  }
  assert.ok(passed);
  await guest.goto(book);
  await rung(guest, "Sort").click();
  await guest.locator("#slips").waitFor();
  await assertAccessible(guest, "sorting");
  const laid = guest.locator("#laid");
  const wanted = model
    .split("\n")
    .map((line) => line.trim())
    .filter((line) => line !== "");
  for (const [at, line] of wanted.entries()) {
    const slip = guest
      .locator("#slips > li")
      .filter({ has: guest.getByText(line, { exact: true }) })
      .first();
    const from = (await slip.boundingBox())!;
    const to = (await laid.boundingBox())!;
    await guest.mouse.move(from.x + 30, from.y + from.height / 2);
    await guest.mouse.down();
    await guest.mouse.move(from.x + 60, from.y + 20, { steps: 3 });
    // Two further to the right are set in.
    await guest.mouse.move(to.x + 34 + (at >= 2 ? 40 : 0), to.y + 14 + 50 * at, { steps: 8 });
    await guest.mouse.up();
  }
  assert.deepEqual(
    (await laid.locator("code").allTextContents()).map((one) => one.trim()),
    wanted,
  );
  assert.equal(await check(guest), true, `${await verdict(guest)} ${await laid.innerHTML()}`);
});

test("filling in, mending, and writing, with a look at the rows", async () => {
  await guest.goto(book);
  await rung(guest, "Fill in").click();
  const lines = await guest
    .locator("#rung ol > li code")
    .evaluateAll((all) =>
      all.map((one) =>
        [...one.childNodes]
          .map((node) => ((node as HTMLElement).tagName === "INPUT" ? "▢" : node.textContent))
          .join(""),
      ),
    );
  const whole = model.split("\n");
  const missing = lines.flatMap((line, at) => {
    const pattern = line
      .trimEnd()
      .split("▢")
      .map((part) => part.replace(/[.*+?^${}()|[\]\\]/g, "\\$&"))
      .join("(.+?)");
    return new RegExp(`^${pattern}$`).exec(whole[at]!)?.slice(1) ?? [];
  });
  await guest.locator("[data-gap]").first().focus();
  for (const [at, piece] of missing.entries()) {
    await guest.keyboard.type(piece);
    if (at < missing.length - 1) await guest.keyboard.press("Enter");
  }
  await assertAccessible(guest, "filling in");
  assert.equal(await check(guest), true, await verdict(guest));
  await guest.goto(book);
  await rung(guest, "Mend").click();
  assert.match(await written(guest), /nib/);
  assert.equal(await check(guest), false, "the fault is still there");
  await write(guest, model);
  assert.equal(await check(guest), true);
  await guest.goto(book);
  await rung(guest, "Write it on").click();
  await written(guest);
  await assertAccessible(guest, "writing");
  await guest.click("#rung-look");
  await guest.locator("#look-rows li").first().waitFor();
  assert.match((await guest.textContent("#look-rows"))!, /repeat\s+4\s+times/);
  await assertAccessible(guest, "a look at the rows");
  await guest.keyboard.press("Escape");
  await write(guest, "from scrivlet import nib\nnib.forward(50)\n");
  await guest.keyboard.press("F9");
  await guest.locator("#yours").waitFor();
  assert.ok(await guest.locator("#rung-next").isHidden(), "run is not check");
  assert.equal(await check(guest), false);
  assert.match(await verdict(guest), /The picture is another/);
  await guest.waitForResponse(/\/keep$/).catch(() => null);
});

test("the work is there again in another browser with the key, and the certificate is printed", async () => {
  const elsewhere = await open();
  await elsewhere.goto(`${ADDRESS}/books`);
  await elsewhere.fill("[name=key]", "four words that nobody");
  await elsewhere.keyboard.press("Enter");
  await elsewhere.locator("[data-notice=trouble]").waitFor();
  await elsewhere.fill("[name=key]", key.replaceAll(" · ", " "));
  await elsewhere.keyboard.press("Enter");
  await elsewhere.locator("[data-notice=done]").waitFor();
  await elsewhere.goto(book);
  await rung(elsewhere, "Write it on").click();
  assert.match(await written(elsewhere), /forward\(50\)/);
  await write(elsewhere, model.replace("range(4)", "range(0, 4)"));
  assert.equal(await check(elsewhere), true, await verdict(elsewhere));
  await elsewhere.reload();
  await elsewhere.goto(book.replace(/\/\d+$/, ""));
  await elsewhere.click("#to-certificate");
  await elsewhere.fill("[name=name]", "Wren Alder");
  await elsewhere.keyboard.press("Enter");
  await elsewhere.locator("#certificate svg text", { hasText: "Wren Alder" }).waitFor();
  await assertAccessible(elsewhere, "certificate");
  const download = elsewhere.waitForEvent("download");
  await elsewhere.getByRole("link", { name: "PDF" }).click();
  assert.match((await download).suggestedFilename(), /\.pdf$/);
});

test("what was written later in another browser is there, and what never came to the server is not lost", async () => {
  await guest.goto(book);
  await rung(guest, "Write it on").click();
  assert.match(await written(guest), /range\(0, 4\)/, "no older draft is put over newer work");
  const cut = guest.waitForEvent("requestfailed", (request) => request.url().endsWith("/keep"));
  await guest.route("**/keep", (route) => route.abort());
  await write(guest, `# cut\n${model}`);
  await cut;
  await guest.unroute("**/keep");
  forgive();
  await guest.reload();
  assert.match(await written(guest), /^# cut/);
});

test("on a slow way the last word stays the last", async () => {
  const sent: string[] = [];
  await guest.route("**/keep", async (route) => {
    sent.push((route.request().postDataJSON() as { answer: string }).answer);
    if (sent.length === 1) await new Promise((later) => setTimeout(later, 2500));
    await route.continue();
  });
  const first = guest.waitForRequest(/\/keep$/);
  await write(guest, "# first\n");
  await first;
  const second = guest.waitForResponse(
    (response) => /\/keep$/.test(response.url()) && response.request().postData()!.includes("second"),
  );
  await write(guest, "# second\n");
  await second;
  await guest.unroute("**/keep");
  assert.equal(sent.length, 2);
  await guest.waitForFunction(() => !Object.keys(localStorage).some((name) => name.startsWith("scrivlet-rung:")));
  await guest.reload();
  assert.equal((await written(guest)).trim(), "# second");
});

test("a title of one very long word makes no page wider than the screen", async () => {
  const page = await teacher.context().newPage();
  await page.goto(`${ADDRESS}/workshop`);
  await page.fill("[name=title]", `W${"m".repeat(60)}${Date.now()}`);
  await page.press("[name=title]", "Enter");
  await page.waitForURL(/\/workshop\/courses\/\d+/);
  const id = page.url().match(/\d+$/)![0];
  for (const width of [1280, 390]) {
    await page.setViewportSize({ width, height: 844 });
    for (const path of ["/workshop", `/workshop/courses/${id}`, "/books", `/books/${id}`]) {
      await page.goto(`${ADDRESS}${path}`);
      const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      assert.ok(over <= 0, `${path} at ${width}: ${over} too wide`);
    }
  }
});

test("on three sizes of screen nothing is cut off, in the dark as well", async () => {
  for (const [width, height] of [
    [1280, 800],
    [1024, 768],
    [390, 844],
  ] as const) {
    await guest.setViewportSize({ width, height });
    await guest.emulateMedia({ colorScheme: width === 1024 ? "dark" : "light" });
    for (const path of ["/books", new URL(book).pathname, "/books/1"]) {
      await guest.goto(`${ADDRESS}${path}`);
      const over = await guest.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      assert.ok(over <= 0, `${path} at ${width}: ${over} too wide`);
      await assertAccessible(guest, `${path} at ${width}`, true);
    }
    for (const kind of ["Lay words", "Foretell", "Sort", "Fill in", "Write it on"]) {
      await guest.goto(book);
      await rung(guest, kind).click();
      await guest.locator("#rung").waitFor();
      const over = await guest.evaluate(() => document.documentElement.scrollWidth - innerWidth);
      assert.ok(over <= 0, `${kind} at ${width}: ${over} too wide`);
      await assertAccessible(guest, `${kind} at ${width}`, true);
    }
    await teacher.setViewportSize({ width, height });
    await teacher.goto(book.replace(/.*\//, `${ADDRESS}/workshop/lessons/`));
    const over = await teacher.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    assert.ok(over <= 0, `workshop at ${width}: ${over} too wide`);
  }
});
