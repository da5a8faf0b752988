import { Collapse } from "antd";
import type { ReactNode } from "react";

/** What is not always wanted, behind one line that opens it; its fields are sent whether it is open or not. */
export const Fold = ({
  title,
  open = false,
  className,
  children,
}: {
  title: ReactNode;
  open?: boolean;
  className?: string;
  children: ReactNode;
}) => (
  <Collapse
    ghost
    className={className}
    defaultActiveKey={open ? ["fold"] : []}
    items={[{ key: "fold", label: title, children, forceRender: true }]}
  />
);
