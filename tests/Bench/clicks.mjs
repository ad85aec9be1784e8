// From a click in the drawer to the painted row, in a program of 200 rows, beside the smallest change that is painted.
import { execFileSync } from "node:child_process";
import { writeFileSync, unlinkSync } from "node:fs";
import { tmpdir } from "node:os";
import { chromium } from "playwright-core";

const ROWS = 200;
const CLICKS = 40;
const address = process.argv[2];

const file = `${tmpdir()}/clicks.scrivlet.json`;
writeFileSync(file, execFileSync("php", [new URL("rows.php", import.meta.url).pathname, String(ROWS)]));

const browser = await chromium.launch({ executablePath: "/usr/bin/chromium", args: ["--no-sandbox"] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
await page.goto(`${address}/sign-in`);
await page.fill("[name=_username]", "juniper@fernhollow.example");
await page.fill("[name=_password]", "garden-gate");
await page.press("[name=_password]", "Enter");
await page.waitForURL((url) => !url.pathname.includes("sign-in"));
await Promise.all([page.waitForURL(/programs\/\d+/), page.setInputFiles("#open-files", file)]);
unlinkSync(file);
await page.waitForLoadState("networkidle");

const measured = await page.evaluate(async (clicks) => {
  const painted = () => new Promise((done) => requestAnimationFrame(() => setTimeout(done)));
  const changed = (node, options, until) =>
    new Promise((done) => {
      const watch = new MutationObserver(() => until() && (watch.disconnect(), done()));
      watch.observe(node, options);
    });
  const blocks = document.querySelector("#blocks");
  const count = () => blocks.querySelectorAll(":scope > li[data-row]").length;
  const stock = document.querySelector('[data-entry="nib.forward"]');
  const probe = document.createElement("p");
  document.querySelector("footer").append(probe);
  const click = [];
  const server = [];
  const empty = [];
  for (let turn = 0; turn < clicks; turn++) {
    let start = performance.now();
    probe.textContent = String(turn);
    await painted();
    empty.push(performance.now() - start);
    const before = count();
    performance.clearResourceTimings();
    start = performance.now();
    const seen = changed(blocks, { childList: true }, () => count() > before);
    stock.click();
    await seen;
    await painted();
    click.push(performance.now() - start);
    const entry = performance.getEntriesByType("resource").find((one) => one.name.endsWith("/edits"));
    server.push(entry ? entry.responseEnd - entry.startTime : NaN);
    await new Promise((later) => setTimeout(later, 60));
  }
  return { click, server, empty };
}, CLICKS);
await browser.close();

const at = (times, share) => [...times].sort((a, b) => a - b)[Math.floor(share * (times.length - 1))];
const [click, server, empty] = [measured.click, measured.server, measured.empty].map((times) => [
  at(times, 0.5),
  at(times, 0.95),
]);
const round = (number) => number.toFixed(0);
console.log(
  `Click to painted row, ${ROWS} rows (${CLICKS} clicks): median ${round(click[0])} ms, p95 ${round(click[1])} ms; aim 50 ms`,
);
console.log(`  of which the answer takes ${round(server[0])} ms, p95 ${round(server[1])} ms`);
console.log(
  `  beside the smallest change that is painted: ${empty[0].toFixed(1)} ms; ratio ${(click[0] / empty[0]).toFixed(1)}`,
);
