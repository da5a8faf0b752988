import type { Page } from "@playwright/test";
import { accessible, drawer, expect, LONG, ONCE, openDemo, proposal, shelf, test } from "./support";

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

test("a note, a plan and its acceptance by keyboard alone", LONG, async ({ page }) => {
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
  // Not the line above the shelf that tells until when it is safe.
  await tabTo(page, /Down the ramp(?!,)/);
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

test(
  "single keys open screens, find the search and a note, and can be switched off",
  ONCE,
  async ({ page }) => {
    await openDemo(page);
    await page.keyboard.press("g");
    await page.keyboard.press("c");
    await expect(page.getByRole("heading", { name: "The cupboard" })).toBeVisible();
    await page.keyboard.press("/");
    await expect(page.getByLabel("Find a thing")).toBeFocused();
    // Where one writes, a key is a letter.
    await page.keyboard.type("g");
    await page.keyboard.type("a");
    await expect(page.getByLabel("Find a thing")).toHaveValue("ga");
    await page.getByLabel("Find a thing").blur();
    await page.keyboard.press("g");
    await page.keyboard.press("s");
    await shelf(page)
      .getByRole("button", { name: /Down the ramp/ })
      .click();
    await expect(page.getByRole("button", { name: "Alone", exact: true })).toBeVisible();
    await page.keyboard.press("n");
    await expect(page.getByRole("button", { name: "Alone", exact: true })).toBeFocused();

    await page.keyboard.press("?");
    const keys = page.getByRole("dialog", { name: "Keys" });
    await expect(keys).toBeVisible();
    await accessible(page);
    await keys.getByRole("switch", { name: /Use single keys on this device/ }).click();
    await expect(keys.getByRole("switch")).not.toBeChecked();
    await page.keyboard.press("Escape");
    await expect(keys).toBeHidden();
    await page.keyboard.press("g");
    await page.keyboard.press("j");
    await expect(shelf(page)).toBeVisible();
  },
);
