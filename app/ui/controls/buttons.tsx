import { Button, type ButtonProps } from "antd";

export interface ActionButtonProps extends Omit<ButtonProps, "type" | "htmlType" | "loading"> {
  type?: "submit" | "button";
  /** It was pressed, and its work goes on. */
  busy?: boolean;
}

const kindOf = (type: ActionButtonProps["type"], { onClick }: Pick<ActionButtonProps, "onClick">) =>
  type ?? (onClick ? "button" : "submit");

/** A button with work of its own; one without any sends its form. */
export const ActionButton = ({
  type,
  primary = false,
  busy = false,
  ...more
}: ActionButtonProps & {
  /** The one that is most likely wanted. */
  primary?: boolean;
}) => (
  <Button
    htmlType={kindOf(type, more)}
    type={primary ? "primary" : "default"}
    aria-busy={busy || undefined}
    {...more}
    style={busy ? { opacity: 0.6, ...more.style } : more.style}
  />
);

/** An action that stands in a line of text. */
export const InlineButton = ({ type, busy = false, ...more }: ActionButtonProps) => (
  <Button htmlType={kindOf(type, more)} type="link" size="small" aria-busy={busy || undefined} {...more} />
);

/** One of several things to tap, pressed or not. */
export const ToggleButton = ({ type, busy = false, ...more }: ActionButtonProps) => (
  <Button
    htmlType={kindOf(type, more)}
    type={more["aria-pressed"] === true ? "primary" : "default"}
    aria-busy={busy || undefined}
    {...more}
  />
);
