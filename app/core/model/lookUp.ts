import type { Activity, Catalogue } from "./catalogue";

/** The activity of an id; undefined where it is not known (any more). */
export const activityOf = (catalogue: Pick<Catalogue, "activities">, id: string): Activity | undefined =>
  catalogue.activities.find((activity) => activity.id === id);
