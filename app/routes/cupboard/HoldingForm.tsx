import { Button, Checkbox, Input } from "antd";
import { useFetcher } from "react-router";
import { addDays, type Holding, type Issue, type Material, type PlainDate } from "../../core/model";
import type { Units } from "../../core/units";
import { atWork } from "../../ui/actionResult";
import { LinkAct } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
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
        <Input id={id("where")} name="where" maxLength={60} defaultValue={holding.where} />
      </label>
      <label htmlFor={id("origin")}>
        It is
        <Choice
          id={id("origin")}
          name="origin"
          defaultValue={holding.origin}
          options={[
            { value: "owned", label: "ours" },
            { value: "gathered", label: "gathered" },
            { value: "borrowed", label: "borrowed" },
          ]}
        />
      </label>
      <label htmlFor={id("dueBack")}>
        Borrowed: back on
        <Input id={id("dueBack")} name="dueBack" type="date" defaultValue={holding.dueBack} />
      </label>
      <label htmlFor={id("useBy")}>
        Use by{keeps ? ` (fresh: ${keeps} days)` : ""}
        <Input
          id={id("useBy")}
          name="useBy"
          type="date"
          defaultValue={holding.useBy ?? (material.keepsDays ? addDays(today, material.keepsDays) : "")}
        />
      </label>
      <Checkbox
        className="tick"
        id={id("worn")}
        name="worn"
        value="yes"
        defaultChecked={holding.worn !== undefined}
      >
        Worn: look it over
      </Checkbox>
      <Button htmlType="submit" size="small" loading={atWork(fetcher)}>
        Keep
      </Button>
      <LinkAct type="button" onClick={onDone}>
        Close
      </LinkAct>
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
