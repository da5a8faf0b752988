// The built app served on a port of its own, and a browser to look at it: for bench and screenshots.
import { spawn } from "node:child_process";
import { chromium } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "./setup/chromium.mjs";

/** Calls back with a browser and the app's address, and ends both. */
export async function withApp(port, callback) {
  const server = spawn(process.execPath, ["tools/serve.mjs"], {
    env: { ...process.env, PORT: String(port) },
  });
  const address = await new Promise((resolve, reject) => {
    server.on("error", reject);
    server.on("exit", () => reject(new Error("The server ended. Run npm run build first.")));
    server.stdout.on("data", (data) => resolve(/http:\/\/127\.0\.0\.1:\d+/.exec(String(data))?.[0]));
  });
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_FLAGS });
  try {
    await callback(browser, address);
  } finally {
    await browser.close();
    server.kill();
  }
}
