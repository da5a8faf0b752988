// npm run simulate: plays the simulation and puts its tables into docs/readiness.md, between the two marks there.
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { simulateVerb } from "./verbs/simulateVerb";

const PAGE = join(import.meta.dirname, "../docs/readiness.md");
const SIZE = { children: 20, weeks: 26 };
const MARKS = /(<!-- simulation -->\n)[\s\S]*?(<!-- end -->)/;

const page = readFileSync(PAGE, "utf8");
if (!MARKS.test(page)) throw new Error("docs/readiness.md has lost the marks between which the tables go.");
const tables = await simulateVerb(SIZE);
writeFileSync(
  PAGE,
  page.replace(MARKS, (_, open: string, close: string) => `${open}\n${tables}\n${close}`),
);
