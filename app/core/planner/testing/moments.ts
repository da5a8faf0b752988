import { Moment, type Place, Routine, type Tables } from "../../model";
import { seeded } from "../../safety/testing/bruteGauge";

const stamp = { createdAt: "2026-01-01T00:00:00.000Z", updatedAt: "2026-01-01T00:00:00.000Z" };

/** The household with one to three moments, at hours that may overlap, at most of its places without boards. */
export function withMoments(tables: Tables, seed: number): Tables {
  const random = seeded(seed + 777);
  const int = (from: number, to: number) => from + Math.floor(random() * (to - from + 1));
  const pick = <T>(all: readonly T[]): T => all[int(0, all.length - 1)] as T;
  const some = (share: number) => tables.children.filter(() => random() < share).map((child) => child.id);
  const at = (place: Place, i: number) =>
    Moment.parse({
      ...stamp,
      id: `m-${place.id}-${i}`,
      place: place.id,
      routine: pick(Routine.options),
      at: `${String(int(8, 11)).padStart(2, "0")}:${pick(["00", "20", "45"])}`,
      minutes: pick([10, 20, 40, 90]),
      weekdays: pick([
        [1, 2, 3, 4, 5, 6, 7],
        [1, 2, 3, 4, 5, 6, 7],
        [1, 3, 5],
        [6, 7],
      ]),
      children: random() < 0.3 ? some(0.6) : [],
      asleep: random() < 0.3 ? some(0.4) : [],
      adultBeside: random() < 0.7,
    });
  const moments = tables.places
    .filter((place) => place.kind !== "bay" && random() < 0.8)
    .flatMap((place) => Array.from({ length: int(1, 3) }, (_, i) => at(place, i)));
  return { ...tables, moments };
}
