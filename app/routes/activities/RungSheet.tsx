import { Fragment } from "react";
import { href, Link } from "react-router";
import type { AxisStep } from "../../core/ladder";
import { howUsed, isThereNow, type NeedState, standInChanges } from "../../core/materials";
import type { ChildId, Makings, Material, PlaceKind } from "../../core/model";
import { type NeededSheet, sheetKey } from "../../core/print";
import { amountText, type Units } from "../../core/units";
import type { ActivityView } from "../../engine/queries/activityView";
import { Cautions, SafeWays } from "../../ui/Cautions";
import { Collapsible } from "../../ui/controls/Collapsible";
import { Term } from "../../ui/controls/Term";
import { DemandGauge } from "../../ui/DemandGauge";
import { MakingCard } from "../../ui/MakingCard";
import { MeetingList } from "../../ui/MeetingList";
import { TrayAbove } from "../../ui/TrayAbove";
import { changeText } from "../../words/axes";
import { namesOfNeeds } from "../../words/layout";
import { makingTimeText } from "../../words/making";
import { percentText, sureText } from "../../words/numbers";
import { PLACE_NAMES } from "../../words/places";
import { sheetName } from "../../words/sheets";
import { changesText } from "../../words/standIns";
import { thingText } from "../../words/things";
import { RungWishes } from "./RungWishes";

interface NeedLineProps {
  state: NeedState;
  /** It is there, and stays away where the rung is safest. */
  isLeftOut: boolean;
  materials: ReadonlyMap<string, Material>;
  units: Units;
}

interface MakingWays {
  makings: Makings;
  /** The things here that parts are cut for, by id. */
  things: ReadonlyMap<string, Material>;
}

/** How the need is served, in a few words. */
function stateText(
  state: NeedState,
  { materials, units }: Pick<NeedLineProps, "materials" | "units">,
): string {
  const material = materials.get(state.need.material);
  const used = material && howUsed(state.need, material) !== "kept" ? ", used up" : "";
  switch (state.state) {
    case "have":
      return `have it${state.where ? `: ${state.where}` : ""}${used}`;
    case "stand-in": {
      const other = materials.get(state.material);
      const changes = material && other ? changesText(standInChanges(material, other)) : "";
      return `instead: ${other?.name ?? state.material}${changes ? ` (${changes})` : ""}${used}`;
    }
    case "mix": {
      const { parts = [], minutes = 0 } = material?.recipe ?? {};
      return `to be mixed from ${parts.map((part) => part.name).join(", ")}: about ${minutes} min${used}`;
    }
    case "too-few":
      return `only ${amountText(state.have, material?.unit ?? "piece", units)} there`;
    case "buy":
      return `to buy: ${state.packs === 1 ? "one pack" : `${state.packs} packs`}`;
    case "missing":
      return state.parts.length > 0
        ? `missing; to mix it there is too little ${state.parts.join(", ")}`
        : "missing";
  }
}

function NeedLine({ state, isLeftOut, materials, makings, things, units }: NeedLineProps & MakingWays) {
  const { material: id, quantity } = state.need;
  const material = materials.get(id);
  const making = makings[id];
  const isThere = isThereNow(state);
  return (
    <li>
      {thingText(quantity, material ?? { name: id, unit: "piece" }, units)}
      <small className={isThere || state.need.spare ? undefined : "bad"}>
        {stateText(state, { materials, units })}
        {!isThere && state.need.spare ? "; it may stay away" : ""}
        {isThere && isLeftOut ? "; left out, as it is not safe for all who are about" : ""}
      </small>
      {making && state.state !== "have" && (
        <Collapsible title={`Or make it: ${makingTimeText(making)}`} onDemand>
          <MakingCard
            name={material?.name ?? id}
            making={making}
            units={units}
            thingOf={(one) => things.get(one)}
          />
        </Collapsible>
      )}
    </li>
  );
}

function Steps({
  title,
  steps,
  linkTo,
}: {
  title: string;
  steps: readonly AxisStep[];
  linkTo(rung: string): string;
}) {
  if (steps.length === 0) return null;
  return (
    <>
      <h3>{title}</h3>
      <ul className="bare lines links">
        {steps.map((step) => (
          <li key={step.axis}>
            <Link to={linkTo(step.rung.id)} preventScrollReset>
              {changeText([step])}
            </Link>
            <small>
              {step.rung.title}
              {step.also.length > 0 ? `; also ${changeText(step.also, 2)}` : ""}
            </small>
          </li>
        ))}
      </ul>
    </>
  );
}

/** Nothing of the home is of a kind that it wants: which kinds those are, and where such a place is added. */
const NoPlace = ({ kinds }: { kinds: readonly PlaceKind[] }) => (
  <p className="fault">
    It wants a place that this home does not have yet ({kinds.map((kind) => PLACE_NAMES[kind]).join(" or ")}).{" "}
    <Link to={`${href("/household")}?part=places`}>Add one</Link>, and it can be planned.
  </p>
);

