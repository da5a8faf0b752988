import { cutSizes } from "../core/making";
import type { Cut, Making, Material } from "../core/model";
import { lengthText, sizeText, type Units } from "../core/units";

const NEAR: Record<Making["near"], string> = {
  alone: "Made by you alone, with the child elsewhere.",
  watches: "A child may watch from the other side of the table.",
  helps: "A child may help with what isn't sharp or hot.",
};

export const nearText = ({ near }: Pick<Making, "near">): string => NEAR[near];

/** "12 min, then 24 h to dry" */
export const makingTimeText = ({ minutes, dryHours }: Pick<Making, "minutes" | "dryHours">): string =>
  `${minutes} min${dryHours > 0 ? `, then ${dryHours} h to dry` : ""}`;

/** "slot in the lid: 76 mm long, 14 mm wide, for stiff card disc (62 × 4 mm)": nothing where the piece has no size. */
export function cutText(cut: Cut, piece: Material | undefined, units: Units): string | undefined {
  if (!piece?.piece) return undefined;
  const sizes = cutSizes(cut, piece.piece).map(({ is, mm }) => `${lengthText(mm, units)} ${is}`);
  return `${cut.what}: ${sizes.join(", ")}, for ${piece.name} (${sizeText(piece.piece, units)})`;
}
