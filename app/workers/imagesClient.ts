import { wrap } from "comlink";
import type { ImageService } from "./images.worker";

/** Scales a picture in a worker, which ends afterwards; fails for what is no picture. */
export async function scaledImage(file: Blob): Promise<{ mime: string; base64: string }> {
  const worker = new Worker(new URL("./images.worker.ts", import.meta.url), { type: "module" });
  const failed = new Promise<never>((_, reject) => {
    worker.addEventListener("error", () => reject(new Error("The picture could not be scaled.")));
  });
  try {
    return await Promise.race([wrap<ImageService>(worker).scaled(file), failed]);
  } finally {
    worker.terminate();
  }
}
