/**
 * Every screen that has a drawer, in the order of the drawers: its label, the letter that opens it after "g", its name within a
 * sentence, and whether it lies behind "More" on a phone.
 */
export const SCREENS = [
  { to: "/", label: "Shelf", key: "s", name: "the shelf", isSeldom: false },
  { to: "/plan", label: "Plan", key: "p", name: "the plan", isSeldom: false },
  { to: "/prepare", label: "Prepare", key: "w", name: "what to prepare", isSeldom: true },
  { to: "/workbench", label: "Workbench", key: "b", name: "the workbench", isSeldom: true },
  { to: "/activities", label: "Activities", key: "a", name: "the activities", isSeldom: true },
  { to: "/cupboard", label: "Cupboard", key: "c", name: "the cupboard", isSeldom: false },
  { to: "/journal", label: "Journal", key: "j", name: "the journal", isSeldom: false },
  { to: "/growing", label: "Growing", key: "r", name: "growing", isSeldom: true },
  { to: "/household", label: "Household", key: "h", name: "the household", isSeldom: true },
] as const;
