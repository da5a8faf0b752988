import { Button, Checkbox, Input, InputNumber } from "antd";
import { type Child, type Moment, minuteOf, type Place, ROUTINES, type Routine } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryItem } from "../../ui/form/parts";
import { clockText, ROUTINE_NAMES, USUAL_TIMES, weekdayName, weekdaysText } from "../../words/moments";
import { namesText } from "../../words/names";
import { countText } from "../../words/numbers";
import { Answer, RowButtons } from "./RowButtons";

const SAVED = "The moment is saved. The next plan goes by it.";

const EVERY_DAY = [1, 2, 3, 4, 5, 6, 7];
const DAY_OPTIONS = EVERY_DAY.map((day) => ({ value: day, label: weekdayName(day) }));

const childOptions = (children: readonly Child[]) =>
  children.map((child) => ({ value: child.id, label: child.name }));

/** A moment of the day at a place; without one the form for another. */
function MomentForm({ moment, place, others }: { moment?: Moment; place: Place; others: readonly Child[] }) {
  const save = useCommand("moments.save");
  const usual = USUAL_TIMES["after-nap"];
  return (
    <EntryForm
      command={save}
      values={{ id: moment?.id ?? "", place: place.id }}
      initial={{
        routine: moment?.routine ?? "after-nap",
        at: moment?.at ?? usual.at,
        minutes: moment?.minutes ?? usual.minutes,
        weekdays: moment?.weekdays ?? EVERY_DAY,
        children: moment?.children ?? [],
        asleep: moment?.asleep ?? [],
        adultBeside: moment?.adultBeside ?? true,
      }}
      className="row-form"
      aria-label={moment ? ROUTINE_NAMES[moment.routine] : `Another moment at ${place.name}`}
    >
      <div className="grid fields">
        <EntryItem label="When" name="routine">
          <Choice options={optionsOf(ROUTINE_NAMES)} />
        </EntryItem>
        <EntryItem label="Begins at about" name="at">
          <Input type="time" />
        </EntryItem>
        <EntryItem label="Minutes" name="minutes" tip="Only what takes no longer is planned for it.">
          <InputNumber min={5} max={240} precision={0} />
        </EntryItem>
        <EntryItem label="Days" name="weekdays">
          <Checkbox.Group options={DAY_OPTIONS} />
        </EntryItem>
        <EntryItem label="Who is there (none ticked: all)" name="children">
          <Checkbox.Group options={childOptions(others.filter((child) => child.planFor))} />
        </EntryItem>
        <EntryItem
          label="Who is asleep"
          name="asleep"
          tip="Whoever is asleep does not get at what is out. Put it away before they wake."
        >
          <Checkbox.Group options={childOptions(others)} />
        </EntryItem>
        <EntryItem name="adultBeside" ticked>
          <Checkbox>I can sit beside then</Checkbox>
        </EntryItem>
      </div>
      <RowButtons save={save} done={SAVED} row={moment && { table: "moments", id: moment.id }} />
    </EntryForm>
  );
}

/** What a moment is, in a line. */
function momentLine(
  { routine, at, minutes, weekdays, adultBeside, asleep }: Moment,
  others: readonly Child[],
) {
  const sleeping = others.filter((child) => asleep.includes(child.id)).map((child) => child.name);
  return [
    `${ROUTINE_NAMES[routine]}, ${clockText(minuteOf(at))}, ${countText(minutes, "minute")}, ${weekdaysText(weekdays)}`,
    ...(adultBeside ? [] : ["you are busy"]),
    ...(sleeping.length > 0 ? [`${namesText(sleeping)} asleep`] : []),
  ].join("; ");
}

/** What is likely at a kind of place, to be added with a tap. */
const LIKELY: Partial<Record<Place["kind"], readonly Routine[]>> = {
  table: ["after-breakfast", "while-cooking", "after-nap"],
  mat: ["morning", "before-nap", "after-nap", "evening"],
  floor: ["morning", "after-nap"],
  "high-chair": ["at-meal", "while-cooking"],
  tower: ["while-cooking"],
  "wet-spot": ["bath"],
  outdoors: ["walk", "after-nap"],
  routine: ["dressing", "at-meal", "bath"],
  window: ["evening"],
};

/** Moments that the place has not yet: one tap adds one as it usually is. */
function Likely({ place, moments }: { place: Place; moments: readonly Moment[] }) {
  const save = useCommand("moments.save");
  const left = (LIKELY[place.kind] ?? ROUTINES).filter(
    (routine) => !moments.some((moment) => moment.routine === routine),
  );
  const add = (routine: Routine) =>
    void save.run({
      ...{ id: undefined, place: place.id, routine, ...USUAL_TIMES[routine] },
      ...{ weekdays: EVERY_DAY, children: [], asleep: [], adultBeside: routine !== "while-cooking" },
    });
  if (left.length === 0) return null;
  return (
    <p className="row">
      Add{" "}
      {left.map((routine) => (
        <Button key={routine} size="small" onClick={() => add(routine)}>
          {ROUTINE_NAMES[routine]}
        </Button>
      ))}
      <Answer of={save} text={SAVED} />
    </p>
  );
}

/** The moments of the day, place by place: what is used by invitation is planned for them. */
export function MomentsPart({
  moments,
  places,
  others,
}: {
  moments: readonly Moment[];
  places: readonly Place[];
  others: readonly Child[];
}) {
  const invited = places.filter((place) => place.kind !== "bay" && place.kind !== "line");
  return (
    <>
      <p>
        What stands on a board stands all week. A table, a mat, the bath or the balcony is used at its hours:
        give it moments, and several activities share it through the week, each set out for its time and put
        away again. Without moments, one tray stands there.
      </p>
      {invited.length === 0 && (
        <p className="quiet">There is no such place yet. Add one under “Shelf and places”.</p>
      )}
      {invited.map((place) => {
        const here = moments.filter((moment) => moment.place === place.id);
        return (
          <section key={place.id} aria-label={place.name}>
            <h2>{place.name}</h2>
            {here.length === 0 && <p className="quiet">No moments: one tray stands here all week.</p>}
            {here.map((moment) => (
              <Collapsible key={`${moment.id} ${moment.updatedAt}`} title={momentLine(moment, others)}>
                <MomentForm moment={moment} place={place} others={others} />
              </Collapsible>
            ))}
            <Likely place={place} moments={here} />
            <Collapsible title={`Another moment at ${place.name}`}>
              <MomentForm key={`new ${here.length}`} place={place} others={others} />
            </Collapsible>
          </section>
        );
      })}
    </>
  );
}
