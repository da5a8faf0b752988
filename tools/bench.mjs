// npm run bench: measures the budgets on the built app and prints them; needs npm run build first.
import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";
import { benchBackup } from "./benchBackup.mjs";
import { benchStart } from "./benchStart.mjs";
import { withApp } from "./browser.mjs";

const RUNS = 7;

// npm run bench -- screens, or -- backup: only that part; the planner's takes some minutes.
const isAsked = (part) =>
  process.argv.includes(part) || !["screens", "backup"].some((one) => process.argv.includes(one));

if (isAsked("planner")) {
  const core = spawnSync("node_modules/.bin/tsx", ["tools/benchCore.ts"], { encoding: "utf8" });
  process.stdout.write(core.stdout);
  process.stderr.write(core.stderr);
}

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

/** Adds changed copies of the built-in activities as own ones to the demo, until there are so many in all. */
const growTo = (page, count) =>
  page.evaluate(async (wanted) => {
    const url = document.querySelector('link[rel="preload"][as="fetch"]').href;
    const { activities } = await (await fetch(url)).json();
    const at = "2026-05-01T00:00:00.000Z";
    const db = await new Promise((resolve) => {
      const request = indexedDB.open("orto-demo");
      request.onsuccess = () => resolve(request.result);
    });
    const write = db.transaction("ownActivities", "readwrite");
    for (let i = 0; i < wanted - activities.length; i++) {
      const source = activities[i % activities.length];
      const name = `${source.name} ${i}`;
      write
        .objectStore("ownActivities")
        .put({ ...source, id: `own-${i}`, name, createdAt: at, updatedAt: at });
    }
    await new Promise((resolve) => {
      write.oncomplete = resolve;
    });
    db.close();
  }, count);

/** Adds notes to the demo until there are so many, spread over five years before its day. */
const noteUntil = (page, count) =>
  page.evaluate(async (wanted) => {
    const db = await new Promise((resolve) => {
      const request = indexedDB.open("orto-demo");
      request.onsuccess = () => resolve(request.result);
    });
    const done = (transaction) =>
      new Promise((resolve) => {
        transaction.oncomplete = resolve;
      });
    const read = db.transaction("observations");
    const all = await new Promise((resolve) => {
      const request = read.objectStore("observations").getAll();
      request.onsuccess = () => resolve(request.result);
    });
    const write = db.transaction("observations", "readwrite");
    const DAYS = 5 * 365;
    for (let i = all.length; i < wanted; i++) {
      const source = all[i % all.length];
      const on = new Date(Date.UTC(2026, 4, 8) - (i % DAYS) * 86_400_000).toISOString().slice(0, 10);
      const at = `${on}T18:00:00.000Z`;
      write
        .objectStore("observations")
        .put({ ...source, id: `more-${i}`, tray: undefined, on, createdAt: at, updatedAt: at });
    }
    await done(write);
    db.close();
  }, count);

/** Milliseconds from a tap on a tray until its sheet stands, and from the note's tap until it is kept. */
async function noteTimes(page) {
  const opened = [];
  const noted = [];
  const until = (text) =>
    page.evaluate((wanted) => {
      const start = performance.now();
      document.activeElement.click();
      return new Promise((resolve) => {
        const look = () => {
          if (document.body.textContent.includes(wanted)) resolve(performance.now() - start);
          else requestAnimationFrame(look);
        };
        look();
      });
    }, text);
  for (let i = 0; i < RUNS; i++) {
    await page.getByRole("navigation").getByRole("link", { name: "Shelf", exact: true }).click();
    await page
      .getByRole("region", { name: "The shelf as it stands" })
      .getByRole("button", { name: /Discs in a slot/ })
      .focus();
    opened.push(await until("How did it go?"));
    await page.getByRole("button", { name: "With a word" }).focus();
    noted.push(await until("Noted: with a word."));
  }
  return { opened: median(opened), noted: median(noted) };
}

