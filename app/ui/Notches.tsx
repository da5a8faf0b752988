/** The rungs of a ladder as notches; those up to the one set out stand tall. */
export function Notches({ rungs, rung, colour }: { rungs: number; rung: number; colour: string }) {
  return (
    <span className="notches" title={`Rung ${rung + 1} of ${rungs}`}>
      {Array.from({ length: rungs }, (_, i) => i).map((i) => (
        <i
          key={i}
          className={i <= rung ? "reached" : ""}
          style={i <= rung ? { background: colour } : undefined}
        />
      ))}
    </span>
  );
}
