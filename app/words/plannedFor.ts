import { leftOutOn, outgrownOn } from "../core/household/planned";
import type { Child, PlainDate } from "../core/model";
import { beyondText } from "./ages";

/** Who is not planned for on a day, and why, as screens tell it. */
export const plannedForView = (children: readonly Child[], on: PlainDate) => ({
  leftOut: leftOutOn(children, on).map(({ id, name }) => ({ id, name })),
  outgrown: outgrownOn(children, on).flatMap((child) => beyondText(child.name, child, on) ?? []),
  /** A sentence for every child who is older than all activities, planned for or not. */
  beyond: children.flatMap((child) => beyondText(child.name, child, on) ?? []),
  names: new Map<string, string>(children.map(({ id, name }) => [id, name])),
});
