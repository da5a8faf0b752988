import { Alert, Button, Checkbox, Input } from "antd";
import { useState } from "react";
import { href, Link, useNavigation } from "react-router";
import { loadGuide } from "../../catalogue";
import { activityFromDraft, type Draft, emptyDraft, emptyRung, knownOf } from "../../core/content";
import { AREA_IDS, activityOf, type Catalogue, type Danger, type PlaceKind } from "../../core/model";
import { dangersOfActivity } from "../../core/safety";
import { actionResult } from "../../ui/actionResult";
import { Chip } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
import { Send } from "../../ui/Send";
import { AREA_NAMES } from "../../words/areas";
import { PLACE_NAMES } from "../../words/places";
import { titled } from "../../words/titles";
import { homeOf } from "../homeContext";
import type { Route } from "./+types/edit";
import { saveOwn } from "./actions";
import { GuideEditor } from "./GuideEditor";
import { RungEditor } from "./RungEditor";

export const meta = () => titled("An activity of our own");

/** Begins from nothing, from a copy (`?from=`), or with one of our own to change (`?edit=`). */
export async function clientLoader({ request, context }: Route.ClientLoaderArgs) {
  const home = await homeOf(context);
  const search = new URL(request.url).searchParams;
  const catalogue = home.catalogue;
  const edit = home.tables.ownActivities.find((one) => one.id === search.get("edit"));
  const source = edit ?? activityOf(catalogue, search.get("from") ?? "");
  const draft: Draft = source
    ? {
        ...structuredClone(source),
        guide: await loadGuide(source),
        name: edit ? source.name : `Our ${source.name[0]?.toLowerCase()}${source.name.slice(1)}`,
      }
    : emptyDraft();
  const notDangers = edit?.notDangers.map((one) => one.danger) ?? [];
  return { draft, edit: edit?.id, catalogue, notDangers };
}

export const clientAction = async (args: Route.ClientActionArgs) => actionResult(await saveOwn(args));

/** The dangers that the words of the activity name. */
function recalledBy(draft: Draft, { dangers }: Pick<Catalogue, "dangers">): Danger[] {
  const { common, rungs } = dangersOfActivity(draft, dangers);
  return [...new Set([...common, ...rungs.flat()])];
}

const KINDS = [
  ["wet", "wet"],
  ["messy", "messy"],
  ["loud", "loud"],
] as const;

const MINUTES = [
  ["prepMinutes", "Preparation, minutes"],
  ["clearMinutes", "Clearing up, minutes"],
  ["playMinutes", "Play, minutes"],
] as const;

interface PartProps {
  draft: Draft;
  change(part: Partial<Draft>): void;
}

function Basics({ draft, change }: PartProps) {
  return (
    <fieldset>
      <legend>What it is</legend>
      <div className="fields">
        <label className="field wide">
          <span>Name</span>
          <Input
            value={draft.name}
            maxLength={60}
            onChange={(event) => change({ name: event.target.value })}
          />
        </label>
        <label className="field wide">
          <span>One line of invitation</span>
          <Input value={draft.invitation} onChange={(event) => change({ invitation: event.target.value })} />
        </label>
        <label className="field">
          <span>Area</span>
          <Choice
            value={draft.area}
            onChange={(area) => change({ area })}
            options={[...AREA_IDS.map((area) => ({ value: area, label: AREA_NAMES[area] }))]}
          />
        </label>
        <label className="field">
          <span>Movement (like: post in a slot)</span>
          <Input value={draft.form} onChange={(event) => change({ form: event.target.value })} />
        </label>
        {MINUTES.map(([key, label]) => (
          <label className="field" key={key}>
            <span>{label}</span>
            <Input
              type="number"
              min={0}
              value={Number.isNaN(draft[key]) ? "" : draft[key]}
              onChange={(event) => change({ [key]: event.target.valueAsNumber })}
            />
          </label>
        ))}
      </div>
      <fieldset className="plain ticks" aria-label="Places">
        {(Object.keys(PLACE_NAMES) as PlaceKind[]).map((kind) => (
          <Checkbox
            key={kind}
            checked={draft.places.includes(kind)}
            onChange={(event) =>
              change({
                places: event.target.checked
                  ? [...draft.places, kind]
                  : draft.places.filter((one) => one !== kind),
              })
            }
          >
            {PLACE_NAMES[kind]}
          </Checkbox>
        ))}
      </fieldset>
      <fieldset className="plain ticks" aria-label="Mind">
        {KINDS.map(([key, label]) => (
          <Checkbox
            key={key}
            checked={draft[key]}
            onChange={(event) => change({ [key]: event.target.checked })}
          >
            {label}
          </Checkbox>
        ))}
        <Checkbox
          checked={draft.adult !== "in-room"}
          onChange={(event) => change({ adult: event.target.checked ? "beside" : "in-room" })}
        >
          the adult sits beside
        </Checkbox>
      </fieldset>
    </fieldset>
  );
}

