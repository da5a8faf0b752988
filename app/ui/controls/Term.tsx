import { Tooltip } from "antd";
import type { ReactNode } from "react";
import { TERMS, type TermId } from "../../words/terms";

/** One of our own words, which explains itself to the mouse, the finger and the keys. */
export const Term = ({ id, children }: { id: TermId; children: ReactNode }) => (
  <Tooltip title={TERMS[id]} trigger={["hover", "focus"]}>
    <button type="button" className="term">
      {children}
    </button>
  </Tooltip>
);
