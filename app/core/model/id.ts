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

/**
 * An id of one kind of thing. A text that was checked by the grammar can be taken for it, but the id of one kind is never
 * taken for that of another: a tray's for a place's is a fault that the compiler names.
 */
export type IdOf<Kind extends string> = string & { readonly __kind?: Kind };

// Only the type is narrower: the grammar is one.
const idOf = <Kind extends string>(schema: z.ZodType<string>) =>
  schema as unknown as z.ZodType<IdOf<Kind>, string>;

/** The id of an activity: it stands in the address of its page. */
export const ActivityId = idOf<"activity">(
  Id.refine((id) => !PAGES.has(id), "an id that is no page of the app: choose another"),
);
export const ChildId = idOf<"child">(Id);
export const DangerId = idOf<"danger">(Id);
export const HoldingId = idOf<"holding">(Id);
export const MaterialId = idOf<"material">(Id);
export const MomentId = idOf<"moment">(Id);
export const NeedId = idOf<"need">(Id);
export const ObservationId = idOf<"observation">(Id);
export const PlaceId = idOf<"place">(Id);
export const RotationId = idOf<"rotation">(Id);
export const RungId = idOf<"rung">(Id);
export const SiteId = idOf<"site">(Id);
export const SkillId = idOf<"skill">(Id);
export const TrayId = idOf<"tray">(Id);
export const WishId = idOf<"wish">(Id);

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
