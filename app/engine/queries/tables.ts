import { NoParameters } from "./parameters";
import { query } from "./query";

/** The household's tables, for spreadsheets and for notes that come from one. */
export const tables = query(NoParameters, (home) => ({
  tables: home.tables,
  catalogue: home.catalogue,
  today: home.today,
}));
