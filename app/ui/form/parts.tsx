import { Form } from "antd";
import type { ReactNode } from "react";
import { InlineButton } from "../controls/buttons";
import { useEntry } from "./entry";
import { fieldOf, pathOf } from "./values";

/** One field of a form with its label; its fault, if any, right below it. */
export function EntryItem({
  name,
  path = name,
  label,
  ticked = false,
  tip,
  hint,
  className,
  children,
}: {
  /** The field's name; in a list of things the name within the list. */
  name: string | (string | number)[];
  /** Where it stands in the form, where that is more than its name. */
  path?: string | (string | number)[];
  label?: ReactNode;
  /** A single tick instead of a value. */
  ticked?: boolean;
  /** What is not plain about it. */
  tip?: string;
  /** The meaning of its value, said below it. */
  hint?: ReactNode;
  className?: string;
  children: ReactNode;
}) {
  const at = pathOf(path);
  const issue = useEntry().issues.find((one) => one.path === at || one.path.startsWith(`${at}[`));
  return (
    <Form.Item
      name={name}
      label={label}
      valuePropName={ticked ? "checked" : "value"}
      tooltip={tip}
      extra={hint && !issue && <span role="status">{hint}</span>}
      help={issue ? <span role="alert">{issue.message}</span> : undefined}
      validateStatus={issue ? "error" : undefined}
      className={className}
    >
      {children}
    </Form.Item>
  );
}

/** The faults that no field shows. */
export function EntryFaults() {
  const { issues, fields } = useEntry();
  return issues
    .filter(({ path }) => !fields.includes(fieldOf(path)))
    .map((issue) => (
      <p className="fault" role="alert" key={`${issue.path} ${issue.message}`}>
        {issue.message}
      </p>
    ));
}

/** What was typed before a reload stands here again. */
export const DraftLine = ({ onDrop }: { onDrop(): void }) => (
  <p className="quiet" role="status">
    What you had typed is here again.{" "}
    <InlineButton type="button" onClick={onDrop}>
      Begin anew
    </InlineButton>
  </p>
);
