import { AREA_COLOURS } from "../core/draw/areaColours";
import type { AreaId } from "../core/model";
import { AREA_NAMES } from "../words/areas";

/** One line mark an area; the mark alone is enough to tell them apart. */
const MARKS: Record<AreaId, string> = {
  hands: "M5 19c0-8 3-13 6-14M19 19c0-8-3-13-6-14M12 5.5a1.6 1.6 0 1 0 .01 0",
  body: "M12 4.5a1.8 1.8 0 1 0 .01 0M12 9v5l-4 6M12 14l4.5 5.5M7 12.5l5-3 5 2.5",
  senses:
    "M12 12m-2 0a2 2 0 1 0 4 0a2 2 0 1 0-4 0M6.5 12a5.5 5.5 0 0 1 11 0M3 12a9 9 0 0 1 18 0M6.5 12a5.5 5.5 0 0 0 11 0",
  home: "M7 4v6a3 3 0 0 0 6 0V4M10 4v16M18 20V9",
  words: "M4 5h16v10h-8l-5 5v-5H4z",
  numbers:
    "M6 18m-1.8 0a1.8 1.8 0 1 0 3.6 0a1.8 1.8 0 1 0-3.6 0M12 12m-1.8 0a1.8 1.8 0 1 0 3.6 0a1.8 1.8 0 1 0-3.6 0M18 6m-1.8 0a1.8 1.8 0 1 0 3.6 0a1.8 1.8 0 1 0-3.6 0",
  thinking: "M4 4h10v10H4zM10 10h10v10H10z",
  making: "M18 4l-8 8M10 12c-3 0-3 4-6 5 4 2 8 0 8-3zM15 20h5",
  world: "M5 19C5 10 11 5 20 5c0 9-6 14-15 14zM5 19l8-8",
  together: "M9 12m-5 0a5 5 0 1 0 10 0a5 5 0 1 0-10 0M15 12m-5 0a5 5 0 1 0 10 0a5 5 0 1 0-10 0",
};

export function AreaMark({ area, size = 20 }: { area: AreaId; size?: number }) {
  return (
    <svg
      style={{ flex: "none" }}
      width={size}
      height={size}
      viewBox="0 0 24 24"
      fill="none"
      stroke={AREA_COLOURS[area]}
      strokeWidth={2}
      strokeLinecap="round"
      strokeLinejoin="round"
      role="img"
      aria-label={AREA_NAMES[area]}
    >
      <path d={MARKS[area]} />
    </svg>
  );
}
