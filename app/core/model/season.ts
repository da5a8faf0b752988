import type { Household } from "./household";
import type { Season } from "./material";
import type { PlainDate } from "./plainDate";

/** The season by calendar months: March to May is spring in the north, autumn in the south. */
export function seasonOn(on: PlainDate, hemisphere: Household["hemisphere"]): Season {
  const month = Number(on.slice(5, 7));
  const north = Math.floor((month % 12) / 3);
  const names = ["winter", "spring", "summer", "autumn"] as const;
  return names[(north + (hemisphere === "south" ? 2 : 0)) % 4] ?? "winter";
}
