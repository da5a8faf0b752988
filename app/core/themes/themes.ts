import { distance } from "fastest-levenshtein";
import type { Activity, ActivityId, Theme, Wardrobe } from "../model";
import { sameWord } from "../text";

/** Every word by which a theme is meant. */
export const wordsOf = ({ name, also }: Pick<Theme, "name" | "also">): string[] => [name, ...also];

/** An activity can be dressed in the themes that name it: their words are interests that it serves. */
export function dressedIn(
  activity: Activity,
  themes: readonly Pick<Theme, "name" | "also" | "dress">[],
): Activity {
  const words = themes
    .filter((theme) => theme.dress.some((one) => one.activity === activity.id))
    .flatMap(wordsOf);
  return words.length === 0
    ? activity
    : { ...activity, interests: [...new Set([...activity.interests, ...words])] };
}

/** The themes that there are: one of our own does not take the place of a built-in one. */
export const wardrobeOf = (builtIn: Wardrobe, own: readonly Theme[]): Wardrobe => ({
  ...builtIn,
  themes: [...builtIn.themes, ...own.filter(({ name }) => themeFor(name, builtIn.themes) === undefined)],
});

/** The theme that is meant by a child's or an adult's own word. */
export const themeFor = (word: string, themes: readonly Theme[]): Theme | undefined =>
  themes.find((theme) => wordsOf(theme).some((one) => sameWord(one, word)));

/** 0 for the same word, 1 for one that has nothing in common; a word within the other counts as near. */
function apart(a: string, b: string): number {
  const [one, other] = [a.toLowerCase(), b.toLowerCase()];
  if (one.length > 3 && other.length > 3 && (one.includes(other) || other.includes(one))) return 0.2;
  return distance(one, other) / Math.max(one.length, other.length, 1);
}

/** Further apart than this two words are not taken for each other. Our judgement. */
const MOST_APART = 0.5;

/** Themes whose words are spelt most like it, the nearest first; none where nothing is near. */
export function nearestThemes(word: string, themes: readonly Theme[], count = 3): Theme[] {
  return themes
    .map((theme) => ({ theme, far: Math.min(...wordsOf(theme).map((one) => apart(one, word))) }))
    .filter((one) => one.far <= MOST_APART)
    .sort((a, b) => a.far - b.far)
    .slice(0, count)
    .map((one) => one.theme);
}

/** How a theme is helped along. */
export type ThemeHelp =
  | { kind: "theme"; theme: Theme }
  /** Nothing matches: what is near, and how trays that are there can be dressed in it. */
  | { kind: "nothing"; nearest: Theme[]; dress: { activity: ActivityId; how: string }[] };

const DRESSED = 3;

/** What there is for a word: its theme, or the nearest and three of these activities to dress in it. */
export function themeHelp(
  word: string,
  { themes, swaps }: Wardrobe,
  activities: readonly ActivityId[],
): ThemeHelp {
  const theme = themeFor(word, themes);
  if (theme) return { kind: "theme", theme };
  const dress = activities.flatMap((activity) => {
    const how = swaps[activity];
    return how ? [{ activity, how }] : [];
  });
  return { kind: "nothing", nearest: nearestThemes(word, themes), dress: dress.slice(0, DRESSED) };
}
