import { readFileSync } from "node:fs";
import { orto } from "./verbs/orto";

const { code, out, err } = await orto(process.argv.slice(2), () => readFileSync(0, "utf8"));
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = code;
