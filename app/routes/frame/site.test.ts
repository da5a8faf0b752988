import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../../commands/demo";
import { emptyBrowser, shownHome } from "../../data/testing/browserStore";
import { sent } from "../testing/act";
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
