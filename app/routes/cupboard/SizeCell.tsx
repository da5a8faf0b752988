import { Form, Input } from "antd";
import { useState } from "react";
import { href, Link } from "react-router";
import type { Holding, Material } from "../../core/model";
import { sizeText, type Units } from "../../core/units";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";

/** What was measured of a piece, in the order of its shape. */
function MeasureForm({ material, holding }: { material: Material; holding: Holding }) {
  const measure = useCommand("cupboard.measure");
  const { piece } = material;
  const [sizes, setSizes] = useState(() =>
    (piece?.mm ?? []).map((_, i) => String(holding.measured?.mm[i] ?? "")),
  );
  if (!piece) return null;
  const keep = () => {
    const [mm1 = "", mm2 = "", mm3 = ""] = sizes;
    void measure.run({ holding: holding.id, shape: piece.shape, mm1, mm2, mm3 });
  };
  return (
    <Form onFinish={keep}>
      {sizes.map((size, i) => (
        <Input
          // biome-ignore lint/suspicious/noArrayIndexKey: the sizes of a shape never change their order
          key={i}
          style={{ width: 62 }}
          type="number"
          min={0}
          step="any"
          aria-label={`Size ${i + 1} of ${material.name} in mm`}
          value={size}
          onChange={({ target }) => setSizes(sizes.map((one, at) => (at === i ? target.value : one)))}
        />
      ))}{" "}
      mm <InlineButton>Keep</InlineButton>{" "}
      <Link to={`${href("/cupboard/gauge")}?material=${material.id}`}>In the gauge</Link>
      <CommandFaults of={measure} />
    </Form>
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
