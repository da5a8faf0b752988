import { Button, Input } from "antd";
import { useFetcher } from "react-router";
import type { Site } from "../../core/model";
import { atWork } from "../../ui/actionResult";
import { Field } from "../../ui/controls/Field";
import { Send } from "../../ui/Send";
import type { HouseholdAnswer } from "./actions";
import { Answer } from "./RowButtons";

function SiteForm({ site }: { site?: Site }) {
  const fetcher = useFetcher<HouseholdAnswer>();
  const id = `site-${site?.id ?? "new"}`;
  return (
    <Send fetcher={fetcher} values={{ id: site?.id ?? "" }} className="site-form">
      <Field label={site ? "Home" : "Another home (grandmother's flat)"} name={id}>
        <Input id={id} name="name" defaultValue={site?.name} maxLength={60} />
      </Field>
      <Button htmlType="submit" name="intent" value="site" loading={atWork(fetcher)}>
        {site ? "Rename" : "Add"}
      </Button>
      <Answer answer={fetcher.data} />
    </Send>
  );
}

/** The homes that are planned for; each has a cupboard, places and trays of its own. */
export const Sites = ({ sites }: { sites: readonly Site[] }) => (
  <>
    <h2>Homes</h2>
    <p className="quiet">Each home has a cupboard, places and trays of its own. Switch at the left.</p>
    {sites.map((site) => (
      <SiteForm key={`${site.id} ${site.name}`} site={site} />
    ))}
    <SiteForm key={`new ${sites.length}`} />
  </>
);
