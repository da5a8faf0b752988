import { Button } from "antd";
import { href, Link, useRevalidator } from "react-router";
import type { PlainDate } from "../../core/model";
import { backupName, backupText, privateFile, type SavedFile } from "../../engine/commands/backup";
import type { KeptCopy } from "../../engine/store/backup";
import { rememberSaved, type StorageUse, type Which } from "../../engine/store/device";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { FileFaults } from "../../ui/FileFaults";
import { LongWork } from "../../ui/LongWork";
import { RestoreFile } from "../../ui/RestoreFile";
import { saveFile } from "../../ui/saveFile";
import { useLongWork } from "../../ui/useLongWork";
import { dayText } from "../../words/dates";
import type { NamesById } from "../../words/merge";
import { countText } from "../../words/numbers";
import { backupZip, restoreFrom } from "../../workers/filesClient";
import { ClashesPart, type OpenClash } from "./ClashesPart";
import { MergePart } from "./MergePart";

const save = ({ name, content }: SavedFile) => saveFile(name, content, content.type);

/** Saves all of it as a file, with its pictures or without. */
function SavePart({ which }: { which: Which }) {
  const work = useLongWork<SavedFile>();
  const { revalidate } = useRevalidator();
  const withPictures = async () => {
    const file = await work.run(async (watched) => ({
      name: backupName("zip"),
      content: await backupZip(which, watched),
    }));
    if (!file) return;
    save(file);
    await rememberSaved(which);
    void revalidate();
  };
  return (
    <>
      <Button disabled={work.isAtWork} onClick={() => void withPictures()}>
        Save a backup file
      </Button>{" "}
      <InlineButton type="button" onClick={() => void backupText(which).then(save)}>
        Without pictures, as one JSON file
      </InlineButton>{" "}
      <InlineButton type="button" onClick={() => void privateFile(which).then(save)}>
        Without names, pictures and words, to show to others
      </InlineButton>
      <LongWork what="Saving" work={work} />
    </>
  );
}

const holdsText = ({ holds }: KeptCopy) =>
  holds ? ` with ${countText(holds.notes, "note")} and ${countText(holds.pictures, "picture")}` : "";

/** What restores replaced, newest first; each can come back. */
function SafetyCopies({ copies }: { copies: readonly KeptCopy[] }) {
  const restore = useCommand("household.restoreCopy");
  if (copies.length === 0) return null;
  return (
    <>
      <ul className="bare">
        {copies.map((copy) => (
          <li key={copy.id}>
            <span className="quiet">
              A safety copy from {new Date(copy.savedAt).toLocaleString()}
              {holdsText(copy)}.
            </span>{" "}
            <InlineButton onClick={() => void restore.run({ copy: copy.id })}>Bring it back</InlineButton>
          </li>
        ))}
      </ul>
      {restore.issues.length > 0 && <FileFaults issues={restore.issues} />}
      {restore.answer !== undefined && <p role="status">The safety copy is back.</p>}
    </>
  );
}

const MEGABYTE = 1e6;

/** How much is kept here, and how surely. */
const storageText = ({ bytes, isLasting }: StorageUse): string =>
  `Orto uses ${Math.max(1, Math.round(bytes / MEGABYTE))} MB here. ${
    isLasting
      ? "The browser has promised to keep it."
      : "The browser may clear it when the device runs out of room: a backup file is the surest."
  }`;

/** Save a backup file, restore from one, and bring back what a restore replaced. */
export function BackupPart({
  which,
  copies,
  storage,
  savedOn,
  names,
  clashes,
}: {
  which: Which;
  copies: readonly KeptCopy[];
  storage?: StorageUse;
  /** The day of the last backup file. */
  savedOn?: PlainDate;
  names: NamesById;
  clashes: readonly OpenClash[];
}) {
  const { revalidate } = useRevalidator();
  // A tab that showed the demo shows our own household then, from the start.
  const show = () => (which === "ours" ? void revalidate() : window.location.assign(href("/")));
  return (
    <section className="row-form" aria-label="Backup">
      <h2>Backup</h2>
      <p>All of it lives in this browser only. Save a file now and then, and keep it somewhere else.</p>
      {storage && <p className="quiet">{storageText(storage)}</p>}
      <p className="quiet">
        {savedOn ? `Last saved on ${dayText(savedOn)}.` : "No backup file was saved on this device yet."}
      </p>
      <SavePart which={which} />
      {which === "demo" && (
        <p className="quiet">A backup is restored into our own household, not the demo.</p>
      )}
      <RestoreFile restore={restoreFrom} onDone={show} />
      {which === "ours" && <MergePart onDone={() => void revalidate()} names={names} />}
      <ClashesPart clashes={clashes} names={names} />
      <SafetyCopies copies={copies} />
      <p>
        <Link to={href("/household/tables")}>Tables for a spreadsheet, or notes from one</Link>
      </p>
    </section>
  );
}
