import type { PlainDate, Tables } from "../../core/model";
import type { Plan, Swap } from "../../core/planner";
import { withPlanner } from "../../workers/plannerClient";

/** Tells two states of the data apart: how many rows each table has, and when one was last changed. */
const signatureOf = (tables: Tables): string =>
  Object.values(tables)
    .map((rows: readonly { updatedAt: string }[]) => {
      const newest =
        rows
          .map((row) => row.updatedAt)
          .sort()
          .at(-1) ?? "";
      return `${rows.length} ${newest}`;
    })
    .join(" ");

/** Remembers the last answer by its question, so that opening a tray does not plan anew. Failures are forgotten. */
function remembered<T>() {
  let last: { key: string; answer: Promise<T> } | undefined;
  return (key: string, ask: () => Promise<T>): Promise<T> => {
    if (last?.key === key) return last.answer;
    const answer = ask();
    last = { key, answer };
    answer.catch(() => {
      if (last?.answer === answer) last = undefined;
    });
    return answer;
  };
}

const plans = remembered<Plan>();
const swaps = remembered<Swap[]>();

export const proposalFor = (tables: Tables, from: PlainDate): Promise<Plan> =>
  plans(`${from} ${signatureOf(tables)}`, () => withPlanner((service) => service.plan(tables, from)));

/** Ranked alternatives for one proposed tray. */
export const alternativesFor = (
  tables: Tables,
  from: PlainDate,
  out: { child: string; activity: string },
): Promise<Swap[]> =>
  swaps(`${from} ${out.child} ${out.activity} ${signatureOf(tables)}`, () =>
    withPlanner((service) => service.swaps(tables, from, out)),
  );
