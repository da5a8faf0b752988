import { accessible, expect, LONG, test } from "./support";

test("a rainy day is made from what there is, kept, noted and ended", LONG, async ({ page }) => {
  await page.goto("/demo");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("shelf");
  // Before the night: what does not stay out.
  await expect(page.getByRole("heading", { name: "Before the night" })).toBeVisible();
  await page.getByRole("link", { name: "It rains" }).click();
  await expect(page.getByRole("heading", { name: "A day indoors" })).toBeVisible();
  const uses = page.getByRole("list", { name: "For today" }).getByRole("listitem");
  const names = () => uses.locator("a > strong").allTextContents();
  const first = await names();
  expect(first.length).toBeGreaterThan(1);
  await accessible(page);

  // Others are others; another kind of day is another one.
  await page.getByRole("link", { name: "Others" }).click();
  await expect(page).toHaveURL(/turn=1/);
  await expect.poll(names).not.toEqual(first);
  expect((await names()).filter((name) => first.includes(name))).toEqual([]);
  await page.getByRole("link", { name: "Ten minutes only" }).click();
  await expect(page.getByRole("heading", { name: "Ten minutes" })).toBeVisible();
  const short = await names();

  await page.getByRole("button", { name: "Keep it for today" }).click();
  await expect(page.getByRole("heading", { name: `Ten minutes, ${short.length} things` })).toBeVisible();
  for (const name of short) await expect(page.getByRole("main").getByText(name).first()).toBeVisible();
  await accessible(page);
  await page.getByRole("button", { name: "Alone" }).first().click();
  await expect(page.getByText("alone").first()).toBeVisible();

  // On the Shelf it is part of the day, and its note is in the journal.
  await page.getByRole("link", { name: "The shelf" }).click();
  await expect(page.getByRole("complementary", { name: "Today" }).getByText(short[0] ?? "")).toBeVisible();
  await page.goto("/journal");
  await expect(page.getByText(/in a sitting/).first()).toBeVisible();
});
