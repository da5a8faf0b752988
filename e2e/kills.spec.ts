import { mkdtempSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { type BrowserContext, chromium, expect, type Page, test } from "@playwright/test";
// @ts-expect-error: plain JavaScript, since it runs before anything is installed
import { CHROMIUM_FLAGS, chromiumPath } from "../tools/setup/chromium.mjs";
import { LONG, proposal, shelf } from "./support";

const ROUNDS = 8;

/** A browser that keeps what it is given on the disk, as one at home does. */
async function open(folder: string, baseURL: string | undefined): Promise<[BrowserContext, Page]> {
  const context = await chromium.launchPersistentContext(folder, {
    executablePath: chromiumPath(),
    args: CHROMIUM_FLAGS,
    serviceWorkers: "block",
    viewport: { width: 1280, height: 800 },
    ...(baseURL ? { baseURL } : {}),
  });
  return [context, context.pages()[0] ?? (await context.newPage())];
}

/** Ends the whole browser at once, as a flat battery does. */
async function kill(context: BrowserContext, page: Page) {
  const gone = context.waitForEvent("close");
  const session = await context.newCDPSession(page);
  session.send("Browser.crash").catch(() => undefined);
  await gone;
}

const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));

/** How many rows the tables of a household have. */
const counts = (page: Page, database: string, tables: readonly string[]) =>
  page.evaluate(
    async ([name, wanted]) => {
      const db = await new Promise<IDBDatabase>((resolve) => {
        const request = indexedDB.open(name as string);
        request.onsuccess = () => resolve(request.result);
      });
      const count = (table: string) =>
        new Promise<number>((resolve) => {
          const request = db.transaction(table).objectStore(table).count();
          request.onsuccess = () => resolve(request.result);
        });
      const all = await Promise.all((wanted as string[]).map(count));
      db.close();
      return all;
    },
    [database, tables] as const,
  );

const newFolder = () => mkdtempSync(join(tmpdir(), "orto-kill-"));

/** Spread over the time that the work takes, from at once to after it. */
const moment = (round: number, workMs: number) => wait((round * workMs * 1.3) / (ROUNDS - 1));

async function toDemo(page: Page) {
  await page.goto("/demo");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
}

test("no note that was confirmed is lost, whenever the browser is killed", LONG, async ({ baseURL }) => {
  test.setTimeout(300_000);
  const folder = newFolder();
  let [context, page] = await open(folder, baseURL);
  await toDemo(page);
  let [before = 0] = await counts(page, "orto-demo", ["observations"]);
  for (let round = 0; round < ROUNDS; round++) {
    await page.goto("/");
    await shelf(page)
      .getByRole("button", { name: /Discs in a slot/ })
      .click();
    await page.getByRole("button", { name: "With a word" }).click();
    const isConfirmed = await Promise.race([
      page
        .getByText("Noted: with a word.")
        .waitFor()
        .then(() => true),
      moment(round, 300).then(() => false),
    ]);
    await kill(context, page);
    [context, page] = await open(folder, baseURL);
    await page.goto("/");
    await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
    const [now = 0] = await counts(page, "orto-demo", ["observations"]);
    expect(now - before).toBeGreaterThanOrEqual(isConfirmed ? 1 : 0);
    expect(now - before).toBeLessThanOrEqual(1);
    before = now;
  }
  await context.close();
});

test("a plan is accepted as a whole or not at all", LONG, async ({ baseURL }) => {
  test.setTimeout(300_000);
  for (let round = 0; round < ROUNDS; round++) {
    const folder = newFolder();
    let [context, page] = await open(folder, baseURL);
    await toDemo(page);
    await page.goto("/plan?weeks=1");
    await expect(proposal(page)).toBeVisible();
    const tables = ["rotations", "trays"];
    const [rotations = 0, trays = 0] = await counts(page, "orto-demo", tables);
    await page.getByRole("button", { name: "Accept" }).click();
    await moment(round, 400);
    await kill(context, page);
    [context, page] = await open(folder, baseURL);
    await page.goto("/");
    await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
    const [newRotations = 0, newTrays = 0] = await counts(page, "orto-demo", tables);
    expect(newTrays > trays).toBe(newRotations > rotations);
    if (newRotations > rotations) expect(newTrays - trays).toBeGreaterThan(6);
    await context.close();
  }
});

for (const how of ["restored", "put together"] as const)
  test(`a backup is ${how} as a whole or not at all`, LONG, async ({ baseURL }) => {
    test.setTimeout(300_000);
    const source = newFolder();
    const [maker, made] = await open(source, baseURL);
    await toDemo(made);
    await made.goto("/household?part=data");
    const save = async () => {
      const [file] = await Promise.all([
        made.waitForEvent("download"),
        made.getByRole("button", { name: "Save a backup file" }).click(),
      ]);
      const path = join(source, `${Math.random()}.zip`);
      await file.saveAs(path);
      return path;
    };
    const first = await save();
    await made.goto("/");
    await shelf(made)
      .getByRole("button", { name: /Discs in a slot/ })
      .click();
    await made.getByRole("button", { name: "With a word" }).click();
    await expect(made.getByText("Noted: with a word.")).toBeVisible();
    await made.goto("/household?part=data");
    const second = await save();
    const tables = ["observations", "trays", "holdings", "children"];
    const later = await counts(made, "orto-demo", tables);
    const earlier = [(later[0] ?? 0) - 1, ...later.slice(1)];
    await maker.close();
    for (let round = 0; round < ROUNDS; round++) {
      const folder = newFolder();
      let [context, page] = await open(folder, baseURL);
      await page.goto("/start");
      await page.getByLabel("Restore from a file").setInputFiles(first);
      await page.getByRole("button", { name: "Restore", exact: true }).click();
      await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
      await page.goto("/household?part=data");
      const [label, button] =
        how === "restored"
          ? ["Restore from a file", "Restore"]
          : ["A backup file of the other device", "Put together"];
      await page.getByLabel(label).setInputFiles(second);
      await page.getByRole("button", { name: button, exact: true }).click();
      await moment(round, 900);
      await kill(context, page);
      [context, page] = await open(folder, baseURL);
      await page.goto("/");
      await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
      const now = await counts(page, "orto", tables);
      expect([earlier, later]).toContainEqual(now);
      await context.close();
    }
  });
