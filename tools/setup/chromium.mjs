// Debian's Chromium as the tests drive it: where it is, and how it is started.
import { existsSync } from "node:fs";

/** Without a window's own frame it is a quarter quicker; where only the whole of it is installed, that does as well. */
export const CHROMIUM_PACKAGE = "chromium-headless-shell";
export const QUICK_CHROMIUM = `/usr/bin/${CHROMIUM_PACKAGE}`;
const PATHS = [QUICK_CHROMIUM, "/usr/bin/chromium"];

/** The path of the browser, or nothing where none is installed; `CHROMIUM` names another. */
export const chromiumPath = () => process.env.CHROMIUM ?? PATHS.find((one) => existsSync(one));

export const CHROMIUM_FLAGS = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-quic",
  "--no-first-run",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
];
