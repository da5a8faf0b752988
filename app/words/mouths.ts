/** Whether a child puts things in the mouth, as the adult says. */
export const MOUTHS_OPTIONS = [
  { value: "by-age", label: "by age (until 3)" },
  { value: "yes", label: "yes" },
  { value: "no", label: "no longer" },
] as const;
