import { mkdirSync, mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { runInNewContext } from "node:vm";
import { describe, expect, it } from "vitest";
import { writePreloads } from "./preloads";

const route = (name: string, imports: string[], css: string[] = []) => ({
  module: `/assets/${name}-1.js`,
  imports: imports.map((one) => `/assets/${one}-1.js`),
  css: css.map((one) => `/assets/${one}-1.css#`),
});

function builtFolder(html: string): string {
  const folder = mkdtempSync(join(tmpdir(), "preloads-"));
  mkdirSync(join(folder, "assets"));
  const manifest = {
    entry: {},
    routes: {
      "routes/base/base": route("base", ["common"], ["antd"]),
      "routes/frame/frame": route("frame", ["common"], ["app"]),
      "routes/shelf/shelf": route("shelf", ["common", "drawing"]),
    },
  };
  writeFileSync(
    join(folder, "assets", "manifest-1.js"),
    `window.__reactRouterManifest=${JSON.stringify(manifest)};`,
  );
  writeFileSync(join(folder, "index.html"), html);
  return folder;
}

/** What shows the last sight in the page: the preloads look whether there is one under the same key. */
const SIGHT = '<script id="sight">try{localStorage.getItem("sight-key")}catch{}</script>';

/** What the page asks for at an address, with what is kept in the browser. */
function askedAt(
  pathname: string,
  kept: readonly string[] = [],
): { rel?: string; as?: string; href?: string }[] {
  const folder = builtFolder(
    `<head><title>Orto</title><link rel="stylesheet" href="/assets/app-1.css#"/></head>${SIGHT}`,
  );
  writePreloads(folder);
  const script = /<script>(.*?)<\/script>/.exec(readFileSync(join(folder, "index.html"), "utf8"))?.[1] ?? "";
  const links: object[] = [];
  const document = { createElement: () => ({}), head: { append: (one: object) => links.push(one) } };
  const localStorage = { getItem: (key: string) => (kept.includes(key) ? "{}" : null) };
  runInNewContext(script, { location: { pathname }, document, localStorage });
  return links;
}

describe("what the built page asks for at once", () => {
  const frame = ["/assets/base-1.js", "/assets/common-1.js", "/assets/antd-1.css#", "/assets/frame-1.js"];

  it("is the frame's code on every screen, and the shelf's at its address, each file once and none that the page has", () => {
    expect(askedAt("/journal").map(({ href }) => href)).toEqual(frame);
    expect(askedAt("/").map(({ href }) => href)).toEqual([
      ...frame,
      "/assets/shelf-1.js",
      "/assets/drawing-1.js",
    ]);
  });

  it("asks for a style as a style, and for nothing where the frame does not stand", () => {
    expect(askedAt("/plan")).toContainEqual({ rel: "preload", as: "style", href: "/assets/antd-1.css#" });
    expect(askedAt("/plan")).toContainEqual({ rel: "modulepreload", href: "/assets/frame-1.js" });
    expect(askedAt("/start")).toEqual([]);
  });

  it("has the style stand first where a last sight is shown", () => {
    const style = { rel: "stylesheet", href: "/assets/antd-1.css#" };
    expect(askedAt("/", ["sight-key"])).toContainEqual(style);
    expect(askedAt("/", ["another-key"])).not.toContainEqual(style);
    expect(askedAt("/plan", ["sight-key"])).not.toContainEqual(style);
  });

  it("fails where the page has no place for it", () => {
    expect(() => writePreloads(builtFolder(`<head></head>${SIGHT}`))).toThrow(/no place/);
    expect(() => writePreloads(builtFolder("<head><title>Orto</title></head>"))).toThrow(/no last sight/);
  });
});
