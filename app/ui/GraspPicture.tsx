import type { Observation } from "../core/model";

type Grasp = NonNullable<Observation["grasp"]>;

/** What touches the thing in each grasp: palm, fingers and thumb as simple strokes. */
const STROKES: Record<Grasp, string> = {
  "whole-hand": "M6 22c0-9 3-14 12-14s12 5 12 14M10 8V4M16 7V2M22 7V3M27 9V5M4 20l-2-4",
  raking: "M6 24c1-8 5-12 12-12s11 4 12 12M11 13l-2 7M17 12v9M23 12l2 8M28 16l3 6",
  "three-fingers": "M18 26V14M18 14L11 4M18 14l1-11M18 14l8-9",
  "thumb-fingertip": "M18 26V16M18 16C10 14 9 8 15 5M18 16c8-2 9-8 3-11M16 5.5a2.4 2.4 0 1 0 4 0",
};

/** A hand in outline, so that a grasp is found by looking. */
export const GraspPicture = ({ grasp }: { grasp: Grasp }) => (
  <svg viewBox="0 0 36 28" width="36" height="28" aria-hidden="true" className="grasp-picture">
    <circle cx="18" cy={grasp === "whole-hand" ? 18 : 5} r="3" />
    <path d={STROKES[grasp]} />
  </svg>
);
