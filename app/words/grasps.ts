import type { Grasp } from "../core/model";

/** How each grasp is called on its tap. */
export const GRASP_NAMES: Record<Grasp, string> = {
  "whole-hand": "Whole hand",
  raking: "Raking",
  "thumb-side": "Thumb against the finger’s side",
  "three-fingers": "Three fingers",
  "thumb-fingertip": "Thumb and fingertip",
  "tool-fist": "Tool in the fist",
  "tool-palm-down": "Finger along the tool",
  "tool-four-fingers": "Tool in four fingers",
  "tool-three-still": "Three fingers, the hand moves",
  "tool-three-moving": "Three fingers, the fingers move",
};

export const GRASP_OPTIONS = Object.entries(GRASP_NAMES) as [Grasp, string][];

/** How it is called within a sentence. */
export const graspText = (grasp: Grasp): string => GRASP_NAMES[grasp].toLowerCase();
