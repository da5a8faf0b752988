import { z } from "zod";
import { Id, type Place, PlainDate, type Problem, problemsOf } from "../../core/model";
import { whileAsleep } from "../../core/safety";
import { readHome } from "../../data/household";
import { addRow, changeRow, storeRow } from "../../data/rows";
import { answered } from "../../ui/answered";

const CareForm = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("caution-read"), rule: z.string().min(1).max(400), on: PlainDate }),
  z.object({ intent: z.literal("while-asleep"), place: Id, asleep: z.string().min(1).max(400) }),
  z.object({
    intent: z.literal("worry"),
    child: Id,
    words: z.string().trim().max(500, "At most 500 characters."),
  }),
  z.object({ intent: z.literal("worry-over"), worry: Id }),
  z.object({ intent: z.literal("skill-back"), child: Id, skill: Id }),
]);

/** The same place as another one: free for what is only safe while these children sleep. */
async function addQuietPlace(request: Request, placeId: string, asleep: readonly string[]) {
  const home = await readHome(request);
  const place = home?.tables.places.find((one) => one.id === placeId);
  if (!home || !place) return;
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
  if (home.tables.places.some(isIt)) return;
  const { id: _, createdAt: __, updatedAt: ___, ...fields } = quiet;
  const when = `while ${names.join(" and ")} ${names.length > 1 ? "sleep" : "sleeps"}`;
  await addRow("places", {
    ...fields,
    name: `${place.name}, ${when}`.slice(0, 60),
  });
}

/** Does one change that has to do with care: cautions read, a place for quiet hours, worries. */
async function changeCare(request: Request): Promise<{ problems: Problem[] }> {
  const parsed = CareForm.safeParse(Object.fromEntries(await request.formData()));
  if (!parsed.success) return { problems: problemsOf(parsed.error) };
  const form = parsed.data;
  switch (form.intent) {
    case "caution-read":
      for (const rule of form.rule.split(" ")) {
        await storeRow("cautionsRead", `read-${rule}`, (before) => before ?? { rule, on: form.on });
      }
      break;
    case "while-asleep":
      await addQuietPlace(request, form.place, form.asleep.split(" "));
      break;
    case "worry": {
      const home = await readHome(request);
      if (home)
        await addRow("worries", {
          child: form.child,
          on: home.today,
          words: form.words === "" ? undefined : form.words,
        });
      break;
    }
    case "worry-over": {
      const home = await readHome(request);
      if (home) await changeRow("worries", form.worry, { closedOn: home.today });
      break;
    }
    case "skill-back": {
      const home = await readHome(request);
      if (home)
        await addRow("skillNotes", { child: form.child, skill: form.skill, on: home.today, seen: true });
      break;
    }
  }
  return { problems: [] };
}

export const clientAction = async ({ request }: { request: Request }) => answered(await changeCare(request));
