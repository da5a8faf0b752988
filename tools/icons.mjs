// npm run icons: the app's picture as PNG, for systems that take no SVG; after a change of public/icon.svg.
import { readFileSync, writeFileSync } from "node:fs";
import { chromium } from "@playwright/test";
import { CHROMIUM_FLAGS, chromiumPath } from "./setup/chromium.mjs";

const SIZES = [180, 192, 512];

const browser = await chromium.launch({ executablePath: chromiumPath(), args: CHROMIUM_FLAGS });
for (const size of SIZES) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  // The system rounds the corners by itself: the ground goes to the edge.
  const svg = readFileSync("public/icon.svg", "utf8").replace(' rx="10"', "");
  await page.setContent(`<style>body{margin:0}svg{display:block;width:100vw}</style>${svg}`);
  writeFileSync(`public/icon-${size}.png`, await page.screenshot());
}
await browser.close();
