import type { ReactNode } from "react";

const M = "#E2A51B";
const B = "#8E2F5C";
const S = "#7FB7C9";
const G = "#1E5B52";
const W = "#D9C293";
const P = "#F9F8F2";

/** What stands for an activity that needs no things: in few colours with one dark line, on y = 60 of a 100 × 60 field. */
const DRAWINGS: Record<string, ReactNode> = {
  cards: (
    <>
      <rect x="20" y="22" width="26" height="38" fill={P} />
      <path d="M20 41h26M33 22v38" />
      <rect x="54" y="22" width="26" height="38" fill={P} />
      <circle cx="67" cy="41" r="8" fill={G} />
    </>
  ),
  rattle: (
    <>
      <circle cx="36" cy="44" r="15" fill={M} />
      <circle cx="36" cy="44" r="7" fill={P} />
      <path d="M49 38l26-14" />
      <circle cx="78" cy="22" r="7" fill={B} />
    </>
  ),
  ball: (
    <>
      <circle cx="30" cy="42" r="18" fill={B} />
      <circle cx="59" cy="47" r="13" fill={M} />
      <circle cx="81" cy="51" r="9" fill={S} />
    </>
  ),
  basket: (
    <>
      <path d="M30 40l10-20M55 40l-4-26" />
      <circle cx="66" cy="32" r="9" fill={S} />
      <path d="M16 38h68l-8 22H24z" fill={W} />
      <path d="M20 49h60" />
    </>
  ),
  cloth: (
    <>
      <path d="M22 60c2-20 8-34 18-40 8 10 20 6 28 2 4 12 8 26 10 38z" fill={S} />
      <path d="M40 20c-2 14-2 28 0 40M60 25c3 12 3 24 3 35" />
    </>
  ),
  blocks: (
    <>
      <rect x="24" y="36" width="24" height="24" fill={G} />
      <rect x="52" y="36" width="24" height="24" fill={M} />
      <rect x="38" y="12" width="24" height="24" fill={S} />
    </>
  ),
  sort: (
    <>
      <circle cx="24" cy="30" r="6" fill={M} />
      <circle cx="36" cy="32" r="6" fill={M} />
      <rect x="62" y="26" width="11" height="11" fill={G} />
      <rect x="75" y="27" width="11" height="11" fill={G} />
      <path d="M10 38h38c0 14-8 22-19 22S10 52 10 38zM54 38h38c0 14-8 22-19 22S54 52 54 38z" fill={P} />
    </>
  ),
  book: (
    <>
      <path d="M20 18l30 8v34l-30-7zM80 18l-30 8v34l30-7z" fill={P} />
      <path d="M58 34l14-4v14l-14 4z" fill={M} />
    </>
  ),
  box: (
    <>
      <path d="M18 26h64v34H18z" fill={W} />
      <path d="M18 26l-8-10M82 26l8-10M18 40h64" />
      <circle cx="50" cy="18" r="9" fill={B} />
    </>
  ),
  line: (
    <>
      <path d="M6 58c24-6 30-18 88-20" stroke={M} strokeWidth="5" />
      <path d="M30 40c2-8 12-8 12 0-2 8-12 8-12 0zM54 30c2-8 12-8 12 0-2 8-12 8-12 0z" fill={S} />
    </>
  ),
  ramp: (
    <>
      <path d="M12 22l74 38H12z" fill={W} />
      <circle cx="38" cy="22" r="11" fill={B} />
      <rect x="72" y="36" width="16" height="12" fill={S} />
    </>
  ),
  leaf: (
    <>
      <path d="M20 58c-4-26 12-42 34-42 2 24-10 42-34 42z" fill={G} />
      <path d="M20 58l24-30" />
      <path d="M60 60c-2-14 8-26 20-24 6 12 0 24-20 24z" fill={M} />
      <path d="M64 56c6-4 10-8 13-14M61 50l8 2" />
    </>
  ),
  drum: (
    <>
      <path d="M26 30v24c0 8 48 8 48 0V30z" fill={B} />
      <ellipse cx="50" cy="30" rx="24" ry="8" fill={P} />
      <path d="M62 26L84 6" strokeWidth="4" />
    </>
  ),
  bear: (
    <>
      <circle cx="38" cy="18" r="6" fill={W} />
      <circle cx="62" cy="18" r="6" fill={W} />
      <circle cx="50" cy="26" r="15" fill={W} />
      <path d="M34 60c-2-14 6-20 16-20s18 6 16 20z" fill={W} />
      <path d="M45 25h1M54 25h1" strokeWidth="3" />
      <path d="M47 32h6" />
    </>
  ),
};

/** A small drawing for an activity of which nothing stands on a tray; decoration only. */
export function Glyph({ name, small = false }: { name: string; small?: boolean }) {
  return (
    <svg
      className="block"
      width={small ? 84 : "100%"}
      height={small ? 50 : 62}
      viewBox="0 0 100 62"
      aria-hidden="true"
      fill="none"
      stroke="#16302F"
      strokeWidth={1.8}
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {DRAWINGS[name] ?? DRAWINGS.basket}
    </svg>
  );
}

export const GLYPH_NAMES = Object.keys(DRAWINGS);
