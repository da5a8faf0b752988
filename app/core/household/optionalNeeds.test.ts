import { describe, expect, it } from "vitest";
import { Activity, activityOf, type Catalogue, plainDate, type Tables, Tray } from "../model";
import { isSafeSomewhere, offerAt } from "../safety";
import { FIXTURE, fixtureHome } from "../testing/fixtures";
import { anId } from "../testing/ids";
import { offerContext } from "./offerContext";
import { optionalNeedChoices } from "./optionalNeeds";
import { rearrangeTray } from "./rearrangeTray";
import { standingRotation } from "./rotations";
import { rungOfTray } from "./setOut";
import { type Situation, situationOf } from "./situation";
import { standingSafety } from "./standing";

const ON = plainDate("2026-05-11");
const RAMP = { activity: "down-the-ramp", rung: "what-else" };
const SPARE = ["cone", "ring"];

/** The fixture, with two things of one rung that may stay away. */
const CATALOGUE: Catalogue = {
  ...FIXTURE,
  activities: FIXTURE.activities.map((activity) =>
    activity.id !== RAMP.activity
      ? activity
      : Activity.parse({
          ...activity,
          places: ["mat"],
          rungs: activity.rungs.map((rung) => ({
            ...rung,
            materials: rung.materials.map((need) =>
              rung.id === RAMP.rung && SPARE.includes(need.id) ? { ...need, spare: true } : need,
            ),
          })),
        }),
  ),
};

const RUNG = activityOf(CATALOGUE, RAMP.activity)?.rungs.find((one) => one.id === RAMP.rung);
if (!RUNG) throw new Error("the rung was expected");
const WHOLE = RUNG.materials.map((need): string => need.id);

/** The fixture's home with a ramp on the mat, set out with these of its needs; some things may be gone from the cupboard. */
function home(needs: readonly string[] = WHOLE, gone: readonly string[] = []) {
  const before = fixtureHome().tables as Tables;
  const holdings = before.holdings.filter((one) => !gone.includes(one.material));
  const rotation = standingRotation(before, anId("home"), ON);
  const tray = Tray.parse({
    ...before.trays.find((one) => one.rotation === rotation?.id),
    ...RAMP,
    id: "ramp",
    child: "tove",
    also: [],
    place: "mat",
    when: undefined,
    state: "adult-held",
    allotted: RUNG?.materials.flatMap((need) => {
      const holding = holdings.find((one) => one.material === need.material && one.site === "home");
      if (!needs.includes(need.id) || !holding) return [];
      return [{ need: need.id, material: need.material, holding: holding.id, quantity: need.quantity }];
    }),
  });
  // Both children use the mat here, and the younger one mouths.
  const places = before.places.map((one) => (one.id === "mat" ? { ...one, servesOnly: [] } : one));
  const tables: Tables = { ...before, holdings, places, trays: [tray] };
  const s = situationOf(CATALOGUE, tables, ON, anId("home"));
  return {
    s,
    tables,
    tray,
    optionalNeeds: optionalNeedChoices(s, tables, tray, standingSafety(s, tables, tray)?.state),
  };
}

const needsOf = (tray: Tray) => tray.allotted.map((one) => one.need as string).toSorted();
const without = (...needs: string[]) => WHOLE.filter((id) => !needs.includes(id)).toSorted();

/** What this home would set out for the ramp. */
function offered(s: Situation) {
  const activity = activityOf(s.catalogue, RAMP.activity);
  const place = s.places.find((one) => one.id === "mat");
  const rung = activity?.rungs.find((one) => one.id === RAMP.rung);
  const users = s.everyone.filter((one) => one.id === "tove");
  if (!activity || !rung || !place) throw new Error("the ramp was expected");
  const context = offerContext(s, users);
  return {
    offer: offerAt(activity, rung, place, context),
    isSafe: isSafeSomewhere(activity, rung, s.places, context),
  };
}

describe("a thing that may stay away", () => {
  it("is left out of a tray that would be free without it, and can be put back", () => {
    const { s, tables, tray, optionalNeeds } = home();
    expect(standingSafety(s, tables, tray)?.state).toBe("adult-held");
    expect(optionalNeeds.away).toEqual([]);
    expect(optionalNeeds.putBack).toBeUndefined();
    const left = optionalNeeds.leaveOut;
    if (!left) throw new Error("something to leave out was expected");
    expect(left.made.tray.state).toBe("free");
    expect(needsOf(left.made.tray)).toEqual(without(...left.without));
    expect(left.made.less.map((one) => one.material)).toEqual(
      left.without.map((id) => RUNG.materials.find((need) => need.id === id)?.material),
    );
    const back = optionalNeedChoices(s, { ...tables, trays: [left.made.tray] }, left.made.tray, "free");
    expect(back.away.map((need) => need.id)).toEqual(left.without);
    expect(back.leaveOut).toBeUndefined();
    expect(back.putBack?.made.tray.state).toBe("adult-held");
    expect(needsOf(back.putBack?.made.tray as Tray)).toEqual(without());
  });

  it("stays away of itself where the tray is set out anew, and so it is judged and offered", () => {
    const { s, tables, tray } = home();
    const result = rearrangeTray(s, tables, tray, {});
    if ("fault" in result) throw new Error("a tray was expected");
    expect(result.change.tray.state).toBe("free");
    const { offer, isSafe } = offered(s);
    expect(isSafe).toBe(true);
    expect(offer?.judgement.state).toBe("free");
    // Whoever lists what is to be fetched lists what was judged.
    expect(offer?.things.map((one) => one.need.id).toSorted()).toEqual(needsOf(result.change.tray));
  });

  it("is not missed where it is not there: the rung is set out without it", () => {
    const gone = ["cone-large", "ring-card"];
    const { s, tables, tray } = home(WHOLE, gone);
    expect(
      rungOfTray(CATALOGUE, tray)
        ?.rung.materials.map((need): string => need.id)
        .toSorted(),
    ).toEqual(without(...SPARE));
    const result = rearrangeTray(s, tables, tray, { without: [] });
    expect("change" in result && needsOf(result.change.tray)).toEqual(without(...SPARE));
    expect(offered(s).offer?.judgement.state).toBe("free");
    const lacking = home(WHOLE, ["block-large"]);
    expect(rearrangeTray(lacking.s, lacking.tables, lacking.tray, {})).toMatchObject({
      fault: { code: "missing" },
    });
  });

  it("is nothing where the rung needs all that it has", () => {
    const { s, tables } = home();
    const [other] = fixtureHome().tables.trays as Tray[];
    expect(optionalNeedChoices(s, tables, other as Tray, "adult-held")).toEqual({ away: [] });
  });
});
