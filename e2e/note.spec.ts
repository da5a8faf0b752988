import { Buffer } from "node:buffer";
import { accessible, expect, LONG, openDemo, openScreen, shelf, test } from "./support";

test("pages of showing turn by keys and by swipes, and each way has its own", async ({ page }, info) => {
  await openDemo(page);
  await shelf(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await page.getByRole("link", { name: "Show", exact: true }).click();
  const step = page.getByText("1 of 4");
  // The first page is what to mind, the second what keeps safe.
  await page.getByRole("button", { name: "Next" }).click();
  await expect(page.getByText("First, so that it is safe")).toBeVisible();
  if (info.project.name === "phone") {
    const swipe = (from: number, to: number) =>
      page.evaluate(
        ([a, b]) => {
          const main = document.querySelector("main");
          const touch = (x = 0) =>
            new Touch({ identifier: 1, target: main as Element, clientX: x, clientY: 300 });
          main?.dispatchEvent(new TouchEvent("touchstart", { bubbles: true, touches: [touch(a)] }));
          main?.dispatchEvent(new TouchEvent("touchend", { bubbles: true, changedTouches: [touch(b)] }));
        },
        [from, to],
      );
    await swipe(300, 80);
    await expect(step).toBeVisible();
    await swipe(80, 300);
    await expect(step).toBeHidden();
    await swipe(300, 80);
  } else {
    await page.keyboard.press("ArrowRight");
    await expect(step).toBeVisible();
    await page.keyboard.press("ArrowLeft");
    await expect(step).toBeHidden();
    await page.keyboard.press("PageDown");
    await expect(step).toBeVisible();
    // Turns quicker than the page is drawn: none is lost, and none counts from a page that has gone.
    for (const key of ["ArrowRight", "ArrowRight", "ArrowLeft", "ArrowLeft", "ArrowLeft", "PageDown"]) {
      await page.evaluate((pressed) => {
        window.dispatchEvent(new KeyboardEvent("keydown", { key: pressed }));
      }, key);
    }
  }
  await expect(step).toBeVisible();
  await page.getByText("Talk through", { exact: true }).click();
  // A page is turned before the other way is drawn: both taps count.
  await page.getByRole("button", { name: "Next" }).click();
  await expect(page.getByText("First, so that it is safe")).toBeVisible();
  await page.getByRole("button", { name: "Next" }).click();
  await expect(page.getByText(/^Tell how the disc has to turn/)).toBeVisible();
  // The page stays where it is through a reload; Escape leads back to the tray.
  await page.reload();
  await expect(page.getByText(/^Tell how the disc has to turn/)).toBeVisible();
  await expect(async () => {
    await page.keyboard.press("Escape");
    await expect(page.getByRole("heading", { name: "Discs in a slot", level: 2 })).toBeVisible({
      timeout: 3000,
    });
  }).toPass();
});

/** A small picture: 8 × 8 pixels, grey. */
const PICTURE = Buffer.from(
  "iVBORw0KGgoAAAANSUhEUgAAAAgAAAAICAAAAADhZOFXAAAADklEQVR4nGPogAIGyhgAyIQiARb3A64AAAAASUVORK5CYII=",
  "base64",
);

test("a picture goes with a note, and only what is one", LONG, async ({ page }) => {
  await openDemo(page);
  await shelf(page)
    .getByRole("button", { name: /Discs in a slot/ })
    .click();
  await page.getByRole("button", { name: "With a word" }).click();
  await page.getByLabel("Add a picture").setInputFiles({
    name: "note.txt",
    mimeType: "text/plain",
    buffer: Buffer.from("no picture"),
  });
  await expect(page.getByText(/no picture that the browser can read/)).toBeVisible();
  await page
    .getByLabel("Add a picture")
    .setInputFiles({ name: "p.png", mimeType: "image/png", buffer: PICTURE });
  await expect(page.getByRole("img", { name: "With this note" })).toBeVisible();
  await page.reload();
  await expect(page.getByRole("img", { name: "With this note" })).toBeVisible();
  // It is the picture of the tray by now, and the drawing is a tap away.
  await expect(page.getByRole("img", { name: "Our photo: Discs in a slot" })).toBeVisible();
  await page.getByText("Drawing", { exact: true }).click();
  await expect(page.getByRole("img", { name: /^From above/ })).toBeVisible();
  await accessible(page);
  // Removed by mistake, it comes back.
  await page.getByRole("button", { name: "Remove the picture" }).click();
  await expect(page.getByRole("img", { name: "With this note" })).toBeHidden();
  await page.getByText("The picture is removed.").locator("..").getByRole("button", { name: "Undo" }).click();
  await expect(page.getByRole("img", { name: "With this note" })).toBeVisible();
  await openScreen(page, "Journal");
  await expect(page.getByText("with a picture")).toBeVisible();
  await page.getByRole("tab", { name: "Pictures" }).click();
  await expect(page.getByRole("img", { name: /^Discs in a slot, / })).toBeVisible();
  await accessible(page);
});
