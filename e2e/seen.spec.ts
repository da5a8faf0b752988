import { accessible, choose, expect, LONG, openDemo, openScreen, test } from "./support";

test(
  "something seen is noted in two taps from any screen, taken back, and stands in the journal",
  LONG,
  async ({ page }) => {
    await openDemo(page);
    await openScreen(page, "Cupboard");
    await page.getByRole("button", { name: "Note", exact: true }).click();
    const dialog = page.getByRole("dialog", { name: "Something seen" });
    await dialog.getByRole("button", { name: "Keep it" }).click();
    await expect(dialog.getByText("Write a few words.")).toBeVisible();
    await dialog.getByText("Pim", { exact: true }).click();
    await dialog.getByLabel("In a few words").fill("Banged two lids together.");
    await choose(dialog.getByLabel("It shows that"), "Bangs two things together");
    await accessible(page);
    await dialog.getByRole("button", { name: "Keep it" }).click();
    const done = page.getByText("Noted.", { exact: true });
    await expect(done).toBeVisible();
    await expect(page.getByRole("heading", { name: "Cupboard" })).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByText("The note is removed.")).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByText("The note is back.")).toBeVisible();

    // A long list opens at its top, wherever the screen before was scrolled to.
    await page.evaluate(() => window.scrollTo(0, 1500));
    await openScreen(page, "Journal");
    await expect(page.getByText("Banged two lids together.")).toBeVisible();
    await expect(page.getByText(/Pim · Bangs two things together/)).toBeVisible();
    expect(await page.evaluate(() => window.scrollY)).toBe(0);
  },
);
