import { data } from "react-router";
import type { Issue } from "../core/model";

/**
 * What a form gets to hear. With faults nothing was changed, so nothing is read again, and the form takes the next try
 * at once.
 */
export const actionResult = <T extends { issues: readonly Pick<Issue, "path" | "message">[] }>(answer: T) =>
  answer.issues.length > 0 ? data(answer, { status: 422 }) : answer;

/** Was an action only a look, which wrote nothing? Then nothing has to be read anew, and the next button works at once. */
export const isOnlyLook = (answer: unknown): boolean =>
  (answer as { isOnlyLook?: true } | undefined)?.isOnlyLook === true;

/**
 * Is what a form sent still being worked on? Not when its answer has faults and only other things are still being
 * read: then the button takes the next try.
 */
export const atWork = ({ state, data: answer }: { state: string; data?: { issues?: readonly unknown[] } }) =>
  state === "submitting" || (state === "loading" && !answer?.issues?.length);
