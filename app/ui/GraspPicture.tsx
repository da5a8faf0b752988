import type { Grasp } from "../core/model";

/** What touches the thing in each grasp: palm, fingers and thumb as simple strokes; a tool is a long slanting line. */
const STROKES: Record<Grasp, string> = {
  "whole-hand": "M6 22c0-9 3-14 12-14s12 5 12 14M10 8V4M16 7V2M22 7V3M27 9V5M4 20l-2-4",
  raking: "M6 24c1-8 5-12 12-12s11 4 12 12M11 13l-2 7M17 12v9M23 12l2 8M28 16l3 6",
  "thumb-side": "M10 26c0-8 2-11 8-12l8-2c3-1 3-5 0-5l-9 1M12 20c-4-3-4-9 1-11l3-1",
  "three-fingers": "M18 26V14M18 14L11 4M18 14l1-11M18 14l8-9",
  "thumb-fingertip": "M18 26V16M18 16C10 14 9 8 15 5M18 16c8-2 9-8 3-11M16 5.5a2.4 2.4 0 1 0 4 0",
  "tool-fist": "M18 1v26M11 9c0-3 14-3 14 0v10c0 3-14 3-14 0zM11 13h14M11 16h14",
  "tool-palm-down": "M4 5l28 18M12 6c-4 2-5 7-2 10l5 4c3 2 7 0 8-3M15 6l9 10",
  "tool-four-fingers": "M29 2L9 26M10 9l11 3M9 13l10 2M9 17l8 1M22 20c4 0 6-4 4-8l-4-2",
  "tool-three-still": "M29 2L9 26M12 10l10 2M11 15l8 1M20 20c5 1 8-4 6-9l-5-2M13 22l4 4",
  "tool-three-moving":
    "M29 2L9 26M12 10l10 2M11 15l8 1M20 20c5 1 8-4 6-9l-5-2M4 20c1 3 3 5 6 6M6 16l-2 4 4 1",
};

/** Grasps of a small thing show it as a ring. */
const THING_AT: Partial<Record<Grasp, number>> = {
  "whole-hand": 18,
  raking: 5,
  "thumb-side": 9,
  "three-fingers": 5,
  "thumb-fingertip": 5,
};

/** A hand in outline, so that a grasp is found by looking. */
export const GraspPicture = ({ grasp }: { grasp: Grasp }) => {
  const thing = THING_AT[grasp];
  return (
    <svg
      viewBox="0 0 36 28"
      width="36"
      height="28"
      aria-hidden="true"
      fill="none"
      stroke="currentcolor"
      strokeWidth="1.8"
      strokeLinecap="round"
      style={{ verticalAlign: "middle" }}
    >
      {thing !== undefined && <circle cx="18" cy={thing} r="3" />}
      <path d={STROKES[grasp]} />
    </svg>
  );
};
