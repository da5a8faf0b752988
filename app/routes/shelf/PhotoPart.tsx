import { useState } from "react";
import { href, useFetcher } from "react-router";
import type { Issue, Photo } from "../../core/model";
import { LinkAct } from "../../ui/controls/Act";
import { FileField } from "../../ui/controls/FileField";
import { AS_JSON, Send } from "../../ui/Send";
import { scaledImage } from "../../workers/imagesClient";

/** A picture with a note, if wished: scaled down, and kept on this device and in the backup. */
export function PhotoPart({ note, photos }: { note: string; photos: readonly Photo[] }) {
  const fetcher = useFetcher<{ issues: Issue[] }>();
  const [said, say] = useState("");
  const take = async (file: File | undefined) => {
    if (!file) return;
    say("Making it smaller…");
    try {
      const { mime, base64 } = await scaledImage(file);
      await fetcher.submit(
        { intent: "photo", id: note, mime, base64 },
        { ...AS_JSON, action: `${href("/")}?index` },
      );
      say("The picture is kept on this device.");
    } catch {
      say("This file is no picture that the browser can read. Choose a photo (JPEG, PNG or WebP).");
    }
  };
  return (
    <div>
      {photos.map((photo) => (
        <figure key={photo.id}>
          <img
            className="picture"
            style={{ maxHeight: 220 }}
            src={`data:${photo.mime};base64,${photo.base64}`}
            alt="With this note"
          />
          <Send fetcher={fetcher} values={{ intent: "remove-photo" }} action={`${href("/")}?index`}>
            <LinkAct name="photo" value={photo.id}>
              Remove the picture
            </LinkAct>
          </Send>
        </figure>
      ))}
      <FileField
        label="Add a picture"
        accept="image/*"
        capture="environment"
        onFile={(file) => void take(file)}
      />
      <span role="status">{said}</span>
      {fetcher.data?.issues.map((issue) => (
        <span className="fault" role="alert" key={issue.path}>
          {issue.message}
        </span>
      ))}
    </div>
  );
}
