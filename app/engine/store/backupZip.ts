import type { Entry, FileEntry } from "@zip.js/zip.js";
import {
  BACKUP_FORMAT,
  type Backup,
  type BuiltIn,
  DATA_VERSION,
  fault,
  ok,
  type Photo,
  type Result,
  readBackupText,
  type Tables,
  type Watched,
} from "../../core/model";
import { blobParts } from "./blobParts";
import type { OrtoDb } from "./db";
import { readTables } from "./rows";
import { windowsOf } from "./windows";

/** All rows, as in a backup of one file; each picture is a file of its own beside it. */
const ROWS_FILE = "orto-backup.json";
/** More text than that no household has, and no browser reads. */
const MOST_ROWS_BYTES = 400_000_000;
/** A picture of 8 000 000 characters of base64. */
const MOST_PICTURE_BYTES = 6_000_000;

/** More pictures than that no household has. */
const MOST_FILES = 100_000;

/** So much is packed at once: a picture as one. */
const CHUNK_BYTES = 1_000_000;
/** So many pictures are read and written together: each writing waits for the disk. */
const TOGETHER = 40;

const pictureFile = ({ id }: { id: string }) => `photos/${id}`;

/** The library, without workers of its own: what it does by itself is quick enough, and keeps to the page's policy. */
async function zipLibrary() {
  const zip = await import("@zip.js/zip.js");
  zip.configure({ useWebWorkers: false, chunkSize: CHUNK_BYTES });
  return zip;
}

/** Rows as a file has them. */
export const backupOf = (tables: Tables): Backup => ({
  format: BACKUP_FORMAT,
  version: DATA_VERSION,
  savedAt: new Date().toISOString(),
  tables,
});

/**
 * The household as a zip: its rows as JSON, its pictures as files, a checksum with each. Pictures are read some at a time, so
 * that it takes no more memory with a thousand of them. Rejects where the signal ends it.
 */
export async function zipBackup(db: OrtoDb, { signal, onProgress }: Watched = {}): Promise<Blob> {
  const { TextReader, Uint8ArrayReader, Writer, ZipWriter } = await zipLibrary();
  const parts = blobParts("application/zip");
  class FileWriter extends Writer<Blob> {
    override async writeUint8Array(part: Uint8Array) {
      this.size += part.length;
      parts.add(part);
    }
    override getData = async () => parts.blob();
  }
  const zip = new ZipWriter(new FileWriter(), { signal, extendedTimestamp: false });
  const tables = await readTables(db);
  const photos: Photo[] = [];
  const someFrom = (i: number) => tables.photos.slice(i, i + TOGETHER);
  const reading = (i: number) => {
    const read = db.pictures.bulkGet(someFrom(i).map(({ sha256 }) => sha256 ?? ""));
    // It is waited for below; a fault of it is no stray one meanwhile.
    read.catch(() => undefined);
    return read;
  };
  let next = reading(0);
  for (let i = 0; i < tables.photos.length; i += TOGETHER) {
    signal?.throwIfAborted();
    onProgress?.(i, tables.photos.length);
    const pictures = await next;
    // While these are packed the next are read.
    next = reading(i + TOGETHER);
    for (const [k, photo] of someFrom(i).entries()) {
      const bytes = pictures[k]?.bytes;
      if (!bytes) continue;
      // Pictures are packed already.
      await zip.add(pictureFile(photo), new Uint8ArrayReader(bytes), { level: 0 });
      photos.push(photo);
    }
  }
  const text = JSON.stringify(backupOf({ ...tables, photos }));
  await zip.add(ROWS_FILE, new TextReader(text), { level: 6 });
  return zip.close();
}

export const isZip = async (file: Blob): Promise<boolean> => (await file.slice(0, 4).text()).startsWith("PK");

const damaged = (what: string): Result<never> =>
  fault("damaged-file", "file", `The file is damaged or not a backup: ${what} Choose another copy of it.`);

interface Reading {
  signal?: AbortSignal;
  /** Compares the checksum of the zip. */
  checkSignature?: boolean;
}

/**
 * Reads an entry whole, its checksum compared; undefined where it is damaged, larger than it may be, or larger than it says: the
 * library leaves such a one as soon as it has given more, so that a small file can't fill the memory.
 */
async function bytesIn(entry: FileEntry, most: number, { signal, checkSignature = true }: Reading) {
  if (entry.uncompressedSize > most) return undefined;
  const { Uint8ArrayWriter } = await zipLibrary();
  try {
    return await entry.getData(new Uint8ArrayWriter(), { checkSignature, signal });
  } catch {
    signal?.throwIfAborted();
    return undefined;
  }
}

