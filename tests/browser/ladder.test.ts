import assert from "node:assert/strict";
import { test } from "node:test";
import { check, verdict, write, written } from "./rungs.ts";
import { ADDRESS, assertAccessible, edit, newProgram, page, session } from "./support.ts";

session();

async function square(): Promise<string> {
  const address = await newProgram(page);
  for (const entry of ["repeat", "nib.forward", "nib.left"])
    await edit(page, () => page.click(`.stock[data-entry="${entry}"]`));
  return address;
}

test("from the desk to the ladder: lines and words are paired, wrong first, then right", async () => {
  await square();
  await page.click('header summary[aria-label="Take away"]');
  await page.click("text=Exercises from this program");
  await page.waitForURL(/\/ladder/);
  await page.waitForSelector("select[data-choice]");
  await assertAccessible(page, "pairing");
  const selects = page.locator("select[data-choice]");
  const lines = await page.locator("#rung li code").allTextContents();
  assert.equal(await check(page), false);
  for (const [index, line] of lines.entries()) {
    const says = /forward/.test(line)
      ? /^Go forward/
      : /left/.test(line)
        ? /^Turn left/
        : /for/.test(line)
          ? /^Repeat/
          : /^Bring/;
    const option = selects.nth(index).locator("option", { hasText: says });
    await selects.nth(index).selectOption((await option.getAttribute("value"))!);
  }
  assert.equal(await check(page), true);
  await page.locator("#rung-next a").click();
  await page.waitForURL(/kind=foretell/);
});

test("writing on an empty page: a mistake is told, hints come one at a time, another right way passes, typing outlasts the page", async () => {
  const address = await square();
  await page.goto(`${address}/ladder?kind=write`);
  await assertAccessible(page, "writing");
  await write(page, "from scrivlet import nib\nfor i in range(4)\n    nib.forward(50)\n");
  assert.equal(await check(page), false);
  assert.match(await verdict(page), /Line 2 needs a colon/);
  await page.click("#rung-hint");
  await page.locator("#rung-hints li").nth(0).waitFor();
  await page.click("#rung-hint");
  await page.locator("#rung-hints li").nth(1).waitFor();
  await page.reload();
  assert.match(await written(page), /range\(4\)\n/);
  await write(page, `from scrivlet import nib\n${"nib.forward(50)\nnib.left(90)\n".repeat(4)}nib.left(30)\n`);
  assert.equal(await check(page), true, "no loop, and a turn more: the picture is the same");
});

test("slips are laid in order by keys, set in, and strangers left out", async () => {
  const address = await square();
  await page.goto(`${address}/ladder?kind=sort`);
  await page.locator("#slips").waitFor();
  await assertAccessible(page, "sorting");
  const wanted = [
    /^from scrivlet import nib$/,
    /^for \w+ in range\(4\):$/,
    /^nib\.forward\(50\)$/,
    /^nib\.left\(90\)$/,
  ];
  for (const [place, line] of wanted.entries()) {
    const slip = page.locator("#slips > li").filter({ has: page.locator("code", { hasText: line }) });
    await slip.first().focus();
    await page.keyboard.press("Enter");
    await page.locator(`#laid > li:nth-child(${place + 1})`).focus();
    if (place === 2) await page.keyboard.press("ArrowRight");
  }
  assert.equal(await check(page), true, await page.locator("#laid").innerText());
});

