// How soon the Shelf stands and answers with the app kept on a device slower than this machine.

/** So many times slower. */
const SLOWED = 4;
const RUNS = 7;
/** Visits after which the browser has got ready what it keeps of the app's code. */
const VISITS_BEFORE = 3;
/** So long a page is left alone after it was asked for, as measuring takes time of its own. */
const LEFT_MS = 4000;

/** The shelf of a page: when it was seen, when it could be used, and after its tap the first paint and the tray's sheet. */
async function slowedVisit(context, address) {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: SLOWED });
  await page.addInitScript(() => {
    const look = () => {
      const tray = document.querySelector("[aria-label='The shelf as it stands'] button");
      if (tray) globalThis.seenAt ??= performance.now();
      if (tray && !tray.closest("#orto-sight")) globalThis.stoodAt = performance.now();
      else requestAnimationFrame(look);
    };
    look();
    new PerformanceObserver((list) => {
      const [tap] = list.getEntries().filter((one) => one.interactionId);
      if (tap) globalThis.paintedMs ??= tap.duration;
    }).observe({ type: "event", durationThreshold: 16 });
    addEventListener("pointerup", () => {
      const start = performance.now();
      const wait = () => {
        if (document.body.textContent.includes("How did it go?"))
          globalThis.openedMs ??= performance.now() - start;
        else requestAnimationFrame(wait);
      };
      wait();
    });
  });
  await page.goto(address, { waitUntil: "commit" });
  await page.waitForTimeout(LEFT_MS);
  const tray = page.getByRole("button", { name: /Discs in a slot/ });
  const { x, y } = await tray.boundingBox();
  await page.mouse.click(x + 20, y + 20);
  await page.waitForTimeout(LEFT_MS);
  const times = await page.evaluate(() => {
    const { seenAt, stoodAt, paintedMs, openedMs } = globalThis;
    return { seenAt, stoodAt, paintedMs, openedMs };
  });
  // As one puts it aside: what is closed at once has no time to keep anything.
  await page.evaluate(() => {
    Object.defineProperty(document, "visibilityState", { value: "hidden" });
    document.dispatchEvent(new Event("visibilitychange"));
  });
  await page.close();
  return times;
}

/** Milliseconds, on a slowed device with the app kept on it: the median of several visits. */
async function slowedTimes(browser, address) {
  const context = await browser.newContext({ viewport: { width: 1280, height: 800 } });
  const first = await context.newPage();
  await first.goto(`${address}/demo`);
  await first.getByText("All of Orto is on this device now").waitFor();
  await first.close();
  const visits = [];
  for (let i = 0; i < VISITS_BEFORE + RUNS; i++) visits.push(await slowedVisit(context, address));
  await context.close();
  const of = (name) => median(visits.slice(VISITS_BEFORE).map((one) => one[name]));
  return { seen: of("seenAt"), stands: of("stoodAt"), answers: of("paintedMs"), opened: of("openedMs") };
}

const median = (numbers) => numbers.toSorted((a, b) => a - b)[Math.floor(numbers.length / 2)];

/** Prints how soon the shelf is seen, can be used and answers a tap. */
export async function benchStart(browser, address) {
  const { seen, stands, answers, opened } = await slowedTimes(browser, address);
  console.log(
    `from the cache, slowed ${SLOWED} times: the Shelf is seen as it was left in ${seen.toFixed(0)} ms and can be used in ${stands.toFixed(0)} ms; a tap is answered in ${answers.toFixed(0)} ms and its sheet stands in ${opened.toFixed(0)} ms (median of ${RUNS})`,
  );
}
