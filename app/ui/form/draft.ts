import type { JsonObject } from "../fields";

const keyOf = (name: string) => `orto-draft-${name}`;

/** What was typed into a form and not sent yet; nothing where the browser keeps nothing. */
export function draftOf(name: string | undefined): JsonObject | undefined {
  if (!name) return undefined;
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(name)) ?? "null");
    return typeof kept === "object" && kept !== null ? (kept as JsonObject) : undefined;
  } catch {
    return undefined;
  }
}

/** Keeps what is typed, so that a reload takes nothing away. */
export function keepDraft(name: string, values: object): void {
  try {
    localStorage.setItem(keyOf(name), JSON.stringify(values));
  } catch {
    // A full or closed store: the form itself still holds what was typed.
  }
}

/** What was typed is stored, or not wanted any more. */
export function forgetDraft(name: string): void {
  try {
    localStorage.removeItem(keyOf(name));
  } catch {
    // Nothing is kept there then.
  }
}
