import type { ReactNode } from "react";

const M = "#E2A51B";
const B = "#8E2F5C";
const S = "#7FB7C9";
const G = "#1E5B52";
const W = "#D9C293";
const P = "#F9F8F2";

/** Things on a tray, drawn small in few colours with one dark line. They stand on y = 60 of a 100 × 60 field. */
const DRAWINGS: Record<string, ReactNode> = {
  cards: (
    <>
      <rect x="20" y="22" width="26" height="38" fill={P} />
      <path d="M20 41h26M33 22v38" />
      <rect x="54" y="22" width="26" height="38" fill={P} />
      <circle cx="67" cy="41" r="8" fill={G} />
    </>
  ),
  ring: (
    <>
      <path d="M50 0v20" />
      <circle cx="50" cy="38" r="18" fill={S} />
      <circle cx="50" cy="38" r="9" fill={P} />
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
  slot: (
    <>
      <circle cx="50" cy="12" r="10" fill={M} />
      <rect x="24" y="22" width="52" height="38" rx="4" fill={S} />
      <path d="M38 29h24" strokeWidth="4" />
    </>
  ),
  wells: (
    <>
      <circle cx="30" cy="34" r="9" fill={M} />
      <circle cx="50" cy="34" r="9" fill={M} />
      <circle cx="70" cy="34" r="9" fill={B} />
      <path d="M14 38h72l-4 22H18z" fill={W} />
    </>
  ),
  pegs: (
    <>
      <rect x="16" y="38" width="68" height="22" rx="5" fill={W} />
      <path d="M26 46V18M38 46V18" stroke={B} strokeWidth="6" />
      <path d="M50 46V18" stroke={G} strokeWidth="6" />
      <path d="M62 46V18M74 46V18" stroke={M} strokeWidth="6" />
    </>
  ),
  blocks: (
    <>
      <rect x="24" y="36" width="24" height="24" fill={G} />
      <rect x="52" y="36" width="24" height="24" fill={M} />
      <rect x="38" y="12" width="24" height="24" fill={S} />
    </>
  ),
  nest: (
    <>
      <path d="M14 26h40l-5 34H19z" fill={B} />
      <path d="M50 36h26l-4 24H54z" fill={M} />
      <path d="M78 44h14l-2 16H80z" fill={S} />
    </>
  ),
  lids: (
    <>
      <path d="M18 34h36v26H18z" fill={S} />
      <path d="M14 28h44v6H14z" fill={G} />
      <circle cx="76" cy="46" r="14" fill={M} />
      <circle cx="76" cy="46" r="4" fill={P} />
    </>
  ),
  puzzle: (
    <>
      <rect x="16" y="30" width="68" height="30" fill={W} />
      <circle cx="34" cy="45" r="10" fill={B} />
      <rect x="54" y="36" width="18" height="18" fill={S} />
      <path d="M34 45v-8M63 45v-8" strokeWidth="3" />
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
  cup: (
    <>
      <path d="M14 60l5-32h18l5 32zM56 60l5-32h18l5 32z" fill={S} />
      <circle cx="49" cy="51" r="8" fill={M} />
    </>
  ),
  spoon: (
    <>
      <path d="M30 34L68 8" strokeWidth="4" />
      <ellipse cx="73" cy="6" rx="9" ry="6" transform="rotate(-30 73 6)" fill={W} />
      <path d="M8 42h40c0 12-9 18-20 18S8 54 8 42zM52 42h40c0 12-9 18-20 18S52 54 52 42z" fill={P} />
    </>
  ),
  tongs: (
    <>
      <path d="M24 10c20 4 34 14 40 30M24 10c4 18 14 34 30 40" strokeWidth="4" />
      <circle cx="68" cy="50" r="10" fill={B} />
      <circle cx="88" cy="53" r="7" fill={M} />
    </>
  ),
  jug: (
    <>
      <path d="M18 14h34l-4 46H22z" fill={S} />
      <path d="M52 24c16-2 16 22-2 22" />
      <path d="M66 32h22v28H66z" fill={P} />
      <path d="M67 46h20v13H67z" fill={S} stroke="none" />
    </>
  ),
  sponge: (
    <>
      <path d="M26 22h46c5 0 6 16 0 16H26c-6 0-6-16 0-16z" fill={M} />
      <path d="M36 28h1M50 32h1M62 27h1" strokeWidth="3" />
      <path d="M14 40h72c-2 14-10 20-18 20H32c-8 0-16-6-18-20z" fill={S} />
    </>
  ),
  bowl: (
    <>
      <path d="M34 34c0-12 20-22 34-12" stroke={M} strokeWidth="7" />
      <path d="M14 36h72c0 16-14 24-36 24S14 52 14 36z" fill={P} />
      <path d="M18 45h64" />
    </>
  ),
  rings: (
    <>
      <path d="M12 54c18-22 60 6 78-14" stroke={B} strokeWidth="4" />
      <rect x="26" y="28" width="14" height="30" rx="5" fill={M} />
      <rect x="44" y="28" width="14" height="30" rx="5" fill={M} />
      <rect x="66" y="30" width="14" height="28" rx="5" fill={S} />
    </>
  ),
  posts: (
    <>
      <path d="M30 48V8M50 48V4M70 48V10" strokeWidth="3" />
      <rect x="23" y="32" width="14" height="14" rx="3" fill={M} />
      <rect x="43" y="32" width="14" height="14" rx="3" fill={M} />
      <rect x="43" y="18" width="14" height="13" rx="3" fill={M} />
      <path d="M16 60c0-10 14-14 34-14s34 4 34 14z" fill={S} />
    </>
  ),
  sticker: (
    <>
      <rect x="22" y="14" width="56" height="46" fill={P} />
      <circle cx="38" cy="30" r="8" fill={B} />
      <circle cx="60" cy="34" r="8" fill={M} />
      <circle cx="44" cy="48" r="7" fill={G} />
    </>
  ),
  paper: (
    <>
      <path d="M18 60V18l24 4 6 38zM56 60l2-40 26-6-2 46z" fill={P} />
      <path d="M46 20l4 9-3 9 5 8-3 8" />
    </>
  ),
  brush: (
    <>
      <rect x="22" y="28" width="56" height="32" fill={G} />
      <path d="M32 50c8-10 14 4 24-6" stroke={S} strokeWidth="5" />
      <path d="M54 40L78 6" strokeWidth="4" />
      <path d="M54 40l-7 9 10-4z" fill={M} />
    </>
  ),
  crayon: (
    <>
      <rect x="18" y="20" width="64" height="40" fill={P} />
      <path d="M28 50c8-24 14 10 20-8s10 6 16-6" stroke={B} strokeWidth="3" />
      <path d="M66 38l14-24 6 4-14 24-8 4z" fill={M} />
    </>
  ),
  dough: (
    <>
      <path d="M14 60c-4-22 18-34 32-26 12-8 34 2 30 26z" fill={S} />
      <circle cx="40" cy="46" r="3" fill={G} />
      <path d="M82 60c-6-4 0-14 6-10 6 2 4 10 0 10z" fill={M} />
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

/** A small drawing of the things of an activity; decoration only. */
export function Glyph({ name }: { name: string }) {
  return (
    <svg
      className="glyph"
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
