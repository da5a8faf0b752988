import { createHash } from "node:crypto";
import { mkdtempSync, readFileSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { describe, expect, it } from "vitest";
import { policyFor, writePolicy } from "./policy";

const hashOf = (script: string) => `'sha256-${createHash("sha256").update(script).digest("base64")}'`;

describe("the content security policy", () => {
  it("names the page's own scripts by their hash, and lets no other in", () => {
    const policy = policyFor('<script>a()</script><script type="module" async="">b()\n</script>');
    expect(policy).toContain(hashOf("a()"));
    expect(policy).toContain(hashOf("b()\n"));
    expect(policy).not.toMatch(/script-src[^;]*'unsafe-(inline|eval)'/);
  });

  it("asks for no hash of a script that is a file", () => {
    expect(policyFor('<script src="/a.js"></script>')).not.toContain("sha256");
  });

  it("stands in the page before anything is loaded, and not at all where it has no place", () => {
    const folder = mkdtempSync(join(tmpdir(), "policy-"));
    const page = (html: string) => writeFileSync(join(folder, "index.html"), html);
    page('<head><meta charSet="utf-8"/><script>a()</script></head>');
    writePolicy(folder);
    expect(readFileSync(join(folder, "index.html"), "utf8")).toMatch(
      /^<head><meta charSet="utf-8"\/><meta http-equiv="Content-Security-Policy" content="default-src 'none'; /,
    );
    page("<head></head>");
    expect(() => writePolicy(folder)).toThrow(/no place/);
  });
});
