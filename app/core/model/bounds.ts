/** The longest text of a field that has no limit of its own: a paragraph or two. */
export const MOST_TEXT = 2000;
export const TOO_LONG = "at most 2000 characters";

/** The last instant that is taken for one, in milliseconds since 1970: the end of the year 2199. */
export const LATEST_MS = 7_258_118_399_999;

/** The first and the last calendar date that are taken for ones. */
export const FIRST_DATE = "1900-01-01";
export const LAST_DATE = "2199-12-31";
