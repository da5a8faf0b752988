import type { ZodType } from "zod";
import { Making, type Makings } from "../../app/core/model";
import { ContentFault, sentencesOf } from "./short";
import { onlyKnown, parsed, type Row, yamlOf } from "./yaml";

/** "slot in the lid" → what is cut, for which thing, by which of its measures. */
function cutsOf(row: unknown, at: string) {
  return Object.entries((row ?? {}) as Record<string, Row>).map(([what, { for: piece, ...sizes }]) => ({
    what,
    for: piece,
    sizes: Object.entries(sizes).map(([is, text]) => {
      const [of, plusMm] = String(text).split(/\s+/);
      if (!of || !Number.isFinite(Number(plusMm)))
        throw new ContentFault(at, `"${text}" is not a measure and what it is larger by, as "thick 10"`);
      return { is, of, plusMm: Number(plusMm) };
    }),
  }));
}

/** How things are made at home, by the material. */
export function makingsOf(folder: string): Makings {
  const rows = yamlOf("makings.yaml", folder) as Record<string, Row>;
  return Object.fromEntries(
    Object.entries(rows).map(([id, row]) => {
      const at = `makings.yaml: ${id}`;
      onlyKnown(row, "from tools cuts steps test minutes dry near keeps", at);
      const { from, tools, test, minutes, near, keeps } = row;
      const making = {
        from,
        tools,
        cuts: cutsOf(row.cuts, `${at}/cuts`),
        steps: sentencesOf(row.steps),
        test,
        minutes,
        dryHours: row.dry ?? 0,
        near,
        keeps: String(keeps),
      };
      return [id, parsed(Making as ZodType<Making>, making, at)];
    }),
  );
}
