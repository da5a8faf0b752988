import type { Page } from "@playwright/test";
import { SET_UP_TABLE, type SetUpRow } from "./setUpTable";
import {
  accessible,
  childFields,
  choose,
  expect,
  isPhone,
  LONG,
  ONCE,
  proposal,
  setUpFrom,
  shelf,
  test,
  typeChildren,
  WIDE,
} from "./support";

const ON = new Date("2026-05-10T18:00:00Z");
const MONTH_MS = 30.4375 * 86_400_000;
const bornMonthsAgo = (months: number) =>
  new Date(ON.getTime() - months * MONTH_MS).toISOString().slice(0, 10);

/** From the plan to the first note: accepted, and noted on the first tray of the shelf. */
async function acceptAndNote(page: Page) {
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText("Accepted. The shelf stands from")).toBeVisible();
  await shelf(page).getByRole("button").first().click();
  await page.getByRole("button", { name: "Alone" }).first().click();
  await expect(page.getByText("Noted: alone.")).toBeVisible();
}

test(
  "the first evening with one baby of two months: its places are asked for, and it has trays",
  WIDE,
  async ({ page }) => {
    await setUpFrom(page, ON.toISOString(), [{ name: "Ida", birth: bornMonthsAgo(2.2) }]);
    await expect(page.getByText(/those where Ida can be while awake/)).toBeVisible();
    for (const place of ["Changing place", "Lap and arms", "Mat", "Wet spot (bath, sink)"])
      await expect(page.getByLabel(place, { exact: true })).toBeChecked();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(page.getByRole("heading", { name: "The next shelf for Ida" })).toBeVisible();
    expect(await proposal(page).getByRole("button").count()).toBeGreaterThanOrEqual(4);
    await accessible(page);
    await acceptAndNote(page);
    await page.goto("/");
    await expect(page.getByRole("heading", { level: 1 })).toContainText("Ida’s shelf");
  },
);

test(
  "a baby without any place that suits it: the plan says which to add, and adds it with a tap",
  WIDE,
  async ({ page }) => {
    await setUpFrom(page, ON.toISOString(), [{ name: "Ida", birth: bornMonthsAgo(2.2) }]);
    await page.getByLabel("Boards (0: no shelf)").fill("0");
    for (const place of ["Changing place", "Lap and arms", "Mat", "Wet spot (bath, sink)", "Free floor"])
      await page.getByLabel(place, { exact: true }).uncheck();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(page.getByText(/Without a shelf, tick one place at least/)).toBeVisible();
    await page.getByLabel("High-chair tray").check();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    const few = page.getByRole("region", { name: "Who gets few trays" });
    await expect(few.getByText("No tray for Ida yet.")).toBeVisible();
    await expect(page.getByText("Proven best")).toHaveCount(0);
    await accessible(page);
    await few.getByRole("button", { name: /^Add: mat/ }).click();
    await expect(few.getByText("Mat is one of your places now.")).toBeVisible();
    await expect(proposal(page).getByRole("button").first()).toBeVisible();
    await few.getByRole("button", { name: "Undo" }).click();
    await expect(few.getByText("No tray for Ida yet.")).toBeVisible();
  },
);

test("the first evening with twins of twenty months: both are planned for, and named", async ({ page }) => {
  await page.clock.setSystemTime(ON);
  await page.goto("/start");
  await typeChildren(page, [{ name: "Ida", birth: bornMonthsAgo(20) }]);
  await page.getByRole("button", { name: "a twin of Ida" }).click();
  await expect(childFields(page, 1).getByLabel("Birth date")).toHaveValue(bornMonthsAgo(20));
  await childFields(page, 1).getByLabel("Name or initial").fill("Bo");
  await page.getByRole("button", { name: "Next: the shelf" }).click();
  // The adult says what each child does so far, and it stands.
  if (isPhone(page)) await page.getByRole("button", { name: "How high, and who gets at what" }).click();
  await choose(page.getByLabel("Bo so far"), "crawls");
  await expect(page.getByText(/Bo may crawl already/)).toBeVisible();
  await page.getByRole("button", { name: "Make our first shelf" }).click();
  await expect(page.getByRole("heading", { name: "The next shelf for Ida and Bo" })).toBeVisible();
  const named = proposal(page).locator(".tray-word");
  await expect(named.first()).toContainText(/Ida|Bo/);
  await acceptAndNote(page);
  await page.goto("/");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Ida and Bo’s shelf");
});

