/** Says that a newer version waits; the tab changes only when the adult agrees. */
function offerUpdate(agree: () => void) {
  const bar = document.createElement("button");
  bar.className = "update-bar";
  bar.textContent = "A newer Orto is ready. Change over now";
  bar.addEventListener("click", agree);
  document.body.append(bar);
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
}

/** Registers the service worker of the built app and asks the browser for lasting storage. */
export function keepOffline(): void {
  if (!import.meta.env.PROD || !("serviceWorker" in navigator)) return;
  void navigator.storage?.persist?.();
  register().catch((error) => console.error("Orto could not be kept for use without a network", error));
}