test("every kind of rung is shown, in each language and in French, and what is no answer is refused in words", async () => {
  const address = await square();
  for (const kind of ["foretell", "fill", "mend", "vary", "over", "carry"]) {
    await page.goto(`${address}/ladder?kind=${kind}&language=cpp&seed=2`);
    await page.locator("#rung").waitFor();
    assert.equal(await check(page), false, `${kind}: the start does not pass`);
    await page.click("#rung-hint");
    await page.locator("#rung-hints li").first().waitFor();
  }
  await assertAccessible(page, "carrying over");
  const id = /programs\/(\d+)/.exec(address)![1];
  const wrong = await page.evaluate(async (one) => {
    const token = document.querySelector<HTMLMetaElement>('meta[name="csrf"]')!.content;
    const headers = { "Content-Type": "application/json", "X-Csrf-Token": token, "X-Requested-With": "fetch" };
    const ask = async (body: unknown) =>
      (await fetch(`/programs/${one}/ladder/mark`, { method: "POST", headers, body: JSON.stringify(body) })).status;
    return [
      await ask({ kind: "dance" }),
      await ask({ kind: "sort", answer: "[[99,1]]" }),
      await ask({ kind: "pair", answer: "{" }),
    ];
  }, id);
  assert.deepEqual(wrong, [400, 200, 200]);
  const empty = await newProgram(page);
  await page.goto(`${empty}/ladder`);
  await page.locator("text=This program gives no such rung").waitFor();
  assert.ok((await page.request.get(`${ADDRESS}/programs/999999/ladder`)).status() >= 400);
});

test("while something else runs, the ladder comes by itself, and a check waits for its turn", async () => {
  const address = await newProgram(page);
  await edit(page, () => page.click('.stock[data-entry="forever"]'));
  await edit(page, () => page.click('.stock[data-entry="nib.forward"]'));
  const busy = (): Promise<unknown> =>
    page.evaluate((one) => {
      const token = document.querySelector<HTMLMetaElement>('meta[name="csrf"]')!.content;
      const headers = { "Content-Type": "application/json", "X-Csrf-Token": token, "X-Requested-With": "fetch" };
      const body = JSON.stringify({ seed: 1, view: "both", text: "python", steps: 1_000_000 });
      void fetch(`${one}/run`, { method: "POST", headers, body, keepalive: true });
    }, address);
  await busy();
  await page.goto(`${address}/ladder?kind=write`);
  await write(page, "print(1)\n");
  await busy();
  assert.equal(await check(page), false);
  assert.doesNotMatch(await verdict(page), /…/);
});

test("who gets no nearer is offered a gentler rung, and who passes is told the rows beside the program's", async () => {
  const address = await square();
  await page.goto(`${address}/ladder?kind=write`);
  const gentler = page.locator("#rung-gentler");
  for (const steps of [1, 2, 3]) {
    await write(page, `from scrivlet import nib\nnib.forward(${steps})\n`);
    assert.equal(await check(page), false);
    assert.ok(await gentler.isHidden());
  }
  await write(page, "from scrivlet import nib\nnib.forward(4)\n");
  assert.equal(await check(page), false);
  await gentler.waitFor();
  await assertAccessible(page, "a gentler rung");
  await write(page, `from scrivlet import nib\n${"nib.forward(50)\nnib.left(90)\n".repeat(4)}`);
  assert.equal(await check(page), true);
  assert.ok(await gentler.isHidden());
  assert.match(await verdict(page), /8 rows; the program that it was made from has 3\./);
  await write(page, "from scrivlet import nib\n");
  for (let tries = 0; tries < 4; ++tries) await check(page);
  await gentler.locator("a").click();
  await page.waitForURL(/kind=over/);
});

test("what is asked besides is said, told where it is missing, and not asked where the program itself has it not", async () => {
  const address = await square();
  await page.goto(`${address}/ladder?kind=write`);
  await page.click('summary[aria-label="Asked besides"]');
  await page.check('#ladder input[value="loop"]');
  await page.fill('#ladder input[name="rows"]', "3");
  await page.click('#ladder details button[type="submit"]');
  await page.waitForURL(/rows=3/);
  assert.deepEqual(await page.locator("#asks li").allTextContents(), ["a loop", "at most 3 rows"]);
  await assertAccessible(page, "asked besides");
  await write(page, `from scrivlet import nib\n${"nib.forward(50)\nnib.left(90)\n".repeat(4)}`);
  assert.equal(await check(page), false);
  assert.match(await verdict(page), /a loop is asked for.*8 rows; 3 are enough/);
  await write(page, "from scrivlet import nib\nfor i in range(4):\n    nib.forward(50)\n    nib.left(90)\n");
  assert.equal(await check(page), true);
  await page.goto(`${address}/ladder?kind=write&needs[]=list&rows=99999999999999999999&only=1`);
  assert.match((await page.textContent("#asks-too-much"))!, /a list is asked for/);
});
