// npm run bench -- backup: a household of five years (20,000 notes, 1,500 pictures of 300 kB) saved and restored, on the disk.
import { mkdtempSync, rmSync, statSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { chromium } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "./setup/chromium.mjs";

const NOTES = 20_000;
const PICTURES = 1500;
const PICTURE_BYTES = 300_000;
const MOST_MS = 600_000;

/** Adds notes and pictures to the demo, until there are so many. */
const fill = (page, counts) =>
  page.evaluate(async ({ notes, pictures, bytes }) => {
    const db = await new Promise((resolve) => {
      const request = indexedDB.open("orto-demo");
      request.onsuccess = () => resolve(request.result);
    });
    const ended = (transaction) =>
      new Promise((resolve, reject) => {
        transaction.oncomplete = resolve;
        transaction.onerror = () => reject(transaction.error);
      });
    const all = await new Promise((resolve) => {
      const request = db.transaction("observations").objectStore("observations").getAll();
      request.onsuccess = () => resolve(request.result);
    });
    const write = db.transaction("observations", "readwrite");
    for (let i = all.length; i < notes; i++) {
      const on = new Date(Date.UTC(2026, 4, 8) - (i % 1825) * 86_400_000).toISOString().slice(0, 10);
      const at = `${on}T18:00:00.000Z`;
      const row = {
        ...all[i % all.length],
        id: `more-${i}`,
        tray: undefined,
        on,
        createdAt: at,
        updatedAt: at,
      };
      write.objectStore("observations").put(row);
    }
    await ended(write);
    const at = "2026-05-01T18:00:00.000Z";
    for (let i = 0; i < pictures; i++) {
      const picture = new Uint8Array(bytes);
      for (let from = 0; from < bytes; from += 60_000)
        crypto.getRandomValues(picture.subarray(from, Math.min(bytes, from + 60_000)));
      const digest = new Uint8Array(await crypto.subtle.digest("SHA-256", picture));
      const sha256 = [...digest].map((byte) => byte.toString(16).padStart(2, "0")).join("");
      const put = db.transaction(["photos", "pictures"], "readwrite");
      put.objectStore("pictures").put({ id: sha256, bytes: picture });
      const observation = `more-${all.length + i}`;
      const row = { id: `photo-${i}`, observation, mime: "image/jpeg", base64: "", sha256 };
      put.objectStore("photos").put({ ...row, createdAt: at, updatedAt: at });
      await ended(put);
    }
    db.close();
  }, counts);

/** From now on, how long the page was busy at a time, at most. */
const watchPage = (page) =>
  page.evaluate(() => {
    globalThis.longest = 0;
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries())
        globalThis.longest = Math.max(globalThis.longest, duration);
    }).observe({ entryTypes: ["longtask"] });
  });
const busiest = (page) => page.evaluate(() => globalThis.longest);

const folder = mkdtempSync(join(tmpdir(), "orto-bench-"));
const open = (name) =>
  chromium.launchPersistentContext(join(folder, name), {
    executablePath: chromiumPath(),
    args: CHROMIUM_FLAGS,
    viewport: { width: 1280, height: 800 },
  });

/** Prints how long saving and restoring take, and how long the page was busy meanwhile. */
export async function benchBackup(address) {
  const file = join(folder, "backup.zip");
  const home = await open("home");
  const page = await home.newPage();
  page.setDefaultTimeout(MOST_MS);
  await page.goto(`${address}/demo`);
  await page.getByRole("heading", { level: 1 }).waitFor();
  await fill(page, { notes: NOTES, pictures: PICTURES, bytes: PICTURE_BYTES });
  await page.goto(`${address}/household?part=data`);
  const save = page.getByRole("button", { name: "Save a backup file" });
  await save.waitFor();
  await watchPage(page);
  let began = performance.now();
  const [download] = await Promise.all([page.waitForEvent("download"), save.click()]);
  const saved = performance.now() - began;
  const savedBusy = await busiest(page);
  await download.saveAs(file);
  await home.close();
  const other = await open("other");
  const device = await other.newPage();
  device.setDefaultTimeout(MOST_MS);
  await device.goto(`${address}/start`);
  await device.getByLabel("Restore from a file").setInputFiles(file);
  await watchPage(device);
  began = performance.now();
  await device.getByRole("button", { name: "Restore", exact: true }).click();
  await device.getByRole("region", { name: "The shelf as it stands" }).waitFor();
  const restored = performance.now() - began;
  const restoredBusy = await busiest(device);
  await other.close();
  const megabytes = (statSync(file).size / 1e6).toFixed(0);
  rmSync(folder, { recursive: true });
  const seconds = (ms) => (ms / 1000).toFixed(1);
  console.log(
    `five years (${NOTES} notes, ${PICTURES} pictures, ${megabytes} MB): saved in ${seconds(saved)} s, the page busy ${savedBusy.toFixed(0)} ms at most; restored on a new device in ${seconds(restored)} s, busy ${restoredBusy.toFixed(0)} ms at most`,
  );
}
