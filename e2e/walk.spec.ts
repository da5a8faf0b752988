import type { Page } from "@playwright/test";
import { hashOf } from "../app/core/random";
import { ADDRESSES } from "./addresses";
import { expect, firstTray, openDemo, test, WIDE } from "./support";
import { toldFaults, walk } from "./walker";

/** The screens that a family uses most; the long run walks every screen and every part of each, at both sizes. */
const SCREENS = ["/", "/activities", "/start"];
const IS_LONG = process.env.ORTO_LONG === "1";
const ACTS = Number(process.env.ORTO_ACTS ?? (IS_LONG ? 250 : 150));
const TODAY = new Date("2026-05-10T18:00:00Z");
const SEED = Number(process.env.ORTO_SEED ?? 1);

/** Makes the browser keep nothing, as on a first visit. */
async function forgetAll(page: Page) {
  if (!page.url().startsWith("http")) await page.goto("/start");
  await page.evaluate(async () => {
    localStorage.clear();
    const kept = await indexedDB.databases();
    await Promise.all(
      kept.map(
        ({ name = "" }) =>
          new Promise((done) => {
            const asked = indexedDB.deleteDatabase(name);
            asked.onsuccess = done;
            asked.onerror = done;
            asked.onblocked = done;
          }),
      ),
    );
  });
  await page.goto("/start");
}

for (const screen of IS_LONG ? ADDRESSES : SCREENS) {
  test(`a walk of ${ACTS} acts through ${screen} meets no fault`, WIDE, async ({ page }, { project }) => {
    test.setTimeout(600_000);
    await page.clock.setSystemTime(TODAY);
    const seed = SEED + hashOf(`${screen} ${project.name}`);
    const isStart = screen === "/start";
    let tray = "";
    if (!isStart) {
      await openDemo(page);
      tray = await firstTray(page);
    }
    const restore = isStart ? () => forgetAll(page) : undefined;
    expect(toldFaults(await walk(page, { screen, tray, acts: ACTS, today: TODAY, seed, restore }))).toEqual(
      [],
    );
  });
}
