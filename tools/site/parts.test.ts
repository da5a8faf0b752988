import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { isFirst } from "./parts";

const ROUTES = [
  "root",
  "base/base",
  "frame/frame",
  "shelf/shelf",
  "start/start",
  "start/demo",
  "run/run",
  "plan/plan",
];

function builtFolder(routes = ROUTES): string {
  const folder = mkdtempSync(join(tmpdir(), "parts-"));
  mkdirSync(join(folder, "assets"));
  const write = (name: string, text: string) => writeFileSync(join(folder, "assets", name), text);
  const about = (name: string) => ({
    module: `/assets/${name}-1.js`,
    imports: [`/assets/${name}-2.js`],
    css: [],
    clientLoaderModule: `/assets/${name}-loader-3.js`,
    path: "/",
  });
  const manifest = {
    entry: { module: "/assets/entry-1.js", imports: [], css: [] },
    routes: Object.fromEntries(
      routes.map((id) => [id === "root" ? id : `routes/${id}`, about(id.split("/").at(-1) ?? id)]),
    ),
  };
  write("manifest-1.js", `window.__manifest=${JSON.stringify(manifest)};`);
  write("tray-1.js", 'import{a}from"./sheet-1.js";import"./tray-1.js";const b=()=>import("./later-1.js")');
  write("notes-1.js", 'import"./rows-1.js"');
  write("rows-1.js", "");
  write("packs-1.js", "");
  write("sheet-1.js", 'export*from"./deep-1.js"');
  write("deep-1.js", "");
  return folder;
}

describe("what is kept with the first visit", () => {
  it("is the shelf's code with all it can't run without, its style, letters and catalogue", () => {
    const isNeeded = isFirst(builtFolder());
    const first = ["entry-1.js", "shelf-1.js", "shelf-2.js", "shelf-loader-3.js", "tray-1.js", "deep-1.js"];
    const commands = ["run-1.js", "notes-1.js", "rows-1.js"];
    const data = ["root-9.css", "letters-latin-wght-normal-9.woff2", "ladders-9.json", "manifest-1.js"];
    for (const file of [...first, ...commands, ...data]) expect(isNeeded(`assets/${file}`), file).toBe(true);
    expect(isNeeded("index.html")).toBe(true);
    const later = [
      "plan-1.js",
      "packs-1.js",
      "later-1.js",
      "highs-9.wasm",
      "makings-9.json",
      "letters-latin-ext-9.woff2",
    ];
    for (const file of later) expect(isNeeded(`assets/${file}`), file).toBe(false);
  });

  it("fails where a route is no longer called so", () => {
    expect(() => isFirst(builtFolder(ROUTES.filter((one) => one !== "shelf/shelf")))).toThrow(/no route/);
  });
});
