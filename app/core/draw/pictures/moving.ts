/** Boats, bridges, vehicles and diggers. Each in a field of 100 × 100, its first parts the body. */
export const MOVING: Record<string, string> = {
  ferry:
    "white M14 46H86V66H14Z; brick M4 64H96L84 86H16Z; white rect 30 28 40 20; sky rect 36 33 8 8; sky rect 48 33 8 8; sky rect 60 33 6 8; marigold rect 54 12 10 18; -:sky M2 94C14 88 24 98 36 92C48 86 60 98 72 92C82 88 90 94 98 92",
  rowboat:
    "wood M6 52H94C88 74 76 82 60 82H38C22 82 12 74 6 52Z; bark M20 60H80; - M30 40L60 90M70 40L44 90; -:sky M4 92C20 86 36 96 52 90C68 86 82 96 96 90",
  sailboat: "brick M10 70H90L76 90H24Z; white M50 8L50 62H14Z; marigold M56 20L56 62H86Z; - M53 6V70",
  tug: "spruce M8 60H94C92 78 84 86 70 86H24C14 82 8 72 8 60Z; white rect 24 36 34 24; sky rect 30 42 10 10; brick rect 42 14 12 22; ink:bare circle 80 72 5",
  "bridge-arch":
    "stone M4 40H96V88H84C84 64 66 56 50 56C34 56 16 64 16 88H4Z; wood rect 0 32 100 10; -:sky M16 94C30 88 40 98 54 92C66 88 74 96 84 92",
  "bridge-hanging":
    "wood rect 4 62 92 8; brick rect 22 16 8 70; brick rect 70 16 8 70; - M4 62C14 44 22 24 26 18C36 44 64 44 74 18C78 24 86 44 96 62; -:fine M36 36V62M50 40V62M64 36V62",
  lighthouse:
    "white M38 34H62L70 90H30Z; brick M36 48H64L66 62H34Z; marigold rect 40 18 20 16 2; brick M36 18L50 4L64 18Z; stone rect 22 88 56 8 3",
  anchor:
    "slate M46 24H54V70C64 68 74 60 76 48L70 50L80 32L90 50L84 48C82 72 66 86 50 90C34 86 18 72 16 48L10 50L20 32L30 50L24 48C26 60 36 68 46 70Z; slate rect 34 30 32 8 3; - M50 24C42 24 42 8 50 8C58 8 58 24 50 24",
  car: "brick M6 66V52L22 48L34 30H66L80 48L94 52V66Z; sky M34 46L40 34H48V46ZM54 46V34H64L72 46Z; ink circle 26 68 11; ink circle 74 68 11; stone circle 26 68 4; stone circle 74 68 4",
  bus: "marigold rect 6 24 88 48 6; sky rect 14 32 16 16 2; sky rect 34 32 16 16 2; sky rect 54 32 16 16 2; sky rect 74 32 14 30 2; ink circle 28 74 10; ink circle 72 74 10; stone circle 28 74 4; stone circle 72 74 4",
  truck:
    "spruce rect 4 28 56 40 2; brick M62 40H80L94 54V68H62Z; sky M68 46H78L86 56H68Z; ink circle 22 72 10; ink circle 76 72 10; stone circle 22 72 4; stone circle 76 72 4",
  digger:
    "marigold rect 10 50 44 22 4; ink rect 8 72 50 14 7; sky rect 16 34 22 18 2; - M46 52L72 22L90 46; marigold M44 48L68 16L76 22L52 56Z; marigold M70 18L96 44L90 50L66 24Z; slate M82 44H98L94 62L80 58Z",
  tractor:
    "leaf M20 50H58V70H20Z; leaf M18 26H44V52H18Z; sky rect 23 31 16 15 2; stone rect 60 38 6 16; ink circle 30 74 17; marigold circle 30 74 8; ink circle 76 78 12; marigold circle 76 78 5; leaf rect 58 54 28 14 3",
  train:
    "brick rect 24 36 50 30 4; spruce rect 66 20 26 46 3; sky rect 72 26 14 12; ink rect 30 20 10 16; ink circle 36 74 10; ink circle 58 74 10; ink circle 82 74 10; brick M24 66H10L24 52Z; - M6 86H96",
  bicycle:
    "- M26 66C12 66 12 90 26 90C40 90 40 66 26 66M76 66C62 66 62 90 76 90C90 90 90 66 76 66; -:brick M26 78L40 46L66 46L76 78M40 46L54 78H26M54 78L66 46; - M66 46L62 32H72M34 44H46",
  plane:
    "white M4 50C20 40 70 40 94 46C98 50 98 54 94 56C70 60 20 60 4 50Z; sky M40 46L62 12H72L62 46ZM40 56L62 90H72L62 56Z; brick M8 48L4 28H14L24 46Z",
  balloon:
    "brick M50 6C76 6 88 28 78 48C72 60 60 66 56 70H44C40 66 28 60 22 48C12 28 24 6 50 6Z; marigold M50 6C60 20 60 52 54 70H46C40 52 40 20 50 6Z; wood rect 42 80 16 12 2; - M45 70L43 80M55 70L57 80",
  crane:
    "marigold rect 24 14 12 74; marigold M10 14H92V24H10Z; slate rect 8 24 14 12; - M76 24V56; stone M66 56H86V70H66Z; earth rect 12 86 38 8",
};
