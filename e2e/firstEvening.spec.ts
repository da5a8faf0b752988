import { readFileSync } from "node:fs";
import type { Page } from "@playwright/test";
import {
  accessible,
  childFields,
  choose,
  expect,
  isPhone,
  LONG,
  openScreen,
  part,
  proposal,
  row,
  shelf,
  test,
  WIDE,
} from "./support";

test("from an empty browser to this week's shelf, a note, and the next week", WIDE, async ({ page }) => {
  const began = Date.now();
  await page.clock.setSystemTime(new Date("2026-05-10T18:00:00Z"));
  await page.goto("/");
  await expect(page).toHaveURL(/\/start$/);
  await accessible(page);

  // Set up: a wrong date first, which changes nothing and says so.
  // The name can be typed at once: with that, five taps to the first note (the birth date, the shelf, accept, a tray, alone).
  await expect(page.getByLabel("Name or initial")).toBeFocused();
  await page.keyboard.type("Ida");
  await birth(page).fill("2027-01-01");
  await page.getByRole("button", { name: "Next: the shelf" }).click();
  await expect(page.getByText("The birth date lies in the future. Check the year.")).toBeVisible();
  await birth(page).fill("2024-11-01");
  // An age says at once whether the date was typed right.
  await expect(childFields(page, 0).getByText("18 months old.")).toBeVisible();
  await page.getByRole("button", { name: "Add another child" }).click();
  // Its name can be typed at once: no tap for that. It is asked the same as the first.
  const bo = childFields(page, 1);
  await expect(bo.getByLabel("Name or initial")).toBeFocused();
  await bo.getByLabel("Name or initial").fill("Bo");
  await bo.getByLabel("Birth date").fill("2025-11-20");
  await expect(bo.getByLabel("Plan trays for Bo")).toBeChecked();
  await bo.getByLabel("Plan trays for Bo").uncheck();
  // What is not understood is said; what is, is chosen from the groups on labels.
  await bo.getByLabel("Allergies, if any").fill("kiwi,");
  await expect(page.getByText("Not understood: kiwi.", { exact: false })).toBeVisible();
  // A reload takes nothing away.
  await page.reload();
  await expect(page.getByText("What you had typed is here again.")).toBeVisible();
  await expect(page.getByLabel("Name or initial").first()).toHaveValue("Ida");
  await page.getByRole("button", { name: "Next: the shelf" }).click();
  // A baby of five months may pull up already: it is worked out, drawn, and corrected by a tap.
  await expect(page.getByRole("img", { name: /Bo gets up to about \d+ cm/ })).toBeVisible();
  if (isPhone(page)) await page.getByRole("button", { name: "How high, and who gets at what" }).click();
  await page.getByLabel("Height of board 1 in cm").fill("60");
  await page.getByRole("button", { name: "Bo, board 1: reaches it. Change" }).click();
  await expect(page.getByRole("button", { name: "Bo, board 1: locked away. Change" })).toBeVisible();
  await page.getByLabel("Low table").check();
  await page.getByRole("button", { name: "Make our first shelf" }).click();

  // The proposal.
  await expect(page.getByRole("heading", { name: "The next shelf for Ida" })).toBeVisible();
  // Whom nothing is planned for is said, with the tap that changes it.
  await expect(page.getByText("No trays are planned for Bo.")).toBeVisible();
  await expect(page.getByText("Proven best")).toBeVisible();
  const trays = proposal(page).getByRole("button");
  expect(await trays.count()).toBeGreaterThanOrEqual(6);
  await accessible(page);
  // One that is just within reach, with a next rung not far off whose things are there: done alone a few times, it is ready for
  // that.
  const within = trays
    .filter({ has: page.locator(".tray-word", { hasText: "fits" }) })
    .filter({ hasNotText: /A job of one|A ball in each well/ })
    .first();
  const first = (await within.locator(".tray-name").textContent()) ?? "";
  await page.getByRole("button", { name: "Accept" }).click();

  // The shelf stands.
  await expect(page.getByText("Accepted. The shelf stands from")).toBeVisible();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Ida’s shelf, day 1");
  expect(Date.now() - began).toBeLessThan(5 * 60_000);
  await accessible(page);

  // A note in two taps; more if wanted; all of it there after a reload.
  await shelf(page).getByRole("button", { name: first }).click();
  await page.getByRole("button", { name: "Alone" }).click();
  await expect(page.getByText("Noted: alone.")).toBeVisible();
  await page.getByRole("button", { name: "Again", exact: true }).click();
  await page.getByRole("button", { name: "Finished" }).click();
  await page.getByLabel("Minutes").fill("7");
  await page.getByRole("textbox", { name: "Words" }).fill("Did it over and over.");
  await page.getByRole("button", { name: "Keep these" }).click();
  await expect(page.getByRole("button", { name: "Kept", exact: true })).toBeVisible();
  await accessible(page);
  await page.reload();
  await expect(page.locator(".notes").getByText("alone, wanted again, 7 min").last()).toBeVisible();
  await expect(page.locator("q").getByText("Did it over and over.").last()).toBeVisible();

  // A week on: several more notes, and a next week that follows them.
  for (const day of [12, 14, 16]) {
    await page.clock.setSystemTime(new Date(`2026-05-${day}T18:00:00Z`));
    await page.goto("/");
    await shelf(page).getByRole("button", { name: first }).click();
    await page.getByRole("button", { name: "Alone" }).click();
    await expect(page.getByText("Noted: alone.")).toBeVisible();
  }
  await page.clock.setSystemTime(new Date("2026-05-17T18:00:00Z"));
  await page.goto("/");
  await expect(shelf(page).getByRole("button", { name: first })).toContainText("now harder?");
  await page.getByRole("link", { name: "Plan the next rotation" }).first().click();
  await expect(proposal(page)).toBeVisible();
  await proposal(page).getByRole("button", { name: first }).click();
  await expect(page.getByText(/Alone .* of the last .*One step up|Alone each of the last/)).toBeVisible();
  await page.getByRole("link", { name: "Close this tray" }).click();
  await page.getByRole("button", { name: "Accept" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("day 1");

  // And back, since an undo is an undo.
  await page.getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("heading", { level: 1 })).toContainText("day 8");
});

const birth = (page: Page) => page.getByLabel("Birth date", { exact: true });

/** A home of one's own, with the usual things. */
async function setUp(page: Page) {
  await page.goto("/start");
  await page.getByLabel("Name or initial").fill("Ida");
  await birth(page).fill("2024-06-01");
  await page.getByRole("button", { name: "Make our first shelf" }).click();
  await expect(proposal(page)).toBeVisible();
}

test("the cupboard: counts, sizes, things of one's own and dangerous ones", LONG, async ({ page }) => {
  await setUp(page);
  await openScreen(page, "Cupboard");
  const find = page.getByLabel("Find a thing");
  await find.fill("noodle");
  const noodles = page.getByLabel("slice of a foam swim noodle, 5 cm", { exact: true });
  await noodles.fill("3");
  await noodles.press("Enter");
  await expect(row(page, /foam swim noodle/).getByText("saved")).toBeVisible();
  await page.reload();
  await expect(noodles).toHaveValue("3");
  await noodles.fill("-3");
  await noodles.press("Enter");
  await expect(page.getByText("The quantity is 0 or more.")).toBeVisible();
  await page.reload();
  await expect(noodles).toHaveValue("3");
  // What is not here is out of the way until it is looked for.
  await find.fill("");
  await expect(page.getByLabel("We have: pompom, 3 cm")).toHaveCount(0);
  await find.fill("pompom");
  await page.getByLabel("We have: pompom, 3 cm").check();
  await expect(row(page, /pompom, 3 cm/).getByText("saved")).toBeVisible();
  await page.reload();
  await expect(page.getByLabel("We have: pompom, 3 cm")).toBeChecked();
  await expect(row(page, /pompom, 3 cm/)).toContainText("small part");

  // Measured here: the size counts at once.
  await find.fill("small bowl");
  const bowl = row(page, /small bowl, unbreakable/);
  await expect(bowl).not.toContainText("passes the tube");
  await bowl.locator("summary").click();
  await bowl.getByLabel("Size 1 of small bowl, unbreakable in mm").fill("40");
  await bowl.getByRole("button", { name: "Keep" }).click();
  await expect(bowl).toContainText(/A disc has 2 of them/);
  await bowl.getByLabel("Size 2 of small bowl, unbreakable in mm").fill("30");
  await bowl.getByRole("button", { name: "Keep" }).click();
  await expect(bowl).toContainText("40 × 30 mm, measured");
  await expect(bowl).toContainText("passes the tube");

  // A thing of our own, with its size; a missing size is named.
  await find.fill("big cork");
  await page.getByText("Add a thing of our own").click();
  await page.getByLabel("Name", { exact: true }).fill("big cork");
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByText("Choose what one piece is like, and give its sizes.")).toBeVisible();
  await page.getByLabel("One piece is").click();
  await page.getByTitle("a stick or tube").click();
  await page.getByLabel("across, mm").fill("28");
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByText(/A cylinder has 2 of them/)).toBeVisible();
  await page.getByLabel("long, mm").fill("45");
  await expect(page.getByText("It passes a toilet-roll tube.")).toBeVisible();
  await page.getByLabel("bits come off").check();
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByText("big cork is in the cupboard.")).toBeVisible();
  await expect(row(page, /big cork/)).toContainText("passes the tube");
  // The next thing begins with an empty form: neither size nor hazards of the last one.
  await expect(page.getByLabel("Name", { exact: true })).toHaveValue("");
  await expect(page.getByLabel("across, mm")).toHaveCount(0);
  await expect(page.getByLabel("bits come off")).not.toBeChecked();
  // A dangerous thing is known by its name, and stays so until the adult says otherwise.
  await page.getByLabel("Name", { exact: true }).fill("water beads soaked");
  await expect(page.getByText(/It reads like water beads/)).toBeVisible();
  await page.getByLabel("One piece is").click();
  await page.getByTitle("a ball").last().click();
  await page.getByLabel("across, mm").fill("50");
  await accessible(page);
  await find.fill("");
  await page.getByRole("button", { name: "Add it" }).click();
  await expect(page.getByText("water beads soaked is in the cupboard.")).toBeVisible();
  await expect(row(page, /water beads soaked/)).toContainText("It reads like water beads");
});

