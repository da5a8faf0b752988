// npm run test:long: the unit tests with the large random runs, of which npm test makes a part only.
import { bin, installForTests, installPackages, ROOT, run } from "./common.mjs";

await installPackages();
await installForTests();
process.exit(await run(bin("vitest"), ["run"], { cwd: ROOT, env: { ...process.env, ORTO_LONG: "1" } }));
