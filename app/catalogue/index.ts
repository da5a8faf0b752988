import {
  type Activity,
  type Guide,
  guideAt,
  type Makings,
  type Pack,
  type RungId,
  type Wardrobe,
} from "../core/model";
import { asBuilt } from "./asBuilt";
import guidesUrl from "./built/guides.json?url";
import laddersUrl from "./built/ladders.json?url";
import makingsUrl from "./built/makings.json?url";
import wardrobeUrl from "./built/wardrobe.json?url";

type Guides = Readonly<Record<string, Guide>>;

async function fetched<T>(url: string): Promise<T> {
  const response = await fetch(url);
  if (!response.ok) throw new Error(`The catalogue could not be read (${response.status}). Reload the page.`);
  return asBuilt<T>(await response.json());
}

/** Asks once; a failure is forgotten, so that the next call asks again. */
function once<T>(ask: () => Promise<T>): () => Promise<T> {
  let answer: Promise<T> | undefined;
  return () => {
    answer ??= ask().catch((error) => {
      answer = undefined;
      throw error;
    });
    return answer;
  };
}

/** Where the built-in pack lies, so that a page can ask for it while its code is still loading. */
export const LADDERS_URL = laddersUrl;

/**
 * The built-in pack without its guides: everything that planning needs. Data, fetched apart from the
 * screens, so that no screen's code carries it.
 */
export const loadCatalogue: () => Promise<Pack> = once(async () =>
  import.meta.env.SSR ? (await import("./catalogue")).CATALOGUE : fetched<Pack>(laddersUrl),
);

const loadGuides = once(async () =>
  import.meta.env.SSR ? (await import("./guides")).GUIDES : fetched<Guides>(guidesUrl),
);

/** The guide of an activity: its own, or the built-in one, fetched when the first is asked for. */
export const loadGuide = async (activity: Pick<Activity, "id" | "guide">): Promise<Guide | undefined> =>
  activity.guide ?? (await loadGuides())[activity.id];

/** The guide of an activity as it is for one of its rungs. */
export async function loadGuideAt(
  activity: Pick<Activity, "id" | "guide">,
  rung: RungId,
): Promise<Guide | undefined> {
  const guide = await loadGuide(activity);
  return guide && guideAt(guide, rung);
}

/** How things are made at home, fetched when it is first asked for. */
export const loadMakings: () => Promise<Makings> = once(async () =>
  import.meta.env.SSR ? (await import("./makings")).MAKINGS : fetched<Makings>(makingsUrl),
);

/** The themes, and what is swapped to dress an activity in one; fetched when it is first asked for. */
export const loadWardrobe: () => Promise<Wardrobe> = once(async () =>
  import.meta.env.SSR ? (await import("./wardrobe")).WARDROBE : fetched<Wardrobe>(wardrobeUrl),
);
