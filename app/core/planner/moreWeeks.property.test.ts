import { planOverWeeks } from "./testing/overWeeks";

// The second half of the households, in a file of its own so that both run at once.
planOverWeeks([5, 6, 7, 8, 9]);
