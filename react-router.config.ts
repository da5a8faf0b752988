import type { Config } from "@react-router/dev/config";
import { generateSW } from "workbox-build";
import { writePolicy } from "./tools/site/policy";

/** Precaches the whole built folder, so that the app opens without a network after one visit. */
async function writeServiceWorker() {
  const { warnings } = await generateSW({
    globDirectory: "build/client",
    globPatterns: ["**/*.{html,js,json,css,wasm,woff2,ttf,svg,png,ico,webmanifest}"],
    globIgnores: ["sw.js", "workbox-*.js", "**/.vite/**"],
    swDest: "build/client/sw.js",
    inlineWorkboxRuntime: true,
    maximumFileSizeToCacheInBytes: 8e6,
    dontCacheBustURLsMatching: /^assets\//,
    navigateFallback: "/index.html",
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: false,
  });
  for (const warning of warnings) console.warn(warning);
}

export default {
  ssr: false,
  buildEnd: async () => {
    // First: the service worker keeps the page as it is then.
    writePolicy("build/client");
    await writeServiceWorker();
  },
  future: {
    v8_middleware: true,
    v8_splitRouteModules: true,
    v8_viteEnvironmentApi: true,
    v8_passThroughRequests: true,
    v8_trailingSlashAwareDataRequests: true,
  },
} satisfies Config;
