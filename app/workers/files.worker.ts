import "./withoutEval";
import { expose } from "comlink";
import { restoreFile } from "../data/backup";
import { zipBackup } from "../data/backupZip";
import { database } from "../data/db";
import type { Which } from "../data/device";
import { mergeFile } from "../data/mergeFile";

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
