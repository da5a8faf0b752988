import { latestStamp } from "../../core/model";

/** The latest instant that any row bears, as far as this tab knows, in milliseconds. */
let latest = 0;

/** The stamps that this tab has given of late, to tell its own writes from those of others. */
const own = new Set<string>();
const OWN_KEPT = 20_000;

/** The later of what is known and a stamp that was read; one that lies further ahead than clocks differ counts for nothing. */
export const sawInstant = (instant: string): void => {
  if (instant > latestStamp(new Date().toISOString())) return;
  const ms = Date.parse(instant);
  if (ms > latest) latest = ms;
};

/**
 * The stamp for what is written now: the time, but always later than every stamp known. What was written last is found
 * by its stamp, also after the device's clock was set back, or a backup came from a device whose clock runs ahead.
 */
export const now = (): string => {
  latest = Math.max(Date.now(), latest + 1);
  const stamp = new Date(latest).toISOString();
  if (own.size >= OWN_KEPT) own.clear();
  own.add(stamp);
  return stamp;
};

/** Counts a stamp as this tab's own: of a row that it brought in from a file. */
export const tookOver = (stamp: string): void => {
  own.add(stamp);
};

/** Was it this tab that wrote what bears this stamp? */
export const isOwn = (stamp: string): boolean => own.has(stamp);
