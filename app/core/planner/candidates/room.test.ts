import { describe, expect, it } from "vitest";
import { CATALOGUE } from "../../../catalogue/catalogue";
import { standsInBay } from "../../draw";
import { materialIndex, type Served, type Stock } from "../../materials";
import { Holding, type Rung } from "../../model";
import { waysInBay } from "./room";

const materials = materialIndex(CATALOGUE);
const rung = CATALOGUE.activities
  .find((one) => one.id === "tongs-and-balls")
  ?.rungs.find((one) => one.id === "short") as Rung;
const stamp = { createdAt: "2026-05-01T00:00:00.000Z", updatedAt: "2026-05-01T00:00:00.000Z" };

const stockOf = (id: string, measured?: object): Stock => {
  const material = materials.get(id);
  if (!material) throw new Error(`no ${id}`);
  const holding = Holding.parse({ ...stamp, id, site: "home", material: id, quantity: 20, measured });
  return { key: id, material, quantity: 20, holding };
};

/** The rung's needs, its bowls served by each of these. */
function waysWith(bowls: readonly Stock[]) {
  const others = ["tongs-short", "ball-wool"].map((id) => stockOf(id));
  const stock = new Map([...bowls, ...others].map((one) => [one.key, one]));
  const ways = rung.materials.map(
    (need): Served => ({
      need,
      options: (need.id === "bowls" ? bowls : others.filter((one) => one.key === need.material)).map(
        (one) => ({ stock: one.key, quantity: need.quantity, serves: 1 }) as Served["options"][number],
      ),
    }),
  );
  return waysInBay(rung, ways, stock);
}
const bowlsOf = (ways: readonly Served[] | undefined) =>
  ways?.find((one) => one.need.id === "bowls")?.options.map((one) => one.stock as string);

describe("what a rung can be set out from in a bay", () => {
  it("leaves out the stand-in that has no room beside the rest, and keeps what has", () => {
    expect(bowlsOf(waysWith([stockOf("bowl-middle"), stockOf("bowl-large")]))).toEqual(["bowl-middle"]);
    expect(bowlsOf(waysWith([stockOf("bowl-middle")]))).toEqual(["bowl-middle"]);
  });

  it("is nothing where all there is is too large, and follows what was measured here", () => {
    expect(waysWith([stockOf("bowl-large")])).toBeUndefined();
    const small = stockOf("bowl-large", { shape: "disc", mm: [170, 80] });
    expect(bowlsOf(waysWith([small]))).toEqual(["bowl-large"]);
  });

  it("answers for each amount by itself, however often it is asked", () => {
    const things = (times: number) =>
      rung.materials.map((need) => {
        const { material } = stockOf(need.material);
        return { need: need.id, quantity: need.quantity * times, material };
      });
    for (const _ of [1, 2]) {
      expect(standsInBay(rung, things(1))).toBe(true);
      expect(standsInBay(rung, things(20))).toBe(false);
    }
  });

  it("does not judge what nobody has said the look of", () => {
    const things = rung.materials.map((need) => {
      const { look: _look, ...material } = materials.get(need.material) as NonNullable<Stock["material"]>;
      return { need: need.id, quantity: 40, material };
    });
    expect(standsInBay(rung, things)).toBe(true);
  });
});
