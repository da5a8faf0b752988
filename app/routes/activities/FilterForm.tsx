import { Checkbox } from "antd";
import {
  AREA_IDS,
  type Catalogue,
  type Child,
  type ChildId,
  type MaterialId,
  type Skill,
  SkillId,
} from "../../core/model";
import { Choice, type ChoiceOption, optionsOf } from "../../ui/controls/Choice";
import { Collapsible } from "../../ui/controls/Collapsible";
import { useIsWide } from "../../ui/useIsWide";
import { AREA_NAMES } from "../../words/areas";
import { PLACE_NAMES } from "../../words/places";
import type { Filters } from "./filters";

export interface FilterFormProps {
  filters: Filters;
  child: ChildId;
  everyone: readonly Child[];
  materials: Catalogue["materials"];
  /** The material asked for: only what can be done with it. */
  material?: MaterialId;
  families: readonly string[];
  skills: readonly Skill[];
  onChange(name: string, value: string): void;
  /** How many activities would be left with a choice. */
  leaves(part: Partial<Filters>): number;
}

const PREP_CHOICES = [0, 2, 5, 10];

interface NarrowProps {
  label: string;
  name: string;
  value: string;
  /** The first choice, which narrows nothing. */
  any?: string;
  choices: readonly ChoiceOption<string>[];
}

function Narrow({
  label,
  name,
  value,
  any,
  choices,
  onChange,
}: NarrowProps & Pick<FilterFormProps, "onChange">) {
  return (
    <label>
      <small>{label}</small>
      <Choice
        aria-label={label}
        name={name}
        value={value}
        onChange={(next) => onChange(name, next)}
        options={[...(any ? [{ value: "", label: any }] : []), ...choices]}
      />
    </label>
  );
}

/** Choices with how many activities each leaves; what leaves none is left out, unless it is chosen. */
const counted = <T extends string>(
  choices: readonly ChoiceOption<T>[],
  chosen: string | undefined,
  leaves: (value: T) => number,
): ChoiceOption<T>[] =>
  choices.flatMap(({ value, label }) => {
    const left = leaves(value);
    return left > 0 || value === chosen ? [{ value, label: `${label} (${left})` }] : [];
  });

const named = (rows: readonly { id: string; name: string }[]): ChoiceOption<string>[] =>
  rows.map((row) => ({ value: row.id, label: row.name }));

/** What can be chosen, in the order in which it is shown. */
function narrowsOf(props: FilterFormProps): NarrowProps[] {
  const { filters, everyone, leaves } = props;
  const byName = [...props.materials].sort((a, b) => (a.name < b.name ? -1 : 1));
  const fits = [
    { value: "now", label: "now" },
    { value: "coming", label: "soon" },
  ] as const;
  const areas = AREA_IDS.map((area) => ({ value: area, label: AREA_NAMES[area] }));
  const places = optionsOf(PLACE_NAMES);
  const minutes = PREP_CHOICES.map((most) => ({
    value: String(most),
    label: most === 0 ? "none" : `up to ${most} min`,
  }));
  const families = props.families.map((family) => ({ value: family, label: family }));
  const prep = filters.prep === undefined ? "" : String(filters.prep);
  const all: NarrowProps[] = [
    { label: "For", name: "child", value: props.child, choices: named(everyone) },
    {
      label: "Fits",
      name: "fit",
      value: filters.fit ?? "",
      any: "at any age",
      choices: counted(fits, filters.fit, (fit) => leaves({ fit })),
    },
    {
      label: "Area",
      name: "area",
      value: filters.area ?? "",
      any: "every area",
      choices: counted(areas, filters.area, (area) => leaves({ area })),
    },
    {
      label: "Made with",
      name: "with",
      value: props.material ?? "",
      any: "anything",
      choices: named(byName),
    },
    {
      label: "Place",
      name: "place",
      value: filters.place ?? "",
      any: "anywhere",
      choices: counted(places, filters.place, (place) => leaves({ place })),
    },
    {
      label: "Preparation",
      name: "prep",
      value: prep,
      any: "any time",
      choices: counted(minutes, prep, (most) => leaves({ prep: Number(most) })),
    },
    {
      label: "Family",
      name: "family",
      value: filters.family ?? "",
      any: "every family",
      choices: counted(families, filters.family, (family) => leaves({ family })),
    },
    {
      label: "Grows",
      name: "skill",
      value: filters.skill ?? "",
      any: "any skill",
      choices: counted(named(props.skills), filters.skill, (skill) =>
        leaves({ skill: SkillId.parse(skill) }),
      ),
    },
  ];
  return all.filter((one) => one.name !== "child" || everyone.length > 1);
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
  const roomy = useIsWide();
  return (
    <Collapsible title="Narrow it down" open={roomy}>
      <form className="grid" aria-label="Narrow the list" onSubmit={(event) => event.preventDefault()}>
        {narrowsOf(props).map((one) => (
          <Narrow key={one.name} {...one} onChange={onChange} />
        ))}
        {TICKS.map(([name, label]) => (
          <Checkbox
            key={`${name} ${filters[name]}`}
            defaultChecked={filters[name]}
            onChange={(event) => onChange(name, event.target.checked ? "on" : "")}
          >
            {label} ({props.leaves({ [name]: true })})
          </Checkbox>
        ))}
      </form>
    </Collapsible>
  );
}
