import { readFileSync } from "node:fs";
import { createServer } from "node:http";
import { join } from "node:path";
import sirv from "sirv";

/** Sent with everything: no guessing of types, no framing, no address handed on, nothing of the device asked for. */
const HEADERS = {
  "X-Content-Type-Options": "nosniff",
  "X-Frame-Options": "DENY",
  "Referrer-Policy": "no-referrer",
  "Cross-Origin-Opener-Policy": "same-origin",
  "Cross-Origin-Resource-Policy": "same-origin",
  "Permissions-Policy": "geolocation=(), microphone=(), payment=(), usb=()",
};

/** The content security policy that stands in the built page, with what only a header can say; none where there is no page. */
function policyIn(folder) {
  try {
    const page = readFileSync(join(folder, "index.html"), "utf8");
    const policy = /<meta http-equiv="Content-Security-Policy" content="([^"]*)"/.exec(page)?.[1];
    return policy && { "Content-Security-Policy": `${policy}; frame-ancestors 'none'` };
  } catch {
    return undefined;
  }
}

/** The path of a request, or nothing where it is none that a browser sends for a page of ours. */
function pathOf({ url = "/" }) {
  if (!url.startsWith("/") || url.startsWith("//")) return undefined;
  try {
    const path = new URL(url, "http://localhost").pathname;
    decodeURIComponent(path);
    return path;
  } catch {
    return undefined;
  }
}

/** Is it one plain range of bytes, from one to a later one? Whoever asks for anything else gets the whole file. */
function isPlainRange(range) {
  const [, from, to] = /^bytes=(\d{1,12})-(\d{0,12})$/.exec(range) ?? [];
  return from !== undefined && (to === "" || Number(from) <= Number(to));
}

/**
 * Serves a built app from a folder, for reading alone. Any other method is a 405, an odd address a 400, a missing asset a
 * 404 and not the page, which would hide faults. No request ends it.
 */
export function createFileServer(folder) {
  const headers = { ...HEADERS, ...policyIn(folder) };
  const setLasting = (response) => response.setHeader("Cache-Control", "public, max-age=31536000, immutable");
  const common = { etag: true, gzip: true, brotli: true };
  const assets = sirv(folder, { ...common, setHeaders: setLasting });
  const files = sirv(folder, {
    ...common,
    single: true,
    setHeaders: (response) => response.setHeader("Cache-Control", "no-cache"),
  });
  const answer = (response, status, text) => {
    response.statusCode = status;
    response.setHeader("Content-Type", "text/plain; charset=utf-8");
    response.end(text);
  };
  const server = createServer((request, response) => {
    for (const [name, value] of Object.entries(headers)) response.setHeader(name, value);
    if (request.method !== "GET" && request.method !== "HEAD") {
      response.setHeader("Allow", "GET, HEAD");
      return answer(response, 405, "Only for reading.");
    }
    const path = pathOf(request);
    if (path === undefined) return answer(response, 400, "Not an address of this app.");
    if (request.headers.range && !isPlainRange(request.headers.range)) delete request.headers.range;
    const isAsset = path.startsWith("/assets/");
    const missing = () => answer(response, 404, "Not found");
    try {
      (isAsset ? assets : files)(request, response, missing);
    } catch {
      // What has begun can't be answered otherwise any more.
      if (response.headersSent) response.destroy();
      else answer(response, 400, "This could not be read.");
    }
  });
  // A broken request is answered where it can be, and never ends the server.
  server.on("clientError", (_, socket) => {
    if (socket.writable) socket.end("HTTP/1.1 400 Bad Request\r\nConnection: close\r\n\r\n");
  });
  return server;
}
