import { Form, Input } from "antd";
import { flushSync } from "react-dom";
import { ALLERGY_NAMES, NotUnderstood } from "../../ui/allergies";
import { BornAndMouths } from "../../ui/childItems";
import { LinkAct } from "../../ui/controls/Act";
import { Tags } from "../../ui/controls/Tags";
import { useEntry } from "../../ui/form/entry";
import { EntryItem } from "../../ui/form/parts";
import type { SetUpValues } from "./values";

const MOST_OTHERS = 6;

/** Everyone else who may get at the shelf: siblings, older or younger, and children who visit. */
function Others() {
  const { set } = useEntry();
  const form = Form.useFormInstance<SetUpValues>();
  // What was said of children by their order holds no longer once one of them is gone.
  const forgetSaid = () =>
    set({
      reach: form.getFieldValue("reach").filter((one: { child: number }) => one.child === 0),
      does: form.getFieldValue("does").filter((one: { child: number }) => one.child === 0),
    });
  return (
    <Form.List name="others">
      {(rows, { add, remove }) => (
        <>
          {rows.map(({ key, name: at }) => (
            <div className="grid fields" key={key}>
              <EntryItem label="Name of another child" name={[at, "name"]} path={["others", at, "name"]}>
                <Input maxLength={40} autoComplete="off" />
              </EntryItem>
              <EntryItem label="Birth date of that child" name={[at, "birth"]} path={["others", at, "birth"]}>
                <Input type="date" />
              </EntryItem>
              <LinkAct
                type="button"
                onClick={() => {
                  remove(at);
                  forgetSaid();
                }}
              >
                Remove this child
              </LinkAct>
            </div>
          ))}
          {rows.length < MOST_OTHERS && (
            <p>
              <LinkAct
                type="button"
                onClick={() => {
                  flushSync(() => add({ name: "", birth: "" }));
                  form.focusField(["others", rows.length, "name"]);
                }}
              >
                Add another child
              </LinkAct>{" "}
              <span className="quiet">
                at home or visiting, planned for or not: what they get at counts for safety
              </span>
            </p>
          )}
        </>
      )}
    </Form.List>
  );
}

/** Wide enough on a desktop that each label stands in one line, and its field beside the others. */
const FIELDS = { ["--least" as string]: "clamp(150px, 15vw, 190px)" };

/** Who it is for, and who else is there. The name stands first on the page and can be typed at once. */
export function ChildStep() {
  const allergies: string[] = Form.useWatch("allergies") ?? [];
  return (
    <>
      <div className="grid fields" style={FIELDS}>
        <EntryItem label="Name or initial" name="name">
          <Input autoComplete="off" maxLength={40} autoFocus />
        </EntryItem>
        <EntryItem label="Birth date" name="birth">
          <Input type="date" />
        </EntryItem>
        <BornAndMouths />
        <EntryItem label="Allergies, if any" name="allergies" className="wide">
          <Tags suggestions={ALLERGY_NAMES} placeholder="milk, nuts, plasters…" />
        </EntryItem>
      </div>
      <NotUnderstood allergies={allergies} />
      <Others />
    </>
  );
}
