/** The colours that a drawing may use, by name: one table for the screen and for print. */
export const FILLS = {
  ink: "#16302F",
  paper: "#F9F8F2",
  white: "#FFFFFF",
  spruce: "#1E5B52",
  leaf: "#7FA65E",
  marigold: "#E2A51B",
  cream: "#F3DC9A",
  beet: "#8E2F5C",
  rose: "#DFA3B4",
  sky: "#7FB7C9",
  pale: "#C9E0E6",
  sea: "#2F6F8F",
  brick: "#B4472F",
  peach: "#EBB58F",
  wood: "#D9C293",
  ash: "#EAD9B8",
  bark: "#A98A57",
  earth: "#7A5C3A",
  stone: "#B7BFB8",
  slate: "#6F7C78",
  violet: "#7C66AE",
} as const;

export type Fill = keyof typeof FILLS;

/** Each colour with the one that shades it: the inside of a bowl, the edge of a cloth. */
export const SHADES: Record<Fill, Fill> = {
  ink: "slate",
  paper: "stone",
  white: "stone",
  spruce: "leaf",
  leaf: "spruce",
  marigold: "cream",
  cream: "marigold",
  beet: "rose",
  rose: "beet",
  sky: "pale",
  pale: "sky",
  sea: "sky",
  brick: "peach",
  peach: "brick",
  wood: "bark",
  ash: "wood",
  bark: "wood",
  earth: "bark",
  stone: "slate",
  slate: "stone",
  violet: "rose",
};

/** A colour of the palette, or one that was worked out (a shade), as #rrggbb. */
export type Tone = Fill | `#${string}`;

export const colourOf = (tone: Tone): string => (tone in FILLS ? FILLS[tone as Fill] : tone);

export const isFill = (text: string): text is Fill => Object.hasOwn(FILLS, text);
