import { database } from "../db";

/** Empties both households and forgets which one is shown. */
export async function emptyBrowser(): Promise<void> {
  localStorage.clear();
  for (const which of ["ours", "demo"] as const) {
    const db = database(which);
    await db.transaction("rw", db.tables, () => Promise.all(db.tables.map((table) => table.clear())));
  }
}

/** A form sent to a path, as a route's action gets it. */
export function post(path: string, fields: Record<string, string | string[] | File>): Request {
  const body = new FormData();
  for (const [name, value] of Object.entries(fields)) {
    for (const one of Array.isArray(value) ? value : [value]) body.append(name, one);
  }
  return new Request(`http://orto.test${path}`, { method: "POST", body });
}

/** The address that an action redirects to; its answer where it does not. */
export async function outcome(action: Promise<unknown>): Promise<unknown> {
  try {
    return await action;
  } catch (thrown) {
    if (thrown instanceof Response) return thrown.headers.get("Location");
    throw thrown;
  }
}
