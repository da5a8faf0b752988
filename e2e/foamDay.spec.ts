import { accessible, expect, LONG, openScreen, setUpFrom, test } from "./support";

test(
  "a foam day: mixed before its moment and for no other, begun in time, and noted",
  LONG,
  async ({ page }) => {
    await setUpFrom(page, "2026-06-10T06:30:00Z", [{ name: "Ida", birth: "2024-06-01" }]);
    await page.getByLabel("Low table").check();
    await page.getByRole("button", { name: /^Next/ }).click();
    await page.getByLabel(/have their hours/).check();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(page.getByText("Proven best")).toBeVisible();
    await page.goto("/activities/foam");
    await page.getByRole("button", { name: "Put on the plan" }).click();
    await expect(page.getByText(/^It goes on the next plan/)).toBeVisible();
    await page.goto("/plan?weeks=1");
    await expect(page.getByText("Proven best")).toBeVisible();
    await page.getByRole("button", { name: "Accept" }).click();
    await expect(page.getByText("Accepted. The shelf stands from")).toBeVisible();

    // Nothing of it is mixed or fetched for the whole week: its parts are told before each time.
    await openScreen(page, "Prepare");
    const each = page.getByRole("region", { name: "Before each time" });
    await expect(each.getByText(/water from cooked chickpeas/)).toBeVisible();
    await expect(each.getByText(/sinks within the hour/)).toBeVisible();
    const foamLine = /^\d+ ml whipped foam/;
    await expect(each.getByRole("listitem").filter({ hasText: foamLine })).toHaveCount(1);
    await expect(page.getByRole("listitem").filter({ hasText: foamLine })).toHaveCount(1);
    await accessible(page);

    // Today instead of what was planned: with what to do, and when to begin.
    await openScreen(page, "Shelf");
    const breakfast = page.getByRole("listitem").filter({ hasText: "8:30 · After breakfast · Low table" });
    const foam = breakfast.getByRole("link", { name: "Play with foam on a tray" });
    if ((await foam.count()) === 0) {
      await breakfast.getByRole("button", { name: /omething else/ }).click();
      await breakfast.getByRole("button", { name: "Play with foam on a tray" }).click();
    }
    await expect(foam).toBeVisible();
    // Some ten minutes before half past eight.
    const prepare = breakfast.getByRole("button", { name: /^Prepare from 8:(1|2)\d( AM)?, \d+ min/ });
    await expect(prepare).toBeVisible();
    if ((await prepare.getAttribute("aria-expanded")) !== "true") await prepare.click();
    await expect(breakfast.getByText(/water from cooked chickpeas/)).toBeVisible();
    await accessible(page);
    await foam.click();
    await page.getByRole("button", { name: "Alone" }).click();
    await expect(page.getByText("Noted: alone.")).toBeVisible();
    await page.getByRole("link", { name: "Close this tray" }).click();
    await expect(breakfast.getByText("noted today")).toBeVisible();
  },
);
