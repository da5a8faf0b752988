import { pushTo } from "../collections";
import { isCounted, isFromTap, type Mixed } from "../materials";
import type { Holding, Material } from "../model";
import type { PrepLine, PrepTask } from "./lines";

/** Something that what is mixed needs, and that is not known to be there. */
export interface MissingPart {
  name: string;
  unit: Mixed["parts"][number]["unit"];
  /** What all that is mixed needs of it. */
  quantity: number;
  /** What of it is in the cupboard; absent where it is no thing of the cupboard (cooking oil, sugar). */
  have?: number;
  /** The names of what it is for. */
  mixes: string[];
}

type MixLine = PrepLine & { task: Extract<PrepTask, { task: "mix" }> };
const isMix = (line: PrepLine): line is MixLine => line.task.task === "mix";

/** What is to be mixed for a shelf asks for these, beside what is enough in the cupboard; by name. */
export function missingParts(
  lines: readonly PrepLine[],
  holdings: readonly Pick<Holding, "material" | "quantity">[],
  materials: ReadonlyMap<string, Material>,
): MissingPart[] {
  const wanted = new Map<string, { part: Mixed["parts"][number]; quantity: number; mix: string }[]>();
  for (const { task, times = 1 } of lines.filter(isMix)) {
    for (const part of task.mixed.parts) {
      if (isFromTap(part.material)) continue;
      pushTo(wanted, `${part.name} ${part.unit}`, { part, quantity: part.quantity * times, mix: task.thing });
    }
  }
  return [...wanted.values()]
    .flatMap((uses): MissingPart[] => {
      const [first] = uses;
      if (!first) return [];
      const { name, unit } = first.part;
      const quantity = uses.reduce((sum, one) => sum + one.quantity, 0);
      const there = holdings.filter((one) => one.material === first.part.material);
      const have = isCounted(first.part, materials)
        ? there.reduce((sum, one) => sum + one.quantity, 0)
        : undefined;
      if (have !== undefined && have >= quantity) return [];
      return [
        {
          ...{ name, unit, quantity, mixes: [...new Set(uses.map((one) => one.mix))] },
          ...(have === undefined ? {} : { have }),
        },
      ];
    })
    .sort((a, b) => a.name.localeCompare(b.name));
}
