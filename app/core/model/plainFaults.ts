import { z } from "zod";

const KINDS: Record<string, string> = {
  string: "a text",
  number: "a number",
  int: "a whole number",
  boolean: "yes or no",
  array: "a list",
  object: "an object",
};

/** What the validator says where a schema has no words of its own: short, and in the same words everywhere. */
export const plainFault: z.core.$ZodErrorMap = (issue) => {
  switch (issue.code) {
    case "invalid_type":
      return issue.input === undefined ? "is missing" : (KINDS[issue.expected] ?? issue.expected);
    case "too_small":
      if (issue.origin === "string")
        return Number(issue.minimum) <= 1 ? "is empty" : `at least ${issue.minimum} characters`;
      if (issue.origin === "array") return `at least ${issue.minimum} of them`;
      return issue.inclusive === false ? `more than ${issue.minimum}` : `at least ${issue.minimum}`;
    case "too_big":
      if (issue.origin === "string") return `at most ${issue.maximum} characters`;
      if (issue.origin === "array") return `at most ${issue.maximum} of them`;
      return issue.inclusive === false ? `less than ${issue.maximum}` : `at most ${issue.maximum}`;
    case "invalid_value":
      return `one of: ${issue.values.map(String).join(", ")}`;
    case "unrecognized_keys":
      return `not known here: ${issue.keys.join(", ")}`;
    case "not_multiple_of":
      return `a multiple of ${issue.divisor}`;
    case "invalid_format":
      return "is not in the form that is asked for";
    default:
      return undefined;
  }
};

z.config({ customError: plainFault });
