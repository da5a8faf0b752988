/** So much of a file is read at once. */
const WINDOW_BYTES = 8_000_000;
/** So many of these are held: what is read by several at once lies close together. */
const HELD = 3;

/** Reads a file in large windows, one after the other: asking the browser for each small part of it would take longer. */
export function windowsOf(file: Blob): (index: number, length: number) => Promise<Uint8Array> {
  const held = new Map<number, Promise<Uint8Array>>();
  const windowAt = (n: number): Promise<Uint8Array> => {
    const known = held.get(n);
    if (known) return known;
    const [oldest] = held.keys();
    if (held.size === HELD && oldest !== undefined) held.delete(oldest);
    const slice = file.slice(n * WINDOW_BYTES, (n + 1) * WINDOW_BYTES);
    const made = slice.arrayBuffer().then((buffer) => new Uint8Array(buffer));
    held.set(n, made);
    return made;
  };
  return async (index, length) => {
    const read = new Uint8Array(Math.max(0, Math.min(length, file.size - index)));
    for (let done = 0; done < read.length; ) {
      const n = Math.floor((index + done) / WINDOW_BYTES);
      const from = index + done - n * WINDOW_BYTES;
      const part = (await windowAt(n)).subarray(from, from + read.length - done);
      read.set(part, done);
      done += part.length;
    }
    return read;
  };
}
