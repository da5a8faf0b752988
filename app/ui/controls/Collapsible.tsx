import { Collapse } from "antd";
import type { ReactNode } from "react";

/** What is not always wanted, behind one line that opens it; its fields are sent whether it is open or not. */
export const Collapsible = ({
  title,
  open = false,
  onDemand = false,
  className,
  children,
}: {
  title: ReactNode;
  open?: boolean;
  /** What is in it is drawn once it is opened, and not before. */
  onDemand?: boolean;
  className?: string;
  children: ReactNode;
}) => (
  <Collapse
    ghost
    className={className}
    defaultActiveKey={open ? ["fold"] : []}
    items={[{ key: "fold", label: title, children, forceRender: !onDemand }]}
  />
);
