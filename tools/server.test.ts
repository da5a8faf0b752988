import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { type AddressInfo, connect } from "node:net";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { runs } from "../app/core/testing/runs";
// @ts-expect-error: plain JavaScript, so that it runs before anything is built
import { createFileServer } from "./server.mjs";

const folder = mkdtempSync(join(tmpdir(), "served-"));
mkdirSync(join(folder, "assets"));
writeFileSync(
  join(folder, "index.html"),
  `<!doctype html><meta http-equiv="Content-Security-Policy" content="script-src 'self'"/><title>page</title>`,
);
writeFileSync(join(folder, "assets", "a.js"), "export const a = 1;\n");
writeFileSync(join(tmpdir(), "outside.txt"), "secret");

const server = createFileServer(folder);
let port = 0;
beforeAll(async () => {
  await new Promise<void>((resolve) => server.listen(0, "127.0.0.1", resolve));
  port = (server.address() as AddressInfo).port;
});
afterAll(() => server.close());

const ask = (path: string, init?: RequestInit) => fetch(`http://127.0.0.1:${port}${path}`, init);

/** Sends bytes as they are, and gives what comes back. */
const send = (text: string) =>
  new Promise<string>((resolve) => {
    let said = "";
    const socket = connect(port, "127.0.0.1", () => socket.write(text));
    socket.setTimeout(2000, () => socket.destroy());
    socket.on("data", (data) => {
      said += data;
    });
    socket.on("error", () => resolve(said));
    socket.on("close", () => resolve(said));
  });
const line = (method: string, path: string, more = "") =>
  `${method} ${path} HTTP/1.1\r\nHost: x\r\nConnection: close\r\n${more}\r\n`;

describe("the server", () => {
  it("gives the page at any address of the app, and assets as they are", async () => {
    expect(await (await ask("/plan?weeks=2")).text()).toContain("<title>page</title>");
    const asset = await ask("/assets/a.js");
    expect(asset.headers.get("cache-control")).toContain("immutable");
    expect((await ask("/assets/none.js")).status).toBe(404);
  });

  it.each(["POST", "PUT", "DELETE", "PATCH", "OPTIONS"])("refuses %s", async (method) => {
    const answer = await ask("/", { method });
    expect([answer.status, answer.headers.get("allow")]).toEqual([405, "GET, HEAD"]);
  });

  it("sends the headers that protect with everything", async () => {
    for (const path of ["/", "/assets/a.js", "/assets/none.js"]) {
      const { headers } = await ask(path);
      expect(headers.get("x-content-type-options")).toBe("nosniff");
      expect(headers.get("x-frame-options")).toBe("DENY");
      expect(headers.get("content-security-policy")).toBe("script-src 'self'; frame-ancestors 'none'");
      expect(headers.get("referrer-policy")).toBe("no-referrer");
      expect(headers.get("cross-origin-opener-policy")).toBe("same-origin");
    }
  });

  it.each([
    ["two slashes", line("GET", "//"), /^HTTP\/1.1 400/],
    ["another host's address", line("GET", "http://elsewhere/"), /^HTTP\/1.1 400/],
    ["a broken escape", line("GET", "/%E0%A4%A"), /^HTTP\/1.1 400/],
    ["a range of nothing", line("GET", "/assets/a.js", "Range: bytes=x-y\r\n"), /^HTTP\/1.1 200/],
    [
      "a range that ends before it begins",
      line("GET", "/assets/a.js", "Range: bytes=9-1\r\n"),
      /^HTTP\/1.1 200/,
    ],
    ["a range from the end", line("GET", "/assets/a.js", "Range: bytes=-5\r\n"), /^HTTP\/1.1 200/],
    ["many ranges", line("GET", "/assets/a.js", "Range: bytes=0-1,2-3,4-5\r\n"), /^HTTP\/1.1 200/],
    ["no request at all", "\x00\x01\x02\r\n\r\n", /^HTTP\/1.1 400/],
  ])("answers %s, and goes on", async (_, text, expected) => {
    expect(await send(text)).toMatch(expected);
    expect((await ask("/")).status).toBe(200);
  });

  it(`stands ${runs(500, 10_000)} odd requests, and never gives a file from outside`, async () => {
    const parts = [
      "/",
      "//",
      "..",
      "%2e%2e",
      "%00",
      "assets",
      "a.js",
      "\\",
      "?",
      "#",
      "%",
      "é",
      ":",
      "@",
      "*",
      " ",
    ];
    const methods = ["GET", "HEAD", "TRACE", "CONNECT", "get", "BREW", "GET\t"];
    let seed = 7;
    const pick = <T>(all: readonly T[]): T => {
      seed = (seed * 1_103_515_245 + 12_345) & 0x7fffffff;
      return all[seed % all.length] as T;
    };
    const odd = () => {
      const path = Array.from({ length: 1 + (seed % 7) }, () => pick(parts)).join("");
      const range = pick([
        "",
        "",
        "Range: bytes=-\r\n",
        "Range: bytes=9-1\r\n",
        `Range: ${"9".repeat(400)}\r\n`,
      ]);
      return line(pick(methods), `${pick(["/", "", "/../../"])}${path}outside.txt`, range);
    };
    for (let i = 0; i < runs(500, 10_000); i += 50) {
      const answers = await Promise.all(Array.from({ length: 50 }, () => send(odd())));
      for (const one of answers) expect(one).not.toContain("secret");
    }
    expect((await ask("/")).status).toBe(200);
  }, 240_000);
});
