import { describe, expect, it } from "vitest";
import { chunksOf } from "./chunks";

const script = (name: string, imports: string[] = [], kind: "entry" | "lazy" | "part" = "part") => ({
  name,
  moduleIds: [`${process.cwd()}/app/${name}.ts`],
  imports: imports.map((one) => `${one}.js`),
  isEntry: kind === "entry",
  isDynamicEntry: kind === "lazy",
});

const SCRIPTS = {
  "root.js": script("root", ["react"], "entry"),
  "react.js": script("react"),
  "frame.js": script("frame", ["react", "rule"], "entry"),
  "rule.js": script("rule"),
  "shelf.js": script("shelf", ["rule", "drag", "dates", "react"], "entry"),
  "plan.js": script("plan", ["drag", "react"], "entry"),
  "journal.js": script("journal", ["dates", "form"], "entry"),
  "drag.js": script("drag"),
  "dates.js": script("dates"),
  "TraySheet.js": script("TraySheet", ["form", "dates"], "lazy"),
  "form.js": script("form"),
  "list.js": script("list"),
};

describe("the scripts that the first screen is made of", () => {
  const groups = chunksOf(SCRIPTS);

  it("put together what every screen needs, and what only screens with trays ask for", () => {
    expect(groups).toEqual({
      "app/root.ts": "app",
      "app/react.ts": "app",
      "app/frame.ts": "frame",
      "app/rule.ts": "frame",
      "app/shelf.ts": "shelf",
      "app/drag.ts": "shelf",
      "app/dates.ts": "shelf-shared",
      "app/TraySheet.ts": "tray",
      "app/form.ts": "tray-shared",
    });
  });

  it("leave to the bundler what the shelf never asks for", () => {
    for (const name of ["plan", "journal", "list"]) expect(groups[`app/${name}.ts`]).toBeUndefined();
  });
});
