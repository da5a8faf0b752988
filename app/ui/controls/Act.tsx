import { Button, type ButtonProps } from "antd";

export interface ActProps extends Omit<ButtonProps, "type" | "htmlType" | "loading"> {
  type?: "submit" | "button";
  /** It was pressed, and its work goes on. */
  busy?: boolean;
}

/** A button that sends its form, unless it is told to be one that does not. */
export const Act = ({
  type = "submit",
  primary = false,
  busy = false,
  ...more
}: ActProps & {
  /** The one that is most likely wanted. */
  primary?: boolean;
}) => (
  <Button
    htmlType={type}
    type={primary ? "primary" : "default"}
    aria-busy={busy || undefined}
    {...more}
    style={busy ? { opacity: 0.6, ...more.style } : more.style}
  />
);

/** An action that stands in a line of text. */
export const LinkAct = ({ type = "submit", busy = false, ...more }: ActProps) => (
  <Button htmlType={type} type="link" size="small" aria-busy={busy || undefined} {...more} />
);

/** One of several things to tap, pressed or not. */
export const Chip = ({ type = "submit", busy = false, ...more }: ActProps) => (
  <Button
    htmlType={type}
    type={more["aria-pressed"] === true ? "primary" : "default"}
    aria-busy={busy || undefined}
    {...more}
  />
);
