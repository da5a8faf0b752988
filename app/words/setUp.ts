import type { MeetingHere } from "../core/setup";
import { amountText, lengthText, sizeText, type Units } from "../core/units";
import { thingText } from "./things";

/** Below so many mm of play a hand has to aim; from so many on it goes by itself. Our judgement. */
const SNUG_BELOW_MM = 3;
const LOOSE_FROM_MM = 8;

/** "loose, 10 mm to spare" */
function playText(playMm: number, units: Units): string {
  if (playMm < 0) return "pressed in, it gives way";
  const word = playMm < SNUG_BELOW_MM ? "snug" : playMm < LOOSE_FROM_MM ? "easy" : "loose";
  return `${word}, ${lengthText(playMm, units)} to spare`;
}

/** "6 × large wooden counter (62 × 4 mm)" */
function sizedText({ material, quantity }: MeetingHere["a"], units: Units): string {
  const size = material.piece && material.unit === "piece" ? ` (${sizeText(material.piece, units)})` : "";
  return `${thingText(quantity, material, units)}${size}`;
}

const NOT = {
  "too-narrow": "too narrow for it",
  "too-many": "no room for all of it",
  "too-shallow": "too shallow to hold it",
  "no-stand": "nothing for it to stand on",
  "no-difference": "not unlike enough",
  "not-alike": "not like it",
  shut: "nothing that opens",
};

const OPENED = {
  lid: "its lid is lifted off",
  screw: "its lid is turned off",
  zip: "its zip is pulled",
  latch: "its latches are undone",
};

/** How two things of a tray meet, worked out from their sizes: "… through the slot: loose, 10 mm to spare". */
export function meetingText({ how, a, b, meeting }: MeetingHere, units: Units): string {
  const of = sizedText(a, units);
  const into = b.material.name;
  const { playMm = 0 } = meeting;
  if (!meeting.ok) return `${of}: ${into} is ${NOT[meeting.fault ?? "too-narrow"]} as it is here`;
  switch (how) {
    case "through": {
      const opening = b.material.openingMm;
      return `${of} through ${into}${opening === undefined ? "" : ` (${lengthText(opening, units)} wide)`}: ${playText(playMm, units)}`;
    }
    case "onto":
      return `${of} onto ${into}: ${playText(playMm, units)}`;
    case "in-wells": {
      const wells = (b.material.wells?.count ?? 0) * b.quantity;
      const left = wells - a.quantity;
      const over = left === 0 ? "none over, none empty" : `${left} of ${wells} wells stay empty`;
      return `${of} in ${into}: ${over}; ${playText(playMm, units)}`;
    }
    case "lies-in":
      return `${of} in ${into}: all of it has room at once`;
    case "covers":
      return a.material.spreadMm ? `${of} hides ${into}` : `${of} over ${into}: ${playText(playMm, units)}`;
    case "stands-on":
      return a.need === b.need ? `${of}: one stands on another` : `${of}: it stands on ${into}`;
    case "heavier":
      return `${of}: heavier than ${into}, so that a hand can tell`;
    case "floats-unlike":
      return a.material.inWater === "floats" ? `${of} floats, ${into} sinks` : `${of} sinks, ${into} floats`;
    case "drawn-unlike":
      return a.material.magnetic
        ? `A magnet draws ${a.material.name}, and not ${into}`
        : `A magnet draws ${into}, and not ${a.material.name}`;
    case "larger":
      return `${of}: larger than ${into}, so that the eye can tell`;
    case "alike":
      return `${of}: in form and size like ${into}`;
    case "opens":
      return `${thingText(a.quantity, a.material, units)}: ${OPENED[a.material.opensBy ?? "lid"]}`;
    case "pours-into": {
      const holds = (b.material.holdsMl ?? 0) * b.quantity;
      return `${of} into ${into}: ${amountText(holds, "ml", units)} go in, so nothing runs over`;
    }
  }
}
