// Only Node's built-ins: this runs before anything is installed.
import { spawn, spawnSync } from "node:child_process";
import { createHash } from "node:crypto";
import { existsSync, readFileSync, writeFileSync } from "node:fs";
import { dirname, join } from "node:path";
import { fileURLToPath } from "node:url";
import { CHROMIUM_PACKAGE, chromiumPath, QUICK_CHROMIUM } from "./chromium.mjs";

export const ROOT = join(dirname(fileURLToPath(import.meta.url)), "..", "..");
const STAMP = join(ROOT, "node_modules", ".orto-lock");

/** Runs a command with its output shown; gives its exit code. */
export function run(command, args, options = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: "inherit", ...options });
    child.on("error", (error) => {
      console.error(`${command} could not be started: ${error.message}`);
      resolve(127);
    });
    child.on("close", (code) => resolve(code ?? 1));
  });
}

/** Runs a command with one line told of it; what it prints is shown only where it fails. Gives its exit code. */
export async function runQuietly(command, args, what) {
  console.log(`${what}…`);
  let said = "";
  const code = await new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ["ignore", "pipe", "pipe"] });
    for (const stream of [child.stdout, child.stderr]) stream.on("data", (text) => (said += text));
    child.on("error", (error) => {
      said += error.message;
      resolve(127);
    });
    child.on("close", (ended) => resolve(ended ?? 1));
  });
  if (code !== 0) console.error(`${said}\n${what} failed (${command} ended with ${code}).`);
  return code;
}

async function must(command, args, what) {
  const code = await runQuietly(command, args, what);
  if (code !== 0) process.exit(code);
}

/** Installs the packages of the lock file, unless just these are installed. */
export async function installPackages() {
  const lock = createHash("sha256")
    .update(readFileSync(join(ROOT, "package-lock.json")))
    .digest("hex");
  if (existsSync(STAMP) && readFileSync(STAMP, "utf8") === lock) return;
  await must("npm", ["ci", "--no-audit", "--no-fund"], "Installing the packages");
  writeFileSync(STAMP, lock);
}

/** Another solver, to check the planner's models with. */
const CBC = "/usr/bin/cbc";

/** Another reader of PDF, to measure what is printed. */
const PDF_READER = "/usr/bin/pdftoppm";

/**
 * Where Debian's whole Chromium is installed, the quicker browser without a window is added in the same version. The tests run
 * with the whole Chromium where that fails, for example without a network.
 */
async function addQuickBrowser() {
  const path = chromiumPath();
  if (process.env.CHROMIUM || path === undefined || path === QUICK_CHROMIUM) return;
  const [, version] = spawnSync("dpkg-query", ["-W", "chromium"], { encoding: "utf8" })
    .stdout.trim()
    .split("\t");
  if (version === undefined) return;
  const install = ["install", "-y", "--no-install-recommends", `${CHROMIUM_PACKAGE}=${version}`];
  const code = await runQuietly("apt-get", install, `Installing ${CHROMIUM_PACKAGE}`);
  if (code !== 0) console.log(`The tests run with ${path}, which takes a quarter longer.`);
}

/** Installs what the tests need from Debian's packages where it is missing: Chromium, a second solver, and a reader of PDF. */
export async function installForTests() {
  await addQuickBrowser();
  const packages = [
    ...(existsSync(chromiumPath() ?? "") ? [] : [CHROMIUM_PACKAGE]),
    ...(existsSync(CBC) ? [] : ["coinor-cbc"]),
    ...(existsSync(PDF_READER) ? [] : ["poppler-utils"]),
  ];
  if (packages.length === 0) return;
  await must("apt-get", ["update"], "Reading the list of Debian's packages");
  await must(
    "apt-get",
    ["install", "-y", "--no-install-recommends", ...packages],
    `Installing ${packages.join(" and ")}`,
  );
}

/** The path of a command of an installed package. */
export const bin = (name) => join(ROOT, "node_modules", ".bin", name);
