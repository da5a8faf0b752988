import type { Plan, Slot, Swap, WhatIf, WhyNot } from "../../core/planner";
import { withPlanner } from "../../workers/plannerClient";
import type { Asked, Look } from "../../workers/planService";
import { whilePlanning } from "./planning";

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
const answers = remembered<WhyNot>();
const gains = remembered<WhatIf[]>();
const looks = remembered<Look[]>();

const keyOf = ({ key, on, weeks, site }: Asked, more = "") => `${on} ${weeks} ${site} ${key} ${more}`;

export const proposalFor = (asked: Asked): Promise<Plan> =>
  plans(keyOf(asked), () => whilePlanning(withPlanner((service) => service.plan(asked))));

/** Ranked alternatives for one proposed tray, with the rest free to move or kept as it is. */
export const alternativesFor = (asked: Asked, out: Slot, keepRest: boolean): Promise<Swap[]> =>
  swaps(keyOf(asked, `${JSON.stringify(out)} ${keepRest}`), () =>
    withPlanner((service) => service.swaps(asked, out, keepRest)),
  );

/** Why something is not in a rotation. */
export const whyNotFor = (asked: Asked, slot: Slot): Promise<WhyNot> =>
  answers(keyOf(asked, JSON.stringify(slot)), () =>
    withPlanner(async (service): Promise<WhyNot> => await service.whyNot(asked, slot)),
  );

/** What the next rotation would gain by a little more. */
export const gainsFor = (asked: Asked): Promise<WhatIf[]> =>
  gains(keyOf(asked), () => withPlanner((service) => service.whatIf(asked)));

/** So many skills are asked about for each child. */
export const LOOKS = 2;

/** Skills that are worth a look before the plan is settled. */
export const looksFor = (asked: Asked) =>
  looks(keyOf(asked), () => withPlanner((service) => service.questions(asked, LOOKS)));
