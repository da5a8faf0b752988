import { filled, lined, type Mark, rect, words } from "../../draw";
import { PICTURE_IDS } from "../../draw/pictures";
import { cardsDrawn, interestField, pictureAt, picturesOf } from "../make";
import { areaOf } from "../paper";
import { choice, number, sheetKind, text } from "../sheet";

const lettersOf = (word: string): string[] => [...word.trim()].filter((one) => one.trim() !== "");

/** Each letter of a name or a word on a card of its own: to lay, to order, to post. */
export const letterCards = sheetKind({
  id: "letters",
  fields: {
    word: text(20, "abc"),
    cardMm: number(30, 120, 60),
    style: choice("as written", "capitals", "big and small"),
  },
  draw({ word, cardMm, style }, paper) {
    const letters =
      style === "as written"
        ? lettersOf(word)
        : style === "capitals"
          ? lettersOf(word.toUpperCase())
          : [...new Set(lettersOf(word.toLowerCase()))].flatMap((one) => [one.toUpperCase(), one]);
    const cards = letters.map((one) => ({
      marks: [
        words(cardMm / 2, cardMm * 0.7, one, cardMm * 0.66, { align: "middle", bold: true }),
        lined(
          [
            ["M", cardMm * 0.2, cardMm * 0.86],
            ["L", cardMm * 0.8, cardMm * 0.86],
          ],
          { tone: "slate", weight: 0.8 },
        ),
      ],
    }));
    return cardsDrawn(cards, cardMm, cardMm, paper);
  },
});

/** A name, large: once whole, and once with room under it to lay its letters. */
export const nameStrip = sheetKind({
  id: "name-strip",
  fields: { word: text(20, "name"), letterMm: number(15, 60, 30) },
  draw({ word, letterMm }, paper) {
    const letters = lettersOf(word);
    const area = areaOf(paper);
    const cell = Math.min(letterMm, area.widthMm / Math.max(1, letters.length));
    const left = area.x + (area.widthMm - cell * letters.length) / 2;
    const marks = letters.flatMap((one, i): Mark[] => [
      words(left + (i + 0.5) * cell, area.y + cell, one, cell * 0.9, { align: "middle", bold: true }),
      lined(rect(left + i * cell + 1, area.y + cell * 1.5, cell - 2, cell * 1.2, 2), {
        tone: "slate",
        weight: 0.8,
      }),
    ]);
    return { pages: [marks], pieces: letters.length, cutMm: 2 * (area.widthMm + cell * 3) };
  },
});

/** Letters at the beginning of an English word that do not say their own sound: sh, ch, kn, a soft c or g, tr and dr that sound like ch and j. */
const NOT_ITS_SOUND = /^([csptw]h|[gk]n|wr|[td]r|[cg][eiy]|qu)/;
/** Names that begin with a short vowel, as a first letter is learned; the others say another sound. */
const SHORT_VOWELS: ReadonlySet<string> = new Set(["anchor", "apple", "egg", "elephant"]);

/** One plain word that a child would say for the picture, with the sound of its letter. */
const saysItsLetter = (id: string): boolean =>
  !id.includes("-") &&
  id !== "grown" &&
  (/^[aeiou]/.test(id) ? SHORT_VOWELS.has(id) : !NOT_ITS_SOUND.test(id));

/** The pictures whose English name begins with the plain sound of a letter. */
export const picturesBySound = (letter: string): string[] =>
  PICTURE_IDS.filter((id) => id.startsWith(letter) && saysItsLetter(id));

/** Pictures and the letters that their English names begin with: so many pictures to each sound. */
export const firstSounds = sheetKind({
  id: "first-sounds",
  fields: { sounds: text(8, "smb"), pictures: number(1, 6, 3), cardMm: number(40, 90, 60) },
  draw({ sounds, pictures, cardMm: side }, paper) {
    const asked = [...new Set(lettersOf(sounds.toLowerCase()))];
    const found = asked.map((letter) => ({ letter, ids: picturesBySound(letter).slice(0, pictures) }));
    const known = found.filter(({ ids }) => ids.length > 0);
    const inset = side * 0.14;
    const cards = [
      ...known.flatMap(({ ids }) =>
        ids.map((id) => ({ marks: pictureAt(id, inset, inset, side - 2 * inset) })),
      ),
      ...known.map(({ letter }) => ({
        marks: [words(side / 2, side * 0.68, letter, side * 0.6, { align: "middle" as const, bold: true })],
      })),
    ];
    const drawn = cardsDrawn(cards, side, side, paper);
    const given = known.reduce((sum, one) => sum + one.ids.length, 0);
    return given === asked.length * pictures
      ? drawn
      : { ...drawn, warnings: [...(drawn.warnings ?? []), { code: "not-that-many" as const, value: given }] };
  },
});

const STORIES: Record<string, readonly string[]> = {
  "a plant grows": ["can", "seedling", "sunflower"],
  "rain and sun": ["rain", "cloud", "sun", "rainbow"],
  "a chick": ["egg", "nest", "bird"],
  "out in the cold": ["jacket", "boot", "hat", "snowflake"],
  "a boat trip": ["lighthouse", "ferry", "anchor"],
  "home again": ["key", "door", "chair", "bed"],
};

/** Pictures of one small story, to lay in order. */
export const storySteps = sheetKind({
  id: "story",
  fields: {
    story: choice("a plant grows", "rain and sun", "a chick", "out in the cold", "a boat trip", "home again"),
    cardMm: number(50, 120, 80),
  },
  draw({ story, cardMm: side }, paper) {
    const inset = side * 0.12;
    const cards = (STORIES[story] ?? []).map((id, i) => ({
      marks: [
        ...pictureAt(id, inset, inset * 0.6, side - 2 * inset),
        // Dots on the back edge tell the adult the order; they are cut off or turned under.
        ...Array.from({ length: i + 1 }, (_, k) =>
          filled(rect(4 + k * 4, side - 4, 2, 2), "stone", { tone: "stone", weight: 0.5 }),
        ),
      ],
    }));
    return cardsDrawn(cards, side, side, paper);
  },
});

/** One thing that grows in so many stages, small to large. */
export const growth = sheetKind({
  id: "growth",
  fields: { interest: interestField, stages: number(3, 6, 4), cardMm: number(40, 100, 70) },
  draw({ interest, stages, cardMm: side }, paper) {
    const [id = "snail"] = picturesOf(interest);
    const cards = Array.from({ length: stages }, (_, i) => {
      const part = 0.28 + (0.62 * (i + 1)) / stages;
      return { marks: pictureAt(id, (side * (1 - part)) / 2, side * (1 - part) - side * 0.06, side * part) };
    });
    return cardsDrawn(cards, side, side, paper);
  },
});
