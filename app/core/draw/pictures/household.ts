/** Keys, kitchen and tools, fruit and vegetables, shapes. */
export const HOUSEHOLD: Record<string, string> = {
  key: "marigold M46 42C42 46 42 54 46 58H78V70H86V58H90V70H96V44H46Z; marigold circle 26 50 22; paper circle 22 50 9",
  "key-old":
    "slate M44 45H82V38H90V45H94V55H94V68H86V55H80V64H72V55H44Z; slate circle 26 50 21; paper circle 18 50 6; paper circle 30 41 6; paper circle 30 59 6",
  padlock:
    "- M30 46V30C30 6 70 6 70 30V46; marigold rect 20 44 60 48 6; ink circle 50 64 6; ink M47 66H53L55 80H45Z",
  door: "spruce rect 22 6 56 88 3; leaf rect 30 14 18 30 2; leaf rect 52 14 18 30 2; leaf rect 30 52 18 34 2; leaf rect 52 52 18 34 2; marigold circle 72 50 4",
  house:
    "ash M18 44H82V92H18Z; brick M8 48L50 10L92 48L86 54H14Z; sea rect 28 54 16 16; spruce rect 56 58 16 34",
  bed: "wood rect 4 30 8 58; wood rect 88 48 8 40; sky rect 12 54 78 22 4; white ellipse 26 52 14 10; wood rect 8 74 84 8",
  chair: "wood rect 24 6 8 86 2; wood rect 68 52 8 40 2; wood rect 24 48 52 10 2; wood rect 24 12 8 30",
  lamp: "marigold M30 8H70L84 48H16Z; slate rect 46 48 8 36; slate rect 28 82 44 10 4",
  clock:
    "white circle 50 50 42; - M50 50V24M50 50L68 60; ink:bare circle 50 50 4; -:fine M50 10V16M50 84V90M10 50H16M84 50H90",
  cup: "sky M16 26H70L64 86H22Z; - M70 36C94 34 94 68 66 70; white:fine M20 40H66",
  spoon: "slate ellipse 50 24 17 21; slate rect 45 42 10 54 5; stone:fine ellipse 50 24 10 13",
  fork: "slate M30 6H36V34H44V6H50V6H56V34H64V6H70V40C70 50 62 52 56 54V94H44V54C38 52 30 50 30 40Z",
  pot: "brick rect 14 34 72 52 8; peach rect 10 26 80 12 4; ink rect 42 16 16 10 4; brick rect 2 46 12 10 4; brick rect 86 46 12 10 4",
  kettle:
    "stone M26 40C26 24 74 24 74 40L82 88H18Z; stone M74 50L96 40L94 52L78 66Z; - M34 30C34 4 66 4 66 30; ink circle 50 28 5",
  whisk:
    "wood rect 44 4 12 40 5; - M50 42C20 56 24 94 50 94C76 94 80 56 50 42M50 42C38 56 40 94 50 94C60 94 62 56 50 42",
  bread:
    "bark M10 42C-2 16 30 10 50 14C70 10 102 16 90 42V86H10Z; cream M20 44C12 26 36 22 50 24C64 22 88 26 80 44V78H20Z",
  cheese:
    "marigold M6 60L78 20C92 26 96 44 94 60Z; marigold M6 60H94V82H6Z; cream circle 30 70 6; cream circle 62 72 7; cream circle 70 44 6",
  egg: "ash M50 8C76 8 88 46 86 64C84 84 68 94 50 94C32 94 16 84 14 64C12 46 24 8 50 8Z; white:bare ellipse 38 38 7 12",
  cake: "peach rect 14 48 72 40 4; white M14 48H86V60C80 68 74 58 68 66C60 74 54 60 48 66C40 74 34 58 28 64C22 68 18 64 14 60Z; brick rect 46 22 8 26; marigold M50 6C56 14 54 20 50 20C46 20 44 14 50 6Z",
  hammer: "wood rect 44 34 12 60 4; slate M22 12H70C80 12 86 20 88 30L70 28V36H22Z",
  saw: "slate M4 40H62V70L56 62L50 70L44 62L38 70L32 62L26 70L20 62L14 70L8 62L4 68Z; wood M62 34H88C98 38 98 72 88 76H70L62 66Z; paper ellipse 80 55 7 11",
  spanner:
    "slate M30 40L60 70C58 82 66 94 80 92L72 80L80 72L92 80C94 66 82 58 70 60L40 30C42 18 34 6 20 8L28 20L20 28L8 20C6 34 18 42 30 40Z",
  screwdriver: "brick rect 38 4 24 44 8; stone rect 46 48 8 36; slate M44 82H56L54 96H46Z",
  brush:
    "wood rect 42 4 16 46 6; stone rect 32 48 36 16 2; brick M32 64H68C68 80 60 88 50 96C40 88 32 80 32 64Z",
  bucket: "- M14 34C20 -4 80 -4 86 34; sky M12 30H88L78 92H22Z; white rect 10 28 80 10 4",
  broom: "wood rect 46 2 8 58 3; marigold M34 58H66L82 96H18Z; - M40 62L32 94M50 62V94M60 62L68 94",
  scissors:
    "slate M52 54L26 4L20 10L44 58ZM48 54L74 4L80 10L56 58Z; brick circle 32 76 17; paper circle 32 76 9; brick circle 68 76 17; paper circle 68 76 9",
  apple:
    "brick M50 26C70 8 98 20 94 54C92 82 70 100 50 90C30 100 8 82 6 54C2 20 30 8 50 26Z; - M50 26C50 16 54 10 60 6; leaf M56 18C64 6 78 8 82 12C76 22 66 24 56 18Z",
  pear: "leaf M50 20C62 20 64 36 68 48C76 58 84 66 82 78C78 94 62 96 50 94C38 96 22 94 18 78C16 66 24 58 32 48C36 36 38 20 50 20Z; - M50 20C50 12 52 8 56 4",
  banana: "marigold M12 14C18 66 52 92 92 78L96 66C62 70 38 50 28 10L16 8Z; earth M14 12L28 10L24 2L14 4Z",
  cherry:
    "brick circle 28 72 20; brick circle 70 66 20; - M28 52C34 32 46 16 62 8M70 46C70 30 66 18 62 8; leaf M62 8C74 0 88 6 92 12C82 20 70 18 62 8Z",
  strawberry:
    "brick M14 34C20 18 80 18 86 34C90 60 66 90 50 94C34 90 10 60 14 34Z; leaf M50 26L28 34L34 20L24 12L44 14L50 4L56 14L76 12L66 20L72 34Z; cream:bare circle 36 50 3; cream:bare circle 62 48 3; cream:bare circle 50 64 3; cream:bare circle 40 74 2.5; cream:bare circle 62 72 2.5",
  carrot:
    "peach M28 30C40 20 62 22 72 32C70 56 58 84 50 96C42 84 30 56 28 30Z; leaf M48 28C36 18 32 10 34 2C44 6 48 14 50 24C50 12 56 4 66 2C66 14 60 22 52 28Z; - M36 46H50M48 62H62M44 76H52",
  tomato: "brick circle 50 56 38; leaf M50 28L32 34L38 24L26 18L44 18L50 8L56 18L74 18L62 24L68 34Z",
  pea: "leaf M4 40C30 84 74 88 96 50C90 96 30 104 4 40Z; leaf circle 36 68 12; leaf circle 56 74 12; leaf circle 74 66 10",
  onion:
    "violet M50 18C54 28 90 38 88 64C86 82 66 90 50 90C34 90 14 82 12 64C10 38 46 28 50 18Z; - M50 30C36 44 34 70 46 88M50 30C64 44 66 70 54 88M50 18C48 10 46 8 42 6M50 18C54 10 56 8 60 6",
  circle: "sky circle 50 50 42",
  square: "marigold rect 12 12 76 76",
  triangle: "brick M50 10L94 86H6Z",
  oblong: "leaf rect 4 28 92 44",
  oval: "violet ellipse 50 50 46 30",
  cross: "spruce M36 8H64V36H92V64H64V92H36V64H8V36H36Z",
  heart: "rose M50 88C10 60 4 40 8 28C16 8 42 12 50 32C58 12 84 8 92 28C96 40 90 60 50 88Z",
  diamond: "sea M50 4L88 50L50 96L12 50Z",
};
