/** Says that a newer version waits; the tab changes only when the adult agrees. */
function offerUpdate(agree: () => void) {
  const bar = document.createElement("button");
  bar.className = "update-bar";
  bar.textContent = "A newer Orto is ready. Change over now";
  bar.addEventListener("click", agree);
  document.body.append(bar);
}

const DAY_MS = 24 * 3600 * 1000;

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

async function register() {
  const { Workbox } = await import("workbox-window");
  const workbox = new Workbox("/sw.js");
  workbox.addEventListener("waiting", () =>
    offerUpdate(() => {
      workbox.addEventListener("controlling", () => window.location.reload());
      workbox.messageSkipWaiting();
    }),
  );
  await workbox.register();
  lookDaily(() => workbox.update());
}

/** Registers the service worker of the built app and asks the browser for lasting storage. */
export function keepOffline(): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  void navigator.storage?.persist?.();
  register().catch((error) => console.error("Orto could not be kept for use without a network", error));
}
