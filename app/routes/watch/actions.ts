import { redirect } from "react-router";
import { z } from "zod";
import { Grasp, Id, Observation, type Problem, problemsOf, WatchTap } from "../../core/model";
import { database } from "../../data/db";
import { readHome } from "../../data/household";
import { insertOfDay } from "../../data/inserts";
import { beginWatch, dropWatch, markWatch, noteWatch, tapWatch, undoTap } from "../../data/watches";

/** The instant of a tap, in milliseconds since 1970. */
const at = z.coerce.number().int().positive();
const WatchForm = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("begin"), tray: Id, at }),
  z.object({ intent: z.literal("tap"), tray: Id, tap: WatchTap, at }),
  z.object({ intent: z.literal("hand"), tray: Id, hand: Observation.shape.hand.unwrap() }),
  z.object({ intent: z.literal("grasp"), tray: Id, grasp: Grasp }),
  z.object({ intent: z.literal("undo"), tray: Id }),
  z.object({ intent: z.literal("drop"), tray: Id }),
  z.object({ intent: z.literal("done"), tray: Id, at }),
]);

/** Does one change of the Watch screen; every tap is stored at once. */
export async function changeWatch(request: Request): Promise<{ problems: Problem[] }> {
  const parsed = WatchForm.safeParse(Object.fromEntries(await request.formData()));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  switch (form.intent) {
    case "begin":
      await beginWatch(form.tray, form.at);
      break;
    case "tap":
      await tapWatch(form.tray, form.tap, form.at);
      break;
    case "hand":
      await markWatch(form.tray, { hand: form.hand });
      break;
    case "grasp":
      await markWatch(form.tray, { grasp: form.grasp });
      break;
    case "undo":
      await undoTap(form.tray);
      break;
    case "drop":
      await dropWatch(form.tray);
      throw redirect(`/?tray=${form.tray}`);
    case "done": {
      const home = await readHome(request);
      const tray = await database().rows("trays").get(form.tray);
      const insert = home && tray && (await insertOfDay(request, tray, home.today));
      const note = home && tray && (await noteWatch(tray, home.today, form.at, insert));
      const others = new URL(request.url).searchParams.getAll("tray").filter((id) => id !== form.tray);
      if (others.length > 0) throw redirect(`/watch?${others.map((id) => `tray=${id}`).join("&")}`);
      throw redirect(`/?tray=${form.tray}${note ? `&note=${note}` : ""}`);
    }
  }
  return { problems: [] };
}
