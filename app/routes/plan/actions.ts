import { redirect } from "react-router";
import { z } from "zod";
import { addDays, Id, PlainDate, problemsOf } from "../../core/model";
import { database } from "../../data/db";
import { readHome } from "../../data/household";
import { setLimits } from "../../data/limits";
import { acceptPlan, undoAccept } from "../../data/rotations";
import { addRow, removeRow } from "../../data/rows";
import { withPlanner } from "../../workers/plannerClient";

const tray = { child: Id, activity: Id, rung: Id, on: PlainDate };
const PlanForm = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("lock"), ...tray }),
  z.object({ intent: z.literal("unlock"), child: Id, activity: Id }),
  z.object({ intent: z.literal("not-now"), ...tray }),
  z.object({ intent: z.literal("never"), ...tray }),
  z.object({ intent: z.literal("swap"), ...tray, inActivity: Id, inRung: Id }),
  z.object({ intent: z.literal("take-back"), wish: Id }),
  z.object({ intent: z.literal("undo-accept"), rotation: Id }),
  z.object({ intent: z.literal("limits") }).loose(),
  z.object({ intent: z.literal("accept"), from: PlainDate, planned: PlainDate }),
]);

/** How long "not now" keeps an activity away: a month. */
const NOT_NOW_DAYS = 30;

async function unlock(child: string, activity: string) {
  const locks = (await database().rows("wishes").toArray()).filter(
    (wish) => wish.kind === "lock" && wish.child === child && wish.activity === activity && !wish.deletedAt,
  );
  for (const lock of locks) await removeRow("wishes", lock.id);
}

async function accept(request: Request, form: { from: PlainDate; planned: PlainDate }) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  if (home.ahead > 0)
    return { problems: [{ path: "from", message: "This is a preview. Go back to today to accept a plan." }] };
  const site = home.household.sites[0]?.id ?? "home";
  const before = home.tables.rotations.filter(
    (row) => row.site === site && row.to === undefined && row.from > form.from,
  )[0];
  if (before) {
    return {
      problems: [
        {
          path: "from",
          message: `A rotation stands from ${before.from} already. Choose a later day, or undo that one first.`,
        },
      ],
    };
  }
  // Planned anew from what is stored, so that what is accepted is never older than the data.
  const plan = await withPlanner((service) => service.plan(home.tables, form.planned));
  const rotation = await acceptPlan(plan, site, form.from);
  throw redirect(form.from <= home.today ? `/?accepted=${rotation}` : "/plan");
}

/** Does one change of the Plan screen; the next proposal follows it. */
export async function changePlan(request: Request) {
  const data = await request.formData();
  const parsed = PlanForm.safeParse(Object.fromEntries(data));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  switch (form.intent) {
    case "lock":
      await addRow("wishes", {
        child: form.child,
        activity: form.activity,
        rung: form.rung,
        kind: "lock",
        on: form.on,
      });
      return { problems: [] };
    case "unlock":
      await unlock(form.child, form.activity);
      return { problems: [] };
    case "not-now":
      await unlock(form.child, form.activity);
      await addRow("wishes", {
        child: form.child,
        activity: form.activity,
        kind: "not-until",
        on: form.on,
        until: addDays(form.on, NOT_NOW_DAYS),
      });
      break;
    case "never":
      await unlock(form.child, form.activity);
      await addRow("wishes", { child: form.child, activity: form.activity, kind: "never", on: form.on });
      break;
    case "swap":
      await unlock(form.child, form.activity);
      await addRow("wishes", {
        child: form.child,
        activity: form.activity,
        kind: "not-until",
        on: form.on,
        until: form.on,
      });
      await addRow("wishes", {
        child: form.child,
        activity: form.inActivity,
        rung: form.inRung,
        kind: "lock",
        on: form.on,
      });
      break;
    case "take-back":
      await removeRow("wishes", form.wish);
      return { problems: [] };
    case "undo-accept":
      await undoAccept(form.rotation);
      return { problems: [] };
    case "limits":
      return { problems: await setLimits(data) };
    case "accept":
      return accept(request, form);
  }
  const search = new URL(request.url).searchParams;
  search.delete("tray");
  search.delete("else");
  throw redirect(`/plan?${search}`);
}
