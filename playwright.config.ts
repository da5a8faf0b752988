import { defineConfig, devices } from "@playwright/test";
// @ts-expect-error: plain JavaScript, since it runs before anything is installed
import { CHROMIUM_FLAGS, chromiumPath } from "./tools/setup/chromium.mjs";

const PORT = Number(process.env.ORTO_TEST_PORT ?? 4397);
const IS_LONG = process.env.ORTO_LONG === "1";

export default defineConfig({
  testDir: "e2e",
  timeout: 180_000,
  retries: process.env.CI ? 1 : 0,
  // A plan takes a second or two on a quick machine, and many times that on a busy one.
  expect: { timeout: IS_LONG ? 60_000 : 30_000 },
  workers: 2,
  fullyParallel: true,
  outputDir: "test-results/browser",
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    locale: "en-GB",
    timezoneId: "Europe/Berlin",
    trace: "off",
    // Every frame is drawn by the processor that the tests share.
    contextOptions: { reducedMotion: "reduce" },
    launchOptions: { executablePath: chromiumPath(), args: CHROMIUM_FLAGS },
  },
  projects: [
    {
      name: "desktop",
      grepInvert: IS_LONG ? undefined : /@long/,
      use: { viewport: { width: 1280, height: 800 } },
    },
    {
      name: "phone",
      // What has nothing to do with the size of the screen is tested once; what is not used at the shelf, in the long run.
      testIgnore: /offline/,
      grepInvert: IS_LONG ? /@once/ : /@once|@wide|@long/,
      use: { ...devices["Pixel 5"], viewport: { width: 390, height: 844 }, defaultBrowserType: "chromium" },
    },
  ],
  webServer: {
    command: "node tools/serve.mjs",
    env: { PORT: String(PORT) },
    url: `http://127.0.0.1:${PORT}/`,
    reuseExistingServer: false,
  },
});
