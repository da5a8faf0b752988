import { Select } from "antd";
import { href, Link, useNavigate, useSearchParams } from "react-router";
import type { PrepareView } from "../../core/day";
import type { Units } from "../../core/units";
import { MeetingList } from "../../ui/MeetingList";
import { TrayAbove } from "../../ui/TrayAbove";
import { namesOfNeeds } from "../../words/layout";

/** One tray of the rotation as it is set out, drawn to scale; which one is chosen stands in the address. */
export function HowItStands({ view, units }: { view: PrepareView; units: Units }) {
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const [first] = view.standing;
  const one = view.standing.find((other) => other.tray.id === search.get("tray")) ?? first;
  if (!one) return null;
  const choose = (id: string) => {
    const next = new URLSearchParams(search);
    next.set("tray", id);
    void navigate({ search: next.toString() }, { replace: true, preventScrollReset: true });
  };
  return (
    <section aria-label="This is how it stands" className="no-print">
      <h2>This is how it stands</h2>
      <Select
        aria-label="Tray that is drawn"
        value={one.tray.id}
        onChange={choose}
        options={view.standing.map(({ tray, activity }) => ({ value: tray.id, label: activity.name }))}
        className="fill"
      />
      <TrayAbove layout={one.layout} names={namesOfNeeds(one.things)} units={units} />
      <p>
        <strong>{one.activity.name}</strong>, {one.placeName}: {one.rung.title}.
      </p>
      <MeetingList meetings={one.meetings} units={units} />
      <p>
        <Link to={href("/workbench")}>Workbench</Link>: sheets, tray labels and the week, to print at true
        size.
      </p>
    </section>
  );
}
