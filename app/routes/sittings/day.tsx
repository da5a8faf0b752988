import { href, Link } from "react-router";
import { MOST_TURNS } from "../../core/day";
import { DayKind, minuteOf } from "../../core/model";
import { AreaMark } from "../../ui/AreaMark";
import { Cautions } from "../../ui/Cautions";
import { ANSWER } from "../../ui/command/after";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton } from "../../ui/controls/buttons";
import { DAY_ASKED, DAY_CHOICE, DAY_NAMES } from "../../words/days";
import { clockText } from "../../words/moments";
import { namesText } from "../../words/names";
import { thingText } from "../../words/things";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/day";

export const meta = ({ loaderData }: Route.MetaArgs) =>
  titled(loaderData ? DAY_NAMES[loaderData.kind] : "A day of what is there");

export const clientLoader = ({ request, params }: Route.ClientLoaderArgs) =>
  askFor(request, "suggestedDay", params);

type Data = Route.ComponentProps["loaderData"];

function Use({ use, data }: { use: Data["uses"][number]; data: Data }) {
  const { activity, rung, children, place, judgement, moment, things } = use;
  return (
    <li className="row one-line at-top">
      <AreaMark area={activity.area} />
      <div className="links">
        <Link
          to={`${href("/activities/:id", { id: activity.id })}?rung=${rung.id}&child=${children[0]?.id ?? ""}`}
        >
          <strong>{activity.name}</strong>
        </Link>
        <p className="flat">
          {rung.title}
          {data.several && `, for ${namesText(children.map((child) => child.name))}`}
        </p>
        <small>
          {moment ? `${clockText(minuteOf(moment.at))} · ` : ""}
          {place.kind === "bay" ? "" : `${place.name} · `}about {activity.playMinutes} min
        </small>
        <small>
          {things.length === 0
            ? "Nothing to fetch."
            : things
                .map(
                  ({ material, quantity, where }) =>
                    `${thingText(quantity, material, data.units)}${where ? ` (${where})` : ""}`,
                )
                .join(", ")}
        </small>
        <Cautions
          safety={judgement}
          names={new Map(things.map(({ material }) => [material.id, material.name]))}
        />
      </div>
    </li>
  );
}

/** A day of what is there: looked at, asked for otherwise, and kept for today by a tap. */
export default function DayPage({ loaderData }: Route.ComponentProps) {
  const { kind, turn, uses, preview } = loaderData;
  const keepDay = useCommand("sittings.keepDay");
  const sittingAddress = href("/sittings/:id", { id: ANSWER });
  const to = (next: DayKind, at = 0) => `${href("/day/:kind", { kind: next })}${at > 0 ? `?turn=${at}` : ""}`;
  return (
    <main className="main wide">
      <p>
        <Link to={href("/")}>The shelf</Link>
      </p>
      <h1>{DAY_NAMES[kind]}</h1>
      <p className="quiet">{DAY_CHOICE[kind]}</p>
      <nav className="row links" aria-label="What kind of day">
        {DayKind.options.map((one) => (
          <Link key={one} to={to(one)} aria-current={one === kind ? "true" : undefined}>
            {DAY_ASKED[one]}
          </Link>
        ))}
      </nav>
      {uses.length === 0 ? (
        <p className="empty-state">
          {turn > 0 ? "That was all there is for such a day here." : "Nothing here suits such a day now."}{" "}
          <Link to={turn > 0 ? to(kind) : href("/cupboard")}>
            {turn > 0 ? "Begin again" : "Put what you have into the cupboard"}
          </Link>
        </p>
      ) : (
        <>
          <ol className="bare lines" aria-label="For today">
            {uses.map((use) => (
              <Use key={use.activity.id} use={use} data={loaderData} />
            ))}
          </ol>
          {!preview && (
            <div className="row">
              <ActionButton
                primary
                busy={keepDay.isBusy}
                onClick={() => void keepDay.run({ day: kind, turn }, { goTo: sittingAddress })}
              >
                Keep it for today
              </ActionButton>
              {turn < MOST_TURNS && <Link to={to(kind, turn + 1)}>Others</Link>}
            </div>
          )}
          <CommandFaults of={keepDay} />
        </>
      )}
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
