import { expose } from "comlink";
import { scaledSize } from "../core/report/photoSize";

const QUALITY = 0.8;
const MIME = "image/jpeg";

/** Scales a picture down to what is kept, turned as the camera held it. */
async function scaled(file: Blob): Promise<{ mime: typeof MIME; base64: string }> {
  const bitmap = await createImageBitmap(file, { imageOrientation: "from-image" });
  const { width, height } = scaledSize(bitmap.width, bitmap.height);
  const canvas = new OffscreenCanvas(width, height);
  canvas.getContext("2d")?.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  const blob = await canvas.convertToBlob({ type: MIME, quality: QUALITY });
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let text = "";
  const CHUNK = 0x8000;
  for (let at = 0; at < bytes.length; at += CHUNK)
    text += String.fromCharCode(...bytes.subarray(at, at + CHUNK));
  return { mime: MIME, base64: btoa(text) };
}

const service = { scaled };
export type ImageService = typeof service;
expose(service);
