import { z } from "zod";
import { ChildId, fault, Id, ok, type Place, PlaceId, type Result, SkillId } from "../../core/model";
import { whileAsleep } from "../../core/safety";
import { namesText } from "../../words/names";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRows, updateRow, upsert } from "../store/rows";

/** About care: cautions read, a place for quiet hours, worries. */
export const CareInput = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("caution-read"), rules: z.array(Id).min(1).max(20) }),
  z.object({ intent: z.literal("while-asleep"), place: PlaceId, asleep: z.array(ChildId).min(1).max(20) }),
  z.object({
    intent: z.literal("worry"),
    child: ChildId,
    words: z.string().trim().max(500, "At most 500 characters."),
  }),
  z.object({ intent: z.literal("worry-over"), worry: Id }),
  z.object({ intent: z.literal("skill-back"), child: ChildId, skill: SkillId }),
]);
export type CareInput = z.infer<typeof CareInput>;

/** The same place as another one: free for what is only safe while these children sleep. */
async function addQuietPlace(
  home: Home,
  placeId: PlaceId,
  asleep: readonly ChildId[],
): Promise<Result<null>> {
  const place = home.tables.places.find((one) => one.id === placeId);
  if (!place) return fault("no-place", "place", "That place is no longer there.");
  const names = home.children.filter((one) => asleep.includes(one.id)).map((one) => one.name);
  const quiet = whileAsleep(place, asleep);
  const { outOfReachOf } = quiet;
  const isIt = (one: Place) =>
    one.because === "asleep" &&
    one.site === place.site &&
    one.kind === place.kind &&
    one.board === place.board &&
    one.order === place.order &&
    outOfReachOf.length === one.outOfReachOf.length &&
    outOfReachOf.every((child) => one.outOfReachOf.includes(child));
  const { id: _, createdAt: __, updatedAt: ___, ...fields } = quiet;
  const when = `while ${namesText(names)} ${names.length > 1 ? "sleep" : "sleeps"}`;
  await inTransaction(home.db, ["places"], async () => {
    if ((await livingRows(home.db, "places")).some(isIt)) return;
    await insertRow(home.db, "places", { ...fields, name: `${place.name}, ${when}`.slice(0, 60) });
  });
  return ok(null);
}

/** Does one change that has to do with care. */
export async function changeCare(home: Home, input: CareInput): Promise<Result<null>> {
  const { db, today: on } = home;
  switch (input.intent) {
    case "caution-read":
      await inTransaction(db, ["cautionsRead"], async () => {
        for (const rule of input.rules) {
          await upsert(db, "cautionsRead", `read-${rule}`, (before) => before ?? { rule, on });
        }
      });
      break;
    case "while-asleep":
      return addQuietPlace(home, input.place, input.asleep);
    case "worry": {
      const words = input.words === "" ? undefined : input.words;
      await insertRow(db, "worries", { child: input.child, on, words });
      break;
    }
    case "worry-over":
      await updateRow(db, "worries", input.worry, { closedOn: on });
      break;
    case "skill-back":
      await insertRow(db, "skillNotes", { child: input.child, skill: input.skill, on, seen: true });
      break;
  }
  return ok(null);
}
