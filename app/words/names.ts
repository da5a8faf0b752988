/** "Tove", "Tove and Pim", "Tove, Pim and Ask". */
export const namesText = (names: readonly string[]): string =>
  names.length < 2 ? (names[0] ?? "") : `${names.slice(0, -1).join(", ")} and ${names.at(-1)}`;
