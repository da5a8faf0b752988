import { runs } from "../testing/runs";
import { planOverWeeks } from "./testing/overWeeks";

planOverWeeks(Array.from({ length: runs(1, 5) }, (_, i) => i));
