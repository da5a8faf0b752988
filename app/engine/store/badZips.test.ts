import { BlobWriter, Uint8ArrayReader, ZipWriter } from "@zip.js/zip.js";
import { beforeEach, describe, expect, it } from "vitest";
import { randomFrom } from "../../core/random";
import { anId } from "../../core/testing/ids";
import { processorMs } from "../../core/testing/processorTime";
import { IS_LONG, runs } from "../../core/testing/runs";
import { openDemo } from "../commands/demo";
import { restoreFile } from "./backup";
import { zipBackup } from "./backupZip";
import { database } from "./db";
import { insertPhoto, photosOf } from "./photos";
import { readTables } from "./rows";
import { emptyBrowser } from "./testing/browserStore";

const UNPACKED_BYTES = runs(100_000_000, 300_000_000);

const ours = () => database("ours");

beforeEach(emptyBrowser);

/** A zip of some files, as another program might write it. */
async function zipOf(files: Record<string, Uint8Array<ArrayBuffer>>): Promise<Uint8Array<ArrayBuffer>> {
  const zip = new ZipWriter(new BlobWriter("application/zip"), {
    useWebWorkers: false,
    dataDescriptor: false,
  });
  for (const [name, bytes] of Object.entries(files))
    await zip.add(name, new Uint8ArrayReader(bytes), { level: 9 });
  return new Uint8Array(await (await zip.close()).arrayBuffer());
}

/** Every place at which four bytes stand that are this number, the lowest first. */
const placesOf = (bytes: Uint8Array, number: number): number[] => {
  const view = new DataView(bytes.buffer);
  return Array.from({ length: bytes.length - 4 }, (_, i) => i).filter(
    (i) => view.getUint32(i, true) === number,
  );
};

const refused = { ok: false, issues: [{ code: "damaged-file" }] };

describe("a zip that nobody made in good faith", () => {
  it("which says that it is small and is not, is left as soon as it has given more", async () => {
    const bytes = await zipOf({ "orto-backup.json": new Uint8Array(UNPACKED_BYTES) });
    const view = new DataView(bytes.buffer);
    const sizes = placesOf(bytes, UNPACKED_BYTES);
    expect(sizes.length).toBeGreaterThan(1);
    for (const at of sizes) view.setUint32(at, 1000, true);
    expect(bytes.length).toBeLessThan(400_000);
    // The catalogue is read once, before.
    await restoreFile(new Blob(["PK"]), ours());
    const began = processorMs();
    expect(await restoreFile(new Blob([bytes]), ours())).toMatchObject(refused);
    expect(processorMs() - began).toBeLessThan(400);
  });

  it("which is larger than any household, or says so, is not unpacked", async () => {
    const bytes = await zipOf({ "orto-backup.json": new Uint8Array(1000) });
    const view = new DataView(bytes.buffer);
    for (const at of placesOf(bytes, 1000)) view.setUint32(at, 4_000_000_000, true);
    expect(await restoreFile(new Blob([bytes]), ours())).toMatchObject(refused);
  });

  it("whose names climb out of it, or are those of other things, brings nothing", async () => {
    await openDemo();
    const whole = new Uint8Array(await (await zipBackup(database("demo"))).arrayBuffer());
    expect((await restoreFile(new Blob([whole]), ours())).ok).toBe(true);
    const before = await readTables(ours());
    for (const name of [
      "../orto-backup.json",
      "/etc/passwd",
      "photos/../../x",
      "C:\\x",
      "__proto__",
      "",
      ".",
    ]) {
      const strange = { "orto-backup.json": new TextEncoder().encode("{}"), [name]: new Uint8Array(3) };
      expect(await restoreFile(new Blob([await zipOf(strange)]), ours())).toMatchObject({ ok: false });
    }
    expect(await readTables(ours())).toEqual(before);
  });

  it("changed by chance, in a byte or in many, brings all or nothing", async () => {
    await openDemo();
    const demo = database("demo");
    const note = String((await readTables(demo)).observations[0]?.id);
    await insertPhoto(
      demo,
      { observation: anId(note), mime: "image/png", base64: "AAAA".repeat(400) },
      "picture",
    );
    const whole = new Uint8Array(await (await zipBackup(demo)).arrayBuffer());
    expect((await restoreFile(new Blob([whole]), ours())).ok).toBe(true);
    const before = await readTables(ours());
    const [picture] = await photosOf(ours(), anId(note));
    const next = randomFrom(7);
    const random = (below: number) => Math.floor(next() * below);
    const tries = IS_LONG ? 2000 : 60;
    let taken = 0;
    for (let i = 0; i < tries; i++) {
      let bytes = whole.slice();
      const [from, length] = [random(bytes.length), 1 + random(random(3) === 0 ? 5000 : 4)];
      if (i % 3 === 0) for (let k = 0; k < length; k++) bytes[from + k] = random(256);
      else if (i % 3 === 1) bytes = new Uint8Array([...bytes.slice(0, from), ...bytes.slice(from + length)]);
      else bytes = new Uint8Array([...bytes.slice(0, from), ...whole.slice(0, length), ...bytes.slice(from)]);
      if ((await restoreFile(new Blob([bytes]), ours())).ok) taken++;
      expect(await readTables(ours()), `try ${i}`).toEqual(before);
    }
    expect(await photosOf(ours(), anId(note))).toEqual([picture]);
    expect(taken).toBeLessThan(tries / 10);
  }, 240_000);
});
