type JsonObject = Readonly<Record<string, unknown>>;

const keyOf = (name: string) => `orto-draft-${name}`;

/** The kind of a value as far as a form can tell one from another. */
const kindOf = (value: unknown) =>
  Array.isArray(value) ? "list" : value === null ? "nothing" : typeof value;

/**
 * The unsent values of a form; undefined if the browser keeps nothing. A form that was kept by another
 * version of the app may have other fields: those that are not of the form's own kind are left out.
 * @param initial The fields of the form as it is opened.
 */
export function draftOf(name: string | undefined, initial: object): JsonObject | undefined {
  if (!name) return undefined;
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(keyOf(name)) ?? "null");
    if (typeof kept !== "object" || kept === null) return undefined;
    const own = Object.entries(kept).filter(([field, value]) => {
      const usual = (initial as JsonObject)[field];
      return field in initial && (usual === null || kindOf(value) === kindOf(usual));
    });
    return own.length > 0 ? (Object.fromEntries(own) as JsonObject) : undefined;
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
