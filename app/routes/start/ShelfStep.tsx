import { Checkbox, Form, InputNumber } from "antd";
import { isLaidDown } from "../../core/household/planned";
import type { PlainDate } from "../../core/model";
import { type UsualPlace, usualPlacesFor } from "../../engine/commands/places";
import { MAX_BOARDS } from "../../engine/commands/setUp";
import { useEntry } from "../../ui/form/entry";
import { EntryItem } from "../../ui/form/parts";
import { namesText } from "../../words/names";
import { ReachPart } from "./ReachPart";
import { bornChildren } from "./typedPeople";
import { type SetUpValues, USUAL, usualHeights } from "./values";

const PLACES: { value: UsualPlace; label: string }[] = [
  { value: "table", label: "Low table" },
  { value: "mat", label: "Mat" },
  { value: "floor", label: "Free floor" },
  { value: "outdoors", label: "Balcony or outdoors" },
  { value: "wet-spot", label: "Wet spot (bath, sink)" },
  { value: "window", label: "Window at child's height" },
  { value: "high-chair", label: "High-chair tray" },
  { value: "routine", label: "In the day: dressing, meals, bath, walk" },
];

/** The places where a baby is played with; the form asks for them if there is one. */
const BABY_PLACES: { value: UsualPlace; label: string }[] = [
  { value: "changing-place", label: "Changing place" },
  { value: "lap", label: "Lap and arms" },
];

/** Boards and bays, who gets at which of them, and the places beside the shelf. */
export function ShelfStep({ today }: { today: PlainDate }) {
  const { set, issues } = useEntry();
  const form = Form.useFormInstance<SetUpValues>();
  const given: SetUpValues = { ...USUAL, ...Form.useWatch([], { form, preserve: true }) };
  const heightsFault = issues.find(({ path }) => path.startsWith("heightsCm"));
  const placesFault = issues.find(({ path }) => path.startsWith("places"));
  const born = bornChildren(given.children, today).map(({ child }) => child);
  const babies = born.filter((child) => isLaidDown(child, today));
  const setBoards = (boards: number | null) =>
    set({ heightsCm: usualHeights(Math.min(MAX_BOARDS, Math.max(0, boards ?? 0))), reach: [] });
  return (
    <>
      <div className="grid fields">
        <Form.Item label="Boards (0: no shelf)" htmlFor="boards">
          <InputNumber
            id="boards"
            min={0}
            max={MAX_BOARDS}
            precision={0}
            value={given.heightsCm.length}
            onChange={setBoards}
          />
        </Form.Item>
        {given.heightsCm.length > 0 && (
          <EntryItem label="Bays on each board" name="baysPerBoard">
            <InputNumber min={1} max={6} precision={0} />
          </EntryItem>
        )}
        <Form.Item
          label={
            babies.length > 0
              ? `Other places to play, with those where ${namesText(babies.map(({ name }) => name))} can be while awake`
              : "Other places to play"
          }
          className="wide"
          help={placesFault && <span role="alert">{placesFault.message}</span>}
          validateStatus={placesFault && "error"}
        >
          <Checkbox.Group
            aria-label="Other places to play"
            options={babies.length > 0 ? [...BABY_PLACES, ...PLACES] : PLACES}
            value={given.places ?? usualPlacesFor(born, today)}
            onChange={(places) => set({ places })}
          />
        </Form.Item>
      </div>
      <ReachPart
        heightsCm={given.heightsCm}
        onHeights={(heightsCm) => set({ heightsCm })}
        typed={given.children}
        corrections={given.reach}
        onCorrections={(reach) => set({ reach })}
        does={given.does}
        onDoes={(does) => set({ does })}
        today={today}
      />
      {heightsFault && (
        <p className="fault" role="alert">
          {heightsFault.message}
        </p>
      )}
    </>
  );
}
