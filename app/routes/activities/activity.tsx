import { href, Link, useSearchParams } from "react-router";
import type { ActivityId, ChildId } from "../../core/model";
import { safetyActions } from "../../core/safety";
import { AreaMark } from "../../ui/AreaMark";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { Term } from "../../ui/controls/Term";
import { Drawn } from "../../ui/Drawn";
import { Glyph } from "../../ui/Glyph";
import { NextTimeList } from "../../ui/NextTimeList";
import { NoteLine } from "../../ui/NoteLine";
import { PhotoPart } from "../../ui/PhotoPart";
import { AREA_NAMES } from "../../words/areas";
import { routineNames } from "../../words/barriers";
import { shortDay } from "../../words/dates";
import { countText } from "../../words/numbers";
import { titled } from "../../words/titles";
import { scaledImage } from "../../workers/imagesClient";
import { askFor } from "../askFor";
import type { Route } from "./+types/activity";
import { carriedFrom } from "./carried";
import { GuidePart } from "./GuidePart";
import { LadderView } from "./LadderView";
import { RungSheet } from "./RungSheet";

export const meta = ({ loaderData }: Route.MetaArgs) => titled(loaderData?.view.activity.name ?? "Activity");

export const clientLoader = ({ request, params }: Route.ClientLoaderArgs) =>
  askFor(request, "activity", params);

type Data = Route.ComponentProps["loaderData"];

function Before({ data }: { data: Data }) {
  const { view, child } = data;
  const { notes, history } = view;
  return (
    <section>
      <h2>What happened before</h2>
      <p className="quiet">
        {history.tray
          ? `Out now, since ${shortDay(history.tray.outSince)}.`
          : history.daysAway === undefined
            ? `Never out for ${child.name} so far.`
            : `Put away ${countText(history.daysAway, "day")} ago.`}
      </p>
      {notes.length > 0 && (
        <ul className="bare notes">
          {notes.slice(0, 8).map((note) => (
            <NoteLine key={note.id} note={note} />
          ))}
        </ul>
      )}
    </section>
  );
}

function OwnButtons({ id }: { id: ActivityId }) {
  const remove = useCommand("activities.removeOwn");
  const goTo = `${href("/activities")}?removed=${id}`;
  return (
    <>
      <Link to={`${href("/activities/new")}?edit=${id}`}>Change it</Link>{" "}
      <InlineButton onClick={() => void remove.run({ activity: id }, { goTo })}>Remove it</InlineButton>
    </>
  );
}

/** Pictures of how it looks when it is set out here. */
function Pictures({ data }: { data: Data }) {
  const addPicture = useCommand("activities.addPicture");
  const removePicture = useCommand("activities.removePicture");
  const restorePicture = useCommand("activities.restorePicture");
  const { id, name } = data.view.activity;
  return (
    <section>
      <h2>How it looks here</h2>
      <PhotoPart
        photos={data.pictures}
        scaled={scaledImage}
        add={{
          run: (picture) => addPicture.runForm({ activity: id, ...picture }),
          issues: addPicture.issues,
        }}
        remove={(photo) => void removePicture.run({ photo })}
        restore={(photo) => void restorePicture.run({ photo })}
        alt={`${name}, set out here`}
      />
    </section>
  );
}

function Head({ data, linkTo }: { data: Data; linkTo(child: ChildId): string }) {
  const { view, child, children, own } = data;
  const { activity } = view;
  const { front } = view;
  return (
    <div className="row at-top">
      {front ? <Drawn drawing={front} small /> : <Glyph name={activity.glyph} small />}
      <div className="grow">
        <h1>{activity.name}</h1>
        <p>{activity.invitation}</p>
        <p className="quiet">
          <AreaMark area={activity.area} size={18} /> {AREA_NAMES[activity.area]}, {activity.family}.
          Preparation {activity.prepMinutes} min, clearing up {activity.clearMinutes} min, play about{" "}
          {activity.playMinutes} min
          {activity.seasons.length > 0 && activity.seasons.length < 4
            ? `, in ${activity.seasons.join(" and ")}`
            : ""}
          .
        </p>
        {activity.routines && <p className="quiet">In the day: {routineNames(activity.routines)}.</p>}
      </div>
      <p className="row links fill flat">
        {children.length > 1 &&
          children.map((one) => (
            <Link key={one.id} to={linkTo(one.id)} aria-current={one.id === child.id ? "true" : undefined}>
              For {one.name}
            </Link>
          ))}
        {own ? (
          <OwnButtons id={activity.id} />
        ) : (
          <Link to={`${href("/activities/new")}?from=${activity.id}`}>Copy and change</Link>
        )}
      </p>
    </div>
  );
}

export default function ActivityPage({ loaderData }: Route.ComponentProps) {
  const { view, guide, way, child, materials, units, preview } = loaderData;
  const [safest] = view.places;
  const acts = safest ? safetyActions(safest.safety) : [];
  const [search] = useSearchParams();
  const linkWith = (name: string, value: string) => {
    const next = new URLSearchParams(search);
    next.set(name, value);
    if (name === "child") next.delete("rung");
    return `${href("/activities/:id", { id: view.activity.id })}?${next}`;
  };
  return (
    <div className="with-sheet">
      <main className="main">
        <p>
          <Link to={`${href("/activities")}?${carriedFrom(search, child.id)}`}>All activities</Link>
        </p>
        <Head data={loaderData} linkTo={(id) => linkWith("child", id)} />
        <p className="quiet">
          Its <Term id="rung">rungs</Term>, the hardest first, each <Term id="coming">coming</Term>,{" "}
          <Term id="now">now</Term> or <Term id="settled">settled</Term> for {child.name}.
        </p>
        <LadderView view={view} childName={child.name} linkTo={(rung) => linkWith("rung", rung)} />
        <NextTimeList notes={view.nextTimes} />
        {guide ? (
          <GuidePart guide={guide} way={way} acts={acts} state={safest?.safety.state} />
        ) : (
          <p className="quiet">No script was written for it.</p>
        )}
        <Pictures data={loaderData} />
        <Before data={loaderData} />
      </main>
      <RungSheet
        view={view}
        child={child}
        materials={materials}
        making={loaderData.making}
        units={units}
        preview={preview}
        linkTo={(rung) => linkWith("rung", rung)}
      />
    </div>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
