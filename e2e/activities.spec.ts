import {
  accessible,
  choose,
  expect,
  isPhone,
  LONG,
  ONCE,
  openDemo,
  openScreen,
  proposal,
  test,
} from "./support";

test("find by words, narrow down, open a ladder, and put a rung on the plan", ONCE, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Activities");
  const found = page.getByRole("list", { name: "Activities found" }).getByRole("listitem");
  await expect(found).toHaveCount(40);
  await page.getByRole("button", { name: "Show 40 more" }).click();
  await expect(found).toHaveCount(80);
  await accessible(page);

  // A slip of the finger is forgiven; the word stays in the address.
  await page.getByLabel("Search activities").fill("mufin tin");
  await expect.poll(() => found.count()).toBeLessThan(30);
  await expect(found.first()).toBeVisible();
  await page.getByLabel("Search activities").blur();
  await expect(page).toHaveURL(/q=mufin/);
  await page.reload();
  await expect(page.getByLabel("Search activities")).toHaveValue("mufin tin");
  await page.getByLabel("Search activities").fill("");

  const choice = (name: string) => page.getByRole("combobox", { name, exact: true });
  const narrow = page.getByText("Narrow it down");
  if (isPhone(page)) await narrow.click();
  await choose(choice("Fits"), "now");
  await choose(choice("Area"), "Hands");
  await page.getByLabel("All in the cupboard").check();
  await expect(page).toHaveURL(/there=on/);
  await expect(found.first()).toContainText("now");
  for (const text of await found.allInnerTexts())
    expect(text).toMatch(/now\s+(everything is there|there, with)/);

  await found.first().getByRole("link").click();
  await expect(page.getByRole("list", { name: "Ladder, the hardest rung first" })).toBeVisible();
  await page.getByText("Talk through", { exact: true }).click();
  await accessible(page);
  const name = await page.getByRole("heading", { level: 1 }).textContent();
  await page.getByRole("button", { name: "Put on the plan" }).click();
  await expect(page.getByText(/It goes on the next plan/)).toBeVisible();
  await page.goto("/plan?weeks=1");
  await expect(proposal(page).getByRole("button", { name: name ?? "" })).toContainText("locked");
});

test("one thing as a whole sitting, for two children at once", LONG, async ({ page }) => {
  await openDemo(page);
  await page.goto("/activities");
  const madeWith = page.getByRole("combobox", { name: "Made with" });
  if (isPhone(page)) await page.getByText("Narrow it down").click();
  await choose(madeWith, "soft ball, 7 cm");
  await page.getByRole("link", { name: "A whole sitting with it" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("One sitting: soft ball, 7 cm");
  await page.getByRole("checkbox", { name: "Pim" }).check();
  await expect(
    page
      .getByText("For Pim and Tove", { exact: false })
      .or(page.getByText("For Tove and Pim", { exact: false })),
  ).toBeVisible();
  const uses = page.getByRole("main").getByRole("listitem");
  expect(await uses.count()).toBeGreaterThanOrEqual(3);
  await expect(uses.first()).toContainText("Pim:");
  await accessible(page);
});

test(
  "a changed copy of one's own: checked while it is written, saved, found, removed and put back",
  LONG,
  async ({ page }) => {
    await openDemo(page);
    await page.goto("/activities/towers");
    await page.getByRole("link", { name: "Copy and change" }).click();
    const check = page.getByRole("complementary", { name: "Check" });
    await expect(check).toContainText("Nothing is wrong with it.");
    await page.getByRole("textbox", { name: "Name" }).fill("Our lighthouse");
    await page.getByRole("button", { name: "Next: its rungs" }).click();
    const first = page.getByRole("region", { name: "Rung 1" });
    await first.getByLabel("Half of the children do it at, months").fill("40");
    await expect(check).toContainText("comes after a rung for an older child");
    await expect(check.getByRole("button", { name: "Save it" })).toBeDisabled();
    await first.getByLabel("Half of the children do it at, months").fill("9");
    await accessible(page);
    await check.getByRole("button", { name: "Save it" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Our lighthouse");

    await page.goto("/activities?q=lighthouse");
    await expect(page.getByRole("link", { name: "Our lighthouse" })).toBeVisible();
    await page.getByRole("link", { name: "Our lighthouse" }).click();
    await page.getByRole("button", { name: "Remove it" }).click();
    await expect(page.getByText("Removed.")).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Our lighthouse");
  },
);

test("a pack is looked at before it is taken, and taken back", ONCE, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Activities");
  const pack = await page.evaluate(async () => {
    const link = document.querySelector<HTMLLinkElement>('link[rel="preload"][as="fetch"]');
    const { activities } = await (await fetch(link?.href ?? "")).json();
    const [first, second] = activities;
    const none = { areas: [], skills: [], dangers: [], materials: [] };
    const own = { ...first, id: "from-a-friend", name: "Water beads in the bath" };
    return JSON.stringify({ format: "orto-pack", version: 1, ...none, activities: [own, second] });
  });
  const counted = async () => Number.parseInt((await page.getByText(/ of \d+, /).textContent()) ?? "", 10);
  const before = await counted();
  await page.getByRole("button", { name: "Activities from a file" }).click();
  const file = page.getByLabel("A pack file");
  await file.setInputFiles({ name: "a.json", mimeType: "application/json", buffer: Buffer.from(pack) });
  await page.getByRole("button", { name: "Look at it" }).click();
  await expect(page.getByText("New: Water beads in the bath.")).toBeVisible();
  await expect(page.getByText(/They go on swelling/)).toBeVisible();
  expect(await counted()).toBe(before);
  await page.getByRole("button", { name: "Take them" }).click();
  await expect(page.getByText("Taken: 1 new.")).toBeVisible();
  await expect.poll(counted).toBe(before + 1);
  await page.getByRole("button", { name: "Take it back" }).click();
  await expect(page.getByText("It is as it was before.")).toBeVisible();
  await expect.poll(counted).toBe(before);
});
