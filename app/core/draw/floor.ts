import type { FloorMark, FloorStation, NeedId, TapeForm } from "../model";
import { circle, ellipse, filled, lined, type Mark, moveBy, polyline, rect, transformed } from "./drawing";
import type { Ground } from "./ground";
import type { LaidThing } from "./lying";
import type { Part } from "./parts";

/** A mark or a piece of tape on the floor: its box in mm. */
export interface FloorPart {
  /** The need, for tape. */
  need?: NeedId;
  mark?: FloorMark;
  x: number;
  y: number;
  widthMm: number;
  depthMm: number;
  marks: readonly Mark[];
}

/** A distance along the way, in mm from the left: a gap between two stations, or the length of what is laid. */
export interface Span {
  fromMm: number;
  toMm: number;
}

export interface FloorPlan {
  parts: readonly FloorPart[];
  spans: readonly Span[];
  /** The stations in order, in as few words as can be put into a sentence. */
  stations: readonly FloorStation[];
}

/** Painter's tape as it is sold for floors. */
const TAPE_MM = 25;
/** Between two lines that a small child walks between. */
const LANE_MM = 250;
/** A narrow river: less than the first jumps over something, 20 to 30 cm at two and a half. */
const RIVER_MM = 150;
const EDGE_MM = 60;
const LEAST_DEPTH_MM = 520;

type Point = readonly [number, number];

/** Tape laid along points: a band for each stretch, its corners rounded. */
const band = (points: readonly Point[]): Mark[] =>
  points.slice(1).map(([x1, y1], i): Mark => {
    const [x0, y0] = points[i] as Point;
    const far = Math.hypot(x1 - x0, y1 - y0);
    const [dx, dy] = [((y1 - y0) / far) * (TAPE_MM / 2), ((x1 - x0) / far) * (TAPE_MM / 2)];
    const corners: Point[] = [
      [x0 + dx, y0 - dy],
      [x1 + dx, y1 - dy],
      [x1 - dx, y1 + dy],
      [x0 - dx, y0 + dy],
    ];
    return {
      kind: "path",
      ops: polyline(corners, true),
      fill: "marigold",
      line: { tone: "marigold", weight: 0.3 },
    };
  });

const STEPS = 24;
const arc = (cx: number, cy: number, r: number, from: number, to: number): Point[] =>
  Array.from({ length: STEPS + 1 }, (_, i): Point => {
    const angle = from + ((to - from) * i) / STEPS;
    return [cx + r * Math.cos(angle), cy + r * Math.sin(angle)];
  });

const box = (x: number, side: number): Point[] => [
  [x, 0],
  [x + side, 0],
  [x + side, side],
  [x, side],
  [x, 0],
];

/** The lines of tape, each as points in mm from its own corner. */
function linesOf(form: TapeForm, lengthMm: number, count: number): Point[][] {
  switch (form) {
    case "line":
      return [
        [
          [0, 0],
          [lengthMm, 0],
        ],
      ];
    case "lines":
      return [0, LANE_MM].map((y): Point[] => [
        [0, y],
        [lengthMm, y],
      ]);
    case "river":
      return [0, RIVER_MM].map((x): Point[] => [
        [x, 0],
        [x, lengthMm],
      ]);
    case "bend": {
      // A quarter of a ring, from one foot of it to the other.
      const r = (2 * lengthMm) / Math.PI;
      return [arc(0, 0, r, -0.75 * Math.PI, -0.25 * Math.PI)];
    }
    case "letter": {
      // Three quarters of a ring, and three of another under it the other way round.
      const r = lengthMm / (3 * Math.PI);
      return [[...arc(r, r, r, 0, -1.5 * Math.PI), ...arc(r, 3 * r, r, -Math.PI / 2, Math.PI).slice(1)]];
    }
    case "squares":
      return Array.from({ length: count }, (_, i) => box(i * lengthMm, lengthMm));
    case "square":
      return [box(0, lengthMm)];
  }
}

/** Feet from above, 13 cm long for a child, toes to the right; turned round for whoever waits at the other end. */
function feet(lengthMm: number, facesLeft: boolean): Mark[] {
  const wide = lengthMm * 0.42;
  const foot = (y: number): Mark[] => [
    filled(ellipse(lengthMm * 0.5, y, lengthMm * 0.5, wide * 0.42), facesLeft ? "stone" : "ash", {
      tone: "bark",
      weight: 1,
    }),
    filled(
      circle(facesLeft ? lengthMm * 0.16 : lengthMm * 0.84, y, wide * 0.2),
      facesLeft ? "stone" : "ash",
      {
        tone: "bark",
        weight: 1,
      },
    ),
  ];
  return [...foot(wide * 0.5), ...foot(wide * 1.7)];
}

