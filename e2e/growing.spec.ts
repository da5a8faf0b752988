import { execFileSync } from "node:child_process";
import { readFileSync } from "node:fs";
import { recentActivity } from "../app/core/growing";
import { type Backup, type Catalogue, livingTables, plainDate } from "../app/core/model";
import { anId } from "../app/core/testing/ids";
import { AREA_NAMES } from "../app/words/areas";
import { GRASP_NAMES } from "../app/words/grasps";
import { countText } from "../app/words/numbers";
import { accessible, expect, LONG, openDemo, openScreen, test } from "./support";

/** What the headless command line answers: the same core, without a browser. */
const orto = <T>(verb: string) =>
  JSON.parse(
    execFileSync("node_modules/.bin/tsx", ["tools/orto.ts", verb], { maxBuffer: 1e8 }).toString(),
  ) as T;

test(
  "growing: skills along the months, what to look for, ladders, what came, a summary",
  LONG,
  async ({ page }) => {
    await openDemo(page);
    await openScreen(page, "Growing");
    await expect(page.getByRole("region", { name: "Hands" })).toBeVisible();
    const posts = page.getByRole("listitem").filter({ hasText: "Posts through an opening" });
    await expect(posts).toContainText(/usually at \d+ to \d+ months; done alone on/);
    await accessible(page);

    // A skill has its ladder across activities, for both children; it is ticked at any time, and taken back.
    await posts.getByRole("link").click();
    await expect(page.getByRole("heading", { name: "Its ladder across all activities" })).toBeVisible();
    await expect(page.getByText(/^Pim: /).first()).toBeVisible();
    await page.getByRole("button", { name: "Not yet: Posts through an opening, Pim" }).click();
    await expect(page.getByText("Noted: not yet.")).toBeVisible();
    await page.getByRole("button", { name: /^Undo: Posts/ }).click();
    await expect(page.getByRole("button", { name: "Not yet: Posts through an opening, Pim" })).toBeVisible();
    await accessible(page);

    await page.getByRole("link", { name: "Growing", exact: true }).first().click();
    await page.getByRole("tab", { name: "Look and see" }).click();
    const looks = page.getByRole("listitem").filter({ has: page.getByRole("button", { name: /^Seen: / }) });
    await expect(looks.first()).toBeVisible();
    expect(await looks.count()).toBeGreaterThanOrEqual(5);
    const name = (await looks.first().locator("strong").textContent()) ?? "";
    await page.getByRole("button", { name: `Seen: ${name}` }).click();
    await expect(page.getByText(`${name}: seen`)).toBeVisible();
    await page.getByRole("button", { name: `Undo: ${name}` }).click();
    await expect(page.getByRole("button", { name: `Seen: ${name}` })).toBeVisible();
    await accessible(page);

    await page.goto("/growing?view=lately");
    // What stands on the screen is what the core says.
    const tables = livingTables(orto<Backup>("demo").tables);
    const catalogue = orto<Catalogue>("catalogue");
    const { notes, minutes, areas, hands } = recentActivity(
      catalogue,
      tables,
      anId("tove"),
      plainDate("2026-05-10"),
      8,
    );
    await expect(
      page.getByText(`${notes} notes and ${Math.round(minutes)} minutes in the last 8 weeks`),
    ).toBeVisible();
    for (const [area, name] of Object.entries(AREA_NAMES)) {
      const count = areas.filter((one) => one.area === area).reduce((sum, one) => sum + one.notes, 0);
      const row = page
        .getByRole("table", { name: "Notes by area" })
        .getByRole("row")
        .filter({ hasText: name });
      await expect(row).toContainText(count === 1 ? "1 note" : `${count} notes`);
    }
    for (const [grasp, times] of hands.grasps)
      await expect(
        page.getByRole("listitem").filter({ hasText: `${GRASP_NAMES[grasp]} ${countText(times, "note")}` }),
      ).toBeVisible();
    await expect(page.getByRole("img", { name: /Minutes of Tove/ })).toBeVisible();
    await expect(page.getByRole("img", { name: /Which grasp Tove used/ })).toBeVisible();
    await expect(page.getByRole("row", { name: /Three fingers 12 mm to \d+ mm/ })).toBeVisible();
    await expect(page.getByText("On the whole the same in each week: liked it.")).toBeVisible();
    await accessible(page);
    await page.goto("/growing?view=ahead");
    await expect(page.getByRole("region", { name: "In 3 months" }).getByRole("link").first()).toBeVisible();
    await accessible(page);

    await page.getByRole("link", { name: "A summary to hand over" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Tove: what was noted");
    await page.getByLabel("with the name").uncheck();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("The child: what was noted");
    await page.getByRole("checkbox", { name: "Hands" }).check();
    await expect(page.getByRole("region", { name: "Words" })).toHaveCount(0);
    await accessible(page);
    await page.getByLabel("What we would like to ask").fill("When do shoes matter?");
    const saving = page.waitForEvent("download");
    await page.getByRole("button", { name: "Save as text" }).click();
    const text = await saving;
    expect(text.suggestedFilename()).toBe("summary.md");
    expect(readFileSync(await text.path(), "utf8")).toMatch(
      /## What we would like to ask\n\n- When do shoes matter\?/,
    );
    await page.emulateMedia({ media: "print" });
    await expect(page.getByRole("checkbox", { name: "Hands" })).toBeHidden();
    await expect(page.getByRole("region", { name: "What we would like to ask" })).toBeVisible();
    await page.emulateMedia({ media: "screen" });
    const pdf = page.waitForEvent("download");
    await page.getByRole("button", { name: "Save as PDF" }).click();
    const file = await (await pdf).path();
    expect(readFileSync(file).subarray(0, 5).toString()).toBe("%PDF-");
  },
);
