import { Button } from "antd";
import type { ReactNode } from "react";
import { type To, useHref, useLinkClickHandler } from "react-router";

/** The way to another screen as a button: what one came for is done there. */
export function LinkButton({
  to,
  preventScrollReset = false,
  children,
}: {
  to: To;
  preventScrollReset?: boolean;
  children: ReactNode;
}) {
  const open = useLinkClickHandler<HTMLElement>(to, { preventScrollReset });
  return (
    <Button type="primary" href={useHref(to)} onClick={open}>
      {children}
    </Button>
  );
}
