import type { Drawing, Mark, Op } from "./drawing";
import { colourOf } from "./palette";

const round = (n: number) => String(Math.round(n * 100) / 100);

/** The outline as the `d` of an SVG path. */
export const pathData = (ops: readonly Op[]): string =>
  ops.map(([letter, ...n]) => `${letter}${n.map((one) => round(Number(one))).join(" ")}`).join("");

const escaped = (text: string) =>
  text.replaceAll("&", "&amp;").replaceAll("<", "&lt;").replaceAll(">", "&gt;").replaceAll('"', "&quot;");

const ANCHORS = { left: "start", middle: "middle", right: "end" } as const;

function markText(mark: Mark, lineMm: number): string {
  if (mark.kind === "text") {
    const bold = mark.bold ? ' font-weight="700"' : "";
    return `<text x="${round(mark.x)}" y="${round(mark.y)}" font-size="${round(mark.sizeMm)}" text-anchor="${ANCHORS[mark.align]}" fill="${colourOf(mark.tone)}"${bold}>${escaped(mark.text)}</text>`;
  }
  const { ops, fill, line } = mark;
  const stroke = line
    ? ` stroke="${colourOf(line.tone)}" stroke-width="${round(line.weight * lineMm)}"${line.dashMm ? ` stroke-dasharray="${line.dashMm.join(" ")}"` : ""}`
    : "";
  return `<path d="${pathData(ops)}" fill="${fill ? colourOf(fill) : "none"}"${stroke}/>`;
}

/** The drawing as SVG, one unit a mm. The same drawing gives the same text. */
export const svgText = ({ widthMm, heightMm, lineMm, marks }: Drawing): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${round(widthMm)}mm" height="${round(heightMm)}mm" viewBox="0 0 ${round(widthMm)} ${round(heightMm)}" stroke-linecap="round" stroke-linejoin="round" font-family="Atkinson Hyperlegible Next">${marks.map((mark) => markText(mark, lineMm)).join("")}</svg>`;
