// How soon the Shelf stands and answers with the app kept on a device slower than this machine.

/** So many times slower. */
const SLOWED = 4;
const RUNS = 7;
/** Visits after which the browser has got ready what it keeps of the app's code. */
const VISITS_BEFORE = 3;
/** So long a page is left alone after it was asked for, as measuring takes time of its own. */
const LEFT_MS = 4000;

/** After so many milliseconds a tray of the shelf that is seen is tapped, before the app is there. */
const EARLY_TAPS_MS = [450, 600, 750, 900, 1050];

/** What an early tap took until the next paint, in ms; undefined where it came before the shelf was seen, or too late for that. */
async function earlyTap(context, address, afterMs) {
  const page = await context.newPage();
  const session = await context.newCDPSession(page);
  await session.send("Emulation.setCPUThrottlingRate", { rate: SLOWED });
  await page.addInitScript(() => {
    new PerformanceObserver((list) => {
      for (const one of list.getEntries()) if (one.name === "click") globalThis.tapMs ??= one.duration;
    }).observe({ type: "event", durationThreshold: 16 });
    addEventListener("click", (event) => {
      globalThis.wasEarly ??= event.target.closest("#orto-sight [data-tray]") !== null;
    });
  });
  await page.goto(address, { waitUntil: "commit" });
  await page.waitForTimeout(afterMs);
  const at = { x: 283, y: 330, button: "left", clickCount: 1 };
  for (const type of ["mousePressed", "mouseReleased"])
    await session.send("Input.dispatchMouseEvent", { type, ...at });
  await page.waitForTimeout(LEFT_MS);
  const { wasEarly, tapMs } = await page.evaluate(() => {
    const { wasEarly, tapMs } = globalThis;
    return { wasEarly, tapMs };
  });
  await page.getByRole("link", { name: "Close" }).click();
  await page.waitForTimeout(LEFT_MS / 2);
  await putAside(page);
  return wasEarly ? (tapMs ?? 16) : undefined;
}

/** As one puts it aside: what is closed at once has no time to keep anything. */
async function putAside(page) {
  await page.evaluate(() => {
    Object.defineProperty(document, "visibilityState", { value: "hidden" });
    document.dispatchEvent(new Event("visibilitychange"));
  });
  await page.close();
}

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
  await putAside(page);
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
  const early = [];
  for (const afterMs of EARLY_TAPS_MS) early.push(await earlyTap(context, address, afterMs));
  await context.close();
  const of = (name) => median(visits.slice(VISITS_BEFORE).map((one) => one[name]));
  const taps = early.filter((one) => one !== undefined);
  return {
    taps,
    seen: of("seenAt"),
    stands: of("stoodAt"),
    answers: of("paintedMs"),
    opened: of("openedMs"),
  };
}

const median = (numbers) => numbers.toSorted((a, b) => a - b)[Math.floor(numbers.length / 2)];

/** Prints how soon the shelf is seen, can be used and answers a tap. */
export async function benchStart(browser, address) {
  const { taps, seen, stands, answers, opened } = await slowedTimes(browser, address);
  console.log(
    `from the cache, slowed ${SLOWED} times: the Shelf is seen as it was left in ${seen.toFixed(0)} ms and can be used in ${stands.toFixed(0)} ms; a tap is answered in ${answers.toFixed(0)} ms and its sheet stands in ${opened.toFixed(0)} ms (median of ${RUNS})`,
  );
  console.log(
    `a tap on what is seen, before it can be used, is answered in ${taps.map((one) => one.toFixed(0)).join(", ")} ms (${taps.length} of ${EARLY_TAPS_MS.length} came in time)`,
  );
}
