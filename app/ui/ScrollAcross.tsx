import type { ReactNode } from "react";

/** What may be wider than its column: it is moved across within it, by a finger or by keys. */
export const ScrollAcross = ({ label, children }: { label: string; children: ReactNode }) => (
  // biome-ignore lint/a11y/noNoninteractiveTabindex: without it keys could not move it
  <section className="scroll-x" aria-label={label} tabIndex={0}>
    {children}
  </section>
);
