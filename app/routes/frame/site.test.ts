import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../../engine/commands/demo";
import { keysAreOn } from "../../engine/store/device";
import { emptyBrowser, shownHome } from "../../engine/store/testing/browserStore";
import { sent } from "../testing/act";
import { clientAction as switchTo } from "./keys";
import { clientAction } from "./site";

const at = async () => (await shownHome())?.site.id;

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("which home this device is at", () => {
  it("is the first one, until another is chosen", async () => {
    expect(await at()).toBe("home");
    await clientAction(await sent("/site", { site: "grandmother" }));
    expect(await at()).toBe("grandmother");
  });

  it("falls back to the first one for a home that is not there", async () => {
    await clientAction(await sent("/site", { site: "the moon" }));
    expect(await at()).toBe("home");
    await clientAction(await sent("/site", { site: "" }));
    expect(await at()).toBe("home");
  });
});

describe("single keys", () => {
  it("do something until they are switched off on this device, and only a yes or a no counts", async () => {
    expect(await keysAreOn()).toBe(true);
    await switchTo(await sent("/keys", { on: false }));
    expect(await keysAreOn()).toBe(false);
    await switchTo(await sent("/keys", { on: "perhaps" }));
    expect(await keysAreOn()).toBe(false);
    await switchTo(await sent("/keys", { on: true }));
    expect(await keysAreOn()).toBe(true);
  });
});
