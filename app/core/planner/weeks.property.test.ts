import { runs } from "../testing/runs";
import { planOverWeeks } from "./testing/overWeeks";

planOverWeeks(Array.from({ length: runs(2, 5) }, (_, i) => i));
