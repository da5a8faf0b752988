import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vitest/config";
import { fewScripts } from "./tools/site/chunks.ts";
import { antdStyles, withoutStyleMakers } from "./tools/styles/antdStyles.tsx";
import { UNUSED_IMPORTS, withoutUnusedParts } from "./tools/unusedParts.ts";

/** Tests that put modules in the place of others, which must not stay for those that come after, are named so. */
const WITH_MOCKS = ["app/**/*.mocked.test.ts"];
const PURE = ["app/core/**/*.test.ts", "app/words/**/*.test.ts", "app/catalogue/**/*.test.ts"];

const BROWSER_STORES = "app/engine/store/testing/setup.ts";
const SEED = "app/core/testing/seed.ts";

export default defineConfig(({ mode }) => ({
  plugins: [
    process.env.VITEST ? null : reactRouter(),
    antdStyles(),
    withoutStyleMakers(),
    withoutUnusedParts(),
    fewScripts(mode),
  ],
  resolve: { tsconfigPaths: true, alias: UNUSED_IMPORTS },
  worker: { format: "es", plugins: () => [withoutUnusedParts()] },
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
        test: { name: "core", include: PURE, isolate: false, setupFiles: [SEED] },
      },
      {
        extends: true,
        test: {
          name: "app",
          isolate: false,
          include: ["app/**/*.test.{ts,tsx}", "tools/**/*.test.ts"],
          exclude: [...PURE, ...WITH_MOCKS],
          setupFiles: [SEED, BROWSER_STORES],
        },
      },
      { extends: true, test: { name: "mocks", include: WITH_MOCKS, setupFiles: [SEED, BROWSER_STORES] } },
    ],
  },
}));
