import type { PlainDate, Rung, Wish } from "../model";

/** The wish by which a rung is not to come on a day: never, or not until later; the wishes are those about its activity. */
export const refusalOf = (wishes: readonly Wish[], rung: Pick<Rung, "id">, on: PlainDate): Wish | undefined =>
  wishes.find(
    (wish) =>
      (wish.kind === "never" ||
        (wish.kind === "not-until" && (wish.until === undefined || wish.until >= on))) &&
      (wish.rung === undefined || wish.rung === rung.id),
  );
