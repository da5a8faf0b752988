import { Button } from "antd";
import { Fragment, Suspense } from "react";
import { Await, href, Link } from "react-router";
import type { DayMoment, DayUse } from "../../core/day";
import {
  DAY_KINDS,
  type HoldingId,
  type Household,
  minuteOf,
  type PlainDate,
  type TrayId,
} from "../../core/model";
import { amountText } from "../../core/units";
import { AreaMark } from "../../ui/AreaMark";
import { useCommand } from "../../ui/command/useCommand";
import { Collapsible } from "../../ui/controls/Collapsible";
import { EachTimeLines } from "../../ui/EachTimeLines";
import { shortDay } from "../../words/dates";
import { DAY_ASKED } from "../../words/days";
import { clockText, ROUTINE_NAMES } from "../../words/moments";
import { namesText } from "../../words/names";
import { countText } from "../../words/numbers";
import { thingText } from "../../words/things";
import type { TodaySheetProps } from "./todayProps";

type Units = Household["units"];

interface DayMomentsProps extends Pick<TodaySheetProps, "day" | "ways" | "units" | "preview" | "linkTo"> {
  /** Names of places that could have moments, where none has any. */
  invites: readonly string[];
}

/** Something else today, or nothing: among what the shelf has for the moment. */
function Instead({ entry, on }: { entry: DayMoment; on: PlainDate }) {
  const setDay = useCommand("moments.setDay");
  const set = (tray: TrayId | undefined) => void setDay.run({ moment: entry.moment.id, on, tray });
  const others = entry.choices.filter(({ tray }) => tray.id !== entry.invitation?.tray.id);
  return (
    <p className="row">
      {entry.invitation ? "Instead today: " : "Today: "}
      {others.map(({ tray, activity }) => (
        <Button key={tray.id} size="small" onClick={() => set(tray.id)}>
          {activity.name}
        </Button>
      ))}
      {entry.invitation && (
        <Button size="small" onClick={() => set(undefined)}>
          Nothing
        </Button>
      )}
    </p>
  );
}

/** In one line that opens: when to begin, and what else there is. */
function foldTitle({ lines, beginAt, prepMinutes }: DayMoment, preview: boolean): string {
  if (lines.length === 0) return "Something else today";
  const prepare = `Prepare from ${clockText(beginAt)}, ${prepMinutes} min`;
  return preview ? prepare : `${prepare}; or something else`;
}

function MomentLine({
  entry,
  on,
  units,
  preview,
  linkTo,
}: {
  entry: DayMoment;
  on: PlainDate;
  units: Units;
  preview: boolean;
  linkTo(tray: string): string;
}) {
  const { moment, place, invitation, isNoted, asleep } = entry;
  return (
    <li className="row one-line at-top">
      {invitation && <AreaMark area={invitation.activity.area} />}
      <span>
        <small>
          {clockText(minuteOf(moment.at))} · {ROUTINE_NAMES[moment.routine]} · {place.name}
          {moment.adultBeside ? "" : " · you are busy"}
        </small>
        {invitation ? (
          <Link to={linkTo(invitation.tray.id)}>{invitation.activity.name}</Link>
        ) : (
          entry.uses.length === 0 && <em>Nothing planned</em>
        )}
        <Uses uses={entry.uses} units={units} />
        {isNoted && <small>noted today</small>}
        {invitation && asleep.length > 0 && (
          <small>Put it away before {namesText(asleep.map((child) => child.name))} wakes.</small>
        )}
        {(entry.lines.length > 0 || (!preview && entry.choices.length > 0)) && (
          <Collapsible title={foldTitle(entry, preview)}>
            <EachTimeLines lines={entry.lines} units={units} />
            {!preview && <Instead entry={entry} on={on} />}
          </Collapsible>
        )}
      </span>
    </li>
  );
}

/** What a sitting has for an hour, or for whenever it suits. */
function Uses({ uses, units }: { uses: readonly DayUse[]; units: Units }) {
  return uses.map(({ sitting, material, activity, rung, quantity, isNoted }) => (
    <span key={`${sitting.id} ${activity.id} ${rung.id}`} className="block">
      <Link to={href("/sittings/:id", { id: sitting.id })}>{activity.name}</Link>{" "}
      <small>
        {quantity && material ? `${amountText(quantity, material.unit, units)} ` : material ? "with " : ""}
        {material?.name ?? rung.title}
        {isNoted ? ", noted" : ""}
      </small>
    </span>
  ));
}

/** In how many ways it can be used until then, once that is worked out. */
function Ways({ holding, ways }: { holding: HoldingId; ways: DayMomentsProps["ways"] }) {
  return (
    <Suspense fallback={null}>
      <Await resolve={ways} errorElement={null}>
        {(known) => {
          const count = known.get(holding) ?? 0;
          return count > 0 ? `, ${countText(count, "way")}` : "";
        }}
      </Await>
    </Suspense>
  );
}

function SpoilsSoon({ day, ways, units }: Pick<DayMomentsProps, "day" | "ways" | "units">) {
  const { useUp, on } = day;
  if (useUp.length === 0) return null;
  return (
    <>
      <h2>Use up</h2>
      <ul className="bare">
        {useUp.map(({ holding, material, by }) => (
          <li key={holding.id}>
            {thingText(holding.quantity, material, units)}
            <small>
              {by === on ? "today" : `by ${shortDay(by)}`}
              <Ways holding={holding.id} ways={ways} /> ·{" "}
              <Link to={href("/activities/sitting/:material", { material: material.id })}>
                what to do with it
              </Link>
            </small>
          </li>
        ))}
      </ul>
    </>
  );
}

/** The day by its moments: what is on when, what to prepare before, what has to be used up. */
export function DayMoments({ day, ways, invites, units, preview, linkTo }: DayMomentsProps) {
  return (
    <>
      {day.moments.length > 0 && (
        <>
          <h2>Today, hour by hour</h2>
          <ul className="bare links day-moments">
            {day.moments.map((entry) => (
              <MomentLine
                key={entry.moment.id}
                entry={entry}
                on={day.on}
                units={units}
                preview={preview}
                linkTo={linkTo}
              />
            ))}
          </ul>
        </>
      )}
      {day.uses.length > 0 && (
        <>
          <h2>Today, whenever it suits</h2>
          <Uses uses={day.uses} units={units} />
        </>
      )}
      {!preview && (
        <p className="quiet links">
          {day.moments.length > 0 ? "Another kind of day:" : "A day without a plan:"}{" "}
          {DAY_KINDS.map((kind, i) => (
            <Fragment key={kind}>
              {i > 0 && " · "}
              <Link to={href("/day/:kind", { kind })}>{DAY_ASKED[kind]}</Link>
            </Fragment>
          ))}
        </p>
      )}
      {invites.length > 0 && !preview && (
        <p className="quiet">
          Several activities can share {namesText(invites)} through the week:{" "}
          <Link to={`${href("/household")}?part=day`}>say at which hours</Link>.
        </p>
      )}
      <SpoilsSoon day={day} ways={ways} units={units} />
    </>
  );
}
