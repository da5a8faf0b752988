/** So many characters at once: more arguments than that no function takes. */
const CHUNK = 0x8000;

export function bytesOf(base64: string): Uint8Array {
  const text = atob(base64);
  const bytes = new Uint8Array(text.length);
  for (let i = 0; i < text.length; i++) bytes[i] = text.charCodeAt(i);
  return bytes;
}

/** As `bytesOf`; undefined where the text is no base64. */
export function bytesIfAny(base64: string): Uint8Array | undefined {
  try {
    return bytesOf(base64);
  } catch {
    return undefined;
  }
}

export function base64Of(bytes: Uint8Array): string {
  let text = "";
  for (let i = 0; i < bytes.length; i += CHUNK) text += String.fromCharCode(...bytes.subarray(i, i + CHUNK));
  return btoa(text);
}

/** The SHA-256 of some bytes, in hexadecimal digits. */
export async function sha256Of(bytes: Uint8Array): Promise<string> {
  const digest = new Uint8Array(await crypto.subtle.digest("SHA-256", bytes as Uint8Array<ArrayBuffer>));
  return [...digest].map((byte) => byte.toString(16).padStart(2, "0")).join("");
}