/** The files of a zip by their names; undefined where it is none, has more than can be, or two bear one name. */
async function entriesIn(file: Blob): Promise<Map<string, FileEntry> | undefined> {
  const { Reader, ZipReader } = await zipLibrary();
  class FileReader extends Reader<Blob> {
    override size = file.size;
    override readUint8Array = windowsOf(file);
  }
  const entries: Entry[] = [];
  try {
    for await (const entry of new ZipReader(new FileReader(file)).getEntriesGenerator()) {
      if (entries.push(entry) > MOST_FILES) return undefined;
    }
  } catch {
    return undefined;
  }
  const files = entries.flatMap((one) => (one.directory ? [] : [[one.filename, one] as const]));
  const named = new Map(files);
  return named.size === files.length ? named : undefined;
}

const pictureDamaged = (photo: Photo): Result<never> =>
  damaged(`its picture “${pictureFile(photo)}” is missing or not whole.`);

type Take = (pictures: readonly Uint8Array[]) => Promise<readonly string[]>;

/** Some pictures of a zip; a fault where one of them is missing, damaged or too large. */
async function picturesOf(
  photos: readonly Photo[],
  entries: ReadonlyMap<string, FileEntry>,
  signal?: AbortSignal,
): Promise<Result<Uint8Array[]>> {
  const read = await Promise.all(
    photos.map(async (photo) => {
      const entry = entries.get(pictureFile(photo));
      // Where its row knows its SHA-256, that is compared: one look over the bytes is enough.
      return (
        entry && bytesIn(entry, MOST_PICTURE_BYTES, { signal, checkSignature: photo.sha256 === undefined })
      );
    }),
  );
  const lacking = photos.find((_, i) => !read[i]);
  return lacking ? pictureDamaged(lacking) : ok(read.filter((one) => one !== undefined));
}

/** Hands on the pictures of a zip, some at a time: these are kept while the next are read. Gives their rows. */
async function takePictures(
  photos: readonly Photo[],
  entries: ReadonlyMap<string, FileEntry>,
  take: Take,
  { signal, onProgress }: Watched,
): Promise<Result<Photo[]>> {
  const names: string[] = [];
  let keeping: Promise<unknown> = Promise.resolve();
  try {
    for (let i = 0; i < photos.length; i += TOGETHER) {
      onProgress?.(i, photos.length);
      const read = await picturesOf(photos.slice(i, i + TOGETHER), entries, signal);
      await keeping;
      if (!read.ok) return read;
      keeping = take(read.value).then((some) => names.push(...some));
      // It is waited for below; a fault of it is no stray one meanwhile.
      keeping.catch(() => undefined);
    }
  } finally {
    await keeping;
  }
  const other = photos.find(({ sha256 }, i) => sha256 !== undefined && sha256 !== names[i]);
  return other
    ? pictureDamaged(other)
    : ok(photos.map((photo, i) => ({ ...photo, base64: "", sha256: names[i] })));
}

/**
 * Reads a zip as `zipBackup` makes it. Its pictures are handed on some at a time, for their SHA-256; nothing counts before the
 * whole was read. A fault where a part is missing, damaged, too large, or not named by a row. Rejects where the signal ends it.
 */
export async function readBackupZip(
  file: Blob,
  builtIn: BuiltIn,
  take: Take,
  { signal, onProgress }: Watched = {},
): Promise<Result<Backup>> {
  const entries = await entriesIn(file);
  if (!entries) return damaged("it can’t be opened.");
  const rows = entries.get(ROWS_FILE);
  const text = rows && (await bytesIn(rows, MOST_ROWS_BYTES, { signal }));
  if (!text) return damaged(`its part “${ROWS_FILE}” is missing or not whole.`);
  const read = readBackupText(new TextDecoder().decode(text), builtIn);
  if (!read.ok) return read;
  const { photos } = read.value.tables;
  const named = new Set([ROWS_FILE, ...photos.map(pictureFile)]);
  const strange = [...entries.keys()].find((name) => !named.has(name));
  if (strange !== undefined) return damaged(`nothing in it speaks of its part “${strange}”.`);
  const taken = await takePictures(photos, entries, take, { signal, onProgress });
  return taken.ok ? ok({ ...read.value, tables: { ...read.value.tables, photos: taken.value } }) : taken;
}
