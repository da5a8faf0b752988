import { z } from "zod";
import { MOST_TURNS, planConsumption, sittingUses, suggestDay } from "../../core/day";
import { howUsed, needServedBy } from "../../core/materials";
import {
  type Child,
  ChildId,
  DayKind,
  fault,
  Help,
  Id,
  MaterialId,
  ok,
  type PlainDate,
  type Result,
  type Sitting,
  type SittingStep,
} from "../../core/model";
import { toUseUp } from "../queries/toUseUp";
import type { Home } from "../store/home";
import {
  insertRow,
  inTransaction,
  livingRow,
  livingRows,
  newRow,
  softDelete,
  updateRow,
} from "../store/rows";
import { command } from "./command";
import { giveToCupboard, takeFromCupboard } from "./takeStock";

const step = z.number().int().min(0).max(39);

const SittingForm = z.object({
  material: MaterialId,
  children: z.array(ChildId).min(1, "Choose a child.").max(20),
  /** All of it today one after the other, or spread until it has to be used up. */
  how: z.enum(["now", "use-up"]),
});
type SittingForm = z.infer<typeof SittingForm>;

/** A day made from what there is; `turn` counts how often others were asked for. */
const DayForm = z.object({ day: DayKind, turn: z.number().int().min(0).max(MOST_TURNS) });

const StepNote = z.object({ sitting: Id, step, id: Id, child: ChildId, help: Help });
const NotedStep = StepNote.pick({ sitting: true, step: true, id: true });
const OneSitting = z.object({ sitting: Id });

const GONE = fault("no-row", "sitting", "That sitting is not there any more. Reload the page.");

/** The steps of a sitting: as planned until it has to be used up, or all of them today. */
export function stepsFor(
  home: Home,
  { material, how }: Pick<SittingForm, "material" | "how">,
  children: readonly Child[],
): SittingStep[] {
  const { situation: s, tables, today: on } = home;
  const holding = toUseUp(home, material);
  if (how === "use-up" && holding?.useBy) {
    const by = holding.useBy;
    return planConsumption(s, tables, material, { quantity: holding.quantity, by, children }).steps.map(
      (one) => ({
        ...{ activity: one.activity.id, rung: one.rung.id, quantity: one.quantity, on: one.on },
        ...(one.moment ? { moment: one.moment.id } : {}),
      }),
    );
  }
  return sittingUses(s, material, children).uses.map(({ activity, rung }) => {
    // Of what is not used up the same is taken for each step: no amount is counted.
    const thing = s.materials.get(material);
    const need = needServedBy(rung, material, s.materials);
    const quantity = thing && need && howUsed(need, thing) !== "kept" ? need.quantity : undefined;
    return { activity: activity.id, rung: rung.id, on, ...(quantity ? { quantity } : {}) };
  });
}

async function keep(home: Home, input: SittingForm): Promise<Result<string>> {
  const { db, site, today: on, situation } = home;
  const children = situation.planned.filter((one) => input.children.includes(one.id));
  const steps = stepsFor(home, input, children);
  if (children.length === 0 || steps.length === 0) {
    return fault("not-possible", "material", "Nothing with it suits just now. Try another thing.");
  }
  const { material } = input;
  const ids = children.map((one) => one.id);
  return ok((await insertRow(db, "sittings", { site: site.id, on, material, children: ids, steps })).id);
}

/** Keeps the day that is shown: it is worked out anew, the same from the same. */
async function keepDay(home: Home, { day, turn }: z.infer<typeof DayForm>): Promise<Result<string>> {
  const { db, site, today: on, situation: s, tables } = home;
  if (home.ahead > 0) {
    return fault("not-possible", "day", "This is a preview. Go back to today to make a day.");
  }
  const uses = suggestDay(s, tables, on, day, turn);
  if (uses.length === 0) return fault("not-possible", "day", "There is nothing more for such a day here.");
  const steps = uses.map(({ activity, rung, moment }) => ({
    ...{ activity: activity.id, rung: rung.id, on },
    ...(moment ? { moment: moment.id } : {}),
  }));
  const children = s.planned.filter((child) => uses.some((use) => use.children.includes(child)));
  const ids = children.map((child) => child.id);
  return ok((await insertRow(db, "sittings", { site: site.id, on, day, children: ids, steps })).id);
}

