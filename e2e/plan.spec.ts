import type { Page } from "@playwright/test";
import {
  accessible,
  choose,
  expect,
  LONG,
  ONCE,
  openDemo,
  openPlan,
  openScreen,
  proposal,
  rotations,
  test,
  WIDE,
} from "./support";

const later = (page: Page) => page.getByRole("region", { name: /The shelf from Monday 18 May/ });

test("rotations side by side: as many as one asks for", LONG, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Plan");
  await expect(proposal(page)).toBeVisible();
  await expect(page.getByRole("region", { name: /shelf/i })).toHaveCount(3);
  await accessible(page);
  await rotations(page, 1);
  await expect(page.getByRole("heading", { name: "The next shelf", level: 1 })).toBeVisible();
  await expect(proposal(page).getByRole("list", { name: "Board 1" })).toBeVisible();
  await rotations(page, 5);
  await expect(page.getByRole("region", { name: /shelf/i })).toHaveCount(5);
});

test(
  "while it is planned anew the old plan says so, can't be accepted, and the planner can be stopped",
  ONCE,
  async ({ page }) => {
    await openPlan(page);
    await rotations(page, 6);
    const anew = page.getByText("Planning anew; this is still the plan before.");
    await expect(anew).toBeVisible();
    await expect(page.getByRole("button", { name: "Accept" })).toBeDisabled();
    await page.getByRole("button", { name: "Stop", exact: true }).click();
    await expect(page.getByText("You stopped the planner.")).toBeVisible();
    await page.goto("/plan?weeks=1");
    await expect(page.getByText("Proven best")).toBeVisible();
    await expect(anew).toBeHidden();
    await expect(page.getByRole("button", { name: "Accept" })).toBeEnabled();
  },
);

test("a tray is dragged into a later rotation, and back by undo", LONG, async ({ page }) => {
  await openPlan(page, 2);
  const tray = proposal(page).getByRole("button", { name: /The bear is hungry/ });
  const target = later(page).getByRole("list", { name: "Board 2" }).getByRole("listitem").nth(1);
  const [from, to] = [await tray.boundingBox(), await target.boundingBox()];
  if (!from || !to) throw new Error("not drawn");
  await page.mouse.move(from.x + 60, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(to.x + 60, to.y + 20, { steps: 12 });
  await page.mouse.up();
  await expect(page.getByText("Planned anew with what you said.")).toBeVisible();
  await expect(target.getByRole("button", { name: /The bear is hungry/ })).toContainText("locked");
  await expect(proposal(page).getByRole("button", { name: /The bear is hungry/ })).toHaveCount(0);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(proposal(page).getByRole("button", { name: /The bear is hungry/ })).toBeVisible();
});

test("a tray is moved by keys, and not to where it does not belong", WIDE, async ({ page }) => {
  await openPlan(page);
  await proposal(page)
    .getByRole("button", { name: /One inside another/ })
    .click();
  const form = page.getByRole("form", { name: "Move this tray" });
  await choose(form.getByLabel("To"), "Balcony");
  await form.getByRole("button", { name: "Move it" }).click();
  await expect(page.getByText(/needs a place of another kind.*Nothing was changed\./)).toBeVisible();
  await choose(form.getByLabel("To"), "Top board, left");
  await form.getByRole("button", { name: "Move it" }).click();
  await expect(
    proposal(page).getByRole("list", { name: "Board 1" }).getByRole("listitem").first(),
  ).toContainText("One inside another");
});

test("why not, what a little more would bring, and what is worth a look", LONG, async ({ page }) => {
  await openPlan(page);
  await choose(page.getByLabel("Activity"), "One more in the boat");
  await page.getByRole("button", { name: "Ask", exact: true }).click();
  await expect(page.getByRole("list", { name: "Why One more in the boat is not in the plan" })).toContainText(
    "Too early",
  );
  await page.getByRole("link", { name: "What would a little more bring?" }).click();
  await expect(page.getByText(/no limit stands in the way|: \d+ more/).first()).toBeVisible();

  const looks = page.getByRole("group", { name: /^Tove: / });
  const asked = (await looks.first().getAttribute("aria-label")) ?? "";
  await looks.first().getByRole("button", { name: "Seen" }).click();
  await expect(page.getByRole("group", { name: asked })).toHaveCount(0);
  await accessible(page);
});

test("a theme for a while dresses the shelf", LONG, async ({ page }) => {
  await openPlan(page);
  const form = page.getByRole("form", { name: "Focus" });
  await form.getByLabel("Focus or theme for a while").fill("snails");
  await form.getByRole("button", { name: "Plan with it" }).click();
  await expect(
    page.getByRole("list", { name: "Focus" }).getByText(/^snails: \d+ in this plan/),
  ).toBeVisible();
  await proposal(page).getByRole("button").first().click();
  await expect(page.getByRole("heading", { name: "Why this" })).toBeVisible();
});

test("an accepted rotation is opened again for changes", LONG, async ({ page }) => {
  await openPlan(page);
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();
  await page.getByRole("button", { name: "Change it" }).click();
  await expect(page.getByText(/Accepted: the next shelf/)).toHaveCount(0);
  await expect(
    proposal(page)
      .getByRole("button", { name: /locked/ })
      .first(),
  ).toBeVisible();
});

test(
  "where nothing fits, the plan says what stands in the way and where it is changed",
  LONG,
  async ({ page }) => {
    await page.clock.setSystemTime(new Date("2026-05-10T18:00:00Z"));
    await page.goto("/start");
    // Three weeks old, with a shelf and nothing to lie on.
    await page.getByLabel("Name or initial").fill("Ida");
    await page.getByLabel("Birth date", { exact: true }).fill("2026-04-20");
    await page.getByRole("button", { name: "Next: the shelf" }).click();
    for (const place of ["Changing place", "Lap and arms", "Mat", "Wet spot (bath, sink)", "Free floor"])
      await page.getByLabel(place, { exact: true }).uncheck();
    await page.getByRole("button", { name: "Make our first shelf" }).click();
    const said = page.getByRole("region", { name: "Nothing can be set out yet" });
    await expect(said).toContainText("6 places");
    await accessible(page);
    await said.getByRole("link", { name: /^Add a place/ }).click();
    await expect(page.getByRole("tab", { name: "Shelf and places", selected: true })).toBeVisible();
  },
);
