/** Every screen, with its parts. */
export const ADDRESSES = [
  ...["/", "/?tray=1", "/plan", "/plan?weeks=1", "/prepare", "/reminders"],
  ...[
    "/workbench",
    "/workbench?kind=number-cards&to=5",
    "/workbench?kind=shelf-plan",
    "/workbench?kind=making",
  ],
  ...[
    "/activities",
    "/activities/new",
    "/activities/discs-in-a-slot",
    "/activities/sitting/ball-soft",
    "/day/ill",
  ],
  ...["/cupboard", "/cupboard/gauge", "/journal", "/journal?view=charts"],
  ...["/growing", "/growing?view=lately", "/growing?view=ahead", "/growing/posts", "/growing/summary"],
  ...["children", "places", "day", "work", "homes", "data"].map((part) => `/household?part=${part}`),
  ...["/household/tables", "/show", "/watch", "/start"],
];
