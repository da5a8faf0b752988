import { accessible, drawer, expect, openDemo, test } from "./support";

test("a pasted list is read, confirmed and in the cupboard", async ({ page }) => {
  await openDemo(page);
  await drawer(page, "Cupboard").click();
  await page.getByText("Paste a list", { exact: true }).click();
  await page.getByLabel(/One thing a line/).fill("2 hoops\nrice 750 g\nzzyzx");
  await page.getByRole("button", { name: "Read it" }).click();
  await expect(page.getByLabel("2 hoops", { exact: true })).toHaveValue("hoop");
  await expect(page.getByLabel("How many: rice 750 g")).toHaveValue("750");
  await expect(page.getByText("Nothing like it is known.", { exact: false })).toBeVisible();
  await accessible(page);
  await page.getByRole("button", { name: "Put them in the cupboard" }).click();
  await expect(page.getByText("2 things are in the cupboard.")).toBeVisible();
  await page.getByLabel("Find a thing").fill("hoop");
  await expect(page.getByRole("row", { name: /hoop/ }).getByLabel("hoop", { exact: true })).toHaveValue("2");
});

test("what one small purchase would open up", async ({ page }) => {
  await openDemo(page);
  await drawer(page, "Cupboard").click();
  await page.getByRole("link", { name: "What would one small purchase open up?" }).click();
  const found = page
    .getByRole("region", { name: "What one small purchase would open up" })
    .getByRole("listitem");
  await expect(found.first()).toBeVisible();
  expect(await found.count()).toBeGreaterThan(2);
});

test("the gauge: what fits, how much larger it would have to be, and kept as the size of a thing", async ({
  page,
}) => {
  await openDemo(page);
  await page.goto("/cupboard/gauge?material=bead-large");
  await expect(page.getByRole("heading", { name: /The size gauge: large wooden bead/ })).toBeVisible();
  await expect(page.getByText("It does not fit in the small-parts cylinder.")).toBeVisible();
  await accessible(page);
  await page.getByLabel("across", { exact: true }).fill("25");
  await expect(page.getByText(/It fits in the small-parts cylinder/)).toBeVisible();
  await expect(page.getByText(/From about .* on it would not fit/)).toBeVisible();
  await page.getByLabel("Shape").selectOption("box");
  await page.getByLabel("long", { exact: true }).fill("60");
  await page.getByLabel("wide", { exact: true }).fill("50");
  await page.getByLabel("high", { exact: true }).fill("40");
  await expect(page.getByText("It does not fit in the small-parts cylinder.")).toBeVisible();
  await expect(page.getByText("It does not pass through a toilet-roll tube.")).toBeVisible();
  await page.getByLabel("Turn it").fill("60");
  await page.getByText(/I have a toilet-roll tube here/).click();
  await page.getByRole("button", { name: "It goes through, or in whole" }).click();
  await expect(page.getByText(/Too small for a child who mouths/)).toBeVisible();
});
