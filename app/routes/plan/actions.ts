import { redirect } from "react-router";
import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { focusFrom, situationOf } from "../../core/household";
import { addDays, Focus, Id, PlainDate, type Problem, problemsOf, type Wish } from "../../core/model";
import { explainPlacement } from "../../core/planner";

import { mayBeEmpty } from "../../data/forms";
import { type Home, readHome } from "../../data/household";
import { setLimits } from "../../data/limits";
import { acceptPlan, openRotations, reopenRotation, undoAccept } from "../../data/rotations";
import { addRow, changeRow, removeRow } from "../../data/rows";
import { AREA_NAMES } from "../../ui/AreaMark";
import { withPlanner } from "../../workers/plannerClient";
import { askedFor } from "./asked";
import { type Change, changeFrom, changeText, takeBack, wishInstead } from "./wishes";

/** `on` is the first day of the rotation that the tray is in, `first` that of the plan. */
const tray = { child: Id, activity: Id, rung: Id, on: PlainDate, first: PlainDate };
const PlanForm = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("lock"), ...tray }),
  z.object({ intent: z.literal("unlock"), child: Id, activity: Id }),
  z.object({ intent: z.literal("not-now"), ...tray }),
  z.object({ intent: z.literal("never"), ...tray }),
  z.object({ intent: z.literal("soon"), child: Id, activity: Id, on: PlainDate }),
  z.object({ intent: z.literal("swap"), ...tray, inActivity: Id, inRung: Id }),
  z.object({ intent: z.literal("move"), ...tray, toPlace: Id, toOn: PlainDate }),
  z.object({ intent: z.literal("take-back"), wish: Id }),
  z.object({ intent: z.literal("undo"), change: z.string() }),
  z.object({ intent: z.literal("undo-accept"), rotation: Id }),
  z.object({ intent: z.literal("reopen"), rotation: Id }),
  z.object({ intent: z.literal("limits") }).loose(),
  z.object({ intent: z.literal("focus"), on: z.string().max(60), until: mayBeEmpty(PlainDate) }),
  z.object({ intent: z.literal("seen"), child: Id, skill: Id, on: PlainDate, seen: z.enum(["yes", "no"]) }),
  z.object({ intent: z.literal("accept"), from: PlainDate, planned: PlainDate }),
]);
type Form = z.infer<typeof PlanForm>;
type Tray = Extract<Form, { intent: "lock" }>;

/** How long "not now" keeps an activity away: a month. */
const NOT_NOW_DAYS = 30;

const about =
  ({ child, activity }: Pick<Tray, "child" | "activity">) =>
  (old: Wish) =>
    old.child === child && old.activity === activity;
const lockOn = (form: Pick<Tray, "child" | "activity">) => (old: Wish) =>
  old.kind === "lock" && about(form)(old);

/** A lock holds for the next rotation; for a later one it names a day of it. */
const heldFor = ({ on, first }: { on: PlainDate; first: PlainDate }) => (on === first ? {} : { from: on });

async function accept(request: Request, form: { from: PlainDate; planned: PlainDate }) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  if (home.ahead > 0) return fault("from", "This is a preview. Go back to today to accept a plan.");
  const site = home.site.id;
  const [last] = openRotations(home.tables.rotations, site);
  if (last && last.from > form.from) {
    return fault(
      "from",
      `A rotation stands from ${last.from} already. Choose a later day, or undo that one first.`,
    );
  }
  // Planned anew from what is stored, so that what is accepted is never older than the data.
  const asked = askedFor(request, home);
  const plan = await withPlanner((service) => service.plan({ ...asked, on: form.planned }));
  const [next] = plan.rotations;
  if (!next) return fault("from", "There is no plan to accept. Plan again.");
  const rotation = await acceptPlan(next, site, form.from, last?.id);
  throw redirect(form.from <= home.today ? `/?accepted=${rotation}` : "/plan");
}

const fault = (path: string, message: string) => ({
  problems: [{ code: "not-possible", path, message } satisfies Problem],
});

