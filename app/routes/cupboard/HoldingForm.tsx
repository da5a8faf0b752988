import { Button } from "antd";
import { useFetcher } from "react-router";
import { addDays, type Holding, type Issue, type Material, type PlainDate } from "../../core/model";
import type { Units } from "../../core/units";
import { atWork } from "../../ui/actionResult";
import { Send } from "../../ui/Send";
import { Recipe } from "./Recipe";

interface HoldingFormProps {
  holding: Holding;
  material: Material;
  today: PlainDate;
  units: Units;
  onDone(): void;
}

/** Where a thing is, whose it is, how long it is there, and how it is made. */
export function HoldingForm({ holding, material, today, units, onDone }: HoldingFormProps) {
  const fetcher = useFetcher<{ issues: Issue[] }>();
  const id = (name: string) => `${name}-${holding.id}`;
  const keeps = material.keepsDays ?? material.recipe?.keepsDays;
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "about", holding: holding.id }}
      className="holding-form"
      aria-label={`About ${material.name}`}
    >
      <label htmlFor={id("where")}>
        Where in the house
        <input id={id("where")} name="where" maxLength={60} defaultValue={holding.where} />
      </label>
      <label htmlFor={id("origin")}>
        It is
        <select id={id("origin")} name="origin" defaultValue={holding.origin}>
          <option value="owned">ours</option>
          <option value="gathered">gathered</option>
          <option value="borrowed">borrowed</option>
        </select>
      </label>
      <label htmlFor={id("dueBack")}>
        Borrowed: back on
        <input id={id("dueBack")} name="dueBack" type="date" defaultValue={holding.dueBack} />
      </label>
      <label htmlFor={id("useBy")}>
        Use by{keeps ? ` (fresh: ${keeps} days)` : ""}
        <input
          id={id("useBy")}
          name="useBy"
          type="date"
          defaultValue={holding.useBy ?? (material.keepsDays ? addDays(today, material.keepsDays) : "")}
        />
      </label>
      <label htmlFor={id("worn")} className="tick">
        <input
          id={id("worn")}
          name="worn"
          type="checkbox"
          value="yes"
          defaultChecked={holding.worn !== undefined}
        />
        Worn: look it over
      </label>
      <Button htmlType="submit" size="small" loading={atWork(fetcher)}>
        Keep
      </Button>
      <button type="button" className="link" onClick={onDone}>
        Close
      </button>
      {fetcher.data?.issues.length === 0 && fetcher.state === "idle" && <span role="status">kept</span>}
      {fetcher.data?.issues.map((issue) => (
        <span className="fault" role="alert" key={issue.path}>
          {issue.message}
        </span>
      ))}
      {material.recipe && <Recipe material={material} holding={holding} units={units} />}
    </Send>
  );
}
