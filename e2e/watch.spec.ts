import { accessible, choose, expect, LONG, openDemo, shelf, test } from "./support";

test("watched with taps alone, through a reload, to a note", async ({ page }) => {
  await openDemo(page);
  await shelf(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await page.getByRole("link", { name: "Watch", exact: true }).click();
  await expect(page.getByRole("heading", { name: "Tove: Discs in a slot" })).toBeVisible();
  await page.getByRole("button", { name: "It began" }).click();
  await expect(page.getByRole("timer")).toBeVisible();
  for (const tap of ["By self", "Again", "By self", "Again", "Upset"]) {
    await page.getByRole("button", { name: new RegExp(`^${tap}`) }).click();
  }
  await page.getByRole("button", { name: "Undo: Upset" }).click();
  await expect(page.getByRole("button", { name: "Undo: Again" })).toBeVisible();
  // With the counts on their buttons, and the marks of hand and posture open.
  await page.getByText("Hand, grasp and posture").click();
  await page.getByRole("button", { name: "Three fingers", exact: true }).click();
  await accessible(page);

  // Taps that come quicker than they are drawn are all kept.
  const again = page.getByRole("button", { name: /^Again/ });
  await again.evaluate((button: HTMLButtonElement) => {
    for (let i = 0; i < 3; i++) button.click();
  });
  await expect(again).toContainText("5");

  // Nothing is lost by a reload; the clock goes on from what is stored.
  await page.reload();
  await expect(again).toContainText("5");
  await expect(page.getByRole("timer")).not.toHaveText("0:00");
  await page.getByRole("button", { name: "Put it back" }).click();
  await page.getByRole("button", { name: "Done: make it a note" }).click();
  await expect(page.getByText("Noted: alone.")).toBeVisible();
});

test("two children watched at once", LONG, async ({ page }) => {
  await openDemo(page);
  await shelf(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await page.getByRole("link", { name: "Watch", exact: true }).click();
  await choose(page.getByLabel("And watch"), /^Pim: /);
  await page.getByRole("button", { name: "at once" }).click();
  const panels = page.getByRole("region");
  await expect(panels).toHaveCount(2);
  for (const panel of await panels.all()) await panel.getByRole("button", { name: "It began" }).click();
  await expect(page.getByRole("timer")).toHaveCount(2);
  await panels
    .first()
    .getByRole("button", { name: /^Left it/ })
    .click();
  await panels.first().getByRole("button", { name: "Done: make it a note" }).click();
  await expect(panels).toHaveCount(1);
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Pim");
});
