/** Names that browsers, and the library over their database, give to a write that did not come to pass. */
const NOT_WRITTEN = new Set(["DatabaseClosedError", "OpenFailedError", "UnknownError", "InvalidStateError"]);

const namesIn = (error: unknown): string[] =>
  error instanceof Error
    ? [error.name, error.message, ...("inner" in error ? namesIn(error.inner) : [])]
    : error instanceof DOMException
      ? [error.name, error.message]
      : [];

/** Is there no room left for what was to be kept? */
export const isStorageFull = (error: unknown): boolean => namesIn(error).some((one) => /quota/i.test(one));

/** Why a change was not kept, and what to do; undefined where it is something else that failed. */
export function unkeptText(error: unknown): string | undefined {
  if (isStorageFull(error)) {
    return "Not kept: there is no room left in this browser. Save a backup file, make room on the device, and do it again.";
  }
  return namesIn(error).some((one) => NOT_WRITTEN.has(one))
    ? "Not kept: the browser could not write it down. Do it again; where that fails as well, note it on paper and reload the page."
    : undefined;
}