/** Where it could stand, and how safe it would be there. A block says why, with the nearest safe way. */
function PlacesPart({
  view,
  names,
  linkTo,
}: {
  view: ActivityView;
  names: ReadonlyMap<string, string>;
  linkTo(rung: string): string;
}) {
  const { places, twin } = view;
  const [best] = places;
  if (!best) return <NoPlace kinds={view.rung.places ?? view.activity.places} />;
  const words = { free: "free", "adult-held": "adult-held", blocked: "not safe" };
  return (
    <>
      <ul className="bare row">
        {places.map(({ place, safety }) => (
          <li key={place.id} className={`tag ${safety.state}`}>
            {place.name}: {words[safety.state]}
          </li>
        ))}
      </ul>
      <Cautions safety={best.safety} names={names} read={view.read} />
      {best.safety.state === "blocked" && <SafeWays ways={view.ways} place={best.place.id} linkTo={linkTo} />}
      {best.safety.state === "adult-held" && twin && (
        <p>
          <Term id="twin">With large pieces</Term> instead:{" "}
          <Link to={linkTo(twin.id)} preventScrollReset>
            {twin.title}
          </Link>
          .
        </p>
      )}
    </>
  );
}

/** Sheets that the workbench makes for this rung. */
function ToPrint({ sheets }: { sheets: readonly NeededSheet[] }) {
  if (sheets.length === 0) return null;
  return (
    <p>
      To print:{" "}
      {sheets.map(({ kind, values }, i) => (
        <Fragment key={sheetKey({ kind, values })}>
          {i > 0 && ", "}
          <Link to={`${href("/workbench")}?${new URLSearchParams({ kind, ...mapped(values) })}`}>
            {sheetName(kind)}
          </Link>
        </Fragment>
      ))}
      .
    </p>
  );
}

const mapped = (values: NeededSheet["values"]): Record<string, string> =>
  Object.fromEntries(Object.entries(values).map(([name, value]) => [name, String(value)]));

export interface RungSheetProps {
  view: ActivityView;
  child: { id: ChildId; name: string };
  materials: ReadonlyMap<string, Material>;
  making: MakingWays;
  units: Units;
  preview: boolean;
  linkTo(rung: string): string;
}

/** One rung: whether it fits, what it takes, what to mind, one step easier or harder. */
export function RungSheet({ view, child, materials, making, units, preview, linkTo }: RungSheetProps) {
  const { rung, chance, changes, needs, barred } = view;
  const names = new Map([...materials].map(([id, one]) => [id, one.name]));
  return (
    <aside className="sheet" aria-label={rung.title}>
      <h2>{rung.title}</h2>
      <p>
        <span className={`tag ${chance.word}`}>{chance.word}</span> for {child.name}: about{" "}
        {percentText(chance.chance)} alone, {sureText(chance)}.
        {changes.length > 0 && <small>Against the rung below: {changeText(changes)}.</small>}
      </p>
      {barred && (
        <p className="fault">A skill that safety hangs on is not settled yet, so it is not planned.</p>
      )}
      {!preview && <RungWishes view={view} child={child.id} />}
      <h3>It takes</h3>
      {view.layout && <TrayAbove layout={view.layout} names={namesOfNeeds(view.things)} units={units} />}
      {needs.length === 0 ? (
        <p className="quiet">Nothing: you are enough.</p>
      ) : (
        <ul className="bare lines">
          {needs.map((state) => (
            <NeedLine
              key={state.need.id}
              state={state}
              isLeftOut={view.leftOut.has(state.need.id)}
              materials={materials}
              {...making}
              units={units}
            />
          ))}
        </ul>
      )}
      <ToPrint sheets={view.sheets} />
      <MeetingList meetings={view.meetings} units={units} />
      <DemandGauge demand={view.demand} units={units} />
      <h3>Where, and what to mind</h3>
      <PlacesPart view={view} names={names} linkTo={linkTo} />
      <Steps title="A little easier" steps={view.easier} linkTo={linkTo} />
      <Steps title="A little harder" steps={view.harder} linkTo={linkTo} />
      <h3>Grows</h3>
      <ul>
        {view.grows.map((skill) => (
          <li key={skill.id}>
            {skill.name}
            <small>{skill.look}</small>
          </li>
        ))}
      </ul>
      {view.needed.length > 0 && (
        <p className="quiet">
          Builds on:{" "}
          {view.needed.map(({ skill, word }) => `${skill.name.toLowerCase()} (${word})`).join(", ")}.
        </p>
      )}
    </aside>
  );
}
