/** What a page hears of being kept for use without a network. */
interface Hearing {
  /** A newer version waits; the tab changes only when the adult agrees. */
  onUpdate(agree: () => void): void;
  /** All of it is kept, for the first time. */
  onKept(): void;
  /** There is no network, and parts of the app have not come yet. */
  onLacking(): void;
}

const DAY_MS = 24 * 3600 * 1000;
/** As the service worker calls it. */
const REST_CACHE = "orto-rest";
/** What the rest is; kept beside it once all of it is there. */
const REST_LIST = "/rest.json";
/** So many parts are fetched at once, while the screens are in use. */
const TOGETHER = 6;

/** A tab that is never loaded anew looks for a newer version once a day, when it is looked at or wakes. */
function lookDaily(update: () => Promise<void>) {
  let last = Date.now();
  const look = () => {
    if (document.visibilityState !== "visible" || Date.now() - last < DAY_MS) return;
    last = Date.now();
    // Without a network there is none to be had; tomorrow is another day.
    update().catch(() => undefined);
  };
  document.addEventListener("visibilitychange", look);
  setInterval(look, DAY_MS / 24);
}

/** Waits until the page has nothing else to do, a second at most. */
const atLeisure = () =>
  new Promise<void>((done) => {
    if ("requestIdleCallback" in window) requestIdleCallback(() => done(), { timeout: 1000 });
    else setTimeout(done);
  });

/** Fetches what is not kept yet of the newest version; gives its parts, and how many of them had to come. */
async function fetchRest(): Promise<{ parts: ReadonlySet<string>; came: number }> {
  const answer = await fetch(REST_LIST, { cache: "no-cache" });
  const list = answer.clone();
  const rest = (await answer.json()) as string[];
  const cache = await caches.open(REST_CACHE);
  const kept = new Set((await cache.keys()).map(({ url }) => new URL(url).pathname));
  const lacking = rest.filter((one) => !kept.has(one));
  for (let i = 0; i < lacking.length; i += TOGETHER) {
    await atLeisure();
    await cache.addAll(lacking.slice(i, i + TOGETHER));
  }
  await cache.put(REST_LIST, list);
  return { parts: new Set([...rest, REST_LIST]), came: lacking.length };
}

/** Lets go of the parts of versions that are no longer there. */
async function forgetOthers(parts: ReadonlySet<string>): Promise<void> {
  const cache = await caches.open(REST_CACHE);
  const old = (await cache.keys()).filter(({ url }) => !parts.has(new URL(url).pathname));
  await Promise.all(old.map((one) => cache.delete(one)));
}

/** Was all of some version kept once? */
const isAllHere = async () => (await (await caches.open(REST_CACHE)).match(REST_LIST)) !== undefined;

async function keep({ onUpdate, onKept, onLacking }: Hearing) {
  const { Workbox } = await import("workbox-window");
  const workbox = new Workbox("/sw.js");
  let isWaiting = false;
  workbox.addEventListener("waiting", async () => {
    isWaiting = true;
    // It is offered once all of it is there.
    await fetchRest();
    onUpdate(() => {
      workbox.addEventListener("controlling", () => window.location.reload());
      workbox.messageSkipWaiting();
    });
  });
  await workbox.register();
  lookDaily(() => workbox.update());
  await navigator.serviceWorker.ready;
  let rest: Awaited<ReturnType<typeof fetchRest>>;
  try {
    rest = await fetchRest();
  } catch {
    if (!(await isAllHere())) onLacking();
    return;
  }
  const { parts, came } = rest;
  if (!isWaiting) await forgetOthers(parts);
  if (came > 0 && !isWaiting) onKept();
}

/** Keeps the built app for use without a network, and asks the browser for lasting storage. */
export function keepOffline(hearing: Hearing): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  void navigator.storage?.persist?.();
  keep(hearing).catch((error) => console.error("Orto could not be kept for use without a network", error));
}
