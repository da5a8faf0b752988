import { createHash } from "node:crypto";
import { readFileSync, writeFileSync } from "node:fs";
import { join } from "node:path";

/** Scripts that stand in the page itself, as the browser hashes them. */
const inlineHashes = (html: string): string[] =>
  [...html.matchAll(/<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g)].map(
    ([, script = ""]) => `'sha256-${createHash("sha256").update(script).digest("base64")}'`,
  );

/**
 * The content security policy of a page: nothing from or to elsewhere, no script but the app's own files and the few lines
 * of the page that start them, each by its hash. Styles may stand in the page: the drawings and the library set them.
 */
export const policyFor = (html: string): string =>
  [
    "default-src 'none'",
    `script-src 'self' 'wasm-unsafe-eval' ${[...new Set(inlineHashes(html))].join(" ")}`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' blob: data:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self'",
    "manifest-src 'self'",
    "form-action 'self'",
    "base-uri 'none'",
  ].join("; ");

/** Puts the policy into the built page, where it holds on a host that sends no headers as well. */
export function writePolicy(folder: string): void {
  const file = join(folder, "index.html");
  const html = readFileSync(file, "utf8");
  const tag = `<meta http-equiv="Content-Security-Policy" content="${policyFor(html)}"/>`;
  const withTag = html.replace(/<meta charset="utf-8"\/>/i, (charset) => charset + tag);
  if (withTag === html) throw new Error("The built page has no place for its content security policy.");
  writeFileSync(file, withTag);
}
