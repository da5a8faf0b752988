import { Input } from "antd";
import { useDeferredValue, useMemo, useState } from "react";
import {
  href,
  Link,
  type ShouldRevalidateFunctionArgs,
  useLocation,
  useNavigation,
  useSearchParams,
} from "react-router";
import { ActivityId } from "../../core/model";

import type { ActivityFacts } from "../../engine/queries/activityFacts";
import { isOnlyLook } from "../../ui/command/results";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton, ToggleButton } from "../../ui/controls/buttons";
import { LinkButton } from "../../ui/controls/LinkButton";
import { useAddressChange } from "../../ui/useAddressChange";
import { titled } from "../../words/titles";
import { askOrLeadTo } from "../askFor";
import type { Route } from "./+types/activities";
import { ActivityRow } from "./ActivityRow";
import { carriedFrom } from "./carried";
import { FilterForm } from "./FilterForm";
import { filtersOf, passes } from "./filters";
import { type Finder, finderFor } from "./finder";
import { PackPart } from "./PackPart";

/** Read anew only when the child, the day or the material changes; all else narrows what is here. */
export function shouldRevalidate({
  currentUrl,
  nextUrl,
  actionResult,
  defaultShouldRevalidate,
}: ShouldRevalidateFunctionArgs) {
  if (isOnlyLook(actionResult)) return false;
  if (currentUrl.pathname !== nextUrl.pathname || currentUrl.search === nextUrl.search)
    return defaultShouldRevalidate;
  const same = (name: string) => currentUrl.searchParams.get(name) === nextUrl.searchParams.get(name);
  return !(same("child") && same("with") && same("ahead"));
}

export const meta = () => titled("Activities");

/** Leads to Household where nobody is planned for. */
export const clientLoader = ({ request }: Route.ClientLoaderArgs) =>
  askOrLeadTo(request, "activities", href("/household"));

/** The first so many are drawn; the rest on demand, so that a long list stays quick. */
const PAGE = 40;

/** The index is made when the search field is entered, not before. */
function useFinder(catalogue: Route.ComponentProps["loaderData"]["catalogue"]): Finder {
  return useMemo(() => {
    let made: Finder | undefined;
    return (words) => {
      made ??= finderFor(catalogue);
      return made(words);
    };
  }, [catalogue]);
}

/** The activities that the words find, the best first; all of them without words. */
function ranked(facts: readonly ActivityFacts[], words: string, find: Finder): readonly ActivityFacts[] {
  if (!words) return facts;
  const byId = new Map(facts.map((one) => [one.id, one]));
  return find(words).flatMap((id) => byId.get(id) ?? []);
}

/** An activity of our own was removed a moment ago, with the way back. */
function Removed({ id }: { id: ActivityId }) {
  const restore = useCommand("activities.restoreOwn");
  return (
    <div className="panel row told">
      <span role="status">Removed.</span>
      <InlineButton
        onClick={() => void restore.run({ activity: id }, { goTo: href("/activities/:id", { id }) })}
      >
        Undo
      </InlineButton>
    </div>
  );
}

export default function Activities({ loaderData }: Route.ComponentProps) {
  const { facts, catalogue, children, child, material } = loaderData;
  const [settled] = useSearchParams();
  const changeAddress = useAddressChange();
  // What was chosen a moment ago counts, also while the page is on its way there.
  const here = useLocation().pathname;
  const underway = useNavigation().location;
  const search = underway?.pathname === here ? new URLSearchParams(underway.search) : settled;
  const removed = ActivityId.safeParse(search.get("removed")).data;
  const [typed, setTyped] = useState(search.get("q") ?? "");
  const [shown, setShown] = useState(PAGE);
  const words = useDeferredValue(typed.trim());
  const find = useFinder(catalogue);
  const filters = filtersOf(search);
  const found = useMemo(() => ranked(facts, words, find), [facts, words, find]);
  const results = found.filter((one) => passes(one, filters));
  const keep = (name: string, value: string) => {
    setShown(PAGE);
    changeAddress(
      (next) => {
        if (value) next.set(name, value);
        else next.delete(name);
      },
      { preventScrollReset: true, flushSync: true },
    );
  };
  // Hundreds of choices: not drawn anew for every letter that is typed.
  const query = search.toString();
  // biome-ignore lint/correctness/useExhaustiveDependencies: filters and keep hang on the query alone
  const form = useMemo(() => {
    const asked = ranked(facts, filters.q, find);
    return (
      <FilterForm
        filters={filters}
        child={child.id}
        everyone={children}
        materials={catalogue.materials}
        material={material?.id}
        families={[...new Set(catalogue.activities.map((one) => one.family))]}
        skills={catalogue.skills}
        onChange={keep}
        leaves={(part) => asked.filter((one) => passes(one, { ...filters, ...part })).length}
      />
    );
  }, [query, loaderData]);
  const carried = carriedFrom(search, child.id);
  const now = results.filter((one) => one.word === "now").length;
  return (
    <main className="main wide">
      <div className="row between at-top">
        <div>
          <h1>{material ? `Made with: ${material.name}` : "Activities"}</h1>
          <p className="quiet" role="status">
            {results.length} of {facts.length}
            {results.length > 0 && filters.fit === undefined ? `, ${now} of them now for ${child.name}` : ""}.
          </p>
        </div>
        <div className="row links">
          {material && (
            <LinkButton to={`${href("/activities/sitting/:material", { material: material.id })}?${carried}`}>
              A whole sitting with it
            </LinkButton>
          )}
          <Link to={`${href("/activities/new")}?${carried}`}>Write our own</Link>
        </div>
      </div>
      {removed && <Removed id={removed} />}
      <Input
        type="search"
        size="large"
        aria-label="Search activities"
        placeholder="A word: snails, muffin tin, pouring…"
        value={typed}
        onFocus={() => void find("")}
        onChange={(event) => {
          setTyped(event.target.value);
          setShown(PAGE);
        }}
        onBlur={() => (search.get("q") ?? "") !== typed.trim() && keep("q", typed.trim())}
      />
      {form}
      {results.length === 0 && (
        <p className="empty-state">
          Nothing suits all of that. Take one of the choices back, or write your own.
        </p>
      )}
      {!words && <PackPart {...loaderData} />}
      <ul className="bare lines columns" aria-label="Activities found">
        {results.slice(0, shown).map((one) => (
          <ActivityRow
            key={one.id}
            facts={one}
            to={`${href("/activities/:id", { id: one.id })}?${carried}&rung=${one.rung}`}
          />
        ))}
      </ul>
      {results.length > shown && (
        <ToggleButton type="button" onClick={() => setShown(shown + PAGE)}>
          Show {Math.min(PAGE, results.length - shown)} more
        </ToggleButton>
      )}
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
