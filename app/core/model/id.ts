import { z } from "zod";

/** Ids that would be taken for a part of every object in code. */
const RESERVED: ReadonlySet<string> = new Set(["constructor", "prototype"]);
/** Pages beside those of the activities, in whose addresses an activity's id stands. */
const PAGES: ReadonlySet<string> = new Set(["new", "sitting"]);

const GRAMMAR = /^[a-z0-9]+(?:-[a-z0-9]+)*$/;
const MOST = 80;

/** The one grammar of ids: lower-case letters and digits, in parts that single hyphens join; at most 80 characters. */
export const Id = z
  .string("an id")
  .min(1, "an id")
  .max(MOST, "an id of at most 80 characters")
  .regex(GRAMMAR, "an id of lower-case letters, digits and single hyphens, such as rings-on-a-rope")
  .refine((id) => !RESERVED.has(id), "an id that is no word of the app itself: choose another");

/** The id of an activity: it stands in the address of its page. */
export const ActivityId = Id.refine(
  (id) => !PAGES.has(id),
  "an id that is no page of the app: choose another",
);

/** The nearest id to a text, by the grammar; "x" where nothing of it can stand in one. */
export function idFrom(text: string): string {
  const parts = text
    .normalize("NFKD")
    .toLowerCase()
    .replace(/\p{M}+/gu, "")
    .split(/[^a-z0-9]+/)
    .filter(Boolean);
  const id =
    parts
      .join("-")
      .slice(0, MOST - 8)
      .replace(/-$/, "") || "x";
  return RESERVED.has(id) || PAGES.has(id) ? `${id}-1` : id;
}

export const isId = (text: string): boolean => Id.safeParse(text).success;
