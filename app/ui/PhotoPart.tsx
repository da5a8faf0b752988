import { useState } from "react";
import { useFetcher } from "react-router";
import type { Issue, Photo } from "../core/model";
import { LinkAct } from "./controls/Act";
import { FileField } from "./controls/FileField";
import { Send, useAsJson } from "./Send";

interface PhotoPartProps {
  photos: readonly Photo[];
  /** Makes a picture small enough to be kept; fails for what is no picture. */
  scaled(file: Blob): Promise<Pick<Photo, "mime" | "base64">>;
  /** What is sent with a picture that is taken, and to which action; the same for one that is removed, or brought back. */
  take: object;
  remove: object;
  restore: object;
  action: string;
  /** What they are pictures of. */
  alt: string;
}

/** A picture of something, if wished: scaled down, and kept on this device and in the backup. */
export function PhotoPart({ photos, scaled, take: taking, remove, restore, action, alt }: PhotoPartProps) {
  const fetcher = useFetcher<{ issues: Issue[] }>();
  const asJson = useAsJson(action);
  const [said, say] = useState("");
  const [removed, setRemoved] = useState<string>();
  const take = async (file: File | undefined) => {
    if (!file) return;
    setRemoved(undefined);
    say("Making it smaller…");
    try {
      const { mime, base64 } = await scaled(file);
      await fetcher.submit({ ...taking, mime, base64 }, asJson);
      say("The picture is kept on this device.");
    } catch {
      say("This file is no picture that the browser can read. Choose a photo (JPEG, PNG or WebP).");
    }
  };
  const remember = (photo: string) => {
    say("");
    setRemoved(photo);
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
          <Send fetcher={fetcher} values={remove} action={action}>
            <LinkAct name="photo" value={photo.id} onClick={() => remember(photo.id)}>
              Remove the picture
            </LinkAct>
          </Send>
        </figure>
      ))}
      {removed !== undefined && !photos.some(({ id }) => id === removed) && (
        <Send fetcher={fetcher} values={restore} action={action}>
          <span role="status">The picture is removed.</span>{" "}
          <LinkAct name="photo" value={removed}>
            Undo
          </LinkAct>
        </Send>
      )}
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
