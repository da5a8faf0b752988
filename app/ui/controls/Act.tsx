import { Button, type ButtonProps } from "antd";

export interface ActProps extends Omit<ButtonProps, "type" | "htmlType" | "loading"> {
  type?: "submit" | "button";
  /** It was pressed, and its work goes on. */
  busy?: boolean;
}

const kindOf = (type: ActProps["type"], { onClick }: Pick<ActProps, "onClick">) =>
  type ?? (onClick ? "button" : "submit");

/** A button with work of its own; one without any sends its form. */
export const Act = ({
  type,
  primary = false,
  busy = false,
  ...more
}: ActProps & {
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
export const LinkAct = ({ type, busy = false, ...more }: ActProps) => (
  <Button htmlType={kindOf(type, more)} type="link" size="small" aria-busy={busy || undefined} {...more} />
);

/** One of several things to tap, pressed or not. */
export const Chip = ({ type, busy = false, ...more }: ActProps) => (
  <Button
    htmlType={kindOf(type, more)}
    type={more["aria-pressed"] === true ? "primary" : "default"}
    aria-busy={busy || undefined}
    {...more}
  />
);
