import type { ComponentProps } from "react";

export interface ActProps extends ComponentProps<"button"> {
  /** The one that is most likely wanted. */
  primary?: boolean;
  /** It was pressed, and its work goes on. */
  busy?: boolean;
}

/** A button that sends its form, light enough for the screens used beside a child. */
export const Act = ({ primary = false, busy = false, className = "", ...more }: ActProps) => (
  <button
    type="submit"
    {...more}
    className={`act${primary ? " primary" : ""} ${className}`}
    aria-busy={busy || undefined}
  />
);
