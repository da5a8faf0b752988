import { Input } from "antd";
import { type ReactNode, useState } from "react";
import { Form, Link, redirect, useFetcher, useSearchParams, useSubmit } from "react-router";
import { loadCatalogue } from "../../catalogue";
import type { Holding, Material, Preset } from "../../core/model";
import { catalogueOf, standingRotation } from "../../core/planner";
import type { Units } from "../../core/units";
import { readHome } from "../../data/household";
import { hazardWords } from "../../ui/hazards";
import { withPlanner } from "../../workers/plannerClient";
import type { Route } from "./+types/cupboard";
import { changeCupboard } from "./actions";
import { FOUND } from "./found";
import { OwnMaterialForm } from "./OwnMaterialForm";
import { PasteList } from "./PasteList";
import { Purchases } from "./Purchases";
import { SizeCell } from "./SizeCell";

export async function clientLoader({ request }: Route.ClientLoaderArgs) {
  const home = await readHome(request);
  if (!home) throw redirect("/start");
  const search = new URL(request.url).searchParams;
  const { household, tables, today, site } = home;
  const holdings = new Map(
    tables.holdings.filter((one) => one.site === site.id).map((one) => [one.material, one] as const),
  );
  const rotation = standingRotation(tables, site.id, today);
  const catalogue = catalogueOf(await loadCatalogue(), tables);
  const inUse = new Map<string, string[]>();
  for (const tray of tables.trays.filter((one) => one.rotation === rotation?.id)) {
    const name =
      catalogue.activities.find((activity) => activity.id === tray.activity)?.name ?? tray.activity;
    for (const { material } of tray.allotted) inUse.set(material, [...(inUse.get(material) ?? []), name]);
  }
  return {
    units: household.units,
    materials: catalogue.materials,
    holdings,
    inUse,
    site: site.id,
    purchases: search.has("buy")
      ? withPlanner((service) => service.purchases({ tables, on: today, site: site.id }))
      : undefined,
  };
}

export const clientAction = ({ request }: Route.ClientActionArgs) => changeCupboard(request);

interface RowProps {
  material: Material;
  holding?: Holding;
  units: Units;
  inUse: readonly string[];
  site: string;
}

function MaterialRow({ material, holding, units, inUse, site }: RowProps) {
  const quantity = holding?.quantity ?? 0;
  const where = holding?.where;
  const fetcher = useFetcher<Route.ComponentProps["actionData"]>();
  const pending = fetcher.formData?.get("quantity");
  const shown = pending === undefined || pending === null ? quantity : Number(pending);
  const set = (amount: string) =>
    void fetcher.submit({ intent: "set", site, material: material.id, quantity: amount }, { method: "post" });
  const hazards = hazardWords(material, holding?.measured);
  const id = `quantity-${material.id}`;
  return (
    <tr className={shown > 0 ? "" : "absent"}>
      <td>
        <input
          key={String(quantity > 0)}
          type="checkbox"
          defaultChecked={quantity > 0}
          aria-label={`We have: ${material.name}`}
          onChange={(event) => set(event.target.checked ? String(material.usual || 1) : "0")}
        />
      </td>
      <th scope="row">
        <label htmlFor={id}>{material.name}</label>
        {where && <small>{where}</small>}
      </th>
      <td>
        <input
          key={quantity}
          id={id}
          className="quantity"
          type="number"
          min={0}
          step="any"
          defaultValue={quantity}
          onBlur={(event) => event.target.value !== String(quantity) && set(event.target.value)}
          onKeyDown={(event) => event.key === "Enter" && event.currentTarget.blur()}
        />{" "}
        <span className="quiet">{material.unit === "piece" ? "" : material.unit}</span>
        {fetcher.data?.problems.length === 0 && fetcher.state === "idle" && (
          <span className="done" role="status">
            saved
          </span>
        )}
        {fetcher.data?.problems.map((problem) => (
          <span className="fault" role="alert" key={problem.path}>
            {problem.message}
          </span>
        ))}
      </td>
      <td className="quiet size">
        <SizeCell material={material} holding={holding} units={units} />
      </td>
      <td className="hazards">
        {hazards.map((word) => (
          <span className="hazard" key={word}>
            {word}
          </span>
        ))}
      </td>
      <td className="quiet in-use">{inUse.length > 0 ? `out: ${inUse.join(", ")}` : ""}</td>
    </tr>
  );
}

