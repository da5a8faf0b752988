import { useState } from "react";
import type { Issue, Photo } from "../core/model";
import { CommandFaults } from "./command/CommandFaults";
import { InlineButton } from "./controls/buttons";
import { FileField } from "./controls/FileField";

interface PhotoPartProps {
  photos: readonly Photo[];
  /** Makes a picture small enough to be kept; fails for what is no picture. */
  scaled(file: Blob): Promise<Pick<Photo, "mime" | "base64">>;
  /** Keeps a picture, removes it, brings it back. */
  add: { run(picture: Pick<Photo, "mime" | "base64">): Promise<unknown>; issues: readonly Issue[] };
  remove(photo: string): void;
  restore(photo: string): void;
  /** What they are pictures of. */
  alt: string;
}

/** A picture of something, if wished: scaled down, and kept on this device and in the backup. */
export function PhotoPart({ photos, scaled, add, remove, restore, alt }: PhotoPartProps) {
  const [said, say] = useState("");
  const [removed, setRemoved] = useState<string>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setRemoved(undefined);
    say("Making it smaller…");
    try {
      await add.run(await scaled(file));
      say("The picture is kept on this device.");
    } catch {
      say("This file is no picture that the browser can read. Choose a photo (JPEG, PNG or WebP).");
    }
  };
  const removeOne = (photo: string) => {
    say("");
    setRemoved(photo);
    remove(photo);
  };
  return (
    <div>
      {photos.map((photo) => (
        <figure key={photo.id}>
          <img
            className="picture"
            style={{ maxHeight: 220, width: "auto", maxWidth: "100%" }}
            src={`data:${photo.mime};base64,${photo.base64}`}
            alt={alt}
          />
          <InlineButton onClick={() => removeOne(photo.id)}>Remove the picture</InlineButton>
        </figure>
      ))}
      {removed !== undefined && !photos.some(({ id }) => id === removed) && (
        <p className="flat">
          <span role="status">The picture is removed.</span>{" "}
          <InlineButton onClick={() => restore(removed)}>Undo</InlineButton>
        </p>
      )}
      <FileField
        label="Add a picture"
        accept="image/*"
        capture="environment"
        onFile={(file) => void take(file)}
      />
      <span role="status">{said}</span>
      <CommandFaults of={add} />
    </div>
  );
}
