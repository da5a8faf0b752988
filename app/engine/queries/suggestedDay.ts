import { z } from "zod";
import { MOST_TURNS, suggestDay } from "../../core/day";
import { DayKind } from "../../core/model";
import { query } from "./query";

const Parameters = z.object({
  kind: DayKind,
  /** The number of times that others were asked for. */
  turn: z.coerce.number().int().min(0).max(MOST_TURNS).catch(0),
});

/** A day of what is there: for a rainy, an ill or a quiet one. */
export const suggestedDay = query(Parameters, (home, { kind, turn }) => {
  const { situation, tables, household, on, ahead } = home;
  const whereOf = (material: string) =>
    tables.holdings.find((one) => one.material === material && one.site === situation.site)?.where;
  return {
    kind,
    turn,
    several: situation.planned.length > 1,
    units: household.units,
    preview: ahead > 0,
    uses: suggestDay(situation, tables, on, kind, turn).map((use) => ({
      ...use,
      things: use.things.map(({ material, need }) => ({
        material,
        quantity: need.quantity,
        where: whereOf(material.id),
      })),
    })),
  };
});
