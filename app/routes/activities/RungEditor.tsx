import { Checkbox, Input, InputNumber, Select } from "antd";
import { useId } from "react";
import { freeNeedId, harderOn, hasSmallPiece, knownOf, windowAround } from "../../core/content";
import { changesBetween } from "../../core/ladder";
import {
  AXIS_IDS,
  type Catalogue,
  type MaterialId,
  type Need,
  type Rung,
  type RungId,
  type SkillId,
} from "../../core/model";
import { InlineButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { AXIS_WORDS } from "../../words/axes";
import { EditField } from "./EditField";

export interface RungEditorProps {
  rung: Rung;
  /** The other rungs: one of them may be the same in large pieces. */
  others: readonly Rung[];
  /** The rung below; absent for the first. */
  before?: Rung;
  index: number;
  catalogue: Catalogue;
  onChange(rung: Rung): void;
  onRemove?: () => void;
}

function NeedRows({ rung, catalogue, onChange }: Pick<RungEditorProps, "rung" | "catalogue" | "onChange">) {
  const sorted = [...catalogue.materials].sort((a, b) => (a.name < b.name ? -1 : 1));
  const set = (materials: Need[]) => onChange({ ...rung, materials });
  const changed = (id: string, part: Partial<Need>) =>
    set(rung.materials.map((need) => (need.id === id ? { ...need, ...part } : need)));
  return (
    <div>
      {rung.materials.map((need) => (
        <div key={need.id} className="row gap">
          <Choice
            aria-label="Thing"
            value={need.material}
            onChange={(material) => changed(need.id, { material })}
            options={sorted.map((one) => ({ value: one.id, label: one.name }))}
          />
          <InputNumber
            aria-label="How many"
            min={0}
            value={Number.isFinite(need.quantity) ? need.quantity : null}
            onChange={(quantity) => changed(need.id, { quantity: quantity ?? Number.NaN })}
          />
          <Checkbox
            checked={need.loose}
            onChange={(event) => changed(need.id, { loose: event.target.checked })}
          >
            loose in the hand
          </Checkbox>
          <Checkbox
            checked={need.spare ?? false}
            onChange={(event) => changed(need.id, { spare: event.target.checked || undefined })}
          >
            may stay away
          </Checkbox>
          <InlineButton type="button" onClick={() => set(rung.materials.filter((one) => one.id !== need.id))}>
            Take away
          </InlineButton>
        </div>
      ))}
      <Choice<MaterialId | "">
        aria-label="Add a thing"
        value=""
        onChange={(material) => {
          if (material === "") return;
          const id = freeNeedId(material, rung.materials);
          set([...rung.materials, { id, material, quantity: 1, loose: true }]);
        }}
        options={[
          { value: "", label: "Add a thing…" },
          ...sorted.map((one) => ({ value: one.id, label: one.name })),
        ]}
      />
    </div>
  );
}

const HELD = "held";

/** A rung with a small piece is kept adult-held, unless another rung is the same with large pieces. */
function SmallPieces({ rung, others, index, catalogue, onChange }: Omit<RungEditorProps, "before">) {
  const { materials } = knownOf(catalogue);
  if (!hasSmallPiece(rung, materials)) return null;
  const twins = others.filter((one) => !hasSmallPiece(one, materials));
  const value = rung.held ? HELD : (rung.largePieceTwin ?? "");
  return (
    <EditField
      path={`rungs[${index}].largePieceTwin`}
      label="A piece of it is small: for children who mouth, or under three"
      htmlFor={`small-${rung.id}`}
      wide
    >
      <Select
        id={`small-${rung.id}`}
        value={value}
        onChange={(chosen: RungId | typeof HELD | "") =>
          onChange({
            ...rung,
            held: chosen === HELD ? true : undefined,
            largePieceTwin: chosen === HELD || chosen === "" ? undefined : chosen,
          })
        }
        options={[
          { value: "", label: "Choose…" },
          { value: HELD, label: "kept adult-held: high, opened together, counted out and back" },
          ...twins.map((one) => ({
            value: one.id,
            label: `the same in large pieces: ${one.title || "the rung without a title"}`,
          })),
        ]}
        popupMatchSelectWidth={420}
      />
    </EditField>
  );
}

/** One rung while it is written. */
export function RungEditor(props: RungEditorProps) {
  const { rung, before, index, catalogue, onChange, onRemove } = props;
  const id = useId();
  const at = (part: string) => `rungs[${index}].${part}`;
  const harder = before && changesBetween(before, rung).find((change) => change.by > 0)?.axis;
  return (
    <section className="panel" aria-label={`Rung ${index + 1}`}>
      <h3>
        Rung {index + 1}{" "}
        {onRemove && (
          <InlineButton type="button" onClick={onRemove}>
            Take away
          </InlineButton>
        )}
      </h3>
      <div className="grid fields">
        <EditField path={at("title")} label="What is set out" htmlFor={`${id}title`} wide>
          <Input
            id={`${id}title`}
            value={rung.title}
            onChange={(event) => onChange({ ...rung, title: event.target.value })}
          />
        </EditField>
        <EditField path={at("window")} label="Half of the children do it at, months" htmlFor={`${id}months`}>
          <InputNumber
            id={`${id}months`}
            min={1}
            value={Number.isFinite(rung.window.median) ? rung.window.median : null}
            onChange={(months) => onChange({ ...rung, window: windowAround(months ?? Number.NaN) })}
          />
        </EditField>
        <EditField path={at("grows")} label="It grows" htmlFor={`${id}grows`}>
          <Choice
            id={`${id}grows`}
            value={rung.grows[0] ?? ""}
            onChange={(skill: SkillId | "") =>
              onChange({ ...rung, grows: [...(skill === "" ? [] : [skill]), ...rung.grows.slice(1)] })
            }
            options={[
              { value: "", label: "Choose a skill…" },
              ...catalogue.skills.map((skill) => ({ value: skill.id, label: skill.name })),
            ]}
          />
        </EditField>
        {before && (
          <EditField path={at("axes")} label="Harder than the rung below by" htmlFor={`${id}harder`}>
            <Choice
              id={`${id}harder`}
              value={harder ?? ""}
              onChange={(axis) => axis && onChange(harderOn(rung, before, axis))}
              options={[
                { value: "", label: "Choose…" },
                ...AXIS_IDS.map((axis) => ({ value: axis, label: AXIS_WORDS[axis].up })),
              ]}
            />
          </EditField>
        )}
      </div>
      <NeedRows rung={rung} catalogue={catalogue} onChange={onChange} />
      <SmallPieces {...props} />
    </section>
  );
}
