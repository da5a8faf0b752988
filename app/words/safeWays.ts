import type { SafeWay } from "../core/safety";
import { namesText } from "./names";

/** A way to make a tray safe, without a full stop. */
export function safeWayText(way: SafeWay): string {
  switch (way.way) {
    case "twin":
      return `Large pieces for the same skill: ${way.rung.title}`;
    case "size":
      return `Larger pieces: ${way.material.name} of at least ${way.leastMm.join(" × ")} mm`;
    case "stand-in":
      return `${way.material.name} instead of ${way.insteadOf.name}`;
    case "place": {
      const how = way.state === "adult-held" ? "as an adult-held tray" : "free";
      return `At ${way.place.name}${way.onlyAsleep ? ", only then" : ""}, ${how}`;
    }
    case "time": {
      const sleep = way.asleep.length > 1 ? "sleep" : "sleeps";
      return `At ${way.place.name}, only while ${namesText(way.asleep.map((one) => one.name))} ${sleep}`;
    }
    case "rung":
      return `${way.easier ? "An easier rung" : "Another rung"}: ${way.rung.title}`;
  }
}
