import AxeBuilder from "@axe-core/playwright";
import { test as base, expect, type Locator, type Page } from "@playwright/test";

/** Every test fails on a request to another host and on an error in the page. */
export const test = base.extend<{ guarded: undefined }>({
  guarded: [
    async ({ page, baseURL }, use) => {
      // Kept for use without a network is what offline.spec tests: elsewhere each test would fetch all of it anew.
      await page.context().addInitScript(() => Reflect.deleteProperty(Navigator.prototype, "serviceWorker"));
      const strangers: string[] = [];
      const errors: string[] = [];
      page.on("request", (request) => {
        const url = new URL(request.url());
        if (!["data:", "blob:"].includes(url.protocol) && url.origin !== new URL(baseURL ?? "").origin)
          strangers.push(request.url());
      });
      page.on("pageerror", (error) => errors.push(error.message));
      page.on("console", (message) => message.type() === "error" && errors.push(message.text()));
      await use(undefined);
      expect(strangers).toEqual([]);
      expect(errors).toEqual([]);
    },
    { auto: true },
  ],
});
export { expect };

/** axe finds nothing at all by WCAG 2.2 AA, once no button is at work or still fading. */
export async function accessible(page: Page) {
  await expect(page.locator(".ant-btn-loading, button[aria-busy], .page.busy")).toHaveCount(0);
  await page.evaluate(() =>
    Promise.all(
      document
        .getAnimations()
        .filter((one) => one.effect?.getComputedTiming().endTime !== Number.POSITIVE_INFINITY)
        .map((one) => one.finished.catch(() => undefined)),
    ),
  );
  const found = await new AxeBuilder({ page })
    .options({
      runOnly: { type: "tag", values: ["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"] },
      resultTypes: ["violations"],
      // Colours are the same at every width: their contrast, which takes longest, is looked at once.
      rules: { "color-contrast": { enabled: !isPhone(page) } },
    })
    // All is one page without frames: no second page is needed to put the results together.
    .setLegacyMode()
    .analyze();
  expect(
    found.violations.map((one) => `${one.id}: ${one.nodes.map((node) => node.target.join(" ")).join("; ")}`),
  ).toEqual([]);
}

export async function openDemo(page: Page) {
  await page.goto("/demo");
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
}

/** The demo's next shelf, one rotation of it unless more are asked for: a plan of several takes its time. */
export async function openPlan(page: Page, weeks = 1) {
  await openDemo(page);
  await page.goto(`/plan?weeks=${weeks}`);
  await expect(proposal(page)).toBeVisible();
}

/** For what has nothing to do with the size of the screen: it is tested once. */
export const ONCE = { tag: "@once" };

/** For what is seldom done on a phone: there it is tested by `npm run test:long` only. */
export const WIDE = { tag: "@wide" };

/** For what other tests go through in part: by `npm run test:long` only, at the size of a desktop. */
export const LONG = { tag: ["@once", "@long"] };

/** Takes one of a choice by keys, as it is called; a long list is narrowed down by typing. */
export async function choose(field: Locator, label: string | RegExp) {
  const open = field.page().locator(".ant-select-dropdown:not(.ant-select-dropdown-hidden)");
  await field.press("ArrowDown");
  if (typeof label === "string" && (await field.isEditable())) await field.fill(label);
  const option = open.locator(".ant-select-item-option").filter({ hasText: label }).first();
  // A list that is drawn anew under the pointer, as when a plan arrives, takes the second tap.
  await expect(async () => {
    if ((await open.count()) > 0) await option.click({ timeout: 3000 });
    await expect(open).toHaveCount(0, { timeout: 3000 });
  }).toPass();
}

/** So many rotations side by side. */
export const rotations = (page: Page, count: number) =>
  page.getByLabel("Rotations").getByText(String(count), { exact: true }).click();

/** A part of the Household screen; the one with the focus says before its name which of them it is. */
export const part = (page: Page, name: string) => page.getByRole("tab", { name: new RegExp(`${name}$`) });

export const isPhone = (page: Page) => (page.viewportSize()?.width ?? 0) < 700;

/** On a phone the screens seldom opened there lie behind "More". */
export const moreDrawers = (page: Page) => page.getByRole("button", { name: "More", exact: true });

export const drawer = (page: Page, name: string) =>
  page.getByRole("navigation", { name: "Screens" }).getByRole("link", { name });

/** Opens a screen, wherever its way in lies at this width. */
export async function openScreen(page: Page, name: string) {
  if (isPhone(page) && !(await drawer(page, name).isVisible())) await moreDrawers(page).click();
  await drawer(page, name).click();
}

export const shelf = (page: Page) => page.getByRole("region", { name: "The shelf as it stands" });
export const proposal = (page: Page) => page.getByRole("region", { name: "The proposed shelf" });

/** Rows of a table by their words: reckoning the accessible name of each of some two hundred rows takes seconds. */
export const row = (page: Page, words: RegExp) => page.locator("tbody tr").filter({ hasText: words });

/** The fields of one child in the first step of setting up; children stand in the order in which they are added. */
export const childFields = (page: Page, at: number) => page.locator("fieldset").nth(at);

/** Types in the children of a family, as the first step of setting up asks for them. */
export async function typeChildren(page: Page, children: readonly { name: string; birth: string }[]) {
  for (const [at, { name, birth }] of children.entries()) {
    if (at > 0) await page.getByRole("button", { name: "Add another child" }).click();
    await childFields(page, at).getByLabel("Name or initial").fill(name);
    await childFields(page, at).getByLabel("Birth date").fill(birth);
  }
}

/** A browser without anything on some day, and the first step of setting up with these children. */
export async function setUpFrom(
  page: Page,
  at: string,
  children: readonly { name: string; birth: string }[],
) {
  await page.clock.setSystemTime(new Date(at));
  await page.goto("/start");
  await typeChildren(page, children);
  await page.getByRole("button", { name: "Next: the shelf" }).click();
}

/** Opens a screen of the demo, of those about one tray with its first one; a screen that is not there is none to look at. */
export async function goToScreen(page: Page, route: string, tray: string) {
  await go(page, route.replace("tray=1", `tray=${tray}`).replace(/^\/(show|watch)$/, `/$1?tray=${tray}`));
  await expect(page.getByRole("heading", { level: 1 }).first()).not.toHaveText("There is no such page");
}

/** The id of the first tray of the shelf, which is open then. */
export async function firstTray(page: Page): Promise<string> {
  await shelf(page).getByRole("button").first().click();
  await expect(page).toHaveURL(/tray=/);
  return new URL(page.url()).searchParams.get("tray") ?? "";
}

/** To another screen without loading the app anew, as a link does. */
export const go = (page: Page, to: string) =>
  page.evaluate(
    (path) =>
      (
        window as unknown as { __reactRouterDataRouter: { navigate(to: string): Promise<void> } }
      ).__reactRouterDataRouter.navigate(path),
    to,
  );
