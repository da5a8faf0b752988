import { writeFileSync } from "node:fs";
import type { Config } from "@react-router/dev/config";
import { generateSW } from "workbox-build";
import { isFirst } from "./tools/site/parts";
import { writePolicy } from "./tools/site/policy";
import { writePreloads } from "./tools/site/preloads";

const FOLDER = "build/client";
/** Where the page keeps the rest of the app; the service worker answers from it. */
const REST_CACHE = "orto-rest";

/**
 * Keeps what the shelf needs with the first visit, so that one can leave at once; the list of the rest is written beside it,
 * for the page to fetch after that.
 */
async function writeServiceWorker() {
  const isNeededFirst = isFirst(FOLDER);
  const rest: string[] = [];
  const { warnings } = await generateSW({
    globDirectory: FOLDER,
    globPatterns: ["**/*.{html,js,json,css,wasm,woff2,ttf,svg,png,ico,webmanifest}"],
    globIgnores: ["sw.js", "rest.json", "workbox-*.js", "**/.vite/**"],
    swDest: `${FOLDER}/sw.js`,
    inlineWorkboxRuntime: true,
    maximumFileSizeToCacheInBytes: 8e6,
    dontCacheBustURLsMatching: /^assets\//,
    manifestTransforms: [
      (entries) => {
        rest.push(...entries.filter(({ url }) => !isNeededFirst(url)).map(({ url }) => `/${url}`));
        return { manifest: entries.filter(({ url }) => isNeededFirst(url)) };
      },
    ],
    runtimeCaching: [{ urlPattern: /\/assets\//, handler: "CacheFirst", options: { cacheName: REST_CACHE } }],
    navigateFallback: "/index.html",
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    skipWaiting: false,
  });
  for (const warning of warnings) console.warn(warning);
  writeFileSync(`${FOLDER}/rest.json`, JSON.stringify(rest));
}

export default {
  ssr: false,
  buildEnd: async () => {
    // Before the service worker: it keeps the page as it is then.
    writePreloads(FOLDER);
    writePolicy(FOLDER);
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