test("the first evening with three siblings, one beyond all activities", LONG, async ({ page }) => {
  await page.clock.setSystemTime(ON);
  await page.goto("/start");
  await typeChildren(page, [
    { name: "Bo", birth: bornMonthsAgo(8) },
    { name: "Ida", birth: bornMonthsAgo(30) },
    { name: "Mia", birth: bornMonthsAgo(77) },
  ]);
  const mia = childFields(page, 2);
  await expect(mia.getByText(/Mia is 76|77 months old: everything here is below this age/)).toBeVisible();
  await expect(mia.getByLabel("Plan trays for Mia")).not.toBeChecked();
  await accessible(page);
  await page.getByRole("button", { name: "Next: the shelf" }).click();
  await page.getByRole("button", { name: "Make our first shelf" }).click();
  await expect(page.getByRole("heading", { name: "The next shelf for Ida and Bo" })).toBeVisible();
  await acceptAndNote(page);
  // Whoever is no longer planned for is said on the shelf, and planned for again with a tap.
  await page.goto("/household?part=children");
  await choose(page.getByRole("form", { name: "Bo" }).getByLabel("Plan trays"), "no, can only reach");
  await page.getByRole("form", { name: "Bo" }).getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Saved", { exact: false }).first()).toBeVisible();
  await page.goto("/");
  await expect(page.getByText("No trays are planned for Bo.")).toBeVisible();
  await page.getByRole("button", { name: "Plan for Bo, too" }).click();
  await expect(page.getByText("Trays are planned for Bo from now on.")).toBeVisible();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Ida and Bo’s shelf");
});

test("the first evening with a group of eight", LONG, async ({ page }) => {
  await page.clock.setSystemTime(ON);
  await page.goto("/start");
  const names = ["Ida", "Bo", "Kai", "Lou", "Mo", "Nia", "Oda", "Pat"];
  await typeChildren(
    page,
    names.map((name, i) => ({ name, birth: bornMonthsAgo(10 + 5 * i) })),
  );
  await expect(page.getByRole("button", { name: "Add another child" })).toHaveCount(0);
  await page.getByRole("button", { name: "Next: the shelf" }).click();
  await page.getByLabel("Low table").check();
  await page.getByLabel("Mat", { exact: true }).check();
  await page.getByRole("button", { name: "Make our first shelf" }).click();
  await expect(page.getByRole("heading", { name: /The next shelf for .*Ida/ })).toBeVisible({
    timeout: 60_000,
  });
  expect(await proposal(page).getByRole("button").count()).toBeGreaterThanOrEqual(6);
  await acceptAndNote(page);
});

test(
  "a child beyond all activities alone: the plan says so instead of a shelf of easy trays",
  WIDE,
  async ({ page }) => {
    await setUpFrom(page, ON.toISOString(), [{ name: "Mia", birth: bornMonthsAgo(70) }]);
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    await expect(page.getByRole("heading", { name: "Everything here is below this age" })).toBeVisible();
    await accessible(page);
  },
);

/** Sets up as a row of the table says, and looks that a plan or a plain word comes of it. */
async function setUpRow(page: Page, row: SetUpRow) {
  await page.clock.setSystemTime(ON);
  await page.goto("/start");
  await typeChildren(
    page,
    Array.from({ length: row.children }, (_, i) => ({
      name: `Child ${String.fromCharCode(65 + i)}`,
      birth: bornMonthsAgo(i === 0 ? row.months : (row.months + 7 * i) % 64),
    })),
  );
  await childFields(page, 0).getByLabel("Weeks early").fill(String(row.earlyWeeks));
  await page.getByRole("button", { name: "Next: the shelf" }).click();
  await page.getByLabel("Boards (0: no shelf)").fill(String(row.boards));
  await page.keyboard.press("Tab");
  await page.getByLabel(row.place, { exact: true }).check();
  if (isPhone(page))
    await page
      .getByRole("button", {
        name: row.boards > 0 ? "How high, and who gets at what" : "What each child does so far",
      })
      .click();
  await choose(page.getByLabel("Child A so far"), row.doesSoFar);
  await page.getByRole("button", { name: "Next: how you work" }).click();
  await page.getByRole("radio", { name: new RegExp(`^${row.approach}`) }).check();
  await page.getByRole("button", { name: "Make our first shelf" }).click();
  await expect(page).toHaveURL(/\/plan$/);
  await expect(page.getByRole("heading", { level: 1 })).toHaveText(
    /Planning…|The next shelf|Everything here is below this age/,
  );
}

for (const [i, row] of SET_UP_TABLE.entries()) {
  const told = Object.entries(row)
    .map(([factor, value]) => `${factor} ${value}`)
    .join(", ");
  // Every thirtieth in the usual run; all of them in the long one.
  test(`set-up with ${told}`, i % 30 === 0 ? ONCE : LONG, async ({ page }) => setUpRow(page, row));
}
