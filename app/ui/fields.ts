export type Json = string | number | boolean | null | undefined | readonly Json[] | JsonObject;
export interface JsonObject {
  readonly [key: string]: Json;
}

type Container = Record<string, unknown>;

/**
 * Sets a field by its name: `lines.0.material` is the material of the first of the lines. A name that comes again makes a
 * list.
 */
export function setField(into: Container, name: string, value: string): void {
  const steps = name.split(".");
  let at = into;
  for (const [i, step] of steps.slice(0, -1).entries()) {
    at[step] ??= /^\d+$/.test(steps[i + 1] ?? "") ? [] : {};
    at = at[step] as Container;
  }
  const last = steps.at(-1) ?? name;
  const before = at[last];
  if (before === undefined) at[last] = value;
  else at[last] = Array.isArray(before) ? [...before, value] : [before, value];
}

/** The fields of a form as plain data, the pressed button among them; files as their text, which takes a moment. */
export function fieldsOf(
  form: HTMLFormElement,
  submitter: HTMLElement | null,
): Container | Promise<Container> {
  const fields: Container = {};
  const entries = [...new FormData(form, submitter)];
  for (const [name, value] of entries) if (typeof value === "string") setField(fields, name, value);
  const files = entries.flatMap(([name, value]) => (value instanceof File ? [[name, value] as const] : []));
  if (files.length === 0) return fields;
  return Promise.all(files.map(async ([name, file]) => [name, await file.text()] as const)).then((texts) => {
    for (const [name, text] of texts) setField(fields, name, text);
    return fields;
  });
}

/** The fields that are other than they were: what was not given counts as empty. */
export const changedFields = (fields: JsonObject, before: JsonObject): JsonObject =>
  Object.fromEntries(
    Object.entries(fields).filter(
      ([name, value]) => !(name in before) || String(before[name] ?? "") !== value,
    ),
  );
