import { Input } from "antd";
import type { Site } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { EntryForm } from "../../ui/form/EntryForm";
import { EntryItem } from "../../ui/form/parts";
import { RowButtons } from "./RowButtons";

function SiteForm({ site }: { site?: Site }) {
  const save = useCommand("household.saveSite");
  return (
    <EntryForm
      command={save}
      values={{ id: site?.id ?? "" }}
      initial={{ name: site?.name ?? "" }}
      aria-label={site ? site.name : "Another home"}
    >
      <EntryItem label={site ? "Home" : "Another home (grandmother's flat)"} name="name">
        <Input maxLength={60} />
      </EntryItem>
      <RowButtons
        save={save}
        isNew={!site}
        done={
          site ? "Saved." : `${save.answer} is added. Give it a place or two below, and fill its cupboard.`
        }
      />
    </EntryForm>
  );
}

/** The homes that are planned for; each has a cupboard, places and trays of its own. */
export const Sites = ({ sites }: { sites: readonly Site[] }) => (
  <>
    <p className="quiet">Each home has a cupboard, places and trays of its own. Switch at the left.</p>
    {sites.map((site) => (
      <SiteForm key={`${site.id} ${site.name}`} site={site} />
    ))}
    <SiteForm key={`new ${sites.length}`} />
  </>
);
