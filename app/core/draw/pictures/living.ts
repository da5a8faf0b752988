/** Animals of house and farm, animals of long ago, people, body and clothes. */
export const LIVING: Record<string, string> = {
  cat: "slate M22 12L38 26H62L78 12L84 46C84 70 68 84 50 84C32 84 16 70 16 46Z; ink:bare circle 36 46 4; ink:bare circle 64 46 4; rose M45 56H55L50 62Z; -:fine M20 56L38 60M20 66L38 64M80 56L62 60M80 66L62 64",
  dog: "bark M24 24C10 20 4 44 14 62C22 66 26 58 26 50ZM76 24C90 20 96 44 86 62C78 66 74 58 74 50Z; peach M24 26C34 14 66 14 76 26C82 46 78 84 50 86C22 84 18 46 24 26Z; ink:bare circle 38 44 4; ink:bare circle 62 44 4; ink ellipse 50 62 9 6; - M50 68V74M40 76C46 80 54 80 60 76",
  mouse:
    "stone circle 28 34 18; stone circle 66 26 18; rose circle 28 34 9; rose circle 66 26 9; stone M14 68C14 46 40 36 60 42C84 48 92 70 88 80H26C18 80 14 76 14 68Z; ink:bare circle 30 58 3; ink circle 13 70 4; - M88 78C98 78 98 60 92 54",
  rabbit:
    "paper M34 44C22 20 28 4 36 4C44 4 46 24 46 40ZM66 44C78 20 72 4 64 4C56 4 54 24 54 40Z; paper circle 50 60 27; ink:bare circle 40 56 3; ink:bare circle 60 56 3; rose M46 66H54L50 71Z; - M50 71V77",
  horse:
    "earth M26 92L30 50L18 52C12 52 8 44 12 40L36 14L48 6L52 16C72 22 82 50 84 92Z; ink M48 6L52 16C66 20 78 36 82 56C68 44 58 34 46 30Z; ink:bare circle 34 32 3; ink:bare circle 16 46 2",
  cow: "white M28 26C20 14 10 16 8 22C12 34 20 36 26 36ZM72 26C80 14 90 16 92 22C88 34 80 36 74 36Z; white M26 24H74L70 66C68 82 32 82 30 66Z; ink M52 24H74L71 54C60 52 52 40 52 24Z; rose ellipse 50 72 22 14; ink:bare circle 42 72 3; ink:bare circle 58 72 3; ink:bare circle 38 44 3; white:bare circle 62 44 3",
  pig: "rose M18 22L34 30H66L82 22L80 50C80 74 66 86 50 86C34 86 20 74 20 50Z; beet ellipse 50 62 16 12; rose:bare circle 44 62 4; rose:bare circle 56 62 4; ink:bare circle 36 44 3; ink:bare circle 64 44 3",
  sheep:
    "white M20 60C6 56 8 38 22 38C22 22 42 18 50 28C60 18 78 24 78 38C94 40 92 60 80 62C80 76 62 80 52 74C40 82 22 76 20 60Z; ink M4 44C4 34 22 32 24 44C24 56 18 62 14 62C8 60 4 54 4 44Z; ink rect 34 74 6 18; ink rect 62 74 6 18; white:bare circle 12 46 2",
  hen: "peach M14 46C14 30 30 26 38 38C48 54 66 54 76 34L92 24C94 60 84 80 56 82C30 82 14 66 14 46Z; brick M20 30C16 20 26 18 26 24C28 16 38 20 34 30Z; marigold M14 44L2 50L14 54Z; ink:bare circle 24 42 3; - M46 82V94M60 82V94",
  duck: "marigold circle 34 30 18; marigold M30 46C16 60 16 82 40 84H66C86 84 96 68 94 50C80 58 68 54 60 56C54 50 50 46 48 40Z; brick M18 30L2 36L18 40Z; ink:bare circle 34 26 3; - M48 66C58 72 70 70 76 64",
  goat: "ash M30 30C20 10 14 10 12 6C24 4 38 10 40 26ZM60 26C62 10 76 4 88 6C86 10 80 10 70 30Z; ash M28 28H72L64 70C60 80 40 80 36 70Z; white M44 78H56L50 96Z; ink:bare circle 40 44 3; ink:bare circle 60 44 3; ink:bare circle 46 68 2; ink:bare circle 54 68 2",
  bear: "earth circle 26 26 14; earth circle 74 26 14; earth circle 50 54 36; ash ellipse 50 68 18 14; ink ellipse 50 62 7 5; ink:bare circle 36 46 4; ink:bare circle 64 46 4",
  elephant:
    "stone M40 24C60 14 90 24 92 54V88H78V70H58V88H44V66C30 62 28 74 28 86H18C16 60 18 34 40 24Z; slate M44 28C60 28 66 44 58 56C46 58 40 46 44 28Z; ink:bare circle 34 38 3",
  "long-neck":
    "leaf M4 74C20 70 26 56 44 54C58 52 66 50 68 34C68 18 76 12 88 14C98 18 96 26 88 26C80 28 82 44 80 56C78 66 74 70 72 72V92H62V76H42V92H32V76C24 80 12 80 4 74Z; ink:bare circle 87 20 2.5",
  "plate-back":
    "spruce M4 74C16 46 40 38 58 42C76 46 82 62 96 66C98 74 90 78 80 76L76 92H66V80H40V92H30V78C20 80 10 80 4 74Z; marigold M22 54L24 36L36 46ZM38 44L44 22L54 40ZM56 40L66 24L70 48Z; ink:bare circle 88 69 2",
  "three-horn":
    "violet M6 66C10 40 36 36 52 40C52 20 76 16 82 40L98 56L84 68C80 74 72 72 70 72V90H60V76H34V90H24V74C16 74 10 72 6 66Z; cream M80 40L94 28L88 46ZM88 50L100 44L92 58Z; ink:bare circle 78 52 3",
  "big-jaw":
    "brick M40 92L44 66C26 70 14 62 2 70C12 48 34 44 44 34C46 14 76 8 92 20L96 32L74 36L94 42C90 52 76 52 68 50C66 60 64 70 62 78L68 92H58L54 80L50 92Z; ink:bare circle 72 24 3; - M58 56L72 60",
  eye: "white M4 50C24 20 76 20 96 50C76 80 24 80 4 50Z; sea circle 50 50 20; ink circle 50 50 9; white:bare circle 56 44 4",
  ear: "peach M36 86C24 70 22 34 40 18C60 4 84 22 78 46C74 60 60 62 60 76C58 92 44 96 36 86Z; - M46 70C38 54 40 36 52 32C64 30 64 46 56 50",
  nose: "peach M46 8C48 40 30 56 26 72C24 86 40 88 46 82C50 88 62 88 66 80C78 84 84 70 74 60C64 46 62 30 60 8Z; - M38 80C40 74 46 74 48 78M60 80C60 74 66 74 68 76",
  hand: "peach M34 92C26 74 10 58 8 46C10 38 20 44 28 54V16C28 8 38 8 38 16V44L40 8C40 0 50 0 50 8V44L54 12C54 4 64 4 64 12L62 46L68 26C70 18 78 20 78 28C78 56 74 76 66 92Z",
  foot: "peach M30 30C30 16 58 14 66 26C74 40 66 50 70 64C74 84 60 94 48 92C34 90 30 76 34 62C36 50 30 42 30 30Z; peach circle 24 20 7; peach circle 36 12 6; peach circle 48 8 6; peach circle 60 9 6; peach circle 71 14 5",
  baby: "peach circle 50 32 24; sky M22 92C20 68 36 58 50 58C64 58 80 68 78 92Z; ink:bare circle 42 32 3; ink:bare circle 58 32 3; - M42 42C46 47 54 47 58 42M50 8C54 2 60 6 56 10",
  grown:
    "earth M26 34C22 8 78 8 74 34V46H26Z; peach circle 50 36 21; spruce M14 94C14 68 34 62 50 62C66 62 86 68 86 94Z; ink:bare circle 43 36 3; ink:bare circle 57 36 3; - M42 46C46 50 54 50 58 46",
  elder:
    "stone M24 40C14 8 86 8 76 40Z; peach circle 50 42 22; violet M14 96C14 72 34 66 50 66C66 66 86 72 86 96Z; - M34 40C34 32 46 32 46 40C46 48 34 48 34 40M54 40C54 32 66 32 66 40C66 48 54 48 54 40M46 40H54; - M42 54C46 57 54 57 58 54",
  jacket:
    "sea M36 10L12 24L4 76L20 80L26 48V92H74V48L80 80L96 76L88 24L64 10L50 20Z; - M50 20V92; marigold circle 55 40 3; marigold circle 55 56 3; marigold circle 55 72 3",
  trousers: "spruce M26 8H74L82 92H58L50 38L42 92H18Z; - M26 18H74",
  sock: "brick M36 6H66V54C66 64 92 70 92 82C92 94 78 96 66 92L40 84C34 82 34 74 34 66Z; white rect 33 6 36 14 3",
  boot: "marigold M30 6H64V56C76 60 94 64 94 80V88H30Z; ink rect 28 86 68 8 3; white rect 28 6 38 10 2",
  mitten:
    "violet M28 92V60C12 56 8 38 16 34C22 32 26 42 30 44V24C30 4 74 4 74 28V92Z; white rect 26 80 50 14 3",
  hat: "brick M16 66C16 28 32 16 50 16C68 16 84 28 84 66Z; white rect 10 62 80 18 8; white circle 50 14 10",
  scarf:
    "leaf M52 30H76V90H52Z; leaf rect 16 12 68 22 8; marigold rect 52 48 24 8; marigold rect 52 68 24 8; - M56 90V98M64 90V98M72 90V98",
};
