import type { ReactNode } from "react";

/** A labelled form field with its fault, if any, right below it. `name` is also the input's id. */
export function Field({
  label,
  name,
  fault,
  children,
}: {
  label: string;
  name: string;
  fault?: string;
  children: ReactNode;
}) {
  return (
    <div className={`field${fault ? " has-fault" : ""}`}>
      <label htmlFor={name}>{label}</label>
      {children}
      {fault && (
        <span className="fault" role="alert">
          {fault}
        </span>
      )}
    </div>
  );
}
