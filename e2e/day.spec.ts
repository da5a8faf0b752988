import type { Locator, Page } from "@playwright/test";
import {
  accessible,
  choose,
  drawer,
  expect,
  isPhone,
  LONG,
  moreDrawers,
  ONCE,
  openDemo,
  openScreen,
  part,
  proposal,
  shelf,
  test,
  WIDE,
} from "./support";

/** How a control is worked: by the mouse, by touch, or by the keyboard alone. */
type Work = (control: Locator) => Promise<void>;
const byMouse: Work = (control) => control.click();
const byTouch: Work = (control) => control.tap();
const byKeys: Work = async (control) => {
  await control.focus();
  await expect(control).toBeFocused();
  await control.press("Enter");
};

/** Accept, prepare, show, watch, note, decide, and the next shelf: the whole loop of a week. */
async function loop(page: Page, work: Work) {
  await openDemo(page);
  const TRAY = /Discs in a slot/;

  // Show: what to mind first, then one step a page, without scrolling.
  await work(shelf(page).getByRole("button", { name: TRAY }));
  await work(page.getByRole("link", { name: "Show", exact: true }));
  await expect(page.getByText("Be in the room.")).toBeVisible();
  await accessible(page);
  // What keeps safe has a page of its own, before the first step.
  await work(page.getByRole("button", { name: "Next" }));
  await expect(page.getByText("First, so that it is safe")).toBeVisible();
  await expect(page.getByText(/pull at every edge/)).toBeVisible();
  for (let step = 1; step <= 4; step++) {
    await work(page.getByRole("button", { name: "Next" }));
    await expect(page.getByText(`${step} of 4`)).toBeVisible();
    const { scroll, height } = await page.evaluate(() => ({
      scroll: document.documentElement.scrollHeight,
      height: window.innerHeight,
    }));
    expect(scroll).toBeLessThanOrEqual(height + 1);
  }
  await work(page.getByRole("button", { name: "Next" }));

  // Watch, from there.
  await work(page.getByRole("link", { name: "Watch", exact: true }));
  await work(page.getByRole("button", { name: "It began" }));
  await work(page.getByRole("button", { name: /^By self/ }));
  await work(page.getByRole("button", { name: /^Again/ }));
  await work(page.getByRole("button", { name: /^Put it back/ }));
  await work(page.getByRole("button", { name: "Done: make it a note" }));

  // Note: it is saved; more by a tap each.
  await expect(page.getByText("Noted: alone.")).toBeVisible();
  await work(page.getByRole("button", { name: "Wanted to go on" }));
  await expect(page.getByRole("button", { name: "Wanted to go on" })).toHaveAttribute("aria-pressed", "true");
  await expect(page.getByText("leave it as it stands", { exact: false })).toBeVisible();

  // Decide: with the reason and its notes, one tap.
  await work(page.getByRole("button", { name: "Leave it standing" }));
  await expect(page.getByText("Decided: it stands as it is.")).toBeVisible();
  await work(page.getByRole("link", { name: "Close this tray" }));
  await work(page.getByRole("button", { name: "Step up" }));
  await expect(page.getByText("All decided.")).toBeVisible();

  // The next shelf follows: the unfinished tray stays, the other goes up a rung.
  await work(drawer(page, "Plan"));
  await expect(proposal(page)).toBeVisible();
  await expect(proposal(page).getByRole("button", { name: TRAY })).toContainText("stays");
  await work(page.getByRole("button", { name: "Accept" }));
  await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();
  if (isPhone(page)) await work(moreDrawers(page));
  await work(drawer(page, "Prepare"));
  await work(page.getByRole("button", { name: "All is prepared" }));
  await expect(page.getByText(/what it used up is counted down/)).toBeVisible();

  // The day comes, and it stands.
  if (isPhone(page)) await work(moreDrawers(page));
  await work(drawer(page, "Household"));
  await work(part(page, "Data"));
  await work(page.getByRole("button", { name: "A day on" }));
  await expect(page.getByText(/It stands at Mon, 11 May 2026/)).toBeVisible();
  await work(drawer(page, "Shelf"));
  await expect(page.getByRole("heading", { level: 1 })).toContainText("day 1");
  await expect(shelf(page).getByRole("button", { name: TRAY })).toBeVisible();
}

