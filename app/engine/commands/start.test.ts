import { beforeEach, describe, expect, it } from "vitest";
import { keysAreOn } from "../store/device";
import { emptyBrowser, shownHome } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const at = async () => (await shownHome())?.site.id;

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("which home this device is at", () => {
  it("is the first one, until another is chosen", async () => {
    expect(await at()).toBe("home");
    await act("start.goToSite", { site: "grandmother" });
    expect(await at()).toBe("grandmother");
  });

  it("falls back to the first one for a home that is not there", async () => {
    await act("start.goToSite", { site: "the moon" });
    expect(await at()).toBe("home");
    await act("start.goToSite", { site: "" });
    expect(await at()).toBe("home");
  });
});

describe("single keys", () => {
  it("do something until they are switched off on this device, and only a yes or a no counts", async () => {
    expect(await keysAreOn()).toBe(true);
    await act("start.setKeys", { on: false });
    expect(await keysAreOn()).toBe(false);
    await act("start.setKeys", { on: "perhaps" });
    expect(await keysAreOn()).toBe(false);
    await act("start.setKeys", { on: true });
    expect(await keysAreOn()).toBe(true);
  });
});
