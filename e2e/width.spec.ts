import type { Page } from "@playwright/test";
import { ADDRESSES } from "./addresses";
import { expect, firstTray, goToScreen, ONCE, openDemo, test } from "./support";

const WIDTHS = [1280, 1024, 768, 390];

/** What reaches past the right edge of the page, but for what is swiped within its own box. */
const overflowing = (page: Page) =>
  page.evaluate(() => {
    const wide = document.documentElement.clientWidth + 1;
    const isSwiped = (element: Element | null): boolean =>
      element !== null &&
      (/auto|scroll|hidden/.test(getComputedStyle(element).overflowX) || isSwiped(element.parentElement));
    return [...document.querySelectorAll("body *")]
      .filter((one) => one.getBoundingClientRect().right > wide && !isSwiped(one.parentElement))
      .map((one) => `${one.tagName} ${one.className} ${Math.round(one.getBoundingClientRect().right)}`)
      .slice(0, 5);
  });

/** Parts of the library on the page for which no style was made when the app was built. */
const unstyled = (page: Page) =>
  page.evaluate(() => {
    const rules = [...document.styleSheets].flatMap((sheet) =>
      [...sheet.cssRules].map((rule) => rule.cssText),
    );
    const styles = rules.join("");
    const parts = [...document.querySelectorAll("[class*='ant-']")].flatMap((one) =>
      [...one.classList].flatMap((name) => /^ant-[a-z]+/.exec(name)?.[0] ?? []),
    );
    return [...new Set(parts)].filter((part) => !styles.includes(`.${part}`));
  });

test("nothing is cut off at any width", ONCE, async ({ page }) => {
  await openDemo(page);
  const tray = await firstTray(page);
  for (const route of ADDRESSES) {
    await page.setViewportSize({ width: 1280, height: 844 });
    await goToScreen(page, route, tray);
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    expect(await unstyled(page), route).toEqual([]);
    for (const width of WIDTHS) {
      await page.setViewportSize({ width, height: 844 });
      // A chart takes the new width a frame later than the page.
      await expect.poll(() => overflowing(page), { message: `${route} at ${width}` }).toEqual([]);
    }
  }
});