test("the whole loop of a week by mouse or touch", async ({ page }, info) => {
  const isPhone = info.project.name === "phone";
  test.skip(!isPhone && process.env.ORTO_LONG !== "1", "By keyboard it is the same on a desktop.");
  await loop(page, isPhone ? byTouch : byMouse);
});

test("the whole loop of a week by keyboard alone", async ({ page }, info) => {
  test.skip(info.project.name === "phone", "Phones have no keyboard.");
  await loop(page, byKeys);
});

test(
  "a tray is moved, taken down and put back; what is not safe there is refused",
  WIDE,
  async ({ page }, info) => {
    await openDemo(page);
    await shelf(page)
      .getByRole("button", { name: /Discs in a slot/ })
      .click();
    const standing = page.getByRole("group", { name: "Where it stands" });
    await choose(standing.getByLabel("Put it at"), "Top board, right");
    await standing.getByRole("button", { name: "Put it there" }).click();
    await expect(page.getByText(/at Top board, right/)).toBeVisible();
    await standing.getByRole("button", { name: "Take it down for now" }).click();
    await expect(standing.getByRole("button", { name: /Put it back at/ })).toBeVisible();
    await page.getByRole("link", { name: "Close this tray" }).click();
    await expect(page.getByText("Taken down:")).toBeVisible();
    await page.getByRole("link", { name: "Discs in a slot" }).click();
    await standing.getByRole("button", { name: /Put it back at/ }).click();
    await page.getByRole("link", { name: "Close this tray" }).click();
    await expect(shelf(page).getByRole("button", { name: /Discs in a slot/ })).toBeVisible();
    if (info.project.name === "phone") return;
    // By hand: dragged onto another tray, the two change places.
    const from = shelf(page).getByRole("button", { name: /Lids to pots/ });
    const to = shelf(page).getByRole("button", { name: /Pegs off the rim/ });
    const [a, b] = [await from.boundingBox(), await to.boundingBox()];
    if (!a || !b) throw new Error("nothing to drag");
    await page.mouse.move(a.x + 60, a.y + 60);
    await page.mouse.down();
    await page.mouse.move(a.x + 40, a.y + 60, { steps: 4 });
    await page.mouse.move(b.x + 60, b.y + 60, { steps: 8 });
    await page.mouse.up();
    await expect.poll(async () => (await from.boundingBox())?.x).toBeLessThan(b.x + 5);
  },
);

test(
  "the journal: found, corrected, deleted and put back, and looked at as charts",
  WIDE,
  async ({ page }) => {
    await openDemo(page);
    await openScreen(page, "Journal");
    await expect(page.getByRole("heading", { name: "Journal" })).toBeVisible();
    await expect(page.getByText("164 notes.")).toBeVisible();
    await accessible(page);
    // A choice is sent at once.
    await choose(page.getByLabel("Which child"), "Pim");
    await expect(page).toHaveURL(/child=pim/);
    await expect(page.getByText(/^\d+ of 164 notes\.$/)).toBeVisible();
    await choose(page.getByLabel("Which child"), "everybody");
    await expect(page.getByText("164 notes.", { exact: true })).toBeVisible();
    await page.getByLabel("A word in a note").fill("bridge");
    await expect(page.getByText(/^\d+ of 164 notes\.$/)).toBeVisible();
    await page
      .getByRole("button", { name: /^Change: / })
      .first()
      .click();
    const form = page.getByRole("form", { name: "Change the note" });
    await form.getByLabel("Minutes").fill("33");
    await form.getByRole("button", { name: "Keep" }).click();
    await expect(page.getByRole("dialog").getByText("kept")).toBeVisible();
    await accessible(page);
    await page.keyboard.press("Escape");
    await expect(page.getByText(/33 min/)).toBeVisible();
    const left = Number(/^\d+/.exec((await page.getByText(/ of 164 notes/).textContent()) ?? "")?.[0]);
    await page
      .getByRole("button", { name: /^Delete: / })
      .first()
      .click();
    await expect(page.getByText(`${left - 1} of 163 notes.`)).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByText(`${left} of 164 notes.`)).toBeVisible();
    await page.getByLabel("A word in a note").fill("");
    await page.getByRole("tab", { name: /Charts/ }).click();
    await expect(page.getByRole("heading", { name: /Interest by activity/ })).toBeVisible();
    await expect(page.getByRole("img", { name: /minutes and repeats/ })).toBeVisible();
    await accessible(page);
    await page.getByText("As a table").first().click();
    await page.getByRole("table").getByRole("link").first().click();
    await expect(page.getByText(/^\d+ of 164 notes\.$/)).toBeVisible();
  },
);

