import { format } from "date-fns";
import { z } from "zod";
import { CATALOGUE } from "../../app/catalogue/catalogue";
import { situationOf, wouldSetOut } from "../../app/core/household";
import {
  activityOf,
  Id,
  livingTables,
  type Material,
  PlainDate,
  plainDate,
  type Rung,
  readBackup,
  SiteId,
} from "../../app/core/model";
import { type MeetingHere, meetingsHere, type SetOut } from "../../app/core/setup";
import { meetingText } from "../../app/words/setUp";

export const SetUpInput = z.strictObject({
  backup: z.unknown(),
  /** Today, unless it is said. */
  on: PlainDate.optional(),
  activity: Id,
  rung: Id,
  site: SiteId.optional(),
});
export type SetUpInput = z.infer<typeof SetUpInput>;

const TODAY = plainDate(format(new Date(), "yyyy-MM-dd"));

const relationOf = (one: MeetingHere) => ({
  how: one.how,
  a: one.a.material.id,
  b: one.b.material.id,
  playMm: one.meeting.playMm,
  ok: one.meeting.ok,
  text: meetingText(one, "metric"),
});

/** What two things fail by, told with both. */
const faultsOf = (meetings: readonly MeetingHere[]) =>
  meetings
    .filter((one) => !one.meeting.ok)
    .map((one) => ({ code: one.meeting.fault ?? "too-narrow", a: one.a.material.id, b: one.b.material.id }));

/** How the things of a rung meet, with what this home would set out. */
export function setUpVerb({ backup, on = TODAY, site, ...asked }: SetUpInput) {
  const read = readBackup(backup, CATALOGUE);
  if (!read.ok) {
    return {
      ok: false as const,
      issues: read.issues.map((one) => ({ ...one, path: `backup.${one.path}` })),
    };
  }
  const s = situationOf(CATALOGUE, livingTables(read.value.tables), on, site);
  const rung = activityOf(s.catalogue, asked.activity)?.rungs.find((one) => one.id === asked.rung);
  if (!rung) {
    const message = `There is no rung "${asked.activity}/${asked.rung}".`;
    return { ok: false as const, issues: [{ code: "unknown-id", path: "rung", message }] };
  }
  const meetings = meetingsHere(rung, wouldSetOut(s, rung));
  const faults = faultsOf(meetings);
  return {
    ok: true as const,
    value: { ok: faults.length === 0, relations: meetings.map(relationOf), faults },
  };
}

const MATERIALS = new Map<string, Material>(CATALOGUE.materials.map((one) => [one.id, one]));

/** The rung as it is written, and once more with each stand-in of each of its things. */
function waysOf(rung: Rung): SetOut[][] {
  const usual = rung.materials.flatMap((need): SetOut[] => {
    const material = MATERIALS.get(need.material);
    return material ? [{ need: need.id, quantity: need.quantity, material }] : [];
  });
  const instead = usual.flatMap((thing) =>
    thing.material.standIns.flatMap(({ material: id }): SetOut[][] => {
      const material: Material | undefined = MATERIALS.get(id);
      return material ? [usual.map((one) => (one === thing ? { ...one, material } : one))] : [];
    }),
  );
  return [usual, ...instead];
}

/**
 * Every rung of the catalogue with usual things, and with each stand-in in turn. What fails with usual things is a fault;
 * a stand-in that does not go is one that the plan leaves alone, and is counted.
 */
export function setUpAllVerb() {
  const tried = CATALOGUE.activities.flatMap((activity) =>
    activity.rungs.map((rung) => {
      const [usual = [], ...instead] = waysOf(rung);
      return {
        rung: `${activity.id}/${rung.id}`,
        meetings: meetingsHere(rung, usual),
        refused: instead.flatMap((things) => faultsOf(meetingsHere(rung, things))),
      };
    }),
  );
  const faults = tried.flatMap(({ rung, meetings }) => faultsOf(meetings).map((one) => ({ rung, ...one })));
  return {
    ok: faults.length === 0,
    rungs: tried.length,
    relations: tried.flatMap((one) => one.meetings).length,
    standInsRefused: tried.flatMap(({ rung, refused }) => refused.map((one) => ({ rung, ...one }))),
    faults,
  };
}
