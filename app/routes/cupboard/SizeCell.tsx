import { Input } from "antd";
import { useState } from "react";
import { href, Link, useFetcher } from "react-router";
import type { Holding, Issue, Material } from "../../core/model";
import { sizeText, type Units } from "../../core/units";
import { LinkAct } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";

/** What was measured of a piece, in the order of its shape. */
function MeasureForm({ material, holding }: { material: Material; holding: Holding }) {
  const fetcher = useFetcher<{ issues: Issue[] }>();
  const { piece } = material;
  if (!piece) return null;
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "measure", holding: holding.id, shape: piece.shape }}
      action={href("/cupboard")}
    >
      {[0, 1, 2].map((i) => (
        <Input
          key={i}
          style={{ width: 62 }}
          type={i < piece.mm.length ? "number" : "hidden"}
          min={0}
          step="any"
          name={`mm${i + 1}`}
          aria-label={`Size ${i + 1} of ${material.name} in mm`}
          defaultValue={holding.measured?.mm[i] ?? ""}
        />
      ))}{" "}
      mm <LinkAct>Keep</LinkAct>{" "}
      <Link to={`${href("/cupboard/gauge")}?material=${material.id}`}>In the gauge</Link>
      {fetcher.data?.issues.map((issue) => (
        <span className="fault" role="alert" key={issue.path}>
          {issue.message}
        </span>
      ))}
    </Send>
  );
}

/** The size of a piece; one that is in the house can be measured, and that size counts for safety. */
export function SizeCell({
  material,
  holding,
  units,
}: {
  material: Material;
  holding?: Holding;
  units: Units;
}) {
  const [isOpen, setOpen] = useState(false);
  const { piece } = material;
  if (!piece && holding?.measured) return `${sizeText(holding.measured, units)}, measured`;
  if (!piece) {
    const isUnsized = material.hazards.some((hazard) => hazard.kind === "unsized");
    return isUnsized ? (
      <Link to={`${href("/cupboard/gauge")}?material=${material.id}`}>size unknown: measure it</Link>
    ) : null;
  }
  const measured = holding?.measured;
  const text = `${sizeText(measured ?? piece, units)}${measured ? ", measured" : ""}`;
  if (!holding || holding.quantity === 0) return text;
  return (
    <details
      className="measure"
      key={holding.updatedAt}
      onToggle={(event) => setOpen(event.currentTarget.open)}
    >
      <summary aria-label={`Measure ${material.name}, ${text}`}>{text}</summary>
      {isOpen && <MeasureForm material={material} holding={holding} />}
    </details>
  );
}
