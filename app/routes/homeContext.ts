import {
  createContext,
  type DataStrategyResult,
  href,
  type MiddlewareFunction,
  type RouterContextProvider,
  redirect,
} from "react-router";
import { z } from "zod";
import { type Home, readHome } from "../engine/store/home";
import { searchOf } from "./search";

/** So far ahead a preview looks, in months. */
export const MOST_MONTHS_AHEAD = 48;

const AheadSearch = z.object({
  /** Months of preview named in the address: `?ahead=6`. Anything odd counts as none. */
  ahead: z.coerce.number().int().min(0).max(MOST_MONTHS_AHEAD).catch(0),
});

/** The reading of the household that all of a navigation shares. */
const homeReading = createContext<() => Promise<Home>>();

async function read(request: Request): Promise<Home> {
  const home = await readHome(searchOf(request, AheadSearch).ahead);
  if (!home) throw redirect(href("/start"));
  return home;
}

/**
 * Lets loaders and actions of a navigation start from one reading of the household. It begins when the first of them asks:
 * to wait for it here would lose a tap that is followed at once by another, for then the router calls no action any more.
 */
export const withHome: MiddlewareFunction<Record<string, DataStrategyResult>> = ({ request, context }) => {
  let reading: Promise<Home> | undefined;
  context.set(homeReading, () => {
    reading ??= read(request);
    return reading;
  });
};

/** The household of this navigation; leads to the first start where there is none. */
export const homeOf = (context: Readonly<RouterContextProvider>): Promise<Home> => context.get(homeReading)();
