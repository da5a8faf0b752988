import {
  accessible,
  choose,
  expect,
  LONG,
  ONCE,
  openDemo,
  openPlan,
  openScreen,
  part,
  proposal,
  shelf,
  test,
  WIDE,
} from "./support";

test("the demo's shelf: notes, decisions, and what to watch for", WIDE, async ({ page }) => {
  await openDemo(page);
  // Eleven places; at the table and on the mat two things come in turn.
  expect(await shelf(page).getByRole("button").count()).toBe(13);
  await expect(page.getByRole("heading", { name: "Watch for" })).toBeVisible();
  await accessible(page);
  await page.getByRole("button", { name: "Step up" }).click();
  await expect(page.getByText("One inside another: one step up.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("button", { name: "Step up" })).toBeVisible();

  await shelf(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await expect(page.getByText("Turns the disc before the slot now.").last()).toBeVisible();
  await accessible(page);
  await page.getByRole("button", { name: "With a word" }).click();
  await page.getByRole("button", { name: "Remove this note" }).click();
  await expect(page.getByText("The note is removed.")).toBeVisible();
  await page.getByRole("button", { name: "Undo" }).first().click();
  await expect(page.getByText("Noted: with a word.")).toBeVisible();
});

test("the plan: reasons, lock, swap, refuse, limits", ONCE, async ({ page }) => {
  await openPlan(page);
  await expect(page.getByText(/2\d trays on 11 places\. (Proven best|Within half)/)).toBeVisible();

  // Why this, and lock.
  await proposal(page)
    .getByRole("button", { name: /One inside another/ })
    .click();
  await expect(page.getByRole("heading", { name: "Why this" })).toBeVisible();
  await expect(page.getByText(/Fits: about/)).toBeVisible();
  await page.getByRole("button", { name: "Lock it" }).click();
  await expect(page.getByRole("button", { name: "Unlock" })).toBeVisible();
  await accessible(page);
  await page.getByRole("link", { name: "Close this tray" }).click();
  await expect(proposal(page).getByRole("button", { name: /One inside another/ })).toContainText("locked");

  // Swap: ranked alternatives; the chosen one comes, the old one goes.
  await proposal(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await page.getByRole("link", { name: "What else could stand here?" }).click();
  const alternatives = page.getByRole("list", { name: "Alternatives" }).getByRole("listitem");
  await expect(alternatives.first()).toBeVisible();
  expect(await alternatives.count()).toBeGreaterThanOrEqual(3);
  const chosen = (await alternatives.first().locator("strong").textContent()) ?? "";
  await alternatives.first().getByRole("button").click();
  await expect(proposal(page).getByRole("button", { name: chosen })).toContainText("locked");
  await expect(proposal(page).getByRole("button", { name: /Discs in a slot/ })).toHaveCount(0);

  // Refuse, and allow again.
  await proposal(page)
    .getByRole("button", { name: /Down the ramp/ })
    .click();
  await page.getByRole("button", { name: "Not for a month" }).click();
  await expect(proposal(page).getByRole("button", { name: /Down the ramp/ })).toHaveCount(0);
  await expect(page.getByText(/Down the ramp until/)).toBeVisible();
  await page
    .getByText(/Down the ramp until/)
    .getByRole("button", { name: "Allow again" })
    .click();
  await expect(proposal(page).getByRole("button", { name: /Down the ramp/ })).toBeVisible();

  // Tighter limits leave a place empty, and say why; nonsense changes nothing.
  await page.getByLabel("Preparation, minutes").fill("900");
  await page.getByRole("button", { name: "Plan with these limits" }).click();
  await expect(page.getByRole("form", { name: "Limits" }).getByRole("alert")).toBeVisible();
  await page.getByLabel("Preparation, minutes").fill("1");
  await page.getByLabel("Trays out at once").fill("9");
  await page.getByLabel("With the adult beside").fill("0");
  await page.getByRole("button", { name: "Plan with these limits" }).click();
  await expect(proposal(page).locator(".slim-empty, .tray-empty").first()).toBeVisible();
});

test("a plan accepted for a later day: said on both screens, and undone", LONG, async ({ page }) => {
  await openPlan(page);
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText(/Accepted: the next shelf stands from Monday 11 May on/)).toBeVisible();
  await accessible(page);
  await openScreen(page, "Shelf");
  await expect(page.getByText(/The next shelf is accepted, from Monday 11 May on/)).toBeVisible();
  await openScreen(page, "Plan");
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByText(/Accepted: the next shelf/)).toHaveCount(0);
  await openScreen(page, "Shelf");
  await expect(page.getByText(/Next change on Monday 11 May/)).toBeVisible();
});

test("dragging the pin ahead previews shelf and plan, and says so", ONCE, async ({ page }) => {
  await openDemo(page);
  const pin = page.getByRole("slider", { name: "Look ahead from Tove's age" });
  const box = await pin.locator(".flag").boundingBox();
  if (!box) throw new Error("the pin is not drawn");
  await page.mouse.move(box.x + box.width / 2, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 90, box.y + 8, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByText(/Preview: \d+ months ahead/)).toBeVisible();
  await expect(page.getByText("Nothing you see here is set out or saved.")).toBeVisible();
  await openScreen(page, "Plan");
  await expect(page.getByText(/A preview can’t be accepted/)).toBeVisible();
  await expect(proposal(page)).toBeVisible();
  await accessible(page);
  // By keyboard: one month on, then home.
  const before = Number(await pin.getAttribute("aria-valuenow"));
  await pin.focus();
  await page.keyboard.press("ArrowRight");
  await expect(pin).toHaveAttribute("aria-valuenow", String(before + 1));
  await pin.focus();
  await page.keyboard.press("Home");
  await expect(page.getByText(/Preview:/)).toHaveCount(0);
});

test("two tabs show the same truth", ONCE, async ({ page, context }) => {
  await openDemo(page);
  const other = await context.newPage();
  await other.goto("/");
  await shelf(other)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await shelf(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await page.getByRole("button", { name: "With a hand" }).click();
  await expect(page.getByText("Noted: with a hand.")).toBeVisible();
  await expect(other.locator(".notes li").first()).toContainText("with a hand");
});

test("a child who turns out to mouth: what stands is judged anew", ONCE, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Household");
  const tove = page.getByRole("form", { name: "Tove" });
  await choose(tove.getByLabel("Mouths things"), "yes");
  await tove.getByRole("button", { name: "Save" }).click();
  await expect(tove.getByText("Tove is saved."))
    .toBeVisible({ timeout: 3000 })
    .catch(() => undefined);
  await openScreen(page, "Shelf");
  await expect(page.getByRole("heading", { name: "Take these down now" })).toBeVisible();
  await shelf(page)
    .getByRole("button", { name: /Spoon it over/ })
    .click();
  await expect(page.getByText("Not safe now: take it off the shelf.")).toBeVisible();
  await expect(page.getByText(/passes a toilet-roll tube/).first()).toBeVisible();
});

test("the demo's day moves on, and it starts afresh", ONCE, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Household");
  await part(page, "Data").click();
  await page.getByRole("button", { name: "A week on" }).click();
  await expect(page.getByText(/It stands at .*17/)).toBeVisible();
  await page.getByRole("button", { name: "Start the demo afresh" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("day 7");
});
