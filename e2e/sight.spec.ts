import type { Page } from "@playwright/test";
import { expect, openDemo, test } from "./support";

/** Starts the app anew and never gets its scripts: what stands then is what the page itself knows. */
async function startWithoutScripts(page: Page) {
  await page.goto("about:blank");
  await page.route("**/assets/*.js", () => new Promise(() => undefined));
  await page.goto("/", { waitUntil: "commit" });
}

test("the shelf is seen as it was left before it can be used, without the sheet that was open", async ({
  page,
}) => {
  await openDemo(page);
  await page.getByRole("button", { name: /Discs in a slot/ }).click();
  await expect(page.getByText("How did it go?")).toBeVisible();
  await startWithoutScripts(page);
  await expect(page.getByText("Discs in a slot")).toBeVisible();
  await expect(page.getByText("How did it go?")).toHaveCount(0);
  await expect(page.getByText("Opening the shelf…")).toBeHidden();
  // Seen only: nothing in it can be reached by a finger, a key or a reader.
  await expect(page.getByRole("button")).toHaveCount(0);
  await page.unroute("**/assets/*.js");
  await page.goto("/");
  await expect(page.getByRole("button", { name: /Discs in a slot/ })).toBeVisible();
  await expect(page.getByText("Discs in a slot")).toHaveCount(1);
});

test("left on another screen the shelf is not shown as it was, nor another household's", async ({ page }) => {
  await openDemo(page);
  await page.goto("/household");
  await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
  await startWithoutScripts(page);
  await expect(page.getByText("Opening the shelf…")).toBeVisible();
  await page.unroute("**/assets/*.js");
  await openDemo(page);
  await page.evaluate(() =>
    addEventListener("pagehide", () => sessionStorage.setItem("orto.household", "ours")),
  );
  await startWithoutScripts(page);
  await expect(page.getByText("Opening the shelf…")).toBeVisible();
});
