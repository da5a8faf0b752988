// npm run screenshots: the current picture of each main view, taken from the demo of the built app.
import { spawn } from "node:child_process";
import { chromium } from "@playwright/test";

const FLAGS = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
];
const DESKTOP = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };

const server = spawn(process.execPath, ["tools/serve.mjs"], { env: { ...process.env, PORT: "4800" } });
const address = await new Promise((resolve, reject) => {
  server.on("error", reject);
  server.on("exit", () => reject(new Error("The server ended. Run npm run build first.")));
  server.stdout.on("data", (data) => resolve(/http:\/\/127\.0\.0\.1:\d+/.exec(String(data))?.[0]));
});
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM ?? "/usr/bin/chromium",
  args: FLAGS,
});

async function shoot(name, viewport, path, ready, then) {
  const context = await browser.newContext({ viewport, locale: "en-GB" });
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
}

const openTray = (tray) => async (page) => {
  await page.getByRole("button", { name: tray }).click();
  await page.getByRole("heading", { level: 2, name: tray }).waitFor();
};

try {
  await shoot("start", DESKTOP, "/start", "Set up ours");
  await shoot("shelf", DESKTOP, "/", "Watch for");
  await shoot("plan", DESKTOP, "/plan", "Proven best");
  await shoot("plan-why", DESKTOP, "/plan", "Proven best", openTray("Noodle rings on a rope"));
  await shoot("cupboard", DESKTOP, "/cupboard", "The cupboard");
  await shoot("household", DESKTOP, "/household", "Children");
  await shoot("preview", DESKTOP, "/plan?ahead=6", "Proven best");
  await shoot("shelf-phone", PHONE, "/", "day 7");
  await shoot("note-phone", PHONE, "/", "day 7", openTray("Discs in a slot"));
} finally {
  await browser.close();
  server.kill();
}
