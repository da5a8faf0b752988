import { ALLERGEN_GROUPS, notUnderstood } from "../core/safety";

/** The groups that food labels name and a few more, to choose from; other words may be written as well. */
export const ALLERGY_NAMES: readonly string[] = ALLERGEN_GROUPS.map((group) => group.name);

/** Says of a written allergy that it is kept, but blocks nothing, and asks for another word. */
export function NotUnderstood({ allergies }: { allergies: readonly string[] }) {
  const unknown = notUnderstood(allergies);
  if (unknown.length === 0) return null;
  return (
    <p className="fault" role="status">
      Not understood: {unknown.join(", ")}. It is kept, but nothing is blocked by it. Is it one of the groups
      in the list? Otherwise look at each tray yourself.
    </p>
  );
}
