// npm run bench: measures the budgets on the built app and prints them; needs npm run build first.
import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { withApp } from "./browser.mjs";

const RUNS = 7;

const core = spawnSync("node_modules/.bin/tsx", ["tools/benchCore.ts"], { encoding: "utf8" });
process.stdout.write(core.stdout);
process.stderr.write(core.stderr);

const median = (numbers) => numbers.toSorted((a, b) => a - b)[Math.floor(numbers.length / 2)];

/** Kilobytes (1000 bytes, gzip) of the scripts that a cold visit of a path loads. */
async function weigh(browser, address, path) {
  const context = await browser.newContext({ serviceWorkers: "block" });
  const page = await context.newPage();
  await page.goto(`${address}/demo`);
  await page.getByRole("heading", { level: 1 }).waitFor();
  const scripts = new Set();
  page.on(
    "response",
    (response) => response.url().endsWith(".js") && scripts.add(new URL(response.url()).pathname),
  );
  await page.goto(`${address}${path}`);
  await page.getByRole("heading", { level: 1 }).waitFor();
  await page.waitForTimeout(1500);
  await context.close();
  const bytes = [...scripts].reduce(
    (sum, script) => sum + gzipSync(readFileSync(`build/client${script}`), { level: 9 }).length,
    0,
  );
  return bytes / 1000;
}

/** Median milliseconds from a click on a drawer until the screen's own heading is drawn. */
async function click(page, name, heading) {
  const times = [];
  for (let i = 0; i < RUNS; i++) {
    await page
      .getByRole("navigation")
      .getByRole("link", { name: i % 2 ? "Household" : "Cupboard", exact: true })
      .click();
    await page.getByRole("heading", { level: 1, name: i % 2 ? /flat/ : /cupboard/ }).waitFor();
    const other = page.getByRole("navigation").getByRole("link", { name, exact: true });
    times.push(
      await other.evaluate((link, wanted) => {
        const start = performance.now();
        link.click();
        return new Promise((resolve) => {
          const look = () => {
            const found = new RegExp(wanted).test(document.querySelector("h1")?.textContent ?? "");
            if (found) resolve(performance.now() - start);
            else requestAnimationFrame(look);
          };
          look();
        });
      }, heading),
    );
  }
  return median(times);
}

await withApp(4850, async (browser, address) => {
  for (const path of ["/", "/plan", "/cupboard", "/household"]) {
    console.log(
      `weight of ${path}: ${(await weigh(browser, address, path)).toFixed(0)} kB of JavaScript (gzip)`,
    );
  }
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/demo`);
  await page.getByRole("heading", { level: 1 }).waitFor();
  for (const [name, heading] of [
    ["Shelf", "shelf, day"],
    ["Plan", "next shelf"],
  ]) {
    console.log(
      `click on ${name} until it is drawn: ${(await click(page, name, heading)).toFixed(0)} ms (median of ${RUNS})`,
    );
  }
});
