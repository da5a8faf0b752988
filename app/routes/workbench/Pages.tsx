import { Button } from "antd";
import { useState } from "react";
import type { Drawing } from "../../core/draw";
import { DrawnMarks } from "../../ui/Drawn";
import { COLOURS } from "../../ui/theme/tokens";

/** The pages of a sheet as they come out of the printer, one at a time. */
export function Pages({ pages, title }: { pages: readonly Drawing[]; title: string }) {
  const [turned, setTurned] = useState(0);
  const at = Math.min(turned, pages.length - 1);
  const page = pages[at];
  if (!page) return <p className="quiet">Nothing is drawn yet.</p>;
  return (
    <div>
      <svg
        className="paper block fill"
        style={{ border: `1px solid ${COLOURS.line}`, background: "#fff" }}
        viewBox={`0 0 ${page.widthMm} ${page.heightMm}`}
        role="img"
        aria-label={`${title}, page ${at + 1} of ${pages.length}`}
        strokeLinecap="round"
        strokeLinejoin="round"
      >
        <DrawnMarks marks={page.marks} lineMm={page.lineMm} />
      </svg>
      {pages.length > 1 && (
        <p className="row between">
          <Button size="small" disabled={at === 0} onClick={() => setTurned(at - 1)}>
            Page before
          </Button>
          <span role="status">
            Page {at + 1} of {pages.length}
          </span>
          <Button size="small" disabled={at === pages.length - 1} onClick={() => setTurned(at + 1)}>
            Next page
          </Button>
        </p>
      )}
    </div>
  );
}
