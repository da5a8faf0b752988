import type { Page } from "@playwright/test";
import { earlierBackup } from "../app/core/model/testing/backups";
import {
  accessible,
  expect,
  LONG,
  ONCE,
  openDemo,
  openPlan,
  openScreen,
  rotations,
  shelf,
  test,
} from "./support";

/** All rows of a table of a household, as the browser stores them. */
const rowsOf = (page: Page, database: "orto" | "orto-demo", table: string) =>
  page.evaluate(
    ([name, store]) =>
      new Promise<Record<string, unknown>[]>((resolve, reject) => {
        const opening = indexedDB.open(name ?? "");
        opening.onerror = () => reject(opening.error);
        opening.onsuccess = () => {
          const reading = opening.result
            .transaction(store ?? "")
            .objectStore(store ?? "")
            .getAll();
          reading.onsuccess = () => {
            opening.result.close();
            resolve(reading.result);
          };
        };
      }),
    [database, table],
  );

/** The demo's shelf with one tray open. */
async function openTray(page: Page) {
  await openDemo(page);
  await shelf(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
}

test("two plans accepted one after the other stand from their own days", LONG, async ({ page }) => {
  await openPlan(page);
  const from = page.getByLabel("Stands from");
  const first = await from.inputValue();
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();
  await expect(from).not.toHaveValue(first);
  await expect(page.getByRole("button", { name: "Accept" })).toBeEnabled();
  await page.getByRole("button", { name: "Accept" }).click();
  await expect
    .poll(async () => {
      const rotations = await rowsOf(page, "orto-demo", "rotations");
      const fresh = rotations.filter((row) => String(row.from) >= first && !row.deletedAt);
      return fresh.map((row) => `${row.from === row.to ? "empty " : ""}${row.to ? "ends" : "open"}`).sort();
    })
    .toEqual(["ends", "open"]);
});

test(
  "what two tabs say of one note is kept, and so is what neither said",
  ONCE,
  async ({ page, context }) => {
    await openTray(page);
    await page.getByRole("button", { name: "With a hand" }).click();
    await expect(page.getByText("Noted: with a hand.")).toBeVisible();
    const other = await context.newPage();
    await other.goto(page.url());
    await other.getByRole("textbox", { name: "Words" }).fill("Turned the slot.");
    await page.getByLabel("Minutes", { exact: true }).fill("7");
    await other.getByRole("button", { name: "Keep these" }).click();
    await expect(other.getByRole("button", { name: "Kept", exact: true })).toBeVisible();
    await page.getByRole("button", { name: "Keep these" }).click();
    await expect(page.getByRole("button", { name: "Kept", exact: true })).toBeVisible();
    const notes = await rowsOf(page, "orto-demo", "observations");
    expect(notes.find((row) => row.words === "Turned the slot.")).toMatchObject({ minutes: 7, help: "hand" });
  },
);

test(
  "a tab that shows the demo writes to the demo, whatever another opens",
  LONG,
  async ({ page, context }) => {
    await openTray(page);
    await page.getByRole("link", { name: "Watch", exact: true }).click();
    await page.getByRole("button", { name: "It began" }).click();
    const other = await context.newPage();
    await other.goto("/start");
    await other.getByLabel("Name or initial").fill("Ida");
    await other.getByLabel("Birth date", { exact: true }).fill("2025-03-01");
    await other.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(other.getByRole("heading", { level: 1 })).toContainText(/Planning|next shel/);
    await page.getByRole("button", { name: /^Again/ }).click();
    await page.getByRole("button", { name: "Done: make it a note" }).click();
    await expect(page.getByText(/^Noted:/)).toBeVisible();
    expect(await rowsOf(page, "orto", "observations")).toEqual([]);
    // A new tab begins with what was opened last.
    const third = await context.newPage();
    await third.goto("/household");
    await expect(third.getByRole("heading", { level: 1 })).toContainText("Our home");
  },
);

test(
  "a page that is not there leaves the frame as it is; every screen has its title",
  ONCE,
  async ({ page }) => {
    await openDemo(page);
    await expect(page).toHaveTitle("Shelf · Orto");
    await page.goto("/activities/no-such-thing");
    await expect(page.getByRole("heading", { name: "There is no such page" })).toBeVisible();
    const errors: string[] = [];
    page.on("pageerror", (error) => errors.push(error.message));
    await page.goto("/no-such-screen");
    await expect(page.getByRole("heading", { name: "There is no such page" })).toBeVisible();
    expect(errors).toEqual([]);
    await openScreen(page, "Cupboard");
    await expect(page.getByRole("heading", { level: 1, name: "The cupboard" })).toBeVisible();
    await expect(page).toHaveTitle("Cupboard · Orto");
  },
);

test("leaving Plan ends the solver at once", ONCE, async ({ page }) => {
  await page.addInitScript(() => {
    const seen = { left: 0, ended: 0 };
    Object.assign(window, { seen });
    const { terminate } = Worker.prototype;
    Worker.prototype.terminate = function (this: Worker) {
      seen.ended = performance.now();
      terminate.call(this);
    };
    document.addEventListener(
      "click",
      () => {
        seen.left = performance.now();
      },
      true,
    );
  });
  await openPlan(page);
  await rotations(page, 6);
  await expect(page.getByText("Planning anew; this is still the plan before.")).toBeVisible();
  await openScreen(page, "Shelf");
  await expect(shelf(page)).toBeVisible();
  const { left, ended } = await page.evaluate(
    () => (window as unknown as { seen: Record<string, number> }).seen,
  );
  // By leaving, and not by anything before it.
  expect(Number(ended)).toBeGreaterThanOrEqual(Number(left));
  expect(Number(ended) - Number(left)).toBeLessThan(100);
});

test(
  "a database of an earlier version opens with all that was in it; what can't be right is told",
  ONCE,
  async ({ page }) => {
    const { tables } = earlierBackup(4);
    Object.assign(tables.holdings?.[3] ?? {}, { quantity: -4 });
    // A page of the same address that is not the app: it has not opened the database yet.
    await page.route("**/favicon.ico", (route) => route.fulfill({ status: 204 }));
    await page.goto("/icon.svg");
    await page.evaluate(
      (stored) =>
        new Promise<void>((resolve, reject) => {
          // The package that the app opens it with counts versions in tens.
          const opening = indexedDB.open("orto", 40);
          opening.onerror = () => reject(opening.error);
          opening.onupgradeneeded = () => {
            for (const name of Object.keys(stored)) {
              const store = opening.result.createObjectStore(name, { keyPath: "id" });
              store.createIndex("updatedAt", "updatedAt");
              const more = { trays: ["rotation"], observations: ["on", "tray", "child"], holdings: ["site"] };
              for (const index of more[name as keyof typeof more] ?? []) store.createIndex(index, index);
              if (name === "photos") store.createIndex("observation", "observation");
            }
            opening.result.createObjectStore("safetyCopies", { keyPath: "id" });
          };
          opening.onsuccess = () => {
            const names = Object.keys(stored);
            const writing = opening.result.transaction(names, "readwrite");
            for (const name of names)
              for (const row of stored[name] ?? []) writing.objectStore(name).put(row);
            writing.oncomplete = () => {
              opening.result.close();
              resolve();
            };
          };
        }),
      tables,
    );
    await page.goto("/");
    await expect(page.getByRole("heading", { level: 1 })).toContainText("shelf, day 7");
    await openScreen(page, "Household");
    const told = page.getByRole("region", { name: "Not kept as it was" });
    await expect(told).toContainText("quantity: 0 or more");
    await accessible(page);
    await told.getByRole("button", { name: "I have seen it" }).click();
    await expect(told).toBeHidden();
    expect((await rowsOf(page, "orto", "observations")).length).toBe(tables.observations?.length);
  },
);

test(
  "a change of what is gone by now says so, though the part that was tapped shows no faults",
  ONCE,
  async ({ page }) => {
    await openDemo(page);
    await openScreen(page, "Journal");
    const remove = page.getByRole("button", { name: /^Delete: / }).first();
    await expect(remove).toBeVisible();
    // Past the app, so that the screen still shows them all.
    await page.evaluate(
      () =>
        new Promise<void>((done, fail) => {
          const opening = indexedDB.open("orto-demo");
          opening.onerror = () => fail(opening.error);
          opening.onsuccess = () => {
            const change = opening.result.transaction("observations", "readwrite");
            change.objectStore("observations").clear();
            change.oncomplete = () => {
              opening.result.close();
              done();
            };
          };
        }),
    );
    await remove.click();
    const strip = page
      .getByRole("alert")
      .filter({ hasText: "That note is not there any more. Reload the page." });
    await expect(strip).toBeVisible();
    await strip.getByRole("button", { name: "Close" }).click();
    await expect(strip).toBeHidden();
  },
);
