import {
  accessible,
  choose,
  expect,
  LONG,
  openDemo,
  openScreen,
  part,
  proposal,
  shelf,
  test,
} from "./support";

test("the day by its moments: said, planned, prepared, changed with a tap, noted", LONG, async ({ page }) => {
  await openDemo(page);
  await expect(page.getByRole("heading", { name: "Today, hour by hour" })).toBeVisible();

  // A moment as it usually is, with one tap; one that can't be is refused in its field.
  await page.goto("/household?part=day");
  const balcony = page.getByRole("region", { name: "Balcony" });
  await balcony.getByRole("button", { name: "On the walk" }).click();
  await expect(
    balcony.getByRole("button", { name: /^On the walk, 10:30, 45 minutes, every day/ }),
  ).toBeVisible();
  const mat = page.getByRole("region", { name: "Mat by the window" });
  await mat.getByRole("button", { name: "Another moment at Mat by the window" }).click();
  const form = mat.getByRole("form", { name: "Another moment at Mat by the window" });
  const ticks = (label: string) => form.locator(".ant-form-item").filter({ hasText: label });
  await choose(form.getByLabel("When"), "In the evening");
  await form.getByLabel("Begins at about").fill("18:30");
  await form.getByLabel("Minutes").fill("15");
  await ticks("Who is there").getByLabel("Pim").check();
  await ticks("Who is asleep").getByLabel("Pim").check();
  await form.getByRole("button", { name: "Add" }).click();
  await expect(form.getByText("A child who is asleep then is not there.")).toBeVisible();
  await ticks("Who is asleep").getByLabel("Pim").uncheck();
  await form.getByRole("button", { name: "Add" }).click();
  await expect(mat.getByRole("button", { name: /^In the evening, 18:30, 15 minutes/ })).toBeVisible();
  await accessible(page);

  // The plan gives each its days; several share a place, and what stands does not.
  await page.goto("/plan?weeks=1");
  const later = proposal(page).getByRole("list", { name: "Comes here as well" });
  await expect(later).toHaveCount(3);
  await later.first().getByRole("button").first().click();
  await expect(page.getByText(/^(After breakfast, 8:30|After the nap, 15:00): \w{3}/)).toBeVisible();
  await accessible(page);
  await page.getByRole("link", { name: "Close this tray" }).click();
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();

  // What is wet or used up is prepared before each time, not once for the week.
  await openScreen(page, "Prepare");
  await expect(page.getByRole("region", { name: "Before each time" })).toBeVisible();

  // The day itself: something else, then nothing, and it is kept.
  await openScreen(page, "Household");
  await part(page, "Data").click();
  await page.getByRole("button", { name: "A day on" }).click();
  await expect(page.getByText(/It stands at Mon, 11 May 2026/)).toBeVisible();
  await openScreen(page, "Shelf");
  const breakfast = page.getByRole("listitem").filter({ hasText: "8:30 · After breakfast · Low table" });
  const first = (await breakfast.getByRole("link").first().textContent()) ?? "";
  await breakfast.getByRole("button", { name: /omething else/ }).click();
  const other = breakfast.locator("p").getByRole("button").first();
  const second = (await other.textContent()) ?? "";
  expect(second).not.toBe(first);
  await other.click();
  await expect(breakfast.getByRole("link", { name: second })).toBeVisible();
  await page.reload();
  await expect(breakfast.getByRole("link", { name: second })).toBeVisible();
  await breakfast.getByRole("link", { name: second }).click();
  await page.getByRole("button", { name: "With a word" }).click();
  await page.getByRole("link", { name: "Close this tray" }).click();
  await expect(breakfast.getByText("noted today")).toBeVisible();
  await breakfast.getByRole("button", { name: /omething else/ }).click();
  await breakfast.getByRole("button", { name: "Nothing" }).click();
  await expect(breakfast.getByText("Nothing planned")).toBeVisible();
  await accessible(page);
  await expect(shelf(page)).toBeVisible();
});