const withStep = (row: Sitting, at: number, change: (one: SittingStep) => SittingStep): SittingStep[] =>
  row.steps.map((one, i) => (i === at ? change(one) : one));

/** Notes a step for a child; with the first note of a step what it takes is counted down in the cupboard. */
async function note(home: Home, input: z.infer<typeof StepNote>): Promise<Result<null>> {
  const { db, today: on, situation } = home;
  return inTransaction(db, ["sittings", "observations", "holdings"], async () => {
    const row = await livingRow(db, "sittings", input.sitting);
    const step = row?.steps[input.step];
    if (!row || !step) return GONE;
    if (!row.children.includes(input.child)) {
      return fault("unknown-id", "child", "That child is not in this sitting.");
    }
    if (await livingRow(db, "observations", input.id)) return ok(null);
    const { activity, rung } = step;
    const seen = { child: input.child, activity, rung, on, help: input.help, sitting: row.id };
    await db.rows("observations").put(newRow("observations", seen, input.id));
    const holding = row.material && toUseUp(home, row.material);
    const isUsedUp = situation.materials.get(row.material ?? "")?.use === "consumable";
    if (step.took === undefined && holding && isUsedUp && step.quantity !== undefined) {
      const took = await takeFromCupboard(db, [{ holding: holding.id, quantity: step.quantity }]);
      const shares = took.map((one) => ({ holding: holding.id, quantity: one.quantity }));
      await updateRow(db, "sittings", row.id, (now) => ({
        steps: withStep(now, input.step, (one) => ({ ...one, took: shares })),
      }));
    }
    return ok(null);
  });
}

/** Takes a note back; with the last of a step what it took goes back to the cupboard. */
async function undo({ db }: Home, input: z.infer<typeof NotedStep>): Promise<Result<null>> {
  return inTransaction(db, ["sittings", "observations", "holdings"], async () => {
    const row = await livingRow(db, "sittings", input.sitting);
    const step = row?.steps[input.step];
    if (!row || !step) return GONE;
    await softDelete(db, "observations", input.id);
    const others = (await livingRows(db, "observations")).filter(
      (one) => one.sitting === row.id && one.activity === step.activity && one.rung === step.rung,
    );
    if (others.length === 0 && step.took) {
      await giveToCupboard(db, step.took);
      await updateRow(db, "sittings", row.id, (now) => ({
        steps: withStep(now, input.step, ({ took: _, ...one }) => one),
      }));
    }
    return ok(null);
  });
}

/** Ends a sitting on a day; undefined: it goes on. */
const setEnd = async ({ db }: Home, id: string, endedOn: PlainDate | undefined): Promise<Result<null>> =>
  (await updateRow(db, "sittings", id, { endedOn })) ? ok(null) : GONE;

async function drop({ db }: Home, id: string): Promise<Result<null>> {
  if (!(await livingRow(db, "sittings", id))) return GONE;
  await softDelete(db, "sittings", id);
  return ok(null);
}

/** Sittings: kept, noted step by step, ended or dropped. Keeping one gives its id. */
export const sittings = {
  keep: command(SittingForm, keep),
  keepDay: command(DayForm, keepDay),
  note: command(StepNote, note),
  undoNote: command(NotedStep, undo),
  end: command(OneSitting, (home, { sitting }) => setEnd(home, sitting, home.today)),
  goOn: command(OneSitting, (home, { sitting }) => setEnd(home, sitting, undefined)),
  drop: command(OneSitting, (home, { sitting }) => drop(home, sitting)),
};