test(
  "what is for next time is there when it is planned and prepared; dates go into a calendar file",
  ONCE,
  async ({ page }) => {
    await openDemo(page);
    await shelf(page)
      .getByRole("button", { name: /Down the ramp/ })
      .click();
    await page.getByLabel("What to remember").fill("A blanket under the board.");
    await page.getByRole("form", { name: "For next time" }).getByRole("button", { name: "Keep" }).click();
    await expect(page.getByText("A blanket under the board.")).toBeVisible();
    await openScreen(page, "Activities");
    await page.getByLabel("Search activities").fill("down the ramp");
    await page.getByRole("link", { name: /Down the ramp/ }).click();
    await expect(page.getByText("A blanket under the board.")).toBeVisible();
    await openScreen(page, "Shelf");
    await page.getByRole("link", { name: "Put it into my calendar" }).click();
    await expect(page.getByText("Change the shelf")).toBeVisible();
    await accessible(page);
    const [file] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name: "Save the calendar file" }).click(),
    ]);
    expect(file.suggestedFilename()).toBe("orto.ics");
  },
);

test(
  "the piece of the day lies on its tray: used with a note, the next one tomorrow, one passed over",
  LONG,
  async ({ page }) => {
    await openDemo(page);
    // Without its moments one tray stands at the table all week, with a piece for each day.
    await page.goto("/household?part=day");
    for (const moment of [/^After breakfast, 8:30/, /^After the nap, 15:00/]) {
      const own = page.getByRole("region", { name: "Low table" });
      await own.getByRole("button", { name: moment }).click();
      await own.getByRole("button", { name: "Remove", exact: true }).first().click();
      await expect(own.getByRole("button", { name: moment })).toHaveCount(0);
    }
    await page.goto("/activities/stick-and-peel?child=tove");
    await page.getByRole("button", { name: "Put on the plan" }).click();
    await expect(page.getByText(/It goes on the next plan/)).toBeVisible();
    await page.goto("/plan?weeks=1");
    await page.getByRole("button", { name: "Accept" }).click();
    await expect(page.getByText(/Accepted: the next shelf stands from/)).toBeVisible();
    const aDayOn = async (day: RegExp) => {
      await openScreen(page, "Household");
      await part(page, "Data").click();
      await page.getByRole("button", { name: "A day on" }).click();
      await expect(page.getByText(day)).toBeVisible();
      await openScreen(page, "Shelf");
    };
    const tray = shelf(page).getByRole("button", { name: /Stickers, one at a time/ });

    await aDayOn(/It stands at Mon, 11 May 2026/);
    await expect(tray).toContainText("today: sheet one");
    await tray.click();
    await page.getByRole("button", { name: "With a word" }).click();
    await expect(page.getByText("was used.")).toBeVisible();

    await aDayOn(/It stands at Tue, 12 May 2026/);
    await expect(tray).toContainText("today: sheet two");
    await page.getByRole("button", { name: "Skip it" }).first().click();
    await expect(tray).toContainText("today: sheet three");
    await accessible(page);
  },
);
