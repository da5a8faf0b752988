import { circle, type Op, rect } from "../../draw";

/** One line across a box of so many mm: straight, or with bends. */
export function wander(shape: string, w: number, h: number, bends: number): Op[] {
  const step = w / bends;
  switch (shape) {
    case "waves":
      return [
        ["M", 0, h / 2],
        ...Array.from({ length: bends }, (_, i): Op => {
          const up = i % 2 === 0 ? 0 : h;
          return ["C", i * step + step * 0.36, up, (i + 1) * step - step * 0.36, up, (i + 1) * step, h / 2];
        }),
      ];
    case "zigzag":
      return [
        ["M", 0, h],
        ...Array.from({ length: bends }, (_, i): Op => ["L", (i + 1) * step, i % 2 === 0 ? 0 : h]),
      ];
    case "steps":
      return [
        ["M", 0, h],
        ...Array.from({ length: bends }, (_, i): Op[] => {
          const y = h - ((i + 1) * h) / bends;
          return [
            ["L", i * step, y],
            ["L", (i + 1) * step, y],
          ];
        }).flat(),
      ];
    case "loops":
      return [
        ["M", 0, h * 0.8],
        ...Array.from({ length: bends }, (_, i): Op[] => {
          const x = i * step;
          return [
            ["C", x + step * 0.7, h * 0.8, x + step * 0.95, h * 0.5, x + step * 0.6, h * 0.12],
            ["C", x + step * 0.3, h * 0.02, x + step * 0.1, h * 0.4, x + step * 0.5, h * 0.7],
            ["C", x + step * 0.66, h * 0.82, x + step * 0.85, h * 0.8, x + step, h * 0.8],
          ];
        }).flat(),
      ];
    default:
      return [
        ["M", 0, h / 2],
        ["L", w, h / 2],
      ];
  }
}

/** Plain forms in a square of so many mm. */
export const FORMS: Record<string, (side: number) => Op[]> = {
  circle: (s) => circle(s / 2, s / 2, s / 2),
  square: (s) => rect(0, 0, s, s),
  triangle: (s) => [["M", s / 2, 0], ["L", s, s * 0.9], ["L", 0, s * 0.9], ["Z"]],
  wave: (s) => wander("waves", s, s * 0.5, 2),
  line: (s) => [
    ["M", 0, s / 2],
    ["L", s, s / 2],
  ],
};
