import { Form } from "antd";
import { type ReactNode, useId, useState } from "react";
import type { z } from "zod";
import { type Issue, parseWith } from "../../core/model";
import type { CommandName } from "../../engine/commands";
import type { After, RunningCommand } from "../command/useCommand";
import { draftOf, forgetDraft, keepDraft } from "./draft";
import { type Entry, EntryContext } from "./entry";
import { DraftLine } from "./parts";
import { issuesOf, pathsIn, plain } from "./values";

/** The part of a command that a form needs, whichever command it is. */
export type FormCommand = Pick<RunningCommand<CommandName>, "runForm" | "issues" | "told">;

export interface EntryFormProps<T extends object> {
  /** The command that the form runs. */
  command: FormCommand;
  /** The fields as they stand when the form is opened. */
  initial: T;
  /** What is sent besides the fields. */
  values?: object;
  /** The command's own schema: what it would refuse is said at the field, before anything is sent. */
  schema?: z.ZodType;
  /** The address that is opened once it is stored. */
  goTo?: After["goTo"];
  /** Sends only the fields that are other than when the form was opened: what another tab says of the rest stays. */
  onlyChanged?: boolean;
  /** Under this name what is typed outlives a reload; it is forgotten once it is stored. */
  draft?: string;
  /** What was changed is sent when the form is left for another part of the page. */
  sendsOnLeave?: boolean;
  /** What would be refused, whenever it is tried. */
  onFaults?(issues: readonly Issue[]): void;
  className?: string;
  "aria-label"?: string;
  children: ReactNode;
}

const NO_ISSUES: readonly Issue[] = [];

/** A form of Ant Design's that runs a command; a fault comes back to the very field, and goes once the field is changed. */
export function EntryForm<T extends object>(props: EntryFormProps<T>) {
  const { command, initial, values, schema, goTo, draft, onFaults, children, ...more } = props;
  const { told } = command;
  const [form] = Form.useForm();
  const [kept, setKept] = useState(() => draftOf(draft, initial));
  /** The fields as they stood when it was opened or last stored. */
  const [opened, setOpened] = useState(initial);
  /** What was sent and is not answered yet: where it is refused, all of it is sent again with the next try. */
  const [sent, setSent] = useState<{ fields: T; before: unknown }>();
  if (sent && told !== sent.before) {
    setSent(undefined);
    if (command.issues.length === 0) setOpened(sent.fields);
  }
  /** The faults found here, and the fields that were changed since the last word on them. */
  const [found, setFound] = useState<readonly Issue[]>();
  const [changed, setChanged] = useState<{ told: unknown; names: readonly string[] }>();
  const sinceAnswer = changed?.told === (found ?? told) ? (changed?.names ?? []) : [];
  const issues = (found ?? command.issues).filter(({ path }) => !sinceAnswer.includes(path));

  const all = () => ({ ...values, ...plain({ ...initial, ...form.getFieldsValue(true) }) });
  const check = (only?: readonly string[]): boolean => {
    if (!schema) return true;
    const read = parseWith(schema, all());
    const faults = read.ok ? NO_ISSUES : read.issues;
    const asks = only ? issuesOf(faults, only) : faults;
    setFound(asks.length > 0 ? asks : undefined);
    if (asks.length > 0) onFaults?.(asks);
    return asks.length === 0;
  };
  const send = () => {
    if (!check()) return;
    setFound(undefined);
    const before = plain(opened);
    setSent({ fields: { ...initial, ...form.getFieldsValue(true) }, before: told });
    const fields = Object.entries(all()).filter(
      ([name, value]) =>
        !props.onlyChanged || !(name in before) || JSON.stringify(before[name]) !== JSON.stringify(value),
    );
    void command.runForm(Object.fromEntries(fields), {
      ...(goTo === undefined ? {} : { goTo }),
      ...(draft === undefined ? {} : { draft }),
    });
  };
  const isChanged = () =>
    JSON.stringify(plain(opened)) !== JSON.stringify(plain({ ...opened, ...form.getFieldsValue(true) }));
  const note = (part: object) => {
    setChanged({ told: found ?? told, names: [...sinceAnswer, ...pathsIn(part)] });
    if (draft) keepDraft(draft, form.getFieldsValue(true));
  };
  const set = (part: object) => {
    form.setFieldsValue(part);
    note(part);
  };
  const entry: Entry = { issues, values: all, send, check, set, fields: Object.keys(initial) };
  return (
    <EntryContext value={entry}>
      <Form
        form={form}
        name={useId()}
        layout="vertical"
        requiredMark={false}
        initialValues={{ ...initial, ...kept }}
        onFinish={() => send()}
        onValuesChange={note}
        onBlur={(event) => {
          const isLeft = !event.currentTarget.contains(event.relatedTarget);
          if (props.sendsOnLeave && isLeft && isChanged()) send();
        }}
        className={`entry ${more.className ?? ""}`}
        aria-label={more["aria-label"]}
      >
        {children}
        {draft && kept && (
          <DraftLine
            onDrop={() => {
              forgetDraft(draft);
              setKept(undefined);
              form.setFieldsValue(initial);
            }}
          />
        )}
      </Form>
    </EntryContext>
  );
}
