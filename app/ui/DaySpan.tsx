import { Input } from "antd";
import type { PlainDate } from "../core/model";

interface DaySpanProps {
  from?: PlainDate | undefined;
  to?: PlainDate | undefined;
  /** A day was chosen or emptied. */
  keep(name: "from" | "to", day: string): void;
}

/** From a day until a day, neither after the other; where they stand is the caller's. */
export const DaySpan = ({ from, to, keep }: DaySpanProps) => (
  <>
    <label className="row one-line">
      from{" "}
      <Input type="date" value={from ?? ""} max={to} onChange={(event) => keep("from", event.target.value)} />
    </label>
    <label className="row one-line">
      until{" "}
      <Input type="date" value={to ?? ""} min={from} onChange={(event) => keep("to", event.target.value)} />
    </label>
  </>
);
