import { proxy, wrap } from "comlink";
import type { Drawing } from "../core/draw";
import type { Watched } from "../core/model";
import type { PdfService } from "./pdf.worker";

/** Makes a PDF in a worker, which ends afterwards, or at once where it is cancelled. */
export async function madePdf(
  pages: readonly Drawing[],
  title: string,
  { signal, onProgress }: Watched,
): Promise<Uint8Array<ArrayBuffer>> {
  const worker = new Worker(new URL("./pdf.worker.ts", import.meta.url), { type: "module" });
  const ended = new Promise<never>((_, reject) => {
    worker.addEventListener("error", () => reject(new Error("The sheets could not be made.")));
    signal?.addEventListener("abort", () => reject(signal.reason));
  });
  try {
    return await Promise.race([
      wrap<PdfService>(worker).made(
        pages,
        title,
        proxy((done: number, of: number) => onProgress?.(done, of)),
      ),
      ended,
    ]);
  } finally {
    worker.terminate();
  }
}
