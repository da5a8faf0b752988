import { useState } from "react";
import type { Catalogue, Child, Skill } from "../../core/model";
import { AREA_IDS } from "../../core/model";
import { AREA_NAMES } from "../../ui/AreaMark";
import { PLACE_NAMES } from "../../ui/places";
import type { Filters } from "./filters";

export interface FilterFormProps {
  filters: Filters;
  child: string;
  everyone: readonly Child[];
  materials: Catalogue["materials"];
  /** The material asked for: only what can be done with it. */
  material?: string;
  families: readonly string[];
  skills: readonly Skill[];
  onChange(name: string, value: string): void;
}

const PREP_CHOICES = [0, 2, 5, 10];

interface Choice {
  value: string;
  label: string;
}

function Select({
  label,
  name,
  value,
  any,
  choices,
  onChange,
}: {
  label: string;
  name: string;
  value: string;
  /** The first choice, which narrows nothing. */
  any?: string;
  choices: readonly Choice[];
  onChange(name: string, value: string): void;
}) {
  return (
    <label className="filter">
      <span>{label}</span>
      <select name={name} value={value} onChange={(event) => onChange(name, event.target.value)}>
        {any && <option value="">{any}</option>}
        {choices.map((choice) => (
          <option key={choice.value} value={choice.value}>
            {choice.label}
          </option>
        ))}
      </select>
    </label>
  );
}

const TICKS = [
  ["there", "All in the cupboard"],
  ["clean", "Not wet or messy"],
  ["quiet", "Not loud"],
] as const;

/** What the list is narrowed to. Each change counts at once and is kept in the address. */
export function FilterForm(props: FilterFormProps) {
  const { filters, onChange } = props;
  // On a phone the choices would push the list off the screen.
  const [roomy] = useState(() => window.matchMedia("(min-width: 700px)").matches);
  const sorted = [...props.materials].sort((a, b) => (a.name < b.name ? -1 : 1));
  return (
    <details className="narrow" open={roomy}>
      <summary>Narrow it down</summary>
      <form className="filters" aria-label="Narrow the list" onSubmit={(event) => event.preventDefault()}>
        {props.everyone.length > 1 && (
          <Select
            label="For"
            name="child"
            value={props.child}
            choices={props.everyone.map((child) => ({ value: child.id, label: child.name }))}
            onChange={onChange}
          />
        )}
        <Select
          label="Fits"
          name="fit"
          value={filters.fit ?? ""}
          any="at any age"
          choices={[
            { value: "now", label: "now" },
            { value: "coming", label: "soon" },
          ]}
          onChange={onChange}
        />
        <Select
          label="Area"
          name="area"
          value={filters.area ?? ""}
          any="every area"
          choices={AREA_IDS.map((area) => ({ value: area, label: AREA_NAMES[area] }))}
          onChange={onChange}
        />
        <Select
          label="Made with"
          name="with"
          value={props.material ?? ""}
          any="anything"
          choices={sorted.map((one) => ({ value: one.id, label: one.name }))}
          onChange={onChange}
        />
        <Select
          label="Place"
          name="place"
          value={filters.place ?? ""}
          any="anywhere"
          choices={Object.entries(PLACE_NAMES).map(([value, label]) => ({ value, label }))}
          onChange={onChange}
        />
        <Select
          label="Preparation"
          name="prep"
          value={filters.prep === undefined ? "" : String(filters.prep)}
          any="any time"
          choices={PREP_CHOICES.map((minutes) => ({
            value: String(minutes),
            label: minutes === 0 ? "none" : `up to ${minutes} min`,
          }))}
          onChange={onChange}
        />
        <Select
          label="Family"
          name="family"
          value={filters.family ?? ""}
          any="every family"
          choices={props.families.map((family) => ({ value: family, label: family }))}
          onChange={onChange}
        />
        <Select
          label="Grows"
          name="skill"
          value={filters.skill ?? ""}
          any="any skill"
          choices={props.skills.map((skill) => ({ value: skill.id, label: skill.name }))}
          onChange={onChange}
        />
        {TICKS.map(([name, label]) => (
          <label key={name} className="filter tick">
            <input
              key={String(filters[name])}
              type="checkbox"
              defaultChecked={filters[name]}
              onChange={(event) => onChange(name, event.target.checked ? "on" : "")}
            />
            <span>{label}</span>
          </label>
        ))}
      </form>
    </details>
  );
}
