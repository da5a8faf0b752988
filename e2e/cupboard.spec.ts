import {
  accessible,
  choose,
  expect,
  LONG,
  ONCE,
  openDemo,
  openScreen,
  proposal,
  row,
  test,
  WIDE,
} from "./support";

test("a pasted list is read, confirmed and in the cupboard", ONCE, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Cupboard");
  await page.getByLabel("Find a thing").fill("hoop");
  await page.getByText("Paste a list", { exact: true }).click();
  await page.getByLabel("From a table (CSV)").setInputFiles({
    name: "things.csv",
    mimeType: "text/csv",
    buffer: Buffer.from("thing;amount;unit\nrice;500;g\n"),
  });
  await expect(page.getByLabel(/One thing a line/)).toHaveValue("500 g rice");
  await page.getByLabel(/One thing a line/).fill("2 hoops\nrice 750 g\nzzyzx\nwater beads");
  await page.getByRole("button", { name: "Read it" }).click();
  const line = (text: string) =>
    page.getByRole("form", { name: "Confirm the list" }).getByRole("listitem").filter({ hasText: text });
  await expect(line("2 hoops")).toContainText("hoop");
  await expect(page.getByLabel("How many: rice 750 g")).toHaveValue("750");
  await expect(line("zzyzx")).toContainText("I don’t know this.");
  await expect(line("water beads")).toContainText("leave it out");
  await expect(line("water beads")).toContainText("Not into the cupboard: it reads like water beads.");
  await accessible(page);
  await page.getByRole("button", { name: "Put them in the cupboard" }).click();
  await expect(page.getByText("2 things are in the cupboard.")).toBeVisible();
  const hoops = row(page, /hoop/).getByLabel("hoop", { exact: true });
  await expect(hoops).toHaveValue("2");

  // A number typed before the tick is answered stands; keys step from it, and the field keeps the focus.
  const tick = page.getByLabel("We have: hoop");
  await tick.uncheck();
  await expect(hoops).toHaveValue("0");
  await tick.check();
  await hoops.fill("7");
  await hoops.press("Enter");
  await expect(row(page, /hoop/).getByText("saved")).toBeVisible();
  await hoops.focus();
  await hoops.press("+");
  await expect(hoops).toHaveValue("8");
  await expect(hoops).toBeFocused();
  await page.reload();
  await expect(hoops).toHaveValue("8");
});

test("what one small purchase would open up", LONG, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Cupboard");
  await page.getByRole("link", { name: "What would one small purchase open up?" }).click();
  const found = page
    .getByRole("region", { name: "What one small purchase would open up" })
    .getByRole("listitem");
  await expect(found.first()).toBeVisible();
  expect(await found.count()).toBeGreaterThan(2);
});

test(
  "the gauge: what fits, how much larger it would have to be, and kept as the size of a thing",
  WIDE,
  async ({ page }) => {
    await openDemo(page);
    await page.goto("/cupboard/gauge?material=bead-large");
    await expect(page.getByRole("heading", { name: /The size gauge: large wooden bead/ })).toBeVisible();
    await expect(page.getByText("It does not fit in the small-parts cylinder.")).toBeVisible();
    await accessible(page);
    await page.getByLabel("across", { exact: true }).fill("25");
    await expect(page.getByText(/It fits in the small-parts cylinder/)).toBeVisible();
    await expect(page.getByText(/From about .* on it would not fit/)).toBeVisible();
    await choose(page.getByLabel("Shape"), "block");
    await page.getByLabel("long", { exact: true }).fill("60");
    await page.getByLabel("wide", { exact: true }).fill("50");
    await page.getByLabel("high", { exact: true }).fill("40");
    await expect(page.getByText("It does not fit in the small-parts cylinder.")).toBeVisible();
    await expect(page.getByText("It does not pass through a toilet-roll tube.")).toBeVisible();
    await page.getByRole("slider", { name: "Turn it" }).press("ArrowRight");
    await expect(page.getByText("1° from there")).toBeVisible();
    await page.getByText(/I have a toilet-roll tube here/).click();
    await page.getByRole("button", { name: "It goes through, or in whole" }).click();
    await expect(page.getByText(/Too small for a child who mouths/)).toBeVisible();
  },
);

