import { planOverWeeks } from "./testing/overWeeks";

planOverWeeks([0, 1, 2, 3, 4]);
