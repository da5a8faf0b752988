import { type PieceShape, sortedExtentsMm } from "../model";
import { countsAsSmallPart } from "./smallPart";
import { TUBE_DIAMETER_MM, TUBE_LENGTH_MM, tubeFit } from "./tubeFit";

/** Remembers the answer for each piece, since a plan asks for the same pieces many times. */
function remembered(judge: (piece: PieceShape) => boolean): (piece: PieceShape) => boolean {
  const answers = new Map<string, boolean>();
  return (piece) => {
    const key = `${piece.shape} ${piece.mm.join(" ")}`;
    const known = answers.get(key);
    if (known !== undefined) return known;
    const answer = judge(piece);
    answers.set(key, answer);
    return answer;
  };
}

/** Does the piece count as a small part? */
export const isSmallPart = remembered(countsAsSmallPart);

/** Passes the toilet-roll tube, however long it is: what is longer sticks out, and is a rod. */
const passesAtAnyLength = remembered((piece) => tubeFit(piece, TUBE_DIAMETER_MM).tubeFits);

/** Passes the toilet-roll tube and is no longer than it: the home rule for a child who mouths. */
export const passesTube = (piece: PieceShape): boolean =>
  passesAtAnyLength(piece) && Math.max(...piece.mm) <= TUBE_LENGTH_MM;

/** Thinner than this (mm) a flat thing is paper, card or a sticker: it bends and can be drawn into the mouth. */
export const PAPER_MM = 0.5;

/** A piece as thin as paper. */
export const isPaperThin = (piece: PieceShape): boolean => Math.min(...piece.mm) <= PAPER_MM;

/** So thin (mm) a rod can go into throat, ear or eye. */
export const THIN_ROD_MM = 13;

/** A thin rod longer than the tube: at most 13 mm across, as dowels and twigs are, its two smaller sizes. */
export const isThinRod = (piece: PieceShape): boolean => {
  const [smallest, middle, largest] = sortedExtentsMm(piece);
  return largest > TUBE_LENGTH_MM && smallest > PAPER_MM && middle <= THIN_ROD_MM;
};