test("from the cupboard to the plan, the sheet, and back to the cupboard", LONG, async ({ page }) => {
  await openDemo(page);
  await openScreen(page, "Cupboard");
  // What is lent to us goes back: it says so, and keeps where it is.
  const tins = row(page, /muffin tin/).first();
  await tins.getByRole("button", { name: /change: muffin tin/ }).click();
  const about = page.getByRole("form", { name: /About muffin tin/ });
  await about.getByLabel("Where in the house").fill("lent by the neighbour");
  await choose(about.getByLabel("It is"), "borrowed");
  await about.getByLabel("Borrowed: back on").fill("2026-05-12");
  await about.getByRole("button", { name: "Keep" }).click();
  await expect(tins).toContainText("lent by the neighbour · borrowed, back on Tuesday 12 May");
  await accessible(page);
  // One more and one less, by a tap and by the keyboard.
  const bowls = row(page, /small bowl, unbreakable/);
  await bowls.getByRole("button", { name: /One more/ }).click();
  const quantity = bowls.getByLabel("small bowl, unbreakable", { exact: true });
  await expect(quantity).toHaveValue("7");
  await quantity.press("-");
  await expect(quantity).toHaveValue("6");
  // Each tap counts, however quick they come.
  await bowls.getByRole("button", { name: /One more/ }).evaluate((button: HTMLButtonElement) => {
    for (let i = 0; i < 4; i++) button.click();
  });
  await expect(quantity).toHaveValue("10");
  // The plan that is accepted leaves the tin alone, and its sheet gathers the rest.
  await page.goto("/plan?weeks=1");
  await expect(proposal(page)).toBeVisible();
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();
  await openScreen(page, "Prepare");
  const gather = page.getByRole("region", { name: "Gather" });
  await expect(gather).toBeVisible();
  await expect(gather.getByText("muffin tin", { exact: false })).toHaveCount(0);
  await page.getByRole("button", { name: "All is prepared" }).click();
  await expect(page.getByText(/what it used up is counted down/)).toBeVisible();
  const back = page.getByRole("form", { name: "Put back wooden clothes peg" });
  await back.getByLabel("missing").fill("2");
  await back.getByRole("button", { name: "It is back" }).click();
  await expect(back.getByRole("button", { name: "Change" })).toBeVisible();
  await openScreen(page, "Cupboard");
  const pegs = row(page, /wooden clothes peg/).first();
  await expect(pegs.getByLabel("wooden clothes peg", { exact: true })).toHaveValue("18");
});

test(
  "what is mixed has its date and takes its parts; by undo all of it is as before",
  LONG,
  async ({ page }) => {
    await openDemo(page);
    await openScreen(page, "Cupboard");
    const flour = page.getByLabel("flour", { exact: true });
    const before = Number(await flour.inputValue());
    expect(before).toBeGreaterThan(250);
    await page.getByRole("button", { name: /change: salt-free play dough/ }).click();
    const about = page.getByRole("form", { name: /About salt-free play dough/ });
    const useBy = about.getByLabel(/Use by/);
    const date = await useBy.inputValue();
    await about.getByLabel("Where in the house").fill("by the window");
    await about.getByRole("button", { name: "It is made" }).click();
    await expect(about.getByText(/in the cupboard, with its date; \d parts? counted down/)).toBeVisible();
    await expect(flour).toHaveValue(String(before - 250));
    await expect(useBy).toHaveValue("2026-05-15");
    await about.getByRole("button", { name: "Undo" }).click();
    await expect(flour).toHaveValue(String(before));
    await expect(useBy).toHaveValue(date);
    await expect(about.getByLabel("Where in the house")).toHaveValue("by the window");
    await accessible(page);
  },
);

test("each home has its own cupboard and shelf", LONG, async ({ page }) => {
  await openDemo(page);
  await choose(page.getByLabel("Which home"), "Grandmother's flat");
  await expect(page.getByRole("heading", { name: "The shelf is empty" })).toBeVisible();
  await openScreen(page, "Cupboard");
  await expect(page.getByText(/\d+ things on hand/)).not.toContainText("89");
  await openScreen(page, "Plan");
  await expect(proposal(page)).toContainText("Kitchen table");
  await choose(page.getByLabel("Which home"), "At home");
  await expect(proposal(page)).not.toContainText("Kitchen table");
});
