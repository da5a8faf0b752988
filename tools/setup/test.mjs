// npm test: install what is missing, then every check in turn; the last line counts them all.
import { existsSync, mkdirSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { bin, installForTests, installPackages, ROOT, run, runQuietly } from "./common.mjs";

const RESULTS = join(ROOT, "test-results");
const UNIT = join(RESULTS, "unit.json");
const BROWSER = join(RESULTS, "browser.json");

await installPackages();
await installForTests();
rmSync(RESULTS, { recursive: true, force: true });
mkdirSync(RESULTS, { recursive: true });

let passed = 0;
let failed = 0;

function count(ok, bad, what) {
  passed += ok;
  failed += bad;
  console.log(`${what}: ${ok} passed, ${bad} failed`);
}

/** A check that counts as one. */
async function check(what, command, args) {
  const code = await runQuietly(command, args, `\n— ${what}`);
  if (code !== 0) faults.push(what);
  count(code === 0 ? 1 : 0, code === 0 ? 0 : 1, what);
  return code === 0;
}

/** A suite counts its tests; one that ends badly without a failed test counts as a failure. */
function countSuite(what, code, read) {
  const { ok, bad } = read() ?? { ok: 0, bad: 0 };
  count(ok, code !== 0 && bad === 0 ? 1 : bad, what);
}

/** What failed, named again at the end, where it is seen. */
const faults = [];

const json = (file) => (existsSync(file) ? JSON.parse(readFileSync(file, "utf8")) : undefined);

function unitCounts() {
  const report = json(UNIT);
  for (const { name, status, assertionResults } of report?.testResults ?? []) {
    const bad = assertionResults.filter((one) => one.status === "failed");
    for (const one of bad)
      faults.push(`${name}: ${one.fullName}\n  ${one.failureMessages[0]?.split("\n")[0]}`);
    if (status === "failed" && bad.length === 0) faults.push(name);
  }
  return (
    report && {
      ok: report.numPassedTests,
      bad: report.numFailedTests + (report.numFailedTestSuites > 0 && report.numFailedTests === 0 ? 1 : 0),
    }
  );
}

function browserCounts() {
  const report = json(BROWSER);
  const specsOf = (suite) => [...(suite.specs ?? []), ...(suite.suites ?? []).flatMap(specsOf)];
  for (const spec of (report?.suites ?? []).flatMap(specsOf)) {
    if (!spec.ok) faults.push(`${spec.file}:${spec.line} ${spec.title}`);
  }
  const stats = report?.stats;
  if (stats?.flaky) console.log(`${stats.flaky} passed only at the second try`);
  return stats && { ok: stats.expected + stats.flaky, bad: stats.unexpected };
}

await check("Catalogue content", bin("tsx"), ["tools/catalogue/build.ts"]);
// Each of these works on one core: two of them go side by side.
await Promise.all([
  (async () => {
    await check("Route types", bin("react-router"), ["typegen"]);
    // The compiler that is a native program: three times as quick. Tools that read code by themselves need the one in JavaScript.
    await check("Types", process.execPath, ["node_modules/typescript-native/bin/tsc", "--noEmit"]);
  })(),
  (async () => {
    await check("Format and lint", bin("biome"), ["check", "--error-on-warnings", "."]);
    await check("Import rules", bin("depcruise"), ["app", "tools", "--config", ".dependency-cruiser.cjs"]);
    await check("Unused code", bin("knip"), []);
  })(),
]);

console.log("\n— Unit tests");
const unit = await run(bin("vitest"), [
  "run",
  "--reporter=default",
  "--reporter=json",
  `--outputFile.json=${UNIT}`,
]);
countSuite("Unit tests", unit, unitCounts);

const built = await check("Build", "npm", ["run", "build", "--silent"]);
if (built) {
  console.log("\n— Browser tests");
  const env = { ...process.env, PLAYWRIGHT_JSON_OUTPUT_NAME: BROWSER };
  const browser = await run(bin("playwright"), ["test", "--reporter=list,json"], { cwd: ROOT, env });
  countSuite("Browser tests", browser, browserCounts);
} else {
  count(0, 1, "Browser tests (not run: the build failed)");
}

for (const fault of faults) console.log(`\nFailed: ${fault}`);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
