import { fileURLToPath } from "node:url";
import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vitest/config";
import { antdStyles, withoutStyleMakers } from "./tools/styles/antdStyles";

/** Tests that put modules in the place of others, which must not stay for those that come after, are named so. */
const WITH_MOCKS = ["app/**/*.mocked.test.ts"];
const PURE = ["app/core/**/*.test.ts", "app/words/**/*.test.ts", "app/catalogue/**/*.test.ts"];

const BROWSER_STORES = "app/data/testing/setup.ts";

/** Parts of the PDF library that are loaded on demand for what is never done here. */
const NONE = fileURLToPath(new URL("./tools/none.ts", import.meta.url));
const UNUSED_PARTS = Object.fromEntries(["html2canvas", "dompurify", "canvg"].map((name) => [name, NONE]));

export default defineConfig({
  plugins: [process.env.VITEST ? null : reactRouter(), antdStyles(), withoutStyleMakers()],
  resolve: { tsconfigPaths: true, alias: UNUSED_PARTS },
  worker: { format: "es" },
  build: { target: "es2022" },
  test: {
    testTimeout: 60_000,
    hookTimeout: 60_000,
    // Of two cores it would leave one idle.
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        // What leaves no state behind needs no world of its own: a catalogue is read once and not once a file.
        test: { name: "core", include: PURE, isolate: false },
      },
      {
        extends: true,
        test: {
          name: "app",
          isolate: false,
          include: ["app/**/*.test.{ts,tsx}", "tools/**/*.test.ts"],
          exclude: [...PURE, ...WITH_MOCKS],
          setupFiles: [BROWSER_STORES],
        },
      },
      { extends: true, test: { name: "mocks", include: WITH_MOCKS, setupFiles: [BROWSER_STORES] } },
    ],
  },
});
