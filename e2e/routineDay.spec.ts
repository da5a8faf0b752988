import { accessible, expect, LONG, openScreen, part, proposal, setUpFrom, test } from "./support";

test(
  "a day of routines: each part of the day has what belongs to it, noted where it happens",
  LONG,
  async ({ page }) => {
    await setUpFrom(page, "2026-06-10T06:30:00Z", [{ name: "Ida", birth: "2024-04-01" }]);
    await page.getByLabel("Wet spot (bath, sink)").check();
    await page.getByLabel("Balcony or outdoors").check();
    await page.getByRole("button", { name: /^Next/ }).click();
    await page.getByText("In the day: in routines").click();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(page.getByText("Proven best")).toBeVisible();
    await expect(proposal(page).getByText("In the day", { exact: true })).toBeVisible();
    await accessible(page);
    await page.getByRole("button", { name: "Accept" }).click();
    await expect(page.getByText("Accepted. The shelf stands from")).toBeVisible();

    // What is part of dressing comes while dressing, what is part of the bath at bath time.
    const day = page.locator(".day-moments > li");
    const at = (routine: string) => day.filter({ hasText: routine });
    for (const routine of ["While dressing", "At a meal", "Before the nap", "In the evening"])
      await expect(at(`${routine} · In the day`).getByRole("link")).toHaveCount(1);
    await expect(at("At bath time · Wet spot").getByRole("link")).toHaveCount(1);
    await expect(at("On the walk · Outdoors").getByRole("link")).toHaveCount(1);
    const dressing = (await at("While dressing").getByRole("link").textContent()) ?? "";
    await at("While dressing").getByRole("link").click();
    await page.getByRole("button", { name: "With a hand" }).click();
    await expect(page.getByText("Noted: with a hand.")).toBeVisible();
    await page.getByRole("link", { name: "Close this tray" }).click();
    await expect(at("While dressing")).toContainText("noted today");

    // Its page says which parts of the day it belongs to.
    await openScreen(page, "Activities");
    await page.getByLabel("Search activities").fill(dressing);
    await page.getByRole("link", { name: dressing }).first().click();
    await expect(page.getByText(/^In the day: .*while dressing/)).toBeVisible();

    // The hours are the usual ones, to be changed.
    await openScreen(page, "Household");
    await part(page, "Moments of the day").click();
    const inTheDay = page.getByRole("region", { name: "In the day", exact: true });
    await expect(inTheDay.getByRole("button", { name: /^Before the nap, 12:30/ })).toBeVisible();
    await accessible(page);
  },
);
