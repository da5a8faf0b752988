import type { Area } from "../core/model";

export const AREAS: Area[] = [
  { id: "hands", name: "Hands", about: "Grasping, posting, threading, squeezing: what fingers can do" },
  { id: "body", name: "Body", about: "Rolling, crawling, walking, carrying, balance" },
  { id: "senses", name: "Senses", about: "Looking, listening, touching, tasting, smelling" },
  { id: "home", name: "Home", about: "The real jobs of the house, a step at a time" },
  { id: "words", name: "Words", about: "Hearing, naming, telling, books and print" },
  { id: "numbers", name: "Numbers", about: "One to one, how many, order, amounts" },
  { id: "thinking", name: "Thinking", about: "Fitting, sorting, hiding, remembering, patterns" },
  { id: "making", name: "Making", about: "Marks, paint, dough, paper and glue" },
  { id: "world", name: "World", about: "What things do: rolling, floating, growing, weather" },
  { id: "together", name: "Together", about: "Turns, pretending, giving, playing with someone" },
];
