import { z } from "zod";
import { ChildId, fault, Id, ok, type Place, PlaceId, type Result, SkillId } from "../../core/model";
import { whileAsleep } from "../../core/safety";
import { namesText } from "../../words/names";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRows, updateRow, upsert } from "../store/rows";
import { command, done } from "./command";

const QuietPlace = z.object({ place: PlaceId, asleep: z.array(ChildId).min(1).max(20) });

const Worry = z.object({
  child: ChildId,
  words: z.string().trim().max(500, "At most 500 characters."),
});

/** The same place as another one: free for what is only safe while these children sleep. */
async function addQuietPlace(
  home: Home,
  { place: placeId, asleep }: z.infer<typeof QuietPlace>,
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

/** Keeps it that these cautions were read. */
const readCautions = ({ db, today: on }: Home, rules: readonly string[]) =>
  inTransaction(db, ["cautionsRead"], async () => {
    for (const rule of rules) {
      await upsert(db, "cautionsRead", `read-${rule}`, (before) => before ?? { rule, on });
    }
  });

const keepWorry = ({ db, today: on }: Home, { child, words }: z.infer<typeof Worry>) =>
  insertRow(db, "worries", { child, on, words: words === "" ? undefined : words });

/** Care: cautions read, a place for quiet hours, worries. */
export const care = {
  readCautions: command(z.object({ rules: z.array(Id).min(1).max(20) }), (home, { rules }) =>
    done(readCautions(home, rules)),
  ),
  addQuietPlace: command(QuietPlace, addQuietPlace),
  keepWorry: command(Worry, (home, worry) => done(keepWorry(home, worry))),
  endWorry: command(z.object({ worry: Id }), ({ db, today }, { worry }) =>
    done(updateRow(db, "worries", worry, { closedOn: today })),
  ),
  skillIsBack: command(z.object({ child: ChildId, skill: SkillId }), ({ db, today: on }, skill) =>
    done(insertRow(db, "skillNotes", { ...skill, on, seen: true })),
  ),
};
