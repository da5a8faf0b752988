import { Button } from "antd";
import { useState } from "react";
import type { Result, Watched } from "../core/model";
import { FileField } from "./controls/FileField";
import { FileFaults } from "./FileFaults";
import { LongWork } from "./LongWork";
import { useLongWork } from "./useLongWork";

interface RestoreFileProps {
  restore(file: Blob, watched: Watched): Promise<Result<unknown>>;
  /** Called when all of it has come. */
  onDone(): void;
}

/** A backup file to choose, and what comes of reading it. */
export function RestoreFile({ restore, onDone }: RestoreFileProps) {
  const [file, setFile] = useState<File>();
  const work = useLongWork<Result<unknown>>();
  const begin = async () => {
    if (!file) return;
    const read = await work.run((watched) => restore(file, watched));
    if (read?.ok) onDone();
  };
  return (
    <>
      <div className="row gap">
        <FileField
          label="Restore from a file"
          name="file"
          accept=".zip,.json,application/zip,application/json"
          onFile={setFile}
        />
        <Button disabled={!file || work.isAtWork} onClick={() => void begin()}>
          Restore
        </Button>
      </div>
      <LongWork what="Reading the backup" work={work} />
      {work.result && !work.result.ok && <FileFaults issues={work.result.issues} />}
      {work.result?.ok && (
        <p role="status">Restored. What was here before, if anything, is kept as a safety copy.</p>
      )}
    </>
  );
}