/** Puts a tray elsewhere: at another place, or into another rotation of the plan, where that is possible. */
async function move(home: Home, form: Extract<Form, { intent: "move" }>): Promise<Change | string> {
  const catalogue = await loadCatalogue();
  const now = situationOf(catalogue, home.tables, form.first, home.site.id);
  const then = form.toOn === form.first ? now : situationOf(catalogue, home.tables, form.toOn, now.site, now);
  const why = explainPlacement(then, form.child, form.activity, form.rung, form.toPlace);
  if (why) return why;
  const named = { child: form.child, activity: form.activity, on: form.first };
  const lock = { ...named, rung: form.rung, kind: "lock" as const, place: form.toPlace };
  const waits =
    form.toOn > form.first ? [{ ...named, kind: "not-until" as const, until: addDays(form.toOn, -1) }] : [];
  return wishInstead([{ ...lock, ...heldFor({ on: form.toOn, first: form.first }) }, ...waits], about(form));
}

/** What the wishes become by a form; undefined for forms that are about something else. */
async function wishChange(form: Form): Promise<Change | undefined> {
  switch (form.intent) {
    case "lock":
      return wishInstead(
        [
          {
            child: form.child,
            activity: form.activity,
            rung: form.rung,
            kind: "lock",
            on: form.first,
            ...heldFor(form),
          },
        ],
        lockOn(form),
      );
    case "unlock":
      return wishInstead([], lockOn(form));
    case "not-now":
      return wishInstead(
        [
          {
            child: form.child,
            activity: form.activity,
            kind: "not-until",
            on: form.first,
            until: addDays(form.on, NOT_NOW_DAYS),
          },
        ],
        about(form),
      );
    case "never":
      return wishInstead(
        [{ child: form.child, activity: form.activity, kind: "never", on: form.first }],
        about(form),
      );
    case "soon":
      return wishInstead(
        [{ child: form.child, activity: form.activity, kind: "soon", on: form.on }],
        about(form),
      );
    case "swap":
      return wishInstead(
        [
          { child: form.child, activity: form.activity, kind: "not-until", on: form.first, until: form.on },
          {
            child: form.child,
            activity: form.inActivity,
            rung: form.inRung,
            kind: "lock",
            on: form.first,
            ...heldFor(form),
          },
        ],
        (old) => about(form)(old) || lockOn({ child: form.child, activity: form.inActivity })(old),
      );
    default:
      return undefined;
  }
}

/** Back to the plan, with the change to be undone where there is one; a tray that stays is left open. */
function backToPlan(request: Request, change?: Change, stays = false) {
  const search = new URL(request.url).searchParams;
  for (const key of ["else", "undo", "why", ...(stays ? [] : ["tray"])]) search.delete(key);
  if (change) search.set("undo", changeText(change));
  return redirect(`/plan?${search}`);
}

async function setFocus(request: Request, form: Extract<Form, { intent: "focus" }>) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const meant = focusFrom(form.on, { areas: AREA_NAMES, catalogue: await loadCatalogue() });
  const focus = meant && Focus.parse({ ...meant, until: form.until });
  await changeRow("household", home.household.id, { focus });
  return { problems: [] };
}

/** Does one change of the Plan screen; the next proposal follows it. */
export async function changePlan(request: Request): Promise<{ problems: Problem[] }> {
  const data = await request.formData();
  const parsed = PlanForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  const change = await wishChange(form);
  const stays = form.intent === "lock" || form.intent === "unlock";
  if (change) throw backToPlan(request, change, stays);
  switch (form.intent) {
    case "move": {
      const home = await readHome(request);
      if (!home) throw redirect("/start");
      const moved = await move(home, form);
      if (typeof moved === "string") return fault("toPlace", moved);
      throw backToPlan(request, moved);
    }
    case "undo":
      await takeBack(changeFrom(form.change));
      throw backToPlan(request);
    case "take-back":
      await removeRow("wishes", form.wish);
      return { problems: [] };
    case "undo-accept":
      await undoAccept(form.rotation);
      return { problems: [] };
    case "reopen":
      await reopenRotation(form.rotation);
      return { problems: [] };
    case "limits":
      return { problems: await setLimits(data) };
    case "focus":
      return setFocus(request, form);
    case "seen":
      await addRow("skillNotes", {
        child: form.child,
        skill: form.skill,
        on: form.on,
        seen: form.seen === "yes",
      });
      return { problems: [] };
    case "accept":
      return accept(request, form);
    default:
      // The other forms are about wishes, and were dealt with above.
      return { problems: [] };
  }
}
