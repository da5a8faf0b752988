import { Button } from "antd";
import { useRef, useState } from "react";

/** A file to choose: a button of ours over the browser's own field, and the name of what was chosen. */
export function FileField({
  label,
  name,
  accept,
  capture,
  onFile,
}: {
  label: string;
  name?: string;
  accept: string;
  capture?: "environment";
  onFile?(file: File): void;
}) {
  const field = useRef<HTMLInputElement>(null);
  const [chosen, setChosen] = useState<string>();
  return (
    <span className="row">
      <input
        ref={field}
        type="file"
        className="out-of-sight"
        aria-label={label}
        name={name}
        accept={accept}
        capture={capture}
        onChange={(event) => {
          const file = event.target.files?.[0];
          setChosen(file?.name);
          if (file) onFile?.(file);
        }}
      />
      {/* For the mouse and the finger; keys and screen readers have the field itself. */}
      <Button tabIndex={-1} aria-hidden="true" onClick={() => field.current?.click()}>
        {label}
      </Button>
      {name && chosen && <span className="quiet">{chosen}</span>}
    </span>
  );
}
