import { runs } from "../testing/runs";
import { planOverWeeks } from "./testing/overWeeks";

// The second half of the households, in a file of its own so that both run at once.
planOverWeeks(Array.from({ length: runs(1, 5) }, (_, i) => 5 + i));
