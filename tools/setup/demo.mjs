// npm run demo: install, build, serve with the demo household, print the address.
import { installPackages, ROOT, run } from "./common.mjs";

await installPackages();
const built = await run("npm", ["run", "build", "--silent"]);
if (built !== 0) process.exit(built);
// Ctrl-C reaches the server as well; it closes, and this ends with it.
process.on("SIGINT", () => undefined);
process.exit(
  await run(process.execPath, ["tools/serve.mjs"], { cwd: ROOT, env: { ...process.env, ORTO_DEMO: "1" } }),
);
