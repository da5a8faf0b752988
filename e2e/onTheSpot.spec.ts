import { accessible, expect, openDemo, openScreen, shelf, test } from "./support";

test("a tray is made easier on the spot, noted as what it is, and made again what it was", async ({
  page,
}) => {
  await openDemo(page);
  await shelf(page)
    .getByRole("button", { name: /Spoon it over/ })
    .click();
  const spot = page.getByRole("region", { name: "On the spot" });
  await spot.getByRole("button", { name: /^Easier now: / }).click();
  await expect(spot.getByText(/^Set out anew: /)).toBeVisible();
  await accessible(page);
  await page.getByRole("button", { name: "With a word" }).click();
  await expect(page.getByText("Noted: with a word.")).toBeVisible();
  await spot.getByRole("button", { name: "Undo" }).click();
  await expect(spot.getByText(/A big spoon and wide pasta/).first()).toBeVisible();

  // What another child can have is said with its reason, or done.
  await spot.getByRole("button", { name: "Give it to Pim" }).click();
  await expect(spot.getByText(/^As it is|^A step down/).first()).toBeVisible();

  // Or it is asked of the plan for a later shelf.
  const later = spot.getByRole("form", { name: "Later for Pim" });
  await later.getByRole("button", { name: "Put on the plan" }).click();
  await expect(spot.getByText("The plan is asked for it.")).toBeVisible();
  await spot.getByRole("button", { name: "Undo" }).click();
  await expect(spot.getByText("The plan is asked for it.")).toBeHidden();

  await openScreen(page, "Prepare");
  const bags = page.getByRole("region", { name: "In a bag behind" });
  await bags.getByRole("button", { name: /^For \d+ trays/ }).click();
  await expect(bags.getByRole("listitem").filter({ hasText: "harder" }).first()).toBeVisible();
});
