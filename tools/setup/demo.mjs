// npm run demo: install, build, serve with the demo household, print the address.
import { installPackages, ROOT, run, runQuietly } from "./common.mjs";

await installPackages();
const built = await runQuietly("npm", ["run", "build", "--silent"], "Building the app");
if (built !== 0) process.exit(built);
// Ctrl-C reaches the server as well; it closes, and this ends with it.
process.on("SIGINT", () => undefined);
process.exit(
  await run(process.execPath, ["tools/serve.mjs"], { cwd: ROOT, env: { ...process.env, ORTO_DEMO: "1" } }),
);
