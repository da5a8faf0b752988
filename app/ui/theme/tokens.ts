/** Every colour that is used in more than one place; the drawings, our styles and Ant Design's parts take them from here. */
export const COLOURS = {
  ink: "#16302f",
  spruce: "#1e5b52",
  "spruce-light": "#2a6c62",
  "spruce-dark": "#174840",
  marigold: "#e2a51b",
  beet: "#8e2f5c",
  sky: "#7fb7c9",
  brick: "#a63d2f",
  moss: "#2e6b3f",
  amber: "#8a5a00",
  ash: "#ead9b8",
  "ash-mid": "#d9c293",
  "ash-dark": "#b99b63",
  paper: "#f9f8f2",
  /** Where something is written or chosen. */
  field: "#fdfcf8",
  mist: "#eef1ea",
  quiet: "#4b5a58",
  faint: "#5f6c6a",
  line: "#c9cfc6",
  /** What is lit: a tray that is chosen, a word that says now, what was done. */
  lit: "#fbeecb",
  glow: "#f7e2b0",
  dew: "#e1ece3",
  blush: "#f7e9e3",
  /** The sides of the shelf and its back. */
  wood: "#cdb783",
  back: "#f5f0e2",
  /** Round what can be filled in or pressed: 3:1 against what it stands on. */
  edge: "#7d8983",
} as const;

export const FONTS = {
  head: '"Bricolage Grotesque Variable", sans-serif',
  text: '"Atkinson Hyperlegible Next Variable", sans-serif',
} as const;

/** Sizes in px. */
export const SIZES = { radius: 5, control: 36, finger: 44, text: 15, small: 13, focus: 3 } as const;

const variables = (entries: Record<string, string>): string =>
  Object.entries(entries)
    .map(([name, value]) => `--${name}:${value}`)
    .join(";");

/** The tokens as variables for the styles. */
export const TOKEN_CSS = `:root{${variables({
  ...COLOURS,
  ...FONTS,
  ...Object.fromEntries(Object.entries(SIZES).map(([name, px]) => [`${name}-px`, `${px}px`])),
})}}`;
