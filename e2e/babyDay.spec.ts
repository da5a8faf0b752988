import { accessible, expect, LONG, openScreen, part, proposal, setUpFrom, test } from "./support";

test(
  "a baby's day on the mat alone: four moments, a week of them, noted and made easier",
  LONG,
  async ({ page }) => {
    await setUpFrom(page, "2026-06-10T07:00:00Z", [{ name: "Bo", birth: "2025-11-20" }]);
    await page.getByLabel("Mat", { exact: true }).check();
    await page.getByLabel("Free floor").uncheck();
    await page.getByRole("button", { name: /^Next/ }).click();
    await page.getByLabel(/Table, mat, bath and outdoors have their hours/).check();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(page.getByText("Proven best")).toBeVisible();

    // Three more moments at the mat, each with a tap.
    await openScreen(page, "Household");
    await part(page, "Moments of the day").click();
    const mat = page.getByRole("region", { name: "Mat", exact: true });
    for (const routine of ["Before the nap", "After the nap", "In the evening"]) {
      await mat.getByRole("button", { name: routine, exact: true }).click();
      await expect(mat.getByRole("button", { name: new RegExp(`^${routine}, `) })).toBeVisible();
    }
    await accessible(page);

    await page.goto("/plan?weeks=1");
    await expect(proposal(page)).toBeVisible();
    await expect(proposal(page).getByRole("list", { name: "Comes here as well" })).toBeVisible();
    await page.getByRole("button", { name: "Accept" }).click();
    await expect(page.getByText("Accepted. The shelf stands from")).toBeVisible();

    const day = page.locator(".day-moments > li");
    await expect(day).toHaveCount(4);
    await expect(day.getByRole("link")).toHaveCount(4);
    await day.first().getByRole("link").click();
    await expect(page.getByRole("region", { name: "On the spot" })).toBeVisible();
    await page.getByRole("button", { name: "With a hand" }).click();
    await expect(page.getByText("Noted: with a hand.")).toBeVisible();
    await page.getByRole("link", { name: "Close" }).click();
    await expect(day.first()).toContainText("noted today");
    await accessible(page);
  },
);
