import type { Page, Route } from "@playwright/test";
import { expect, openDemo, test, WIDE } from "./support";

/** Opens the demo and waits until the page has nothing more to do: from then on it keeps what it shows when it is left. */
async function openDemoAtRest(page: Page) {
  await openDemo(page);
  await expect(page.getByRole("button", { name: /Discs in a slot/ })).toBeVisible();
  await page.evaluate(() => new Promise((resolve) => requestIdleCallback(resolve)));
}

/** Starts the app anew and never gets its scripts: what stands then is what the page itself knows. */
async function startWithoutScripts(page: Page) {
  await page.goto("about:blank");
  await page.route("**/assets/*.js", () => new Promise(() => undefined));
  await page.goto("/", { waitUntil: "commit" });
}

test(
  "the shelf is seen as it was left before it can be used, without the sheet that was open",
  WIDE,
  async ({ page }) => {
    await openDemo(page);
    await page.getByRole("button", { name: /Discs in a slot/ }).click();
    await expect(page.getByText("How did it go?")).toBeVisible();
    await startWithoutScripts(page);
    await expect(page.getByText("Discs in a slot")).toBeVisible();
    await expect(page.getByText("How did it go?")).toHaveCount(0);
    await expect(page.getByText("Opening the shelf…")).toBeHidden();
    // Seen only: no key and no reader gets at it.
    await expect(page.getByRole("button")).toHaveCount(0);
    await page.keyboard.press("Tab");
    await expect(page.locator("#orto-sight :focus")).toHaveCount(0);
    await page.unroute("**/assets/*.js");
    await page.goto("/");
    await expect(page.getByRole("button", { name: /Discs in a slot/ })).toBeVisible();
    await expect(page.getByText("Discs in a slot")).toHaveCount(1);
  },
);

test(
  "what is tapped before the app stands is marked at once, and opened when it does",
  WIDE,
  async ({ page }) => {
    await openDemoAtRest(page);
    await page.goto("about:blank");
    const held: Route[] = [];
    let isHeld = true;
    await page.route("**/assets/*.js", (route) => (isHeld ? void held.push(route) : route.continue()));
    await page.goto("/", { waitUntil: "commit" });
    const tray = page.locator("#orto-sight .tray", { hasText: "Discs in a slot" });
    await tray.click();
    await expect(tray).toHaveClass(/selected/);
    isHeld = false;
    for (const route of held) await route.continue();
    await expect(page.getByRole("complementary", { name: "Discs in a slot" })).toBeVisible();
    await expect(page).toHaveURL(/\?tray=/);
    await page.getByRole("button", { name: "With a word" }).click();
    await expect(page.getByText("Noted: with a word.")).toBeVisible();
  },
);

test(
  "left on another screen the shelf is not shown as it was, nor another household's",
  WIDE,
  async ({ page }) => {
    await openDemo(page);
    await page.goto("/household");
    await expect(page.getByRole("heading", { level: 1 })).toBeVisible();
    await startWithoutScripts(page);
    await expect(page.getByText("Opening the shelf…")).toBeVisible();
    await page.unroute("**/assets/*.js");
    await openDemoAtRest(page);
    await page.evaluate(() =>
      addEventListener("pagehide", () => sessionStorage.setItem("orto.household", "ours")),
    );
    await startWithoutScripts(page);
    await expect(page.getByText("Opening the shelf…")).toBeVisible();
  },
);
