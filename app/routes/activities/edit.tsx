import { Form, Steps } from "antd";
import { useMemo, useState } from "react";
import { href, Link } from "react-router";
import { activityFromDraft, type Draft, emptyRung, knownOf } from "../../core/content";
import { type Catalogue, type Danger, RungId } from "../../core/model";
import { dangersOfActivity } from "../../core/safety";
import type { Which } from "../../engine/store/device";
import { ANSWER } from "../../ui/command/after";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton, InlineButton } from "../../ui/controls/buttons";
import { Term } from "../../ui/controls/Term";
import { draftOf, forgetDraft, keepDraft } from "../../ui/form/draft";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/edit";
import { Basics } from "./Basics";
import { EditCheck } from "./EditCheck";
import { EditingContext, pathOfEvent } from "./EditField";
import { GuideEditor } from "./GuideEditor";
import { RungEditor } from "./RungEditor";

export const meta = () => titled("An activity of our own");

/** Begins from nothing, from a copy (`?from=`), or with one of our own to change (`?edit=`). */
export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "editActivity");

/** The dangers that the words of the activity name. */
function recalledBy(draft: Draft, { dangers }: Pick<Catalogue, "dangers">): Danger[] {
  const { common, rungs } = dangersOfActivity(draft, dangers);
  return [...new Set([...common, ...rungs.flat()])];
}

/** The rungs from the easiest on. */
function Rungs({
  rungs,
  catalogue,
  onChange,
}: {
  rungs: Draft["rungs"];
  catalogue: Catalogue;
  onChange(rungs: Draft["rungs"]): void;
}) {
  return (
    <>
      {rungs.map((rung, i) => (
        <RungEditor
          key={rung.id}
          rung={rung}
          before={rungs[i - 1]}
          others={rungs.filter((one) => one.id !== rung.id)}
          index={i}
          catalogue={catalogue}
          onChange={(changed) => onChange(rungs.map((one) => (one.id === rung.id ? changed : one)))}
          onRemove={rungs.length > 1 ? () => onChange(rungs.filter((one) => one.id !== rung.id)) : undefined}
        />
      ))}
      <ActionButton
        type="button"
        onClick={() => onChange([...rungs, emptyRung(RungId.parse(crypto.randomUUID()), rungs.at(-1))])}
      >
        Add a harder rung
      </ActionButton>
    </>
  );
}

/** The parts of an activity, one after the other, and where their faults lie. */
const STEPS = [
  { title: "What it is", holds: /^(name|invitation|form|area|\w+Minutes|places|routines)/ },
  { title: "Its rungs", holds: /^rungs/ },
  { title: "How it is shown", holds: /^guide/ },
] as const;

/** Under what name an activity that is being written is kept until it is saved. */
const draftKey = (which: Which, edit: string | undefined) => `activity-${which}-${edit || "new"}`;

/** The draft as it is typed: what is kept of it, which fields were left, and what the same checks as for all find. */
function useDraft({ draft: opened, which, edit, from, catalogue }: Route.ComponentProps["loaderData"]) {
  const key = draftKey(which, edit);
  const [draft, setDraft] = useState<Draft>(() => {
    const kept = draftOf(key, { from, draft: opened });
    return kept?.from === from ? (kept.draft as unknown as Draft) : opened;
  });
  const [left, setLeft] = useState<readonly string[]>([]);
  const checked = useMemo(() => activityFromDraft(draft, knownOf(catalogue)), [draft, catalogue]);
  return {
    draft,
    checked,
    isBegun: draft !== opened,
    left,
    leave(event: { target: EventTarget }) {
      const path = pathOfEvent(event);
      if (path && !left.includes(path)) setLeft([...left, path]);
    },
    change(part: Partial<Draft>) {
      const next = { ...draft, ...part };
      setDraft(next);
      keepDraft(key, { from, draft: next });
    },
    begin() {
      forgetDraft(key);
      setDraft(opened);
    },
  };
}

export default function EditActivity({ loaderData }: Route.ComponentProps) {
  const { catalogue, edit, which } = loaderData;
  const save = useCommand("activities.saveOwn");
  const { draft, checked, isBegun, left, leave, change, begin } = useDraft(loaderData);
  const [step, setStep] = useState(0);
  const [notDangers, setNotDangers] = useState<string[]>(loaderData.notDangers);
  const issues = checked.ok ? save.issues : checked.issues;
  const wrong = (at: number) => isBegun && issues.some(({ path }) => STEPS[at]?.holds.test(path));
  const setRungs = (rungs: Draft["rungs"]) => change({ rungs });
  return (
    <div className="with-sheet">
      <main className="main">
        <p>
          <Link to={edit ? `${href("/activities/:id", { id: edit })}` : "/activities"}>
            Back without saving
          </Link>
        </p>
        <h1>{edit ? "Change our activity" : "An activity of our own"}</h1>
        <p className="quiet">
          What it is, its <Term id="rung">rungs</Term> from easy to hard, and how it is shown. What is typed
          is kept until it is saved.
        </p>
        <Steps
          size="small"
          responsive={false}
          current={step}
          onChange={setStep}
          items={STEPS.map(({ title }, at) => ({
            title,
            status: at === step ? "process" : wrong(at) ? "error" : isBegun ? "finish" : "wait",
          }))}
        />
        <EditingContext value={{ issues, isLeft: (path) => left.includes(path) }}>
          <Form component="div" layout="vertical" requiredMark={false} className="entry" onBlur={leave}>
            {step === 0 && <Basics draft={draft} change={change} />}
            {step === 1 && <Rungs rungs={draft.rungs} catalogue={catalogue} onChange={setRungs} />}
            {step === 2 && <GuideEditor guide={draft.guide} onChange={(guide) => change({ guide })} />}
          </Form>
        </EditingContext>
        <div className="row gap">
          {STEPS[step + 1] && (
            <ActionButton type="button" onClick={() => setStep(step + 1)}>
              Next: {STEPS[step + 1]?.title.toLowerCase()}
            </ActionButton>
          )}
          {isBegun && (
            <InlineButton
              type="button"
              onClick={() => {
                begin();
                setStep(0);
              }}
            >
              Begin anew
            </InlineButton>
          )}
        </div>
      </main>
      <EditCheck
        issues={issues}
        isBegun={isBegun}
        isWell={checked.ok}
        isBusy={save.isBusy}
        onSave={() =>
          void save.runForm(
            { draft, edit: edit ?? "", notDangers },
            { goTo: href("/activities/:id", { id: ANSWER }), draft: draftKey(which, edit) },
          )
        }
        recalled={recalledBy(draft, catalogue)}
        notDangers={notDangers}
        onNotDangers={setNotDangers}
      />
    </div>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
