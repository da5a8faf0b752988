import type { Page } from "@playwright/test";
import { drawer, expect, ONCE, openDemo, proposal, shelf, test } from "./support";

/** Presses Tab until the element with this name has the focus; fails when it cannot be reached. */
async function tabTo(page: Page, name: RegExp, most = 120) {
  for (let i = 0; i < most; i++) {
    await page.keyboard.press("Tab");
    const label = await page.evaluate(() => {
      const on = document.activeElement as HTMLElement | null;
      return on?.getAttribute("aria-label") ?? on?.textContent ?? "";
    });
    if (name.test(label)) return;
  }
  throw new Error(`Tab never came to ${name}`);
}

test("a note, a plan and its acceptance by keyboard alone", ONCE, async ({ page }) => {
  await openDemo(page);
  await tabTo(page, /Skip to the page/);
  await tabTo(page, /Down the ramp/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Down the ramp", level: 2 })).toBeFocused();
  await tabTo(page, /^After a look$/, 20);
  await page.keyboard.press("Enter");
  await expect(page.getByText("Noted: after a look.")).toBeVisible();

  await drawer(page, "Plan").focus();
  await page.keyboard.press("Enter");
  await expect(proposal(page)).toBeVisible();
  await tabTo(page, /Down the ramp/);
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { name: "Down the ramp", level: 2 })).toBeFocused();
  await tabTo(page, /^Lock it$/, 20);
  await page.keyboard.press("Space");
  await expect(page.getByRole("button", { name: "Unlock" })).toBeVisible();
  await page.getByRole("link", { name: "Close this tray" }).focus();
  await page.keyboard.press("Enter");
  // While it is planned anew nothing can be accepted.
  await expect(page.getByRole("button", { name: "Accept" })).toBeEnabled();
  await tabTo(page, /^Accept$/, 60);
  await page.keyboard.press("Enter");
  await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();
});

test("closing a tray on the phone brings the shelf back", async ({ page }, info) => {
  test.skip(info.project.name !== "phone", "The shelf stays beside the sheet on a desktop.");
  await openDemo(page);
  await shelf(page)
    .getByRole("button", { name: /Paint with water/ })
    .tap();
  await expect(page.getByRole("heading", { name: "Paint with water", level: 2 })).toBeInViewport();
  await expect(shelf(page)).toBeHidden();
  await page.getByRole("link", { name: "Close this tray" }).tap();
  await expect(shelf(page)).toBeVisible();
});
