import { accessible, expect, openPlan, openScreen, test, WIDE } from "./support";

test("from the plan to the sheet: ticked, prepared, and the old shelf put back", WIDE, async ({ page }) => {
  await openPlan(page);
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();
  await openScreen(page, "Prepare");
  await expect(page.getByRole("heading", { name: "Prepare the shelf from Monday 11 May" })).toBeVisible();
  await accessible(page);

  // A tick survives closing.
  const gather = page.getByRole("region", { name: "Gather" });
  const ticks = page.getByRole("checkbox", { name: /^(?!worn$)/ });
  const lines = await ticks.count();
  await gather.getByRole("checkbox").first().check();
  await expect(page.getByText(`${lines - 1} of ${lines} still to do.`)).toBeVisible();
  await page.reload();
  await expect(gather.getByRole("checkbox").first()).toBeChecked();

  // What can be done tonight is less than all.
  await page.getByRole("link", { name: "What can be done the evening before" }).click();
  await expect.poll(() => ticks.count()).toBeLessThan(lines);
  await page.getByRole("link", { name: "All", exact: true }).click();

  // Used up, and undone.
  await page.getByRole("button", { name: "All is prepared" }).click();
  await expect(page.getByText(/what it used up is counted down/)).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("button", { name: "All is prepared" })).toBeVisible();

  // Put back, one missing and the rest worn: the cupboard has one fewer, and knows.
  const bowls = page.getByRole("form", { name: "Put back small bowl, unbreakable" });
  await bowls.getByLabel("missing").fill("1");
  await bowls.getByLabel("worn").check();
  await bowls.getByRole("button", { name: "It is back" }).click();
  await expect(bowls.getByRole("button", { name: "Change" })).toBeVisible();
  await accessible(page);
  await openScreen(page, "Cupboard");
  await expect(page.getByText(/kitchen drawer · worn since/)).toBeVisible();
});
