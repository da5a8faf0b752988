import { z } from "zod";

/** What was seen besides, each a tap: it tells which way to go on. */
export const SIGNS = [
  "moved-about",
  "one-thing",
  "pretended",
  "shunned",
  "knew-it",
  "wanted-on",
  "new-use",
  "sibling",
  "helper-hand",
  "crossed-middle",
  "wrist-turned",
  "pressed-hard",
  "on-tummy",
  "kneeling",
  "standing",
] as const;
export const Sign = z.enum(SIGNS);
export type Sign = z.infer<typeof Sign>;

/** Of these, how the hands worked together and how the child held itself. */
export const BODY_SIGNS = [
  "helper-hand",
  "crossed-middle",
  "wrist-turned",
  "pressed-hard",
  "on-tummy",
  "kneeling",
  "standing",
] as const satisfies readonly Sign[];
const BODY: ReadonlySet<Sign> = new Set(BODY_SIGNS);
export const isBodySign = (sign: Sign): boolean => BODY.has(sign);
