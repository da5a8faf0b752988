import { expect, ONCE, openDemo, shelf, test } from "./support";

test(
  "what can't be kept for want of room stays typed, is told, and is kept once there is room",
  ONCE,
  async ({ page }) => {
    await page.addInitScript(() => {
      const put = IDBObjectStore.prototype.put;
      IDBObjectStore.prototype.put = function (...given: Parameters<typeof put>) {
        if ("isFull" in globalThis) throw new DOMException("No room is left.", "QuotaExceededError");
        return put.apply(this, given);
      };
    });
    await openDemo(page);
    await shelf(page)
      .getByRole("button", { name: /Discs in a slot/ })
      .click();
    const told = page.getByRole("alert").filter({ hasText: "Not kept: there is no room left" }).first();
    await page.evaluate(() => Object.assign(globalThis, { isFull: true }));
    // A tap that waits for no answer.
    await page.getByRole("button", { name: "With a word" }).click();
    await expect(told).toBeVisible();
    await expect(page.getByText("Noted: with a word.")).toBeHidden();
    await page.evaluate(() => Reflect.deleteProperty(globalThis, "isFull"));
    await page.getByRole("button", { name: "With a word" }).click();
    await expect(page.getByText("Noted: with a word.")).toBeVisible();
    await expect(told).toBeHidden();
    // Words that are typed.
    const words = page.getByRole("textbox", { name: "Words", exact: true });
    const keep = page.getByRole("button", { name: "Keep these" });
    await page.evaluate(() => Object.assign(globalThis, { isFull: true }));
    await words.fill("Turned the disc on its edge.");
    await keep.click();
    await expect(told).toBeVisible();
    await expect(words).toHaveValue("Turned the disc on its edge.");
    await page.evaluate(() => Reflect.deleteProperty(globalThis, "isFull"));
    await words.fill("Turned the disc on its edge!");
    await keep.click();
    await expect(told).toBeHidden();
    await page.reload();
    await expect(words).toHaveValue("Turned the disc on its edge!");
  },
);

for (const [how, words] of [
  ["denies storage", /It says no to storage/],
  ["does not answer", /storage does not answer/],
] as const)
  test(`a browser that ${how} is told within seconds, and one can look round`, ONCE, async ({ page }) => {
    await page.addInitScript((isDenied) => {
      const open = isDenied
        ? () => {
            throw new DOMException("It is denied.", "SecurityError");
          }
        : () => ({ addEventListener: () => undefined });
      IDBFactory.prototype.open = open as unknown as IDBFactory["open"];
    }, how === "denies storage");
    await page.goto("/");
    await expect(page.getByText(words)).toBeVisible({ timeout: 6000 });
    await page.getByRole("button", { name: /Look round the demo/ }).click();
    await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
    await expect(page.getByText("nothing is kept")).toBeVisible();
    await shelf(page)
      .getByRole("button", { name: /Discs in a slot/ })
      .click();
    await page.getByRole("button", { name: "With a word" }).click();
    await expect(page.getByText("Noted: with a word.")).toBeVisible();
  });
