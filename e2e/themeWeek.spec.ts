import type { Locator, Page } from "@playwright/test";
import { accessible, choose, expect, LONG, openScreen, proposal, setUpFrom, shelf, test } from "./support";

/** A household that begins with a theme week, with many bays and a table. */
async function themeWeekOf(page: Page, children: { name: string; birth: string }[]) {
  await setUpFrom(page, "2026-09-21T17:00:00Z", children);
  await page.getByLabel("Low table").check();
  await page.getByLabel("Bays on each board").fill("5");
  await page.getByRole("button", { name: /^Next/ }).click();
  await page.getByText("Theme week: a full set").click();
  await page.getByRole("button", { name: "Make our first shelf" }).click();
  await expect(page.getByText("Proven best")).toBeVisible();
}

test("a theme week with a letter and a number for three children", LONG, async ({ page }) => {
  await themeWeekOf(page, [
    { name: "Ida", birth: "2021-11-01" },
    { name: "Bo", birth: "2023-01-20" },
    { name: "Una", birth: "2024-12-20" },
  ]);

  // The younger two are planned for as well, and bring their trays with them.
  await openScreen(page, "Household");
  for (const name of ["Bo", "Una"]) {
    const form = page.getByRole("form", { name });
    await choose(form.getByLabel("Plan trays"), "yes");
    await form.getByRole("button", { name: "Save" }).click();
    await expect(page.getByText(`${name} is saved.`)).toBeVisible();
  }
  await page.goto("/plan?weeks=1");
  await expect(page.getByLabel("Trays out at once")).toHaveValue("30");

  // A theme on half of the shelf, a letter and a number: each has its trays, and says how many.
  const focuses = page.getByRole("list", { name: "Focus" });
  await page.getByLabel("Focus or theme for a while").fill("autumn");
  await page.getByLabel("How much").getByText("half the shelf").click();
  await page.getByRole("button", { name: "Plan with it" }).click();
  await expect(focuses.getByText(/^autumn, half the shelf: \d of 6 in this plan/)).toBeVisible();
  for (const word of ["S", "4"]) {
    await page.getByLabel("Another focus").fill(word);
    await page.getByRole("button", { name: "Plan with it" }).click();
    await expect(focuses.getByText(new RegExp(`^${word}: \\d+ in this plan`))).toBeVisible();
  }
  await expect(page.getByText("Proven best")).toBeVisible();
  const trays = proposal(page).getByRole("button");
  for (const [word, filling] of [
    ["S", "letter S"],
    ["4", "number 4"],
  ] as const) {
    const said = (await focuses.getByText(new RegExp(`^${word}: `)).textContent()) ?? "";
    await expect(trays.filter({ hasText: filling })).toHaveCount(Number(/: (\d+) in/.exec(said)?.[1]));
  }
  // To a child of 21 months neither says anything yet.
  expect(await trays.filter({ hasText: "Una" }).count()).toBeGreaterThan(0);
  await expect(trays.filter({ hasText: "Una" }).filter({ hasText: /letter S|number 4/ })).toHaveCount(0);
  await accessible(page);
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText("Accepted. The shelf stands from")).toBeVisible();

  // The tray says what it is filled with, and so does its note; another filling is one field away.
  await shelf(page).getByRole("button").filter({ hasText: "number 4" }).first().click();
  await expect(page.getByText(/^Filled with number 4[:.]$/)).toBeVisible();
  await expect(page.getByRole("link", { name: "Print number 4" })).toHaveAttribute("href", /from=4&to=4/);
  await page.getByRole("button", { name: "With a word" }).click();
  await expect(page.getByText("Noted: with a word.")).toBeVisible();
  await accessible(page);
  await openScreen(page, "Journal");
  await expect(page.getByText(/filled with number 4/).first()).toBeVisible();
});

test("one frame stands twice, with a letter and with a number", LONG, async ({ page }) => {
  await themeWeekOf(page, [{ name: "Ida", birth: "2021-11-01" }]);
  for (const [word, field] of [
    ["S", "Focus or theme for a while"],
    ["4", "Another focus"],
  ] as const) {
    await page.getByLabel(field).fill(word);
    await page.getByLabel("How much").getByText("the whole shelf").click();
    await page.getByRole("button", { name: "Plan with it" }).click();
    await expect(page.getByRole("list", { name: "Focus" }).getByText(new RegExp(`^${word}`))).toBeVisible();
  }
  await expect(page.getByText("Proven best")).toBeVisible();

  const second = proposal(page).locator("[data-tray$='.0.2']").first();
  const name = (await second.locator(".tray-name").textContent()) ?? "";
  await second.click();
  const sheet = page.getByRole("complementary", { name });
  await expect(sheet.getByText(/^Filled with (letter S|number 4)\.$/)).toBeVisible();
  await expect(sheet.getByText("It stands beside another of the same")).toBeVisible();
  await accessible(page);
  const both = (trays: Locator) => trays.getByRole("button").filter({ hasText: name });
  await expect(both(proposal(page))).toHaveCount(2);
  for (const filling of ["letter S", "number 4"])
    await expect(both(proposal(page)).filter({ hasText: filling })).toHaveCount(1);
  await sheet.getByRole("link", { name: "Close" }).click();
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText("Accepted. The shelf stands from")).toBeVisible();
  await expect(both(shelf(page))).toHaveCount(2);
  await both(shelf(page)).filter({ hasText: "number 4" }).click();
  await expect(page.getByText(/^Filled with number 4[:.]$/)).toBeVisible();
});
