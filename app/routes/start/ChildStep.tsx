import { Form } from "antd";
import { flushSync } from "react-dom";
import type { PlainDate } from "../../core/model";
import { MAX_CHILDREN } from "../../engine/commands/setUp";
import { InlineButton } from "../../ui/controls/buttons";
import { useEntry } from "../../ui/form/entry";
import { COLOURS } from "../../ui/theme/tokens";
import { ChildFields } from "./ChildFields";
import { withoutChild } from "./typedPeople";
import { NEW_CHILD, type SetUpValues, type TypedChild } from "./values";

const PLAIN = { border: 0, margin: 0, padding: 0, minWidth: 0 };
/** Set apart from the child before it by a line. */
const PARTED = { ...PLAIN, borderTop: `1px solid ${COLOURS.line}`, marginTop: 14, paddingTop: 10 };

/** Everyone who may get at the shelf: all children at home, and those who visit. Each is asked the same. */
export function ChildStep({ today }: { today: PlainDate }) {
  const { set } = useEntry();
  const form = Form.useFormInstance<SetUpValues>();
  const children = Form.useWatch("children", form) ?? [];
  // Everything that was said of children by their order moves up with them.
  const forget = (gone: number) =>
    set({
      reach: withoutChild(form.getFieldValue("reach"), gone),
      does: withoutChild(form.getFieldValue("does"), gone),
    });
  const last = children.at(-1);
  return (
    <Form.List name="children">
      {(rows, { add, remove }) => {
        const addChild = (like: Partial<TypedChild>) => {
          flushSync(() => add({ ...NEW_CHILD, ...like }));
          form.focusField(["children", rows.length, "name"]);
        };
        return (
          <>
            {rows.map(({ key, name: at }) => {
              const name = children[at]?.name.trim() || `Child ${at + 1}`;
              return (
                <fieldset key={key} aria-label={name} style={at > 0 ? PARTED : PLAIN}>
                  {rows.length > 1 && (
                    <div className="row between">
                      <h3 className="flat">{name}</h3>
                      <InlineButton
                        type="button"
                        aria-label={`Remove ${name}`}
                        onClick={() => {
                          remove(at);
                          forget(at);
                        }}
                      >
                        Remove
                      </InlineButton>
                    </div>
                  )}
                  <ChildFields at={at} today={today} />
                </fieldset>
              );
            })}
            {rows.length < MAX_CHILDREN && (
              <p>
                <InlineButton type="button" onClick={() => addChild({})}>
                  Add another child
                </InlineButton>
                {last?.birth && (
                  <>
                    {" or "}
                    <InlineButton
                      type="button"
                      onClick={() => addChild({ birth: last.birth, earlyWeeks: last.earlyWeeks })}
                    >
                      a twin of {last.name.trim() || `child ${rows.length}`}
                    </InlineButton>
                  </>
                )}{" "}
                <span className="quiet">
                  At home or visiting: add every child who may get at the shelf. Safety counts all of them.
                </span>
              </p>
            )}
          </>
        );
      }}
    </Form.List>
  );
}
