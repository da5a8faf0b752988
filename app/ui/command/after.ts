/** Stands in an address for what a command gives. It is made of letters and hyphens alone, so that no address changes it. */
export const ANSWER = "the-answer-of-the-command";

/**
 * The address that a command leads to. In place of `ANSWER` comes what the command gave: a text as it is, and anything else as JSON.
 * @param goTo For example `/sittings/the-answer-of-the-command`.
 */
export const addressAfter = (goTo: string, answer: unknown): string =>
  goTo.replace(ANSWER, () =>
    encodeURIComponent(typeof answer === "string" ? answer : JSON.stringify(answer)),
  );
