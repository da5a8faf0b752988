/**
 * The planner's weights, in points of plan value. One point is about the worth of one
 * small preference; a tray just within reach is worth ten. docs/planner.md says why.
 */
export const WEIGHTS = {
  /** A tray that is surely within reach, at a chance of 65 %. */
  reach: 10,
  /** Share of it for being sure that the child's own chance is between 35 and 90 %; the rest falls with the distance from 65 %. */
  sureShare: 0.7,
  /** A settled tray: easy, but nothing grows. */
  anchor: 5,
  /** A stretch at 20 % and at 50 %. */
  stretchLow: 2,
  stretchHigh: 6,
  /** Matches an interest the adult named. */
  namedInterest: 4,
  /** Times the mean of the noted interest (again 1, liked 0.6, little 0.1, none −0.5). */
  notedInterest: 4,
  /** Never out before. */
  brandNew: 2.5,
  /** Out before, and rested: reaches this after some weeks (time constant below). */
  rested: 3,
  restedDays: 21,
  /** Stays out because the notes say so; by how much repetition the household wants (see STAY). */
  carryOver: 5,
  /** Unfinished work that is to stand as it is. */
  leaveStanding: 20,
  /** Follows what was decided about another tray: the same skill in another form, more of what was liked there. */
  follows: 3.5,
  /** The next rung up or down that the notes ask for. */
  step: 7,
  /** "Soon", said by the adult. */
  wish: 9,
  /** Grows the skill, or is made from the material, that the household has set its focus on. */
  focus: 6,
  /** Can be dressed in the theme; times THEME. */
  theme: 5,
  /** In its season; lost outside of it. */
  season: 2,
  /** Lost where the tray has to be adult-held: the adult's minutes are scarce. */
  adultHeld: 1.5,
  /** Lost for a stand-in that does not serve at all; less the better it serves. */
  standIn: 4,
  /** Lost for each pack that has to be bought, and for each 100 cents of it. */
  purchase: 2,
  perHundredCents: 0.5,
  /** Lost for each minute of preparation. */
  prepMinute: 0.06,
} as const;

/** Value of the first, second, … tray of one kind in a rotation. Each list falls: that makes the value concave. */
export const MARGINALS = {
  /** Trays of one area for one child; the last number goes on. */
  area: [5, 1, -1.5, -4, -7],
  /** The area the household has set its focus on. */
  focusArea: [7, 5, 4, 2, 0],
  /** Trays that share a form. */
  form: [0, -4, -8],
  /** Anchors: so many as are wanted gain the first, all further ones lose the second. */
  anchor: { wanted: 6, further: -5 },
  stretch: { wanted: 5, further: -6 },
  /** Trays that serve a focus which is to have half of the shelf, up to that half; and one that is to have all of it. */
  focusHalf: 14,
  focusWhole: 30,
  /** Trays without one right use, so many as are wanted. */
  openEnded: { wanted: 4, further: 0 },
} as const;

/** Share of the value of staying, and of a theme, by what the household chose. */
export const STAY = { little: 0.5, some: 1, much: 1.6 } as const;
export const THEME = { little: 0.4, some: 1, much: 1.8 } as const;
/** In a plan of several rotations: earned for each further one in which a tray stays out, unseen as yet. */
export const STAY_AHEAD = 2.5;
/** How often what comes by moments comes in a rotation: at least, and at most, by how much repetition is wanted. */
export const TIMES = {
  little: { least: 1, most: 3 },
  some: { least: 2, most: 4 },
  much: { least: 3, most: 7 },
} as const;
/** A moment has so many different things at most: those that come as often as is wanted fill its days. */
export const thingsAt = (days: number, stay: keyof typeof TIMES): number =>
  Math.max(1, Math.floor(days / TIMES[stay].least));
/** Earned by each time beyond the first; times STAY. */
export const AGAIN = 2.5;
/** Lost for a lock that can't be kept: more than any plan is worth, so it is kept wherever that is possible. */
export const MISSED_LOCK = 1000;
/** Chances from which a rung may be proposed: below it is not a stretch but a defeat. */
export const STRETCH_FROM = 0.2;
/** A form or activity that was put away rests at least this long, unless it is loved. */
export const REST_DAYS_BEFORE_RETURN = 10;
/** A gap to the best possible plan up to this share counts as proven best. */
export const GAP = 1e-6;
/** The gap that is good enough where a proof of the very best would take too long: plans of several rotations. */
export const PROVEN_GAP = 0.005;

/** Of what is learnt at a tray so much is learnt at a second of the same beside it, with another filling. Our judgement. */
export const SECOND_LEARNT = 0.5;
