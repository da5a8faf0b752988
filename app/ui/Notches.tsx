/** The rungs of a ladder as notches; those up to the one set out stand tall. */
export function Notches({ rungs, rung, colour }: { rungs: number; rung: number; colour: string }) {
  return (
    <svg width={rungs * 11} height="14" role="presentation">
      <title>{`Rung ${rung + 1} of ${rungs}`}</title>
      {Array.from({ length: rungs }, (_, i) => i).map((i) => (
        <rect
          key={i}
          x={i * 11}
          y={i <= rung ? 0 : 7}
          width="8"
          height={i <= rung ? 11 : 4}
          rx="1"
          fill={i <= rung ? colour : "#b9b6a6"}
        />
      ))}
    </svg>
  );
}
