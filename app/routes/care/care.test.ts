import { beforeEach, describe, expect, it } from "vitest";
import { plainDate } from "../../core/model";
import { careFor } from "../../core/readiness";
import { openDemo } from "../../engine/commands/demo";
import { emptyBrowser, setDemoDay, shownHome } from "../../engine/store/testing/browserStore";
import { sent } from "../testing/act";
import { clientAction } from "./care";

const act = async (fields: object) => clientAction(await sent("/care", fields));
const tables = async () => {
  const home = await shownHome();
  if (!home) throw new Error("no household");
  return home.tables;
};

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("care", () => {
  it("keeps which cautions were read, each once", async () => {
    await act({ intent: "caution-read", rules: ["water", "heavy"] });
    await setDemoDay("2026-05-12");
    await act({ intent: "caution-read", rules: ["water"] });
    const read = (await tables()).cautionsRead.map(({ rule, on }) => `${rule} on ${on}`);
    expect(read.sort()).toEqual(["heavy on 2026-05-10", "water on 2026-05-10"]);
  });

  it("makes a place for quiet hours, out of reach of the sleeper; twice makes it once", async () => {
    const before = (await tables()).places.length;
    for (let i = 0; i < 2; i++) await act({ intent: "while-asleep", place: "bay-2-0", asleep: ["pim"] });
    const { places } = await tables();
    expect(places).toHaveLength(before + 1);
    expect(places.find((one) => one.because === "asleep")).toMatchObject({
      name: "Bottom board, left, while Pim sleeps",
      outOfReachOf: ["pim"],
      kind: "bay",
      board: 2,
    });
  });

  it("keeps a worry until it is over", async () => {
    await act({ intent: "worry", child: "tove", words: "turns away from sounds" });
    const [worry] = (await tables()).worries;
    const open = async () => careFor([], [], (await tables()).worries, plainDate("2026-05-10"));
    expect(await open()).toMatchObject([{ kind: "worry", worry: { words: "turns away from sounds" } }]);
    await act({ intent: "worry-over", worry: worry?.id ?? "" });
    expect(await open()).toEqual([]);
  });

  it("refuses what it does not know", async () => {
    expect(await act({ intent: "explode" })).toMatchObject({
      data: { issues: [{ path: "intent" }] },
      init: { status: 422 },
    });
  });
});
