/** The same word, whatever its case and whether one or many ("snail", "Snails"). */
export const sameWord = (a: string, b: string): boolean => {
  const bare = (word: string) => word.trim().toLowerCase().replace(/s$/, "");
  return bare(a) === bare(b);
};
