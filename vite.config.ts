import { reactRouter } from "@react-router/dev/vite";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [process.env.VITEST ? null : reactRouter()],
  resolve: { tsconfigPaths: true },
  worker: { format: "es" },
  build: { target: "es2022" },
  test: {
    include: ["app/**/*.test.{ts,tsx}", "tools/**/*.test.ts"],
    setupFiles: ["app/data/testing/setup.ts"],
    testTimeout: 60_000,
    // Of two cores it would leave one idle.
    maxWorkers: 2,
  },
});
