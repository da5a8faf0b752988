import { Input } from "antd";
import { useState } from "react";
import { href, Link, useSearchParams } from "react-router";
import type { Holding, Material, MaterialId, Preset } from "../../core/model";
import { useAddressChange } from "../../ui/useAddressChange";
import { useProgressiveRows } from "../../ui/useProgressiveRows";
import { titled } from "../../words/titles";
import { askFor, askLater } from "../askFor";
import type { Route } from "./+types/cupboard";
import { FOUND } from "./found";
import { Group } from "./Group";
import { InsideContext } from "./inside";
import { OutdoorsNow } from "./OutdoorsNow";
import { OwnMaterialForm } from "./OwnMaterialForm";
import { PasteList } from "./PasteList";
import { Purchases } from "./Purchases";
import { QuantityRuns, QuantityRunsContext } from "./quantityRuns";

export const meta = () => titled("Cupboard");

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const view = await askFor(request, "cupboard");
  const isBuying = new URL(request.url).searchParams.has("buy");
  return { ...view, purchases: isBuying ? askLater(request, "purchases") : undefined };
}

/** The things by where they are found, as far as they are drawn by now. */
function useGroups(shown: readonly Material[], holdings: ReadonlyMap<string, Holding>, isSearch: boolean) {
  // What was once entered stays in its place, also at 0; a search shows everything that it finds.
  const isKnown = ({ id }: Material) => isSearch || holdings.has(id);
  const total = shown.filter(isKnown).length;
  const drawn = useProgressiveRows(total);
  let left = drawn;
  return (Object.keys(FOUND) as Preset[]).flatMap((found) => {
    const things = shown.filter((material) => material.found === found);
    if (things.length === 0 || (left === 0 && drawn < total)) return [];
    const known = things.filter(isKnown);
    const rows = known.slice(0, left);
    left -= rows.length;
    const lacking = things.filter(({ id, usual }) => usual > 0 && (holdings.get(id)?.quantity ?? 0) === 0);
    return {
      found,
      rows,
      others: things.filter((material) => !isKnown(material)),
      missing: isSearch ? 0 : lacking.length,
    };
  });
}

export default function Cupboard({ loaderData }: Route.ComponentProps) {
  const { materials, holdings, site, units } = loaderData;
  const [search] = useSearchParams();
  const changeAddress = useAddressChange();
  const [quantityRuns] = useState(() => new QuantityRuns());
  const words = (search.get("q") ?? "").trim().toLowerCase();
  const shown = materials.filter(({ name, also }) =>
    [name, ...also].some((one) => one.toLowerCase().includes(words)),
  );
  const quantityOf = (id: MaterialId) => holdings.get(id)?.quantity ?? 0;
  const groups = useGroups(shown, holdings, words !== "");
  const have = materials.filter((material) => quantityOf(material.id) > 0).length;
  return (
    <main className="main wide">
      <div className="row between at-top">
        <div>
          <h1>The cupboard</h1>
          <p className="quiet">
            {have} things on hand. A tick saves at once. Plans use only what is here, or a stand-in for it.
          </p>
        </div>
        <Input
          type="search"
          placeholder="Find a thing"
          aria-label="Find a thing"
          defaultValue={words}
          style={{ flex: "0 0 220px" }}
          onChange={({ target }) =>
            changeAddress((next) => {
              if (target.value) next.set("q", target.value);
              else next.delete("q");
            })
          }
        />
      </div>
      <div className="row">
        <PasteList site={site} materials={materials} />
        <OwnMaterialForm site={site} dangers={loaderData.dangers} />
        <Link to={href("/cupboard/gauge")}>Measure a piece with the size gauge</Link>
        <Purchases purchases={loaderData.purchases} units={units} />
      </div>
      <OutdoorsNow season={loaderData.season} site={site} materials={materials} holdings={holdings} />
      {shown.length === 0 && (
        <p className="empty-state">
          Nothing is called “{words}”. Add it above with its size, and the plan can use it where it stands in
          for something.
        </p>
      )}
      <InsideContext value={loaderData}>
        <QuantityRunsContext value={quantityRuns}>
          {groups.map((group) => (
            <Group key={`${site} ${group.found}`} site={site} {...group} />
          ))}
        </QuantityRunsContext>
      </InsideContext>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
