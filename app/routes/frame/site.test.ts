import { beforeEach, describe, expect, it } from "vitest";
import { openDemo, readHome } from "../../data/household";
import { emptyBrowser, post } from "../../data/testing/browserStore";
import { clientAction } from "./site";

const at = async () => (await readHome(new Request("http://orto.test/")))?.site.id;

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("which home this device is at", () => {
  it("is the first one, until another is chosen", async () => {
    expect(await at()).toBe("home");
    await clientAction({ request: post("/site", { site: "grandmother" }) });
    expect(await at()).toBe("grandmother");
  });

  it("falls back to the first one for a home that is not there", async () => {
    await clientAction({ request: post("/site", { site: "the moon" }) });
    expect(await at()).toBe("home");
    await clientAction({ request: post("/site", { site: "" }) });
    expect(await at()).toBe("home");
  });
});
