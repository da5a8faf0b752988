import { beforeEach, describe, expect, it } from "vitest";
import { CATALOGUE } from "../../catalogue/catalogue";
import { catalogueOf } from "../../core/household";
import { plainDate } from "../../core/model";
import { database } from "../store/db";
import { updateRow } from "../store/rows";
import { emptyBrowser } from "../store/testing/browserStore";
import { act } from "../testing/act";
import { openDemo } from "./demo";

const holding = (material: string, site = "home") =>
  database("demo").rows("holdings").get(`${site}-${material}`);
const set = (material: string, quantity: string, site = "home") =>
  act("cupboard.set", { site, material, quantity });

beforeEach(async () => {
  await emptyBrowser();
  await openDemo();
});

describe("what is known about a thing", () => {
  const about = (fields: object) =>
    act("cupboard.saveHolding", {
      holding: "home-towel",
      where: "",
      origin: "owned",
      dueBack: "",
      useBy: "",
      ...fields,
    });

  it("is kept: where it is, whose, and until when", async () => {
    await about({ where: "bathroom", dueBack: "2026-05-20" });
    expect(await holding("towel")).toMatchObject({
      where: "bathroom",
      origin: "borrowed",
      dueBack: "2026-05-20",
    });
    await about({ where: "", useBy: "2026-05-12" });
    const row = await holding("towel");
    expect(row).toMatchObject({ origin: "owned", useBy: "2026-05-12" });
    expect(row?.dueBack).toBeUndefined();
    expect((await about({ dueBack: "tomorrow" })).issues).toMatchObject([{ path: "dueBack" }]);
  });

  it("is worn from the day on which that was ticked, until it is not", async () => {
    await about({ worn: "yes" });
    await updateRow(database("demo"), "holdings", "home-towel", { worn: plainDate("2026-05-02") });
    await about({ worn: "yes", where: "bathroom" });
    expect((await holding("towel"))?.worn).toBe("2026-05-02");
    await about({});
    expect((await holding("towel"))?.worn).toBeUndefined();
  });

  it("counts what was made, with the date to which it keeps", async () => {
    await set("dough", "400");
    const id =
      (await database("demo").rows("holdings").toArray()).find((row) => row.material === "dough")?.id ?? "";
    await act("cupboard.mix", { holding: id, quantity: "300" });
    expect(await database("demo").rows("holdings").get(id)).toMatchObject({
      quantity: 300,
      useBy: "2026-05-15",
    });
    await act("cupboard.mix", { holding: id, quantity: "100" });
    expect(await database("demo").rows("holdings").get(id)).toMatchObject({ quantity: 400 });
  });

  it("counts down what was mixed in, as far as it is there, and all of it comes back by undo", async () => {
    await set("dough", "120");
    await set("flour", "400");
    await set("cornflour", "5");
    const find = async (material: string) =>
      (await database("demo").rows("holdings").toArray()).find(
        (row) => row.material === material && row.site === "home" && !row.deletedAt,
      );
    const stock = async () =>
      Promise.all(["dough", "flour", "cornflour"].map(async (one) => (await find(one))?.quantity));
    const dough = await find("dough");
    const { answer: mixing, issues } = await act("cupboard.mix", { holding: dough?.id, quantity: "500" });
    expect(issues).toEqual([]);
    expect(await stock()).toEqual([500, 150, 0]);
    expect(mixing?.parts.map((one) => one.taken)).toEqual([250, 5]);
    // Meanwhile some flour was bought: it stays.
    await set("flour", "1150");
    expect(await act("cupboard.unmix", mixing)).toMatchObject({ issues: [] });
    expect(await stock()).toEqual([120, 1400, 5]);
    expect((await find("dough"))?.useBy).toBe(dough?.useBy);
    expect((await act("cupboard.unmix", { ...mixing, holding: "gone" })).issues).toMatchObject([
      { path: "holding" },
    ]);
  });

  it("knows what a walk brought", async () => {
    await act("cupboard.addGathered", { site: "grandmother", material: "leaf-large" });
    const rows = await database("demo").rows("holdings").toArray();
    expect(rows.filter((row) => row.material === "leaf-large" && row.site === "grandmother")).toMatchObject([
      { quantity: 10, origin: "gathered" },
    ]);
  });
});

describe("a thing of our own that can hurt", () => {
  const own = (fields: object) =>
    act("cupboard.addOwn", {
      site: "home",
      name: "Skipping rope",
      found: "toys",
      use: "reusable",
      unit: "piece",
      quantity: "1",
      shape: "soft-or-large",
      ...fields,
    });

  it("keeps everything that it can do: cord, loop, allergen", async () => {
    await own({ cordCm: "180", loopCm: "", allergens: ["latex"], hazards: ["heavy"] });
    expect(await database("demo").rows("ownMaterials").toArray()).toMatchObject([
      {
        hazards: [
          { kind: "heavy" },
          { kind: "string", freeLengthMm: 1800 },
          { kind: "allergen", allergen: "latex" },
        ],
      },
    ]);
  });

  it("is not taken without a size where its name says small and loose", async () => {
    expect((await own({ name: "Glass marbles" })).issues).toMatchObject([{ code: "no-size", path: "shape" }]);
    expect(await database("demo").rows("ownMaterials").toArray()).toEqual([]);
    expect((await own({ name: "Glass marbles", shape: "sphere", mm1: "16" })).issues).toEqual([]);
    expect((await own({ name: "Something", shape: "" })).issues).toMatchObject([{ path: "shape" }]);
  });

  it("is judged by its name wherever it is, unless the adult says that it is something else", async () => {
    const stored = async () => database("demo").rows("ownMaterials").toArray();
    const hazardsOf = async () =>
      catalogueOf(CATALOGUE, {
        ownSkills: [],
        ownMaterials: await stored(),
        ownActivities: [],
        ownThemes: [],
      })
        .materials.filter((one) => one.name.startsWith("Water beads"))
        .flatMap((one) => one.hazards);
    await own({ name: "Water beads soaked, 50 mm", shape: "sphere", mm1: "50" });
    expect(await hazardsOf()).toMatchObject([{ kind: "danger", danger: "water-beads", effect: "block" }]);
    await updateRow(database("demo"), "ownMaterials", (await stored())[0]?.id ?? "", {
      deletedAt: "2026-05-10T00:00:00.000Z",
    } as never);
    await own({ name: "Skipping rope", notDangers: ["cords", "water-beads"] });
    // Only what the name does recall is kept as said.
    expect((await stored()).find((one) => one.name === "Skipping rope")?.notDangers).toMatchObject([
      { danger: "cords" },
    ]);
  });
});
