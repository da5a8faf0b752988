import { Button } from "antd";
import { useState } from "react";
import { useFetcher } from "react-router";
import type { Result } from "../../core/model";
import type { Merged } from "../../data/mergeFile";
import { LinkAct } from "../../ui/controls/Act";
import { FileField } from "../../ui/controls/FileField";
import { Fold } from "../../ui/controls/Fold";
import { LongWork } from "../../ui/LongWork";
import { FileFaults } from "../../ui/RestoreFile";
import { Send } from "../../ui/Send";
import { useLongWork } from "../../ui/useLongWork";
import { cameTexts, clashText } from "../../words/merge";
import { mergeFrom } from "../../workers/filesClient";
import type { HouseholdAnswer } from "./actions";

/** What came from the other device, what both had changed, and the way back. */
function Came({ merged, nameOf }: { merged: Merged; nameOf(activity: string): string }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const texts = cameTexts(merged.came);
  if (fetcher.data?.done) return <p role="status">It is as it was before.</p>;
  return (
    <>
      <div role="status">
        <strong>
          {texts.length === 0 ? "Nothing was new." : "Put together. From the other device came:"}
        </strong>
        <ul>
          {texts.map((text) => (
            <li key={text}>{text}</li>
          ))}
        </ul>
      </div>
      {merged.clashes.length > 0 && (
        <Fold title={`Otherwise on the two: ${merged.clashes.length}; the later change stands`}>
          <ul>
            {merged.clashes.map((clash) => (
              <li key={`${clash.table} ${clash.stands.id}`}>{clashText(clash, nameOf)}</li>
            ))}
          </ul>
        </Fold>
      )}
      {merged.copy && texts.length > 0 && (
        <Send fetcher={fetcher} values={{ intent: "restore-safety", copy: merged.copy }}>
          <LinkAct>Undo all of it</LinkAct>
        </Send>
      )}
    </>
  );
}

/** Two devices of one household put together: a file of the other, and what came of it. */
export function MergePart({ onDone, nameOf }: { onDone(): void; nameOf(activity: string): string }) {
  const [file, setFile] = useState<File>();
  const work = useLongWork<Result<Merged>>();
  const begin = async () => {
    if (!file) return;
    const merged = await work.run((watched) => mergeFrom(file, watched));
    if (merged?.ok) onDone();
  };
  return (
    <section aria-label="Another device" className="merge">
      <h3>Another device of yours</h3>
      <p className="quiet">
        Save a backup file there, choose it here: the notes and changes of both are then here. Do the same
        there with a file from here, and both are the same.
      </p>
      <div className="restore">
        <FileField
          label="A backup file of the other device"
          name="other"
          accept=".zip,.json,application/zip,application/json"
          onFile={setFile}
        />
        <Button disabled={!file || work.isAtWork} onClick={() => void begin()}>
          Put together
        </Button>
      </div>
      <LongWork what="Putting together" work={work} />
      {work.result && !work.result.ok && <FileFaults issues={work.result.issues} />}
      {work.result?.ok && <Came merged={work.result.value} nameOf={nameOf} />}
    </section>
  );
}
