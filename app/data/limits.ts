import { Limits, type Problem, problemsOf } from "../core/model";
import { database } from "./db";
import { changeRow } from "./rows";

/** Sets the limits that a form names; nonsense changes nothing and says what is wrong. */
export async function setLimits(form: FormData): Promise<Problem[]> {
  const household = (await database().rows("household").toArray()).find((row) => !row.deletedAt);
  if (!household) return [];
  const given = Object.keys(Limits.shape).flatMap((key) => {
    const value = form.get(key);
    return typeof value === "string"
      ? [[key, value.trim() === "" ? Number.NaN : Number(value)] as const]
      : [];
  });
  const parsed = Limits.safeParse({ ...household.limits, ...Object.fromEntries(given) });
  if (!parsed.success) return problemsOf(parsed.error);
  await changeRow("household", household.id, { limits: parsed.data });
  return [];
}