test("the household and a backup", LONG, async ({ page, browser, baseURL }) => {
  await setUp(page);
  await openScreen(page, "Household");
  await expect(page.getByRole("form", { name: "Ida", exact: true })).toBeVisible();
  await accessible(page);
  await part(page, "Data").click();
  await expect(page.getByText(/Orto uses \d+ MB here/)).toBeVisible();
  const download = page.waitForEvent("download");
  await page.getByRole("button", { name: "Save a backup file" }).click();
  const file = await (await download).path();
  await expect(page.getByText(/^Last saved on /)).toBeVisible();
  const [bare] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: /Without names, pictures and words/ }).click(),
  ]);
  const shown = readFileSync(await bare.path(), "utf8");
  expect(shown).toContain("Child 1");
  expect(shown).not.toMatch(/Ida/);

  await accessible(page);
  await part(page, "Children").click();
  const ida = page.getByRole("form", { name: "Ida" });
  await ida.getByLabel("Name or initial").fill("Someone else");
  await ida.getByRole("button", { name: "Save" }).click();
  await expect(page.getByRole("form", { name: "Someone else" })).toBeVisible();

  // Inches, limits, and a place removed and put back.
  await part(page, "How we work").click();
  await choose(page.getByLabel("Units"), "inches, ounces");
  await page.getByRole("form", { name: "How we work" }).getByRole("button", { name: "Save" }).click();
  const limits = page.getByRole("form", { name: "Limits of a rotation" });
  await limits.getByLabel("Wet").fill("33");
  await limits.getByRole("button", { name: "Save" }).click();
  await expect(limits.getByText("at most 20")).toBeVisible();
  await accessible(page);
  await part(page, "Shelf and places").click();
  await page.getByRole("button", { name: /^Board 1, bay 1, shelf bay/ }).click();
  await page.getByRole("form", { name: "Board 1, bay 1" }).getByRole("button", { name: "Remove" }).click();
  await page.getByRole("button", { name: "Put back Board 1, bay 1" }).click();
  await expect(page.getByRole("button", { name: "Put back Board 1, bay 1" })).toHaveCount(0);
  await openScreen(page, "Cupboard");
  await expect(row(page, /small bowl, unbreakable/)).toContainText("4.72 × 1.97 in");
  await openScreen(page, "Household");
  await part(page, "Data").click();

  // Bad files change nothing; the good one brings everything back.
  const restore = async (payload: string | { name: string; mimeType: string; buffer: Buffer }) => {
    await page.getByLabel("Restore from a file").setInputFiles(payload);
    await page.getByRole("button", { name: "Restore", exact: true }).click();
  };
  const text = (content: string) => ({
    name: "x.json",
    mimeType: "application/json",
    buffer: Buffer.from(content),
  });
  await restore(text("{ damaged"));
  await expect(page.getByText(/The file is damaged or not a backup/)).toBeVisible();
  await restore(text('{"format":"orto-backup","version":999,"tables":{}}'));
  await expect(page.getByText(/made by a newer Orto/)).toBeVisible();
  await part(page, "Children").click();
  await expect(page.getByRole("form", { name: "Someone else" })).toBeVisible();
  await part(page, "Data").click();
  await restore(file);
  await expect(page.getByText(/A safety copy from .* with 0 notes and 0 pictures/)).toBeVisible();
  await part(page, "Children").click();
  await expect(page.getByRole("form", { name: "Ida" })).toBeVisible();

  // And a new device begins with it.
  const device = await (await browser.newContext({ baseURL })).newPage();
  await device.goto("/start");
  await device.getByLabel("Restore from a file").setInputFiles(file);
  await device.getByRole("button", { name: "Restore", exact: true }).click();
  await expect(device.getByRole("heading", { name: "The shelf is empty" })).toBeVisible();
  await expect(device.getByText("Ida").first()).toBeVisible();

  // What is noted on either is on both once they are put together; all of it can be taken back.
  await device.getByRole("button", { name: "Note", exact: true }).click();
  await device.getByLabel("In a few words").fill("Climbed the low wall.");
  await device.getByRole("button", { name: "Keep it" }).click();
  await expect(device.getByText("Noted.", { exact: true })).toBeVisible();
  await device.goto("/household?part=data");
  const other = device.waitForEvent("download");
  await device.getByRole("button", { name: "Save a backup file" }).click();
  const theirs = await (await other).path();
  await part(page, "Data").click();
  const merge = page.getByRole("region", { name: "Another device" });
  await merge.getByLabel("A backup file of the other device").setInputFiles(theirs);
  await merge.getByRole("button", { name: "Put together" }).click();
  await expect(merge.getByText("1 thing seen, new")).toBeVisible();
  await accessible(page);
  await openScreen(page, "Journal");
  await expect(page.getByText("Climbed the low wall.")).toBeVisible();
});
