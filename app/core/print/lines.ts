import { textWidthMm } from "./textWidth";

interface Setting {
  widthMm: number;
  sizeMm: number;
  bold?: boolean;
}

/** As much of a text as has room, with an ellipsis for the rest. */
function cutShort(text: string, { widthMm, sizeMm, bold }: Setting): string {
  const letters = [...text];
  while (letters.length > 0 && textWidthMm(`${letters.join("")}…`, sizeMm, bold) > widthMm) letters.pop();
  return `${letters.join("").trimEnd()}…`;
}

/** A word in parts that have room in a line; most have room as they are. */
function partsOf(word: string, setting: Setting): string[] {
  const parts: string[] = [];
  for (const letter of word) {
    const last = parts.at(-1);
    if (last !== undefined && textWidthMm(last + letter, setting.sizeMm, setting.bold) <= setting.widthMm)
      parts[parts.length - 1] = last + letter;
    else parts.push(letter);
  }
  return parts;
}

/** Widths are added up in floating point: so much less than there is room for is used. */
const HAIR_MM = 1e-6;

/** A text in lines that are no wider than so many mm, words that are wider broken. At most `most` lines, the rest cut. */
export function wrapped(text: string, setting: Setting, most = Infinity): string[] {
  const { sizeMm, bold } = setting;
  const room = setting.widthMm - HAIR_MM;
  const space = textWidthMm(" ", sizeMm, bold);
  const lines: string[] = [];
  let wide = 0;
  for (const word of text.split(/\s+/).filter((one) => one !== "")) {
    const own = textWidthMm(word, sizeMm, bold);
    if (lines.length > 0 && wide + space + own <= room) {
      lines[lines.length - 1] += ` ${word}`;
      wide += space + own;
    } else {
      const parts = own <= room ? [word] : partsOf(word, setting);
      lines.push(...parts);
      wide = parts.length === 1 ? own : textWidthMm(parts.at(-1) ?? "", sizeMm, bold);
    }
  }
  if (lines.length <= most) return lines;
  const kept = lines.slice(0, most);
  return [...kept.slice(0, -1), cutShort(kept.at(-1) ?? "", setting)];
}
