import type { Child } from "../model";
import type { OfferContext } from "../safety";
import { type Situation, supplyOf } from "./situation";

/** For these children, in the rotation that is looked at, out of what is in the home: nothing is bought for it. */
export const offerContext = (s: Situation, users: readonly Child[]): OfferContext => ({
  users,
  people: s.people,
  supply: { ...supplyOf(s), cents: 0 },
  from: s.on,
  to: s.to,
});
