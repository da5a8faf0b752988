import { z } from "zod";
import { standingRotation } from "../../core/household";
import {
  ChildId,
  ClockTime,
  fault,
  Moment,
  MomentId,
  minuteOf,
  ok,
  PlaceId,
  PlainDate,
  type Result,
  Routine,
  TrayId,
  Weekday,
} from "../../core/model";
import type { Home } from "../store/home";
import { insertRow, inTransaction, livingRows, updateRow } from "../store/rows";
import { command } from "./command";
import { listOf, mayBeEmpty, ticked } from "./fields";

const MINUTES_A_DAY = 1440;

/** A moment of the day at a place, as its form sends it. */
const MomentForm = z.object({
  id: mayBeEmpty(MomentId),
  place: PlaceId,
  routine: Routine,
  at: ClockTime,
  minutes: z.coerce
    .number("How long: a number of minutes.")
    .int("Whole minutes.")
    .min(5, "5 minutes or more.")
    .max(240, "At most 240 minutes."),
  weekdays: z.array(z.coerce.number().pipe(Weekday)).min(1, "Choose one day of the week at least.").max(7),
  children: listOf(ChildId),
  asleep: listOf(ChildId),
  adultBeside: ticked,
});
type MomentForm = z.infer<typeof MomentForm>;

/** What is set out at a moment on a day; without a tray nothing is. */
const DayChoice = z.object({
  moment: MomentId,
  on: PlainDate,
  tray: mayBeEmpty(TrayId),
});
type DayChoice = z.infer<typeof DayChoice>;

const GONE = fault("no-row", "id", "That moment is not there any more. Reload the page.");

/** Keeps a moment of the day, a new one or one that is changed. */
async function save({ db, tables }: Home, input: MomentForm): Promise<Result<null>> {
  const { id, ...row } = input;
  const place = tables.places.find((one) => one.id === row.place);
  if (!place) return fault("unknown-id", "place", "That place is not there any more.");
  if (place.kind === "bay") {
    return fault(
      "not-possible",
      "place",
      "What stands on a board stands all week. Moments are for other places.",
    );
  }
  if (minuteOf(row.at) + row.minutes > MINUTES_A_DAY) {
    return fault("not-possible", "minutes", "It would go on past midnight. Make it shorter or earlier.");
  }
  const both = row.children.filter((child) => row.asleep.includes(child));
  if (both.length > 0) {
    return fault("not-possible", "asleep", "A child who is asleep then is not there. Choose one of the two.");
  }
  const moment = Moment.omit({ id: true, createdAt: true, updatedAt: true, deletedAt: true }).parse(row);
  if (id) return (await updateRow(db, "moments", id, moment)) ? ok(null) : GONE;
  await insertRow(db, "moments", moment);
  return ok(null);
}

/** Sets what is out at a moment on a day, among what the shelf has for it. */
async function setDay(home: Home, { moment, on, tray }: DayChoice): Promise<Result<null>> {
  const { db, tables, site } = home;
  const rotation = standingRotation(tables, site.id, on);
  return inTransaction(db, ["trays"], async () => {
    const there = (await livingRows(db, "trays")).filter(
      (row) => row.rotation === rotation?.id && row.when?.moment === moment,
    );
    if (tray && !there.some((row) => row.id === tray)) {
      return fault("no-tray", "tray", "That is not on the shelf for this moment any more.");
    }
    for (const row of there) {
      const days = (row.when?.days ?? []).filter((day) => day !== on);
      if (row.id === tray) days.push(on);
      await updateRow(db, "trays", row.id, { when: { moment, days: days.sort() } });
    }
    return ok(null);
  });
}

/** The moments of the day, and what is set out at them. */
export const moments = {
  save: command(MomentForm, save),
  setDay: command(DayChoice, setDay),
};
