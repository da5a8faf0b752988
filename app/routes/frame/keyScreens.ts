/** After "g": the screen that a letter opens. */
export const SCREENS = {
  s: ["/", "the shelf"],
  p: ["/plan", "the plan"],
  w: ["/prepare", "what to prepare"],
  b: ["/workbench", "the workbench"],
  a: ["/activities", "the activities"],
  c: ["/cupboard", "the cupboard"],
  j: ["/journal", "the journal"],
  r: ["/growing", "growing"],
  h: ["/household", "the household"],
} as const;