/** How each mark looks from above, with its box in mm. */
function markOf(mark: FloorMark): { widthMm: number; depthMm: number; marks: Mark[] } {
  switch (mark) {
    case "child":
      return { widthMm: 130, depthMm: 120, marks: feet(130, false) };
    case "adult":
      return { widthMm: 250, depthMm: 230, marks: feet(250, true) };
    case "baby":
      return {
        widthMm: 620,
        depthMm: 260,
        marks: [
          filled(ellipse(230, 130, 230, 90), "pale", { tone: "bark", weight: 1 }),
          filled(circle(500, 130, 75), "ash", { tone: "bark", weight: 1 }),
          filled(ellipse(560, 40, 60, 26), "ash", { tone: "bark", weight: 1 }),
          filled(ellipse(560, 220, 60, 26), "ash", { tone: "bark", weight: 1 }),
        ],
      };
    case "seat":
      return {
        widthMm: 300,
        depthMm: 300,
        marks: [
          filled(rect(0, 0, 300, 300, 30), "wood", { tone: "bark", weight: 1 }),
          lined(
            [
              ["M", 262, 20],
              ["L", 262, 280],
            ],
            { tone: "bark", weight: 1.4 },
          ),
        ],
      };
    case "wall":
      return {
        widthMm: 80,
        depthMm: 900,
        marks: [filled(rect(0, 0, 80, 900), "stone", { tone: "bark", weight: 1 })],
      };
    case "stop":
      return {
        widthMm: 40,
        depthMm: 400,
        marks: [filled(rect(0, 0, 40, 400, 12), "brick", { tone: "bark", weight: 1 })],
      };
  }
}

function tapeOf({ need, form, lengthCm, count }: Extract<FloorStation, { kind: "tape" }>) {
  const lines = linesOf(form, lengthCm * 10, count);
  const xs = lines.flat().map(([x]) => x);
  const ys = lines.flat().map(([, y]) => y);
  const [left, top] = [Math.min(...xs) - TAPE_MM / 2, Math.min(...ys) - TAPE_MM / 2];
  return {
    need,
    widthMm: Math.max(...xs) + TAPE_MM / 2 - left,
    depthMm: Math.max(...ys) + TAPE_MM / 2 - top,
    // A bend begins where the way has come to; all else lies to both sides of it.
    ...(form === "bend" ? { beginMm: (lines[0]?.[0]?.[1] ?? 0) - top } : {}),
    marks: transformed(lines.flatMap(band), moveBy(-left, -top)),
  };
}

interface Way {
  things: LaidThing[];
  parts: FloorPart[];
  spans: Span[];
  /** Where the way has come to, and how deep it is so far, in mm. */
  x: number;
  depthMm: number;
  /** So many things of each need stand already. */
  stood: Map<string, number>;
}

/** Things of a need, along the way or across it; y is from the middle of the way. */
function stand(way: Way, station: Extract<FloorStation, { kind: "things" }>, part: Part) {
  const { thing } = part;
  const { across, turned } = station;
  const [w, d] = turned ? [thing.depthMm, thing.widthMm] : [thing.widthMm, thing.depthMm];
  const apartMm = Math.max(station.apartCm * 10, across ? 20 : 0);
  const first = way.stood.get(station.need) ?? 0;
  const whole = station.count * ((across ? d : w) + apartMm) - apartMm;
  for (let i = 0; i < station.count; i++) {
    const far = i * ((across ? d : w) + apartMm);
    way.things.push({
      need: station.need,
      index: first + i,
      thing,
      x: way.x + (across ? 0 : far),
      y: across ? far - whole / 2 : -d / 2,
      isTurned: turned,
    });
    if (i > 0 && !across && station.apartCm > 0)
      way.spans.push({ fromMm: way.x + far - apartMm, toMm: way.x + far });
  }
  way.stood.set(station.need, first + station.count);
  way.x += across ? w : whole;
  way.depthMm = Math.max(way.depthMm, across ? whole : d);
}

function lay(way: Way, part: Omit<FloorPart, "x" | "y">, beginMm = part.depthMm / 2) {
  way.parts.push({ ...part, x: way.x, y: -beginMm });
  way.x += part.widthMm;
  way.depthMm = Math.max(way.depthMm, 2 * beginMm, 2 * (part.depthMm - beginMm));
}

/**
 * A way over the floor to scale, seen from above and gone from left to right: each station so far from the one before as the
 * rung says. `ready` is the room at the left, in mm, for what the way does not name.
 */
export function layFloor(
  stations: readonly FloorStation[],
  parts: readonly Part[],
  ready: { widthMm: number; depthMm: number },
): { ground: Ground; things: LaidThing[]; plan: FloorPlan; middleMm: number } {
  const begin = EDGE_MM + (ready.widthMm > 0 ? ready.widthMm + 2 * EDGE_MM : 0);
  const way: Way = { things: [], parts: [], spans: [], x: begin, depthMm: ready.depthMm, stood: new Map() };
  for (const station of stations) {
    if (station.gapCm > 0) {
      const gapMm = station.gapCm * 10;
      way.spans.push({ fromMm: way.x, toMm: way.x + gapMm });
      way.x += gapMm;
    }
    if (station.kind === "mark") lay(way, { mark: station.mark, ...markOf(station.mark) });
    else if (station.kind === "tape") {
      const from = way.x;
      const { beginMm, ...tape } = tapeOf(station);
      lay(way, tape, beginMm);
      if (station.form === "line" || station.form === "lines") way.spans.push({ fromMm: from, toMm: way.x });
    } else {
      const part = parts.find((one) => one.out.need === station.need);
      if (part) stand(way, station, part);
    }
  }
  const depthMm = Math.max(LEAST_DEPTH_MM, way.depthMm + 2 * EDGE_MM);
  const down = <T extends { y: number }>(one: T): T => ({ ...one, y: one.y + depthMm / 2 });
  return {
    ground: { kind: "floor", widthMm: way.x + EDGE_MM, depthMm, marginMm: EDGE_MM, grows: true },
    things: way.things.map(down),
    plan: { parts: way.parts.map(down), spans: way.spans, stations },
    middleMm: depthMm / 2,
  };
}
