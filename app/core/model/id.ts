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

declare const KIND: unique symbol;

/**
 * An id of one kind of thing. Only a schema of this file makes one: a bare text is none, and the id of one kind is never
 * taken for that of another. A tray's id in the place of a place's is a fault that the compiler names.
 */
export type IdOf<Kind extends string> = string & { readonly [KIND]: Kind };

// Only the type is narrower: the grammar is one.
const idOf = <Kind extends string>(schema: z.ZodType<string>) =>
  schema as unknown as z.ZodType<IdOf<Kind>, string>;

/** The id of an activity: it stands in the address of its page. */
export const ActivityId = idOf<"activity">(
  Id.refine((id) => !PAGES.has(id), "an id that is no page of the app: choose another"),
);
export type ActivityId = IdOf<"activity">;
export const ChildId = idOf<"child">(Id);
export type ChildId = IdOf<"child">;
export const DangerId = idOf<"danger">(Id);
export type DangerId = IdOf<"danger">;
export const HoldingId = idOf<"holding">(Id);
export type HoldingId = IdOf<"holding">;
export const MaterialId = idOf<"material">(Id);
export type MaterialId = IdOf<"material">;
export const MomentId = idOf<"moment">(Id);
export type MomentId = IdOf<"moment">;
export const NeedId = idOf<"need">(Id);
export type NeedId = IdOf<"need">;
export const ObservationId = idOf<"observation">(Id);
export type ObservationId = IdOf<"observation">;
export const PlaceId = idOf<"place">(Id);
export type PlaceId = IdOf<"place">;
export const RotationId = idOf<"rotation">(Id);
export type RotationId = IdOf<"rotation">;
export const RungId = idOf<"rung">(Id);
export type RungId = IdOf<"rung">;
export const SiteId = idOf<"site">(Id);
export type SiteId = IdOf<"site">;
export const SkillId = idOf<"skill">(Id);
export type SkillId = IdOf<"skill">;
export const TrayId = idOf<"tray">(Id);
export type TrayId = IdOf<"tray">;
export const WishId = idOf<"wish">(Id);
export type WishId = IdOf<"wish">;

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
