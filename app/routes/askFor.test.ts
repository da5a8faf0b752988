import { beforeEach, describe, expect, it } from "vitest";
import { openDemo } from "../engine/commands/demo";
import { emptyBrowser, setDemoDay } from "../engine/store/testing/browserStore";
import { onPageFault } from "../ui/command/pageFaults";
import { askAtTap, askFor, askOrLeadTo } from "./askFor";

beforeEach(emptyBrowser);

const at = (address: string) => new Request(`http://orto.test/${address}`);

describe("a screen's question", () => {
  it.each([
    ["", 0],
    ["?ahead=6", 6],
    ["?ahead=-3", 0],
    ["?ahead=999", 0],
    ["?ahead=soon", 0],
    ["?ahead=1.5", 0],
  ])("%s looks %i months ahead", async (address, ahead) => {
    await openDemo();
    expect((await askFor(at(address), "frame")).ahead).toBe(ahead);
  });

  it("takes a name that stands several times in the address as several", async () => {
    await openDemo();
    const [one, another] = (await askFor(at("watch"), "watch")).others;
    const { watched } = await askFor(at(`watch?tray=${one?.id}&tray=${another?.id}`), "watch");
    expect(watched.map(({ id }) => id)).toEqual([one?.id, another?.id]);
    expect((await askFor(at(`watch?tray=${one?.id}`), "watch")).watched.length).toBe(1);
  });

  it("is answered with 404 where there is no such thing, or leads elsewhere", async () => {
    await openDemo();
    await expect(askFor(at("day/x"), "suggestedDay", { kind: "no-such" })).rejects.toMatchObject({
      status: 404,
    });
    const lead = await askOrLeadTo(at("show?tray=gone"), "show", "/").catch((error: Response) => error);
    expect(lead).toMatchObject({ status: 302 });
    expect((lead as Response).headers.get("Location")).toBe("/");
  });

  it("leads to the first start where there is no household", async () => {
    await expect(askFor(at(""), "shelf")).rejects.toMatchObject({ status: 302 });
  });
});

it("tells the fault of a question asked at a tap across the page", async () => {
  const told: (string | undefined)[] = [];
  const stop = onPageFault((fault) => told.push(fault?.message));
  expect(await askAtTap("ownPack")).toBeUndefined();
  await openDemo();
  expect((await askAtTap("tableFile", { table: "notes" }))?.name).toBe("orto-notes-2026-05-10.csv");
  stop();
  expect(told).toEqual([expect.stringContaining("Set one up first")]);
});

it("answers all questions of one navigation from one reading, and those of the next from another", async () => {
  await openDemo();
  const first = at("");
  expect((await askFor(first, "frame")).today).toBe("2026-05-10");
  await setDemoDay("2026-05-11");
  expect((await askFor(first, "shelf")).today).toBe("2026-05-10");
  expect((await askFor(at(""), "shelf")).today).toBe("2026-05-11");
});
