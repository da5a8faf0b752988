import { accessible, expect, LONG, openPlan, proposal, test } from "./support";

test(
  "a focus on the whole shelf and one on half of it: planned, told in numbers, ended",
  LONG,
  async ({ page }) => {
    await openPlan(page);
    const focuses = page.getByRole("list", { name: "Focus" });
    await page.getByLabel("Focus or theme for a while").fill("hands");
    await page.getByLabel("How much").getByText("the whole shelf").click();
    await page.getByRole("button", { name: "Plan with it" }).click();
    await expect(focuses.getByText(/^Hands, the whole shelf: \d+ of \d+ in this plan/)).toBeVisible();
    await expect(focuses).toContainText(/activities serve it, \d+ could come; .*too early or outgrown/);

    // A number fills the frames that can be filled with one; what nothing serves is said at once.
    for (const word of ["4", "gearboxes"]) {
      await page.getByLabel("Another focus").fill(word);
      await page.getByRole("button", { name: "Plan with it" }).click();
      await expect(focuses.getByText(new RegExp(`^${word}`))).toBeVisible();
    }
    await expect(focuses.getByText("gearboxes: nothing here serves it. Try a word near it.")).toBeVisible();
    await accessible(page);

    await page.getByRole("button", { name: "End the focus: gearboxes" }).click();
    await expect(focuses.getByText(/^gearboxes/)).toHaveCount(0);
    await page.getByRole("button", { name: "End the focus: Hands" }).click();
    await expect(focuses.getByText(/^Hands/)).toHaveCount(0);
    await expect(proposal(page)).toBeVisible();
  },
);
