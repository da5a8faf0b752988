import { type ChildProcess, spawn } from "node:child_process";
import { expect, test } from "@playwright/test";

/** Starts a server of the test's own and gives its address. */
function serve(port: number): Promise<{ server: ChildProcess; address: string }> {
  const server = spawn(process.execPath, ["tools/serve.mjs"], {
    env: { ...process.env, PORT: String(port) },
  });
  return new Promise((resolve, reject) => {
    server.on("error", reject);
    server.stdout.on("data", (data) => {
      const address = /http:\/\/127\.0\.0\.1:\d+/.exec(String(data))?.[0];
      if (address) resolve({ server, address });
    });
  });
}

test("opens and plans without a server after one visit", async ({ page }, info) => {
  const { server, address } = await serve(4500 + info.parallelIndex * 40);
  try {
    await page.goto(`${address}/demo`);
    await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
    await expect(page.getByText("All of Orto is on this device now.")).toBeVisible();
  } finally {
    server.kill("SIGKILL");
  }
  const response = await page.goto(`${address}/plan`);
  expect(response?.fromServiceWorker()).toBe(true);
  await expect(page.getByText(/2\d trays on 11 places/)).toBeVisible();
  await page.goto(`${address}/cupboard`);
  await expect(page.getByRole("heading", { name: "The cupboard" })).toBeVisible();
  // The letters for print are kept as well.
  await page.goto(`${address}/workbench?kind=numerals`);
  const [saved] = await Promise.all([
    page.waitForEvent("download"),
    page.getByRole("button", { name: "Save this sheet as PDF" }).click(),
  ]);
  expect(saved.suggestedFilename()).toBe("numerals.pdf");
});

test("who leaves as soon as the shelf stands has it without a server, notes and all; the rest says what it lacks", async ({
  page,
}, info) => {
  const { server, address } = await serve(4560 + info.parallelIndex * 40);
  try {
    // The rest never comes: the visit is too short for it.
    await page.route("**/rest.json", (route) => route.abort());
    await page.goto(`${address}/demo`);
    // The demo is made with the first visit: what makes it is no part of what is kept first.
    await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
    await page.evaluate(() => navigator.serviceWorker.ready);
  } finally {
    server.kill("SIGKILL");
  }
  await page.goto(`${address}/demo`);
  await expect(page.getByRole("heading", { level: 1 })).toContainText("Tove");
  await page.getByRole("button", { name: /Discs in a slot/ }).click();
  await page.getByRole("button", { name: "With a word" }).click();
  await expect(page.getByText("Noted: with a word.")).toBeVisible();
  await expect(page.getByText(/some screens have not come yet/)).toBeVisible();
});

test("a busy port gives the next free one, and a missing asset is a 404", async ({ request }, info) => {
  const one = await serve(4700 + info.parallelIndex * 40);
  const two = await serve(4700 + info.parallelIndex * 40);
  try {
    expect(one.address).not.toBe(two.address);
    expect((await request.get(`${two.address}/household`)).status()).toBe(200);
    expect((await request.get(`${two.address}/assets/gone.js`)).status()).toBe(404);
  } finally {
    one.server.kill();
    two.server.kill();
  }
});

test("no script that is not the app's runs in it, and nothing is sent elsewhere", async ({ page }) => {
  await page.goto("/start");
  await expect(page.getByLabel("Name or initial")).toBeVisible();
  const refused = await page.evaluate(async () => {
    const directives: string[] = [];
    document.addEventListener("securitypolicyviolation", (event) =>
      directives.push(event.effectiveDirective),
    );
    const script = document.createElement("script");
    script.textContent = "document.title = 'taken over'";
    document.body.append(script);
    const image = document.createElement("img");
    image.src = "https://elsewhere.invalid/a.png";
    document.body.append(image);
    await fetch("https://elsewhere.invalid/").catch(() => undefined);
    await new Promise((done) => setTimeout(done, 100));
    return [...new Set(directives)].sort();
  });
  expect(refused).toEqual(["connect-src", "img-src", "script-src-elem"]);
  await expect(page).not.toHaveTitle("taken over");
});