interface GroupProps {
  found: Preset;
  /** The rows of what is there. */
  children: ReactNode;
  /** The rows of what is not, drawn when they are asked for. */
  others: readonly ReactNode[];
  site: string;
  missing: number;
}

function Group({ found, children, others, site, missing }: GroupProps) {
  const [all, showAll] = useState(false);
  return (
    <section aria-label={FOUND[found]} className="cupboard-group">
      <div className="group-head">
        <h2>{FOUND[found]}</h2>
        {missing > 0 && (
          <Form method="post" preventScrollReset>
            <input type="hidden" name="intent" value="usual" />
            <input type="hidden" name="site" value={site} />
            <button type="submit" className="link" name="found" value={found}>
              Tick the {missing} usual things not ticked yet
            </button>
          </Form>
        )}
      </div>
      <table>
        <thead>
          <tr>
            <th scope="col">Have</th>
            <th scope="col">Thing</th>
            <th scope="col">How many</th>
            <th scope="col" className="size">
              Usual piece
            </th>
            <th scope="col">What it can do</th>
            <th scope="col" className="in-use">
              In use
            </th>
          </tr>
        </thead>
        <tbody>
          {children}
          {all && others}
        </tbody>
      </table>
      {others.length > 0 && (
        <button type="button" className="link" aria-expanded={all} onClick={() => showAll(!all)}>
          {all ? "Only what we have" : `${others.length} more things that are not here`}
        </button>
      )}
    </section>
  );
}

export default function Cupboard({ loaderData }: Route.ComponentProps) {
  const { materials, holdings, inUse, site, units } = loaderData;
  const [search] = useSearchParams();
  const submit = useSubmit();
  const words = (search.get("q") ?? "").trim().toLowerCase();
  const shown = materials.filter((material) => material.name.toLowerCase().includes(words));
  const quantityOf = (id: string) => holdings.get(id)?.quantity ?? 0;
  const have = materials.filter((material) => quantityOf(material.id) > 0).length;
  return (
    <main className="main wide">
      <div className="head">
        <div>
          <h1>The cupboard</h1>
          <p className="quiet">
            {have} things on hand. A tick saves at once. Plans use only what is here, or a stand-in for it.
          </p>
        </div>
        <Form
          className="cupboard-find"
          onChange={(event) => void submit(event.currentTarget, { replace: true })}
        >
          <Input
            name="q"
            type="search"
            placeholder="Find a thing"
            aria-label="Find a thing"
            defaultValue={words}
            allowClear
          />
        </Form>
      </div>
      <OwnMaterialForm site={site} />
      <PasteList site={site} materials={materials} />
      <Purchases purchases={loaderData.purchases} units={units} />
      <p>
        <Link to="/cupboard/gauge">Measure a piece with the size gauge</Link>
      </p>
      {shown.length === 0 && (
        <p className="empty-state">
          Nothing is called “{words}”. Add it above with its size, and the plan can use it where it stands in
          for something.
        </p>
      )}
      {(Object.keys(FOUND) as Preset[]).map((found) => {
        const rows = shown.filter((material) => material.found === found);
        if (rows.length === 0) return null;
        const missing = rows.filter((material) => material.usual > 0 && quantityOf(material.id) === 0).length;
        const row = (material: Material) => (
          <MaterialRow
            key={`${site} ${material.id}`}
            material={material}
            holding={holdings.get(material.id)}
            units={units}
            inUse={inUse.get(material.id) ?? []}
            site={site}
          />
        );
        // What was once entered stays in its place, also at 0; a search shows everything that it finds.
        const known = (material: Material) => words !== "" || holdings.has(material.id);
        return (
          <Group
            key={`${site} ${found}`}
            found={found}
            site={site}
            missing={words ? 0 : missing}
            others={rows.filter((material) => !known(material)).map(row)}
          >
            {rows.filter(known).map(row)}
          </Group>
        );
      })}
    </main>
  );
}
