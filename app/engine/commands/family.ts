import { z } from "zod";
import { ChildId, type Issue, PlaceId, type Result } from "../../core/model";
import type { Home } from "../store/home";
import { planForChild } from "./household";
import { addUsualPlace, removeUsualPlace, UsualPlace } from "./places";

/** The changes that a screen offers where something is lacking: whom the shelf is for, and where things can stand. */
export const FamilyInput = z.discriminatedUnion("intent", [
  z.object({ intent: z.literal("plan-for"), child: ChildId, planFor: z.boolean() }),
  z.object({ intent: z.literal("add-place"), place: UsualPlace }),
  z.object({ intent: z.literal("remove-place"), id: PlaceId }),
]);
export type FamilyInput = z.infer<typeof FamilyInput>;

/** The answer tells what was changed, so that it can be taken back. */
export interface FamilyAnswer {
  issues: Issue[];
  /** A child for whom it was just said whether trays are planned. */
  planned?: { child: ChildId; planFor: boolean };
  /** A place that was just added. */
  added?: { id: string; place: UsualPlace };
}

const answerOf = <T>(result: Result<T>, done: (value: T) => Omit<FamilyAnswer, "issues">): FamilyAnswer =>
  result.ok ? { issues: [], ...done(result.value) } : { issues: result.issues };

const NO_PLACE: Issue = {
  code: "no-row",
  path: "id",
  message: "That place is not there any more. Reload the page.",
};

/** Changes whom the shelf is for, or where things can stand. */
export async function changeFamily(home: Home, input: FamilyInput): Promise<FamilyAnswer> {
  switch (input.intent) {
    case "plan-for":
      return answerOf(await planForChild(home, input.child, input.planFor), () => ({ planned: input }));
    case "add-place": {
      const { place } = input;
      return answerOf(await addUsualPlace(home, place), (id) => ({ added: { id, place } }));
    }
    case "remove-place":
      return (await removeUsualPlace(home, input.id)) ? { issues: [] } : { issues: [NO_PLACE] };
  }
}
