import { Form } from "antd";
import { createContext, type ReactNode, use } from "react";
import type { Issue } from "../../core/model";

/** What the fields of the editor get to know: what is wrong, and which of them were left. */
export interface Editing {
  issues: readonly Issue[];
  isLeft(path: string): boolean;
}

export const EditingContext = createContext<Editing>({ issues: [], isLeft: () => false });

/** The path of the field that an event comes from. */
export const pathOfEvent = ({ target }: { target: EventTarget }): string | undefined =>
  (target as Element).closest<HTMLElement>("[data-path]")?.dataset.path;

/** A labelled field of the activity; what is wrong with it stands below it once it was left. */
export function EditField({
  path,
  label,
  htmlFor,
  tip,
  wide = false,
  children,
}: {
  /** Where its value lies in the activity, as faults name it. */
  path: string;
  label: string;
  htmlFor: string;
  tip?: string;
  wide?: boolean;
  children: ReactNode;
}) {
  const { issues, isLeft } = use(EditingContext);
  const issue = isLeft(path) && issues.find((one) => one.path.startsWith(path));
  return (
    <Form.Item
      label={label}
      htmlFor={htmlFor}
      tooltip={tip}
      className={wide ? "wide" : undefined}
      help={issue ? <span role="alert">{issue.message}</span> : undefined}
      validateStatus={issue ? "error" : undefined}
      data-path={path}
    >
      {children}
    </Form.Item>
  );
}
