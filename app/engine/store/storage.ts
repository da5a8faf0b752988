import Dexie from "dexie";
import { forgetDatabases } from "./db";
import { openDevice } from "./device";

/** The browser keeps nothing for us: it says no, or does not answer. */
export class StorageError extends Error {
  override name = "StorageError";
  constructor(readonly kind: "denied" | "silent") {
    super(kind === "denied" ? "The browser denies storage." : "The browser's storage does not answer.");
  }
}

/** So long the browser may take to open the smallest of the databases. */
const PATIENCE_MS = 3000;

let ready: Promise<void> | undefined;
let isLook = false;

async function asked(): Promise<void> {
  let timer: ReturnType<typeof setTimeout> | undefined;
  const silence = new Promise<never>((_, reject) => {
    timer = setTimeout(() => reject(new StorageError("silent")), PATIENCE_MS);
  });
  try {
    await Promise.race([openDevice(), silence]);
  } catch (error) {
    throw error instanceof StorageError ? error : new StorageError("denied");
  } finally {
    clearTimeout(timer);
  }
}

/** Ends once the browser has shown that it keeps things; rejects with a `StorageError` where it does not. */
export function storageReady(): Promise<void> {
  ready ??= asked().catch((error) => {
    ready = undefined;
    throw error;
  });
  return ready;
}

/** From now on until the page is left nothing is kept: all of it is in memory, for a look round. */
export async function lookRound(): Promise<void> {
  const { indexedDB, IDBKeyRange } = await import("fake-indexeddb");
  Object.assign(Dexie.dependencies, { indexedDB, IDBKeyRange });
  forgetDatabases();
  isLook = true;
  ready = openDevice();
  await ready;
}

/** Is this but a look round, with nothing kept? */
export const isLookRound = (): boolean => isLook;
