import { RouterContextProvider } from "react-router";
import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../engine/commands/demo";
import { emptyBrowser } from "../engine/store/testing/browserStore";
import { homeOf, withHome } from "./homeContext";

beforeEach(emptyBrowser);

async function through(query: string) {
  const request = new Request(`http://orto.test/${query}`);
  const context = new RouterContextProvider();
  await withHome({ request, context, params: {}, pattern: "/", url: new URL(request.url) }, async () => ({}));
  return await homeOf(context);
}

describe("the reading of the household", () => {
  it.each([
    ["", 0],
    ["?ahead=6", 6],
    ["?ahead=-3", 0],
    ["?ahead=999", 0],
    ["?ahead=soon", 0],
    ["?ahead=1.5", 0],
  ])("%s looks %i months ahead", async (query, ahead) => {
    await openDemo();
    expect((await through(query)).ahead).toBe(ahead);
  });
});

it("leads to the first start where there is no household", async () => {
  await expect(through("")).rejects.toMatchObject({ status: 302 });
});
