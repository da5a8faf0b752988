import { redirect } from "react-router";
import { z } from "zod";
import { loadCatalogue } from "../../catalogue";
import { catalogueOf } from "../../core/household";
import { Id, type Problem, problemsOf } from "../../core/model";

import { readHome } from "../../data/household";
import { dropMade, keepMade, markPrepared, putBack, tick, unmarkPrepared } from "../../data/prep";
import { prepareView } from "./prepareView";

const PrepareForm = z.discriminatedUnion("intent", [
  z.object({
    intent: z.literal("tick"),
    rotation: Id,
    line: z.string().min(1).max(300),
    done: z.enum(["yes", "no"]),
  }),
  z.object({ intent: z.literal("prepared"), rotation: Id }),
  z.object({ intent: z.enum(["keep-made", "drop-made"]), rotation: Id, tray: Id, material: Id }),
  z.object({ intent: z.literal("not-prepared"), rotation: Id }),
  z.object({
    intent: z.literal("put-back"),
    rotation: Id,
    holding: Id,
    missing: z.coerce
      .number("How many are missing is a number.")
      .min(0, "0 or more are missing.")
      .max(10_000, "At most 10 000."),
    worn: z.literal("yes").optional(),
  }),
]);

/** Does one change of the Prepare screen. */
export async function changePrepare(request: Request): Promise<{ problems: Problem[] }> {
  const parsed = PrepareForm.safeParse(Object.fromEntries(await request.formData()));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const form = parsed.data;
  const view = prepareView(home, catalogueOf(await loadCatalogue(), home.tables));
  if (view?.rotation.id !== form.rotation) {
    const message = "Another rotation is to be prepared by now. Look again.";
    return { problems: [{ code: "other-rotation", path: "rotation", message }] };
  }
  switch (form.intent) {
    case "tick":
      await tick(form.rotation, form.line, form.done === "yes");
      break;
    case "prepared":
      await markPrepared(form.rotation, view.trays, view.known.materials);
      break;
    case "not-prepared":
      await unmarkPrepared(form.rotation, view.trays, view.known.materials);
      break;
    case "keep-made": {
      const made = view.made.find((one) => one.tray.id === form.tray && one.material.id === form.material);
      if (made) {
        const { quantity } = made;
        await keepMade(form.rotation, view.site, { tray: form.tray, material: form.material, quantity });
      }
      break;
    }
    case "drop-made":
      await dropMade(form.rotation, form.tray, form.material);
      break;
    case "put-back": {
      const holding = view.known.holdings.get(form.holding);
      if (holding) {
        const worn = form.worn && (holding.worn ?? home.today);
        await putBack(form.rotation, holding.id, form.missing, worn);
      }
      break;
    }
  }
  return { problems: [] };
}
