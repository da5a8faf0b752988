import type { Constraint } from "../candidates/problem";

/** A hard rule in words. */
export function constraintText({ code, bound }: Constraint): string {
  switch (code) {
    case "place":
      return "No place is free";
    case "exclusive":
      return "Two places that exclude each other";
    case "activity":
      return "The same activity once for a child";
    case "newAtOnce":
      return `At most ${bound} new at once`;
    case "drying":
      return "No place is left for the work to dry";
    case "prepMinutes":
      return `At most ${bound} minutes of preparation`;
    case "trays":
      return `At most ${bound} trays out at once`;
    case "adultHeld":
      return `At most ${bound} adult-held trays`;
    case "adultBeside":
      return `At most ${bound} trays with the adult beside`;
    case "cents":
      return "The money for purchases is spent";
    case "wet":
    case "messy":
    case "loud":
      return `At most ${bound} ${code}`;
  }
}
