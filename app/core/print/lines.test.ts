import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { boundsOf } from "../draw";
import { pictureSteps } from "./home";
import { wrapped } from "./lines";
import { areaOf, PAPER_IDS } from "./paper";
import { wordsBeyond } from "./testing/wordsBeyond";
import { textWidthMm } from "./textWidth";

describe("words in lines", () => {
  it("are no wider than asked, lose no letter, and are cut with an ellipsis", () => {
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom("a", "WWW", "illicit", "unbelievably-long-compound-word", "noodle", "é"), {
          maxLength: 30,
        }),
        fc.double({ min: 12, max: 180, noNaN: true }),
        fc.double({ min: 2, max: 8, noNaN: true }),
        fc.boolean(),
        (list, widthMm, sizeMm, bold) => {
          const lines = wrapped(list.join(" "), { widthMm, sizeMm, bold });
          for (const line of lines) expect(textWidthMm(line, sizeMm, bold)).toBeLessThanOrEqual(widthMm);
          expect(lines.join("").replaceAll(" ", "")).toBe(list.join(""));
          const short = wrapped(list.join(" "), { widthMm, sizeMm, bold }, 2);
          expect(short.length).toBeLessThanOrEqual(2);
          for (const line of short) expect(textWidthMm(line, sizeMm, bold)).toBeLessThanOrEqual(widthMm);
          if (lines.length > 2) expect(short.at(-1)?.endsWith("…")).toBe(true);
        },
      ),
    );
  });

  it("of every recipe and making end above the foot of the page, on both papers", () => {
    const long = "A fairly long sentence about what is done with all of it, and then once more. ".trim();
    for (const paper of PAPER_IDS)
      for (const [parts, steps] of [
        [1, 1],
        [7, 9],
        [12, 14],
        [30, 60],
      ] as const) {
        const { pages } = pictureSteps(
          "A title that is far too long for one line of a page of this size",
          Array.from({ length: parts }, (_, i) => ({ text: `${i} ml of something with a long name` })),
          Array.from({ length: steps }, () => long),
          paper,
        );
        for (const marks of pages) expect(wordsBeyond(marks, paper)).toEqual([]);
        const area = areaOf(paper);
        for (const marks of pages.filter((page) => page.some((mark) => mark.kind === "path")))
          expect(boundsOf(marks)[3]).toBeLessThanOrEqual(area.y + area.heightMm + 0.01);
        const said = pages.flat().flatMap((mark) => (mark.kind === "text" ? mark.text.split(" ") : []));
        expect(said.filter((word) => word === "sentence")).toHaveLength(steps);
      }
  });
});
