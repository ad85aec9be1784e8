// From a key to the list of what may be written, in a Python text of 300 lines, beside the smallest change that is painted.
import { execFileSync } from "node:child_process";
import { unlinkSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { chromium } from "playwright-core";

const LINES = 300;
const KEYS = 60;
const address = process.argv[2];

const project = `${tmpdir()}/keys.scrivlet.json`;
writeFileSync(project, execFileSync("php", [new URL("rows.php", import.meta.url).pathname, String(LINES)]));
const file = `${tmpdir()}/keys.py`;
const text = execFileSync("bin/scrivlet", ["translate", project, "--to=python"]).toString();
writeFileSync(file, text);

const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${address}/sign-in`);
await page.fill("[name=_username]", "juniper@fernhollow.example");
await page.fill("[name=_password]", "garden-gate");
await page.press("[name=_password]", "Enter");
await page.waitForURL((url) => !url.pathname.includes("sign-in"));
await Promise.all([page.waitForURL(/programs\/\d+/), page.setInputFiles("#open-files", file)]);
[project, file].forEach((one) => unlinkSync(one));
await page.goto(`${page.url().replace(/\?.*/, "")}?view=both&text=python`);
await page.click("#write");
await page.locator(".cm-content").click();
await page.keyboard.press("Control+End");

await page.evaluate(() => {
  window.asked = [];
  document.addEventListener("keydown", (event) => event.key.length === 1 && (window.pressed = performance.now()), true);
  new MutationObserver(() => {
    if (window.pressed && document.querySelector(".cm-tooltip-autocomplete li")) {
      const from = window.pressed;
      window.pressed = 0;
      requestAnimationFrame(() =>
        setTimeout(() => {
          window.asked.push(performance.now() - from);
          // A list that is kept out of sight is painted in no time.
          const { top, bottom } = document.querySelector(".cm-tooltip-autocomplete").getBoundingClientRect();
          window.unseen ||= top < 0 || bottom > innerHeight;
        }),
      );
    }
  }).observe(document.body, { childList: true, subtree: true });
});
const empty = await page.evaluate(async (turns) => {
  const times = [];
  const probe = document.createElement("p");
  document.querySelector("footer").append(probe);
  for (let turn = 0; turn < turns; turn++) {
    const start = performance.now();
    probe.textContent = String(turn);
    await new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
    times.push(performance.now() - start);
  }
  return times;
}, KEYS);
for (let turn = 0; turn < KEYS; turn++) {
  await page.keyboard.press("Enter");
  await page.waitForTimeout(450);
  await page.keyboard.press("nfipw"[turn % 5]);
  // Asking whether the list is there would take of the time that is measured.
  await page.waitForTimeout(400);
  // Escape would leave the page where the list has gone by itself.
  await page.keyboard.press("Backspace");
  await page.waitForTimeout(150);
}
const keys = await page.evaluate(() => window.asked);
if (await page.evaluate(() => window.unseen)) throw new Error("The list is out of sight.");
await browser.close();

const at = (times, share) => [...times].sort((one, other) => one - other)[Math.floor(share * (times.length - 1))];
const show = (times) => [0.5, 0.95].map((share) => at(times, share).toFixed(1).padStart(7)).join(" ");
console.log(`from a key to the list, ${text.split("\n").length} lines (ms: median, p95; ${keys.length} keys)`);
console.log(`  key to list       ${show(keys)}`);
console.log(`  smallest change   ${show(empty)}`);
console.log(`  ratio of medians  ${(at(keys, 0.5) / at(empty, 0.5)).toFixed(1)}`);
