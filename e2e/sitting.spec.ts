import { accessible, expect, LONG, openScreen, row, setUpFrom, test } from "./support";

test(
  "a bag of pods: found, used up in rising order over its days, noted and counted down",
  LONG,
  async ({ page }) => {
    // A child of four and a half, a mat, a table and a bag of pods from the garden.
    await setUpFrom(page, "2026-06-10T09:00:00Z", [{ name: "Ida", birth: "2021-11-20" }]);
    await page.getByLabel("Low table").check();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(page.getByRole("heading", { name: "The next shelf" })).toBeVisible();
    await page.getByRole("button", { name: "Accept" }).click();
    await openScreen(page, "Cupboard");
    await page.getByLabel("Find a thing").fill("pea pod");
    const pods = row(page, /fresh pea pod/);
    await pods.getByRole("checkbox").check();
    const count = pods.getByRole("spinbutton");
    // A tick is a whole pack; the field is drawn anew with it, so what is typed before would be lost.
    await expect(count).toHaveValue("30");
    await count.fill("40");
    await count.press("Enter");
    await expect(pods.getByText("saved")).toBeVisible();
    await pods.getByRole("button", { name: /^(change|where, how long): fresh pea pod/ }).click();
    const about = page.getByRole("form", { name: "About fresh pea pod" });
    await about.getByLabel(/^Use by/).fill("2026-06-12");
    await about.getByRole("button", { name: "Keep" }).click();
    await expect(about.getByText("kept")).toBeVisible();

    await openScreen(page, "Shelf");
    const line = page.getByRole("listitem").filter({ hasText: "40 × fresh pea pod" });
    await expect(line).toContainText(/by Fri.*, [345] ways/);
    await line.getByRole("link", { name: "what to do with it" }).click();
    const plan = page.getByRole("region", { name: "Use it up" });
    await expect(plan).toContainText(/Use by .*: 40 ×, [345] ways/);
    await accessible(page);
    await plan.getByRole("button", { name: "Keep this plan" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toContainText("fresh pea pod");
    await page.getByRole("button", { name: "How" }).first().click();
    await page.getByRole("button", { name: "With a word" }).first().click();
    await expect(page.getByRole("button", { name: /Undo the note for Ida/ })).toBeVisible();
    await accessible(page);

    await openScreen(page, "Shelf");
    await expect(
      page
        .getByRole("complementary", { name: "Today" })
        .getByText(/, noted$/)
        .first(),
    ).toBeVisible();
    await openScreen(page, "Journal");
    await expect(page.getByText(/, in a sitting/).first()).toBeVisible();
  },
);
