/** So much is held as bytes before the browser takes it over. */
const HELD_BYTES = 8_000_000;

/**
 * Makes a large file of many small parts: what was added goes to the browser in large pieces, which takes it out of the memory
 * of who adds. A stream into a response would do so as well, and copies each part on its way.
 */
export function blobParts(type: string) {
  const pieces: Blob[] = [];
  let held: Uint8Array<ArrayBuffer>[] = [];
  let heldBytes = 0;
  const handOver = () => {
    pieces.push(new Blob(held));
    held = [];
    heldBytes = 0;
  };
  return {
    /** Adds a part at the end; it must not change afterwards. */
    add(part: Uint8Array) {
      held.push(part as Uint8Array<ArrayBuffer>);
      heldBytes += part.length;
      if (heldBytes >= HELD_BYTES) handOver();
    },
    /** The whole, in the order in which its parts were added. */
    blob(): Blob {
      handOver();
      return new Blob(pieces, { type });
    },
  };
}
