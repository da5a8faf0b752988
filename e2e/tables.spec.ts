import { readFileSync } from "node:fs";
import { accessible, expect, ONCE, openDemo, openScreen, part, test } from "./support";

test(
  "tables go to a spreadsheet, and notes come from one: mapped, looked at, taken, taken back",
  ONCE,
  async ({ page }) => {
    await openDemo(page);
    await openScreen(page, "Household");
    await part(page, "Data").click();
    await page.getByRole("link", { name: /Tables for a spreadsheet/ }).click();
    await expect(page.getByRole("heading", { name: "Tables", exact: true })).toBeVisible();
    const [file] = await Promise.all([
      page.waitForEvent("download"),
      page.getByRole("button", { name: "Notes", exact: true }).click(),
    ]);
    expect(file.suggestedFilename()).toBe("orto-notes-2026-05-10.csv");
    const saved = readFileSync(await file.path(), "utf8");
    expect(saved.split("\r\n")[0]).toContain("date,child,activity,step,help");

    const give = (name: string, text: string) =>
      page
        .getByLabel("Choose a table")
        .setInputFiles({ name, mimeType: "text/csv", buffer: Buffer.from(text, "utf8") });
    await give("broken.csv", 'date,words\n2026-05-01,"open\n');
    await expect(page.getByText(/A quotation mark in this row is never closed/)).toBeVisible();
    // Its own notes are here already.
    await give("own.csv", saved);
    await expect(page.getByText(/^0 notes to take; \d+ here already/)).toBeVisible();
    await expect(page.getByRole("button", { name: "Take 0 notes" })).toBeDisabled();
    // One of another program.
    await give(
      "other.csv",
      "When;What happened;Remark\n3.4.2026;Discs in a slot;=2+2\n4.4.2026;Kicked a ball;\n99.4.2026;Discs in a slot;\n",
    );
    await expect(page.getByText(/can’t be read/)).toBeVisible();
    await page.getByLabel("activity", { exact: true }).click();
    await page.locator(".ant-select-item-option").filter({ hasText: "What happened" }).last().click();
    await page.getByLabel("whose notes").click();
    await page.locator(".ant-select-item-option").filter({ hasText: "Tove" }).last().click();
    await expect(page.getByText("1 of something that is no activity here")).toBeVisible();
    await expect(page.getByText("Row 2, step: the step of the activity is missing.")).toBeVisible();
    await expect(page.getByText("Row 4, date: “99.4.2026” is no date.")).toBeVisible();
    await accessible(page);
    await page.getByRole("button", { name: "Take 1 note" }).click();
    await expect(page.getByText("1 note taken into the journal.")).toBeVisible();
    await page.getByRole("button", { name: "Undo" }).click();
    await expect(page.getByText("1 note taken away again.")).toBeVisible();
    await page.getByRole("button", { name: "Take them after all" }).click();
    await page.getByRole("link", { name: "To the journal" }).click();
    await page.getByLabel("A word in a note").fill("kicked");
    await expect(page.getByText("Kicked a ball").first()).toBeVisible();
  },
);
