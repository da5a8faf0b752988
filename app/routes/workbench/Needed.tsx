import { Link } from "react-router";
import { type Paper, sheetKey } from "../../core/print";
import type { OpenSheet } from "../../engine/queries/openSheet";
import { isLeft, type NeededHere } from "../../engine/queries/workbenchView";
import { sheetName } from "../../words/sheets";
import { sheetSearch } from "./sheetSearch";

/** What the trays of this shelf need printed: for which of them, and whether it is made already. */
export function Needed({
  needed,
  open,
  paper,
}: {
  needed: readonly NeededHere[];
  open: OpenSheet;
  paper: Paper;
}) {
  const here = sheetKey(open);
  return (
    <section aria-label="For this shelf">
      <h2>For this shelf</h2>
      {needed.length === 0 && (
        <p className="quiet">Nothing has to be printed for it. Labels, the week and slips are below.</p>
      )}
      <ul className="bare lines links">
        {needed.map((one) => (
          <li key={one.key} className={isLeft(one) ? "" : "done-line"}>
            <Link
              to={{ search: sheetSearch(one.kind, one.values, paper) }}
              replace
              preventScrollReset
              aria-current={here === one.key ? "true" : undefined}
            >
              {sheetName(one.kind)}
            </Link>
            <small>
              for {one.trays.join(", ")}
              {one.isThere && !one.made ? "; in the cupboard already" : ""}
              {one.made ? `; made${one.made.where ? `, kept in: ${one.made.where}` : ""}` : ""}
            </small>
          </li>
        ))}
      </ul>
    </section>
  );
}
