import { createServer } from "node:http";
import sirv from "sirv";

const FIRST_PORT = Number(process.env.PORT ?? 4310);
const TRIES = 50;

const files = sirv("build/client", {
  single: true,
  etag: true,
  gzip: true,
  brotli: true,
  setHeaders(response, path) {
    const lasting = path.startsWith("/assets/");
    response.setHeader("Cache-Control", lasting ? "public, max-age=31536000, immutable" : "no-cache");
  },
});

/** A missing asset is a 404, not the page: anything else hides faults. */
const server = createServer((request, response) => {
  const path = new URL(request.url ?? "/", "http://localhost").pathname;
  if (path.startsWith("/assets/")) {
    return sirvAssets(request, response, () => {
      response.statusCode = 404;
      response.end("Not found");
    });
  }
  files(request, response);
});
const sirvAssets = sirv("build/client", {
  etag: true,
  gzip: true,
  brotli: true,
  setHeaders: (response) => response.setHeader("Cache-Control", "public, max-age=31536000, immutable"),
});

function announce() {
  const address = `http://127.0.0.1:${server.address().port}`;
  console.log(process.env.ORTO_DEMO ? `Orto with its demo household: ${address}/demo` : `Orto: ${address}/`);
  if (process.env.ORTO_DEMO) console.log("Ctrl-C stops it.");
}

/** Listens on the port, or on the next free one. */
function listen(port, triesLeft) {
  server.once("error", (error) => {
    if (error.code !== "EADDRINUSE" || triesLeft === 0) throw error;
    listen(port + 1, triesLeft - 1);
  });
  server.listen(port, "127.0.0.1");
}

server.once("listening", announce);
listen(FIRST_PORT, TRIES);
for (const signal of ["SIGINT", "SIGTERM"])
  process.on(signal, () => server.close(() => process.exit(0)) && server.closeAllConnections());
