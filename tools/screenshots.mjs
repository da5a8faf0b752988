// npm run screenshots: the current picture of each main view, taken from the demo of the built app.
import { withApp } from "./browser.mjs";

const DESKTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const shootWith = (browser, address) => async (name, viewport, path, ready, then) => {
  const context = await browser.newContext({ viewport, locale: "en-GB" });
  // The word that all is kept for use without a network passes; a picture would keep it.
  await context.addInitScript(() => Reflect.deleteProperty(Navigator.prototype, "serviceWorker"));
  const page = await context.newPage();
  if (path !== "/start") {
    await page.goto(`${address}/demo`);
    await page.getByRole("heading", { level: 1 }).waitFor();
  }
  await page.goto(`${address}${path}`);
  await page.getByText(ready).first().waitFor();
  if (then) await then(page);
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  await context.close();
  console.log(`docs/screenshots/${name}.png`);
};

const openTray = (tray) => async (page) => {
  await page.getByRole("button", { name: tray }).click();
  await page.getByRole("heading", { level: 2, name: tray }).waitFor();
};

await withApp(4800, async (browser, address) => {
  const shoot = shootWith(browser, address);
  await shoot("start", DESKTOP, "/start", "Set up ours");
  await shoot("shelf", DESKTOP, "/", "Watch for");
  await shoot("plan", DESKTOP, "/plan", "The next shelves");
  await shoot("plan-why", DESKTOP, "/plan?weeks=1", "Proven best", openTray("Noodle rings on a rope"));
  await shoot("activities", DESKTOP, "/activities?fit=now", /\d of \d+/);
  await shoot("ladder", DESKTOP, "/activities/rings-on-a-rope?rung=rope", "Show");
  await shoot("sitting", DESKTOP, "/activities/sitting/ball-soft?child=tove&child=pim", "One sitting");
  await shoot("prepare", DESKTOP, "/prepare", "Gather");
  await shoot("gauge", DESKTOP, "/cupboard/gauge?material=bead-medium", "The size gauge");
  await shoot("cupboard", DESKTOP, "/cupboard", "The cupboard");
  await shoot("household", DESKTOP, "/household", "Children");
  await shoot("moments", DESKTOP, "/household?part=day", "Mat by the window");
  await shoot("workbench", DESKTOP, "/workbench?kind=shadow-match&pairs=6", "Pictures and shadows");
  await shoot("watch-phone", PHONE, "/", "day 7", async (page) => {
    await openTray("Discs in a slot")(page);
    await page.getByRole("link", { name: "Watch", exact: true }).click();
    await page.getByRole("button", { name: "It began" }).click();
    for (const tap of ["By self", "Again"])
      await page.getByRole("button", { name: new RegExp(`^${tap}`) }).click();
    await page.getByText("Undo: Again").waitFor();
  });
  await shoot("show", DESKTOP, "/", "day 7", async (page) => {
    await openTray("Discs in a slot")(page);
    await page.getByRole("link", { name: "Show", exact: true }).click();
    // What it lies on, what keeps safe, and the first step.
    await page.getByRole("button", { name: "Next" }).click();
    await page.getByRole("button", { name: "Next" }).click();
    await page.getByText(/^\s*1 of \d+\s*$/).waitFor();
  });
  await shoot("journal", DESKTOP, "/journal?view=charts", "Interest by");
  await shoot("growing", DESKTOP, "/growing?area=hands", "Posts through an opening");
  await shoot("shelf-phone", PHONE, "/", "day 7");
  await shoot("note-phone", PHONE, "/", "day 7", openTray("Discs in a slot"));
});
