import { useCallback } from "react";
import { type NavigateOptions, useNavigate } from "react-router";

/** The address to which the last change leads, while its page is not drawn yet. There is one address a tab. */
let underway: { pathname: string; search: string } | undefined;

/** The search parameters of this page as the last tap wants them: the page that is drawn may still have those before it. */
export const searchAhead = (): URLSearchParams =>
  new URLSearchParams(
    underway?.pathname === window.location.pathname ? underway.search : window.location.search,
  );

/**
 * Changes the search parameters of this page, in the place of the address that stands there. Each change starts from the one before
 * it, drawn or not, so that quick taps add up. A change that starts from what is drawn would take the one before it back.
 */
export function useAddressChange() {
  const navigate = useNavigate();
  return useCallback(
    (change: (search: URLSearchParams) => void, options: NavigateOptions = {}): void => {
      const { pathname } = window.location;
      const next = searchAhead();
      change(next);
      const mine = { pathname, search: next.toString() };
      underway = mine;
      void (async () => {
        await navigate({ search: mine.search }, { replace: true, ...options });
        if (underway === mine) underway = undefined;
      })();
    },
    [navigate],
  );
}

/**
 * The address of this page with other search parameters, to lead to once something is done.
 * @param changes The new value by parameter; undefined takes it away.
 */
export function addressWith(changes: Readonly<Record<string, string | undefined>>): string {
  const search = searchAhead();
  for (const [name, value] of Object.entries(changes)) {
    if (value === undefined) search.delete(name);
    else search.set(name, value);
  }
  return search.size > 0 ? `${window.location.pathname}?${search}` : window.location.pathname;
}
