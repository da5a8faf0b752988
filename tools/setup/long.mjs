// npm run test:long: the unit tests with the large random runs, of which npm test makes a part only, and the browser tests
// at both sizes of screen.
import { bin, installForTests, installPackages, ROOT, run } from "./common.mjs";

await installPackages();
await installForTests();
const env = { ...process.env, ORTO_LONG: "1" };
const unit = await run(bin("vitest"), ["run"], { cwd: ROOT, env });
const built = await run("npm", ["run", "build", "--silent"]);
const browser = built === 0 ? await run(bin("playwright"), ["test"], { cwd: ROOT, env }) : 1;
process.exit(unit === 0 && browser === 0 ? 0 : 1);
