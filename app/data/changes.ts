import { liveQuery } from "dexie";
import { TABLE_NAMES } from "../core/model";
import { database } from "./db";

/** Calls back after every change of the data, also by another tab or a worker. Returns how to stop. */
export function onChange(callback: () => void): () => void {
  const db = database();
  let first = true;
  const newest = () => Promise.all(TABLE_NAMES.map((name) => db.rows(name).orderBy("updatedAt").last()));
  const subscription = liveQuery(newest).subscribe({
    next: () => {
      if (!first) callback();
      first = false;
    },
    error: (error) => console.error("Watching the data failed", error),
  });
  return () => subscription.unsubscribe();
}
