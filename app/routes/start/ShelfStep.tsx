import { Checkbox, Form, InputNumber } from "antd";
import type { PlaceKind, PlainDate } from "../../core/model";
import { useEntry } from "../../ui/form/entry";
import { EntryItem } from "../../ui/form/parts";
import { ReachPart } from "./ReachPart";
import { type SetUpValues, USUAL, usualHeights } from "./values";

const MOST_BOARDS = 6;

const PLACES: { value: PlaceKind; label: string }[] = [
  { value: "table", label: "Low table" },
  { value: "mat", label: "Mat" },
  { value: "floor", label: "Free floor" },
  { value: "outdoors", label: "Balcony or outdoors" },
  { value: "wet-spot", label: "Wet spot (bath, sink)" },
  { value: "window", label: "Window at child's height" },
  { value: "high-chair", label: "High-chair tray" },
  { value: "routine", label: "In the day: dressing, meals, bath, walk" },
];

/** Boards and bays, who gets at which of them, and the places beside the shelf. */
export function ShelfStep({ today }: { today: PlainDate }) {
  const { set, issues } = useEntry();
  const form = Form.useFormInstance<SetUpValues>();
  const given: SetUpValues = { ...USUAL, ...Form.useWatch([], { form, preserve: true }) };
  const heightsFault = issues.find(({ path }) => path.startsWith("heightsCm"));
  const setBoards = (boards: number | null) =>
    set({ heightsCm: usualHeights(Math.min(MOST_BOARDS, Math.max(1, boards ?? 1))), reach: [] });
  return (
    <>
      <div className="grid fields">
        <Form.Item label="Boards" htmlFor="boards">
          <InputNumber
            id="boards"
            min={1}
            max={MOST_BOARDS}
            precision={0}
            value={given.heightsCm.length}
            onChange={setBoards}
          />
        </Form.Item>
        <EntryItem label="Bays on each board" name="baysPerBoard">
          <InputNumber min={1} max={6} precision={0} />
        </EntryItem>
        <EntryItem label="Other places to play" name="places" className="wide">
          <Checkbox.Group options={PLACES} />
        </EntryItem>
      </div>
      <ReachPart
        heightsCm={given.heightsCm}
        onHeights={(heightsCm) => set({ heightsCm })}
        typed={[given, ...given.others]}
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
