import { createFileServer } from "./server.mjs";

const FIRST_PORT = Number(process.env.PORT ?? 4310);
const TRIES = 50;

const server = createFileServer("build/client");

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
