import { readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import { join } from "node:path";
import { brotliCompressSync, constants, gzipSync } from "node:zlib";

const COMPRESSIBLE = /\.(html|js|css|wasm|svg|json|webmanifest)$/;
const LEAST_BYTES = 1024;

function filesIn(folder) {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesIn(join(folder, entry.name)) : [join(folder, entry.name)],
  );
}

for (const file of filesIn("build/client")) {
  if (!COMPRESSIBLE.test(file) || statSync(file).size < LEAST_BYTES) continue;
  const content = readFileSync(file);
  writeFileSync(`${file}.gz`, gzipSync(content, { level: 9 }));
  writeFileSync(
    `${file}.br`,
    brotliCompressSync(content, { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } }),
  );
}
