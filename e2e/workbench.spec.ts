import { execFileSync } from "node:child_process";
import { accessible, expect, ONCE, openDemo, openScreen, test } from "./support";

test(
  "sheets: what the shelf needs, changed and seen at once, saved as PDF, kept as made",
  ONCE,
  async ({ page }, info) => {
    await openDemo(page);
    await openScreen(page, "Workbench");
    const needed = page.getByRole("region", { name: "For this shelf" });
    await expect(needed.getByRole("listitem").first()).toBeVisible();
    await accessible(page);

    // Another sheet: its picture follows the fields.
    await page.goto("/workbench?kind=number-cards&from=1&to=3&counterMm=20");
    const paper = page.getByRole("img", { name: /^Numbers with their counters, page 1 of 1$/ });
    const marks = await paper.locator("path").count();
    await page.getByLabel("To", { exact: true }).fill("5");
    await page.getByLabel("To", { exact: true }).press("Tab");
    await expect.poll(() => page.locator("svg.paper path").count()).toBeGreaterThan(marks);
    await expect(page).toHaveURL(/to=5/);
    await accessible(page);

    // Saved: letters embedded, and read as text.
    const [saved] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name: "Save this sheet as PDF" }).click(),
    ]);
    expect(saved.suggestedFilename()).toBe("number-cards.pdf");
    const file = info.outputPath("sheet.pdf");
    await saved.saveAs(file);
    const text = execFileSync("pdftotext", ["-layout", file, "-"]).toString();
    expect(text).toContain("This line is 100 mm long");
    for (const number of ["1", "2", "3", "4"]) expect(text).toContain(number);

    // Made: with where it is kept, also after a reload, and again on the list where it is to be made anew.
    await needed.getByRole("link").first().click();
    await expect(page.getByRole("heading", { name: "Picture cards" })).toBeVisible();
    await page.getByLabel("Where it is kept").fill("Box under the shelf");
    await page.getByRole("button", { name: "It is made" }).click();
    await expect(needed.getByText(/kept in: Box under the shelf/)).toBeVisible();
    await page.reload();
    await expect(needed.getByText(/kept in: Box under the shelf/)).toBeVisible();
    await needed.getByRole("link").first().click();
    await page.getByRole("button", { name: "To be made again" }).click();
    await expect(needed.getByText(/kept in/)).toHaveCount(0);
  },
);

test("a tray is seen from above where it is opened, prepared and shown", ONCE, async ({ page }) => {
  await openDemo(page);
  await page.getByRole("button", { name: "Noodle rings on a rope" }).click();
  const above = page.getByRole("img", { name: /^From above, left to right: .*noodle.*rope/ });
  await expect(above).toBeVisible();
  await page.getByRole("link", { name: "Show", exact: true }).click();
  await expect(above).toBeVisible();
  await expect(page.getByText("Tray 40 × 30 cm, drawn to scale.")).toBeVisible();
  const hand = page.locator("[data-way]");
  for (let i = 0; i < 4 && (await hand.count()) === 0; i++)
    await page.getByRole("button", { name: "Next" }).click();
  await expect(hand).toHaveCount(1);
  await page.goto("/prepare");
  const stands = page.getByRole("region", { name: "This is how it stands" });
  await expect(stands.getByRole("img", { name: /^From above/ })).toBeVisible();
});