/** Milliseconds that each letter typed into the search keeps the page busy: the handler, the search and the drawing. */
const typeWords = (page, words) =>
  page.evaluate(async (text) => {
    const input = document.querySelector("main input[type=search]");
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set;
    const frame = () => new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve)));
    input.focus();
    await frame();
    const busy = [];
    let spent = 0;
    const observer = new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) spent += entry.duration;
    });
    observer.observe({ entryTypes: ["longtask"] });
    for (let i = 1; i <= text.length; i++) {
      spent = 0;
      const start = performance.now();
      set.call(input, text.slice(0, i));
      input.dispatchEvent(new Event("input", { bubbles: true }));
      const handled = performance.now() - start;
      for (let n = 0; n < 6; n++) await frame();
      busy.push({ handled, long: spent });
    }
    return busy;
  }, words);

/** Median milliseconds from a click on a drawer until the screen's own heading is drawn. */
async function click(page, name, heading) {
  const times = [];
  for (let i = 0; i < RUNS; i++) {
    const from = name === "Cupboard" || (name !== "Household" && i % 2) ? "Household" : "Cupboard";
    await page.getByRole("navigation").getByRole("link", { name: from, exact: true }).click();
    await page.getByRole("heading", { level: 1, name: from === "Household" ? /flat/ : /cupboard/ }).waitFor();
    // A page at rest: what is still drawn of the one before would count for this one.
    await page.evaluate(() => new Promise((done) => requestIdleCallback(done)));
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

/** Screens by their drawer, and what their heading says. */
const SCREENS = [
  ["Shelf", "shelf, day"],
  ["Plan", "next shel"],
  ["Prepare", "Prepare the shelf"],
  ["Journal", "Journal"],
  ["Growing", "Growing"],
  ["Household", "flat"],
  ["Cupboard", "cupboard"],
];

/** Prints what screens weigh, and how soon they stand and answer. */
async function benchScreens(browser, address) {
  for (const path of [
    "/",
    "/plan",
    "/activities",
    "/activities/towers",
    "/cupboard",
    "/prepare",
    "/journal",
    "/journal?view=charts",
    "/household",
  ]) {
    console.log(
      `weight of ${path}: ${(await weigh(browser, address, path)).toFixed(0)} kB of JavaScript (gzip)`,
    );
  }
  const search = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await search.goto(`${address}/demo`);
  await search.getByRole("heading", { level: 1 }).waitFor();
  await growTo(search, 1000);
  await search.goto(`${address}/activities`);
  await search.getByText("of 1000").waitFor();
  const keys = await typeWords(search, "muffin tin and some soft balls");
  const worst = Math.max(...keys.map((key) => key.handled));
  console.log(
    `a key stroke in search, 1,000 activities: median ${median(keys.map((key) => key.handled)).toFixed(1)} ms, worst ${worst.toFixed(1)} ms until the letter stands; results of one key kept the page busy over 50 ms ${keys.filter((key) => key.long > 0).length} of ${keys.length} times`,
  );
  await search.close();
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  await page.goto(`${address}/demo`);
  await page.getByRole("heading", { level: 1 }).waitFor();
  for (const [name, heading] of SCREENS) {
    console.log(
      `click on ${name} until it is drawn: ${(await click(page, name, heading)).toFixed(0)} ms (median of ${RUNS})`,
    );
  }
  await benchStart(browser, address);
  await noteUntil(page, 20_000);
  await page.goto(address);
  await page.getByRole("heading", { level: 1 }).waitFor();
  for (const [name, heading] of SCREENS) {
    const ms = (await click(page, name, heading)).toFixed(0);
    console.log(`with 20,000 notes, click on ${name} until it is drawn: ${ms} ms (median of ${RUNS})`);
  }
  const { opened, noted } = await noteTimes(page);
  console.log(
    `with 20,000 notes, a tray opens in ${opened.toFixed(0)} ms, a note is kept and shown in ${noted.toFixed(0)} ms (median of ${RUNS})`,
  );
}

await withApp(4850, async (browser, address) => {
  if (isAsked("backup")) await benchBackup(address);
  if (isAsked("screens")) await benchScreens(browser, address);
});
