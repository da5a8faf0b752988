import "./withoutEval";
import { expose } from "comlink";
import { restoreFile } from "../engine/store/backup";
import { zipBackup } from "../engine/store/backupZip";
import { database } from "../engine/store/db";
import type { Which } from "../engine/store/device";
import { mergeFile } from "../engine/store/mergeFile";

type Tell = (done: number, of: number) => void;

const control = new AbortController();

const watchedBy = (onProgress: Tell) => ({ signal: control.signal, onProgress });

/** What is done with large files: one piece of work for each worker. */
const service = {
  saved: (which: Which, tell: Tell) => zipBackup(database(which), watchedBy(tell)),
  restored: (file: Blob, tell: Tell) => restoreFile(file, database("ours"), watchedBy(tell)),
  merged: (file: Blob, tell: Tell) => mergeFile(file, database("ours"), watchedBy(tell)),
  end: () => control.abort(),
};
export type FileService = typeof service;
expose(service);
