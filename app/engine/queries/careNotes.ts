import { activityOf, type Catalogue, type Child } from "../../core/model";
import type { Care } from "../../core/readiness";

export interface CareNote {
  care: Care;
  /** The name of the skill or activity, or the words of the worry. */
  about: string;
  childName: string;
}

/** The notes with the names of what they are about. */
export const careNotes = (
  cares: readonly Care[],
  catalogue: Catalogue,
  children: readonly Child[],
): CareNote[] =>
  cares.flatMap((care): CareNote[] => {
    const childName = children.find((one) => one.id === care.child)?.name;
    if (!childName) return [];
    if (care.kind === "worry")
      return [{ care, childName, about: care.worry.words ?? "Something worries you" }];
    if (care.kind === "skill") {
      const skill = catalogue.skills.find((one) => one.id === care.skill);
      return skill ? [{ care, childName, about: skill.name }] : [];
    }
    const activity = activityOf(catalogue, care.activity);
    return activity ? [{ care, childName, about: activity.name }] : [];
  });
