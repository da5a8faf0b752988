/** The latest instant that any row bears, as far as this tab knows, in milliseconds. */
let latest = 0;

/** Remembers the stamp of a row that was read. */
export const sawInstant = (instant: string): void => {
  const ms = Date.parse(instant);
  if (ms > latest) latest = ms;
};

/**
 * The stamp for what is written now: the time, but always later than every stamp known. What was written last is found
 * by its stamp, also after the device's clock was set back, or a backup came from a device whose clock runs ahead.
 */
export const now = (): string => {
  latest = Math.max(Date.now(), latest + 1);
  return new Date(latest).toISOString();
};