export default function EditActivity({ loaderData, actionData }: Route.ComponentProps) {
  const { catalogue, edit } = loaderData;
  const [draft, setDraft] = useState(loaderData.draft);
  /** Nothing is called wrong before something was written. */
  const isBegun = draft !== loaderData.draft;
  const busy = useNavigation().state !== "idle";
  const [notDangers, setNotDangers] = useState<string[]>(loaderData.notDangers);
  const recalled = recalledBy(draft, catalogue);
  const change = (part: Partial<Draft>) => setDraft({ ...draft, ...part });
  const checked = activityFromDraft(draft, knownOf(catalogue));
  const issues = checked.ok ? (actionData?.issues ?? []) : checked.issues;
  const last = draft.rungs.at(-1);
  return (
    <div className="with-sheet">
      <main className="main">
        <p>
          <Link to={edit ? `${href("/activities/:id", { id: edit })}` : "/activities"}>
            Back without saving
          </Link>
        </p>
        <h1>{edit ? "Change our activity" : "An activity of our own"}</h1>
        <Basics draft={draft} change={change} />
        {draft.rungs.map((rung, i) => (
          <RungEditor
            key={rung.id}
            rung={rung}
            before={draft.rungs[i - 1]}
            others={draft.rungs.filter((one) => one.id !== rung.id)}
            index={i}
            catalogue={catalogue}
            onChange={(changed) =>
              change({ rungs: draft.rungs.map((one) => (one.id === rung.id ? changed : one)) })
            }
            onRemove={
              draft.rungs.length > 1
                ? () => change({ rungs: draft.rungs.filter((one) => one.id !== rung.id) })
                : undefined
            }
          />
        ))}
        <Chip
          type="button"
          onClick={() => change({ rungs: [...draft.rungs, emptyRung(crypto.randomUUID(), last)] })}
        >
          Add a harder rung
        </Chip>
        <GuideEditor guide={draft.guide} onChange={(guide) => change({ guide })} />
      </main>
      <aside className="sheet" aria-label="Check">
        <h2>Check</h2>
        <Send values={{ draft: draft, edit: edit ?? "", notDangers: notDangers }}>
          {recalled.map((danger) => (
            <Alert
              key={danger.id}
              type="error"
              title={`Its words name ${danger.name}. ${danger.why}`}
              description={
                <>
                  <p>Instead: {danger.instead}.</p>
                  <Checkbox
                    checked={notDangers.includes(danger.id)}
                    onChange={(event) =>
                      setNotDangers(
                        event.target.checked
                          ? [...notDangers, danger.id]
                          : notDangers.filter((one) => one !== danger.id),
                      )
                    }
                  >
                    It is something else; this is kept with the day.
                  </Checkbox>
                </>
              }
            />
          ))}
          {issues.length === 0 ? (
            <p role="status">Nothing is wrong with it.</p>
          ) : (
            <ul className="issues" role="status" aria-label="Still to mend">
              {issues.map((issue) => (
                <li key={`${issue.path} ${issue.message}`} className={isBegun ? "fault" : "quiet"}>
                  {issue.message}
                </li>
              ))}
            </ul>
          )}
          <Button htmlType="submit" type="primary" disabled={!checked.ok} loading={busy}>
            Save it
          </Button>
        </Send>
        <p className="quiet">
          The same checks as for every built-in activity: it gets harder rung by rung, its ages suit what it
          grows, and small pieces have a twin in large or are kept adult-held. Who can reach it is judged when
          it is planned.
        </p>
      </aside>
    </div>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
