import { existsSync, readdirSync, readFileSync } from "node:fs";
import { join } from "node:path";
import { describe, expect, it } from "vitest";

const PAGES = [
  "README.md",
  ...readdirSync("docs")
    .filter((name) => name.endsWith(".md"))
    .map((name) => join("docs", name)),
];
/** The folders from which a path in the documents may start: documents shorten `app/core/safety` to `safety`. */
const ROOTS = [".", "app", "app/core", "docs"];
const PATH = /`((?:[\w.-]+\/)+[\w.-]+\.(?:ts|tsx|mjs|cjs|yaml|css|json|md))(?::\d+)?`/g;

describe("the documents", () => {
  it.each(PAGES)("name files that are there: %s", (page) => {
    const named = [...readFileSync(page, "utf8").matchAll(PATH)].flatMap(([, path]) => path ?? []);
    const missing = named.filter((path) => !ROOTS.some((root) => existsSync(join(root, path))));
    expect(missing).toEqual([]);
  });

  it("name a good many of them", () => {
    const all = PAGES.map((page) => readFileSync(page, "utf8")).join("\n");
    expect([...all.matchAll(PATH)].length).toBeGreaterThan(20);
  });
});
