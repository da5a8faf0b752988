import type { Situation } from "../../core/household";
import type { Child, ChildId } from "../../core/model";

/** The child that is named, or else the eldest, for whom the shelf most often is. */
export const chosenChild = ({ planned }: Situation, named: ChildId | undefined): Child | undefined =>
  planned.find((one) => one.id === named) ?? planned[0];
