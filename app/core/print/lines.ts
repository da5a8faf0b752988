/** How wide a letter is on average, as part of the size of the type: a little more than it is, so that lines stay short enough. */
const LETTER = 0.52;

/** A text in lines that are no wider than so many mm; a word that is wider stands alone. At most `most` lines, the rest cut. */
export function wrapped(text: string, widthMm: number, sizeMm: number, most = Infinity): string[] {
  const letters = Math.max(1, Math.floor(widthMm / (sizeMm * LETTER)));
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter((one) => one !== "")) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= letters)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  if (lines.length <= most) return lines;
  const kept = lines.slice(0, most);
  return [...kept.slice(0, -1), `${kept.at(-1)?.slice(0, Math.max(1, letters - 1))}…`];
}
