import type { Mark } from "../../draw";
import { areaOf, type Paper } from "../paper";
import { textWidthMm } from "../textWidth";

/** Words whose letters come out over the edge of what may be printed. */
export const wordsBeyond = (marks: readonly Mark[], paper: Paper): string[] => {
  const area = areaOf(paper);
  return marks.flatMap((mark) => {
    if (mark.kind !== "text") return [];
    const wide = textWidthMm(mark.text, mark.sizeMm, mark.bold);
    const left = mark.x - wide * { left: 0, middle: 0.5, right: 1 }[mark.align];
    const isWithin =
      left >= area.x - 0.01 &&
      left + wide <= area.x + area.widthMm + 0.01 &&
      mark.y - mark.sizeMm * 0.75 >= area.y - 0.01 &&
      mark.y + mark.sizeMm * 0.25 <= area.y + area.heightMm + 0.01;
    return isWithin ? [] : [mark.text];
  });
};
