import { proxy, type Remote, wrap } from "comlink";
import type { Result, Watched } from "../core/model";
import { showHousehold, type Which } from "../engine/store/device";
import type { Merged } from "../engine/store/mergeFile";
import type { FileService } from "./files.worker";

type Tell = (done: number, of: number) => void;

/** One piece of work in a worker of its own. Where the signal ends it, it leaves everything as it was, and this rejects. */
async function inWorker<T>(
  { signal, onProgress }: Watched,
  work: (service: Remote<FileService>, tell: Tell) => Promise<T>,
): Promise<T> {
  signal?.throwIfAborted();
  const worker = new Worker(new URL("./files.worker.ts", import.meta.url), { type: "module" });
  const service = wrap<FileService>(worker);
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener("error", () => reject(new Error("The file could not be worked on.")));
  });
  signal?.addEventListener("abort", () => void service.end(), { once: true });
  try {
    return await Promise.race([
      work(
        service,
        proxy((done: number, of: number) => onProgress?.(done, of)),
      ),
      failed,
    ]);
  } catch (error) {
    signal?.throwIfAborted();
    throw error;
  } finally {
    worker.terminate();
  }
}

/** The household with its pictures as a zip. Rejects where the signal ends it. */
export const backupZip = (which: Which, watched: Watched): Promise<Blob> =>
  inWorker(watched, (service, tell) => service.saved(which, tell));

/**
 * Replaces our own household by a backup file, all or nothing, and shows it; the demo stays what it is. What was there is
 * kept as a safety copy. Rejects, with nothing changed, where the signal ends it.
 */
export async function restoreFrom(file: Blob, watched: Watched = {}): Promise<Result<null>> {
  const restored = await inWorker<Result<null>>(watched, async (service, tell) =>
    service.restored(file, tell),
  );
  if (restored.ok) await showHousehold("ours");
  return restored;
}

/** Puts a file of the same household from another device together with ours. What was here is kept as a safety copy. */
export const mergeFrom = (file: Blob, watched: Watched = {}): Promise<Result<Merged>> =>
  inWorker<Result<Merged>>(watched, async (service, tell) => service.merged(file, tell));
