import type { ReactNode } from "react";

/** Controls that belong together, named for who does not see that they do. */
export const LabelledGroup = ({
  label,
  className,
  children,
}: {
  label: string;
  className?: string;
  children: ReactNode;
}) => (
  // biome-ignore lint/a11y/useSemanticElements: a fieldset brings a frame and a legend of its own
  <div role="group" aria-label={label} className={className}>
    {children}
  </div>
);
