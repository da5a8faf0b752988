import { Segmented } from "antd";
import { useState } from "react";
import type { TrayView } from "../../core/household";
import type { Photo } from "../../core/model";
import type { Units } from "../../core/units";
import { TrayAbove } from "../../ui/TrayAbove";
import { namesOfNeeds } from "../../words/layout";

type Shown = "photo" | "drawing";

interface TrayPictureProps {
  view: TrayView;
  photo: Photo | undefined;
  units: Units;
}

/** The tray as it stands: one's own photo of it, where a note of this rung has one, and the drawing to scale. */
export function TrayPicture({ view, photo, units }: TrayPictureProps) {
  const [asked, ask] = useState<Shown>("photo");
  const { layout, setOut, activity } = view;
  const shown: Shown = photo ? (layout ? asked : "photo") : "drawing";
  return (
    <>
      {photo && layout && (
        <Segmented<Shown>
          aria-label="Picture of the tray"
          value={shown}
          onChange={ask}
          options={[
            { value: "photo", label: "Our photo" },
            { value: "drawing", label: "Drawing" },
          ]}
        />
      )}
      {shown === "photo" && photo && (
        <img
          className="picture"
          src={`data:${photo.mime};base64,${photo.base64}`}
          alt={`Our photo: ${activity.name}`}
        />
      )}
      {shown === "drawing" && layout && (
        <TrayAbove layout={layout} names={namesOfNeeds(setOut)} units={units} />
      )}
    </>
  );
}
