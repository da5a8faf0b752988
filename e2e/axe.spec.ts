import { ADDRESSES } from "./addresses";
import { accessible, expect, firstTray, goToScreen, LONG, openDemo, openScreen, test } from "./support";

const MOST_FOLDS = 12;
const SETTLED_MS = 30_000;
/** A fold that went away when another opened is none to wait for. */
const CLICK_MS = 1500;

test("axe finds nothing on any screen", LONG, async ({ page }) => {
  test.setTimeout(400_000);
  await openDemo(page);
  const tray = await firstTray(page);
  // All that is found is told at once.
  const found: string[] = [];
  // What stands for a moment only, as a page that fades while the next comes in, is looked at again.
  const look = (what: string) =>
    expect(() => accessible(page))
      .toPass({ timeout: SETTLED_MS })
      .catch((error) => found.push(`${what}: ${(error as Error).message}`));
  for (const route of ADDRESSES) {
    await test.step(route, async () => {
      await goToScreen(page, route, tray);
      await expect(page.locator("main, h1, h2").first()).toBeVisible();
      await expect(page.getByText("Planning…")).toHaveCount(0);
      await look(route);
      // And with all of its folds open.
      const folds = page.locator('.ant-collapse-header[aria-expanded="false"]:visible');
      if ((await folds.count()) === 0) return;
      for (const fold of (await folds.all()).slice(0, MOST_FOLDS).reverse())
        await fold.click({ timeout: CLICK_MS }).catch(() => undefined);
      await look(`${route}, folds open`);
    });
  }
  expect(found).toEqual([]);
});

test("axe finds nothing with any dialog open", LONG, async ({ page }) => {
  test.setTimeout(200_000);
  await openDemo(page);
  await page.getByRole("button", { name: "Note", exact: true }).click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await accessible(page);
  await page.keyboard.press("Escape");
  await expect(page.getByRole("dialog")).toBeHidden();
  await page.keyboard.press("?");
  await expect(page.getByRole("dialog")).toBeVisible();
  await accessible(page);
  await page.keyboard.press("Escape");

  await openScreen(page, "Journal");
  await page
    .getByRole("button", { name: /^Change/ })
    .first()
    .click();
  await expect(page.getByRole("dialog")).toBeVisible();
  await accessible(page);
  await page.keyboard.press("Escape");
});
