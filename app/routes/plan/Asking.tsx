import { Button, Form } from "antd";
import { Suspense, useState } from "react";
import { Await, href, Link, useSearchParams } from "react-router";
import { activityOf } from "../../core/model";
import type { WhatIf, WhyNot } from "../../core/planner";
import { keyFrom } from "../../engine/queries/trayKey";
import type { Look } from "../../solver/plannerSession";
import { ANSWER } from "../../ui/command/after";
import { useCommand } from "../../ui/command/useCommand";
import { Choice } from "../../ui/controls/Choice";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";
import { Waiting } from "../../ui/controls/Waiting";
import { addressWith, useAddressChange } from "../../ui/useAddressChange";
import { ruledOutText } from "../../words/barriers";
import { LIMIT_LABELS } from "../../words/limits";
import { thingText } from "../../words/things";
import type { PlanData } from "./planData";

interface Part {
  data: PlanData;
  address(changes: Record<string, string | null>): string;
}

/** One skill to look out for, answered by a tap. */
function LookLine({ look, data }: { look: Look; data: PlanData }) {
  const note = useCommand("skills.note");
  const say = (seen: "yes" | "no") =>
    void note.run({ child: look.child, skill: look.skill, seen, id: crypto.randomUUID(), on: undefined });
  const name = data.children.find((one) => one.id === look.child)?.name ?? "";
  return (
    <li className="row one-line at-top">
      <span className="grow">
        <strong>
          {name}: {look.name.charAt(0).toLowerCase() + look.name.slice(1)}
        </strong>
        <small>{look.look}</small>
      </span>
      <LabelledGroup className="row one-line" label={`${name}: ${look.name}`}>
        <Button size="small" disabled={note.isBusy} onClick={() => say("yes")}>
          Seen
        </Button>
        <Button size="small" disabled={note.isBusy} onClick={() => say("no")}>
          Not yet
        </Button>
      </LabelledGroup>
    </li>
  );
}

/** The few skills whose answer would sharpen the plan most. */
export function Looks({ data }: { data: PlanData }) {
  if (!data.looks) return null;
  return (
    <Suspense fallback={null}>
      <Await resolve={data.looks} errorElement={null}>
        {(looks) =>
          looks.length === 0 ? null : (
            <>
              <h2>Worth a look</h2>
              <p className="quiet">What you have seen, or not yet, would sharpen the plan most here.</p>
              <ul className="bare lines">
                {looks.map((look) => (
                  <LookLine key={`${look.child} ${look.skill}`} look={look} data={data} />
                ))}
              </ul>
            </>
          )
        }
      </Await>
    </Suspense>
  );
}

function gainText(gain: number): string {
  if (gain < 2) return "a little better";
  return gain < 6 ? "better" : "much better";
}

function GainLine({ gain, data }: { gain: WhatIf; data: PlanData }) {
  const { change } = gain;
  const brings = gain.brings.length > 0 ? `, with ${gain.brings.slice(0, 3).join(", ")}` : "";
  if ("limit" in change) {
    const label = LIMIT_LABELS.find((one) => one.key === change.limit)?.label ?? change.limit;
    return (
      <li>
        <strong>
          {label}: {change.by} more
        </strong>{" "}
        {gainText(gain.gain)}
        {brings}.
      </li>
    );
  }
  const material = data.catalogue.materials.find((one) => one.id === change.buy);
  return (
    <li>
      <strong>{material && thingText(change.quantity, material, data.household.units)}</strong>, about{" "}
      {(change.cents / 100).toFixed(2)}: {gainText(gain.gain)}
      {brings}.
    </li>
  );
}

/** What the next rotation would gain by a little more of something, worked out when it is asked for. */
export function Gains({ data, address }: Part) {
  if (!data.gains) {
    return (
      <p>
        <Link to={address({ gains: "1" })} preventScrollReset>
          What would a little more bring?
        </Link>
      </p>
    );
  }
  return (
    <Suspense fallback={<Waiting what="Trying what a little more would bring" />}>
      <Await resolve={data.gains} errorElement={<p>That could not be worked out. Ask again.</p>}>
        {(gains) =>
          gains.length === 0 ? (
            <p className="quiet">Nothing: no limit stands in the way of a better shelf.</p>
          ) : (
            <ul aria-label="What a little more would bring">
              {gains.slice(0, 5).map((gain) => (
                <GainLine key={JSON.stringify(gain.change)} gain={gain} data={data} />
              ))}
            </ul>
          )
        }
      </Await>
    </Suspense>
  );
}

function Answer({ answer, data }: { answer: WhyNot; data: PlanData }) {
  const [search] = useSearchParams();
  const lock = useCommand("wishes.lock");
  const why = keyFrom(search.get("why"));
  const name = activityOf(data.catalogue, why?.activity ?? "")?.name ?? "It";
  if (answer.answer === "in-plan") return <p>{name} is in the plan.</p>;
  if (answer.answer === "rule") {
    return (
      <ul aria-label={`Why ${name} is not in the plan`}>
        {answer.rungs.map((one) => (
          <li key={one.rung}>
            {one.title}: {ruledOutText(one.by)}
            {one.by.code === "unsafe" && why && (
              <>
                {" "}
                <Link
                  to={`${href("/activities/:id", { id: why.activity })}?child=${why.child}&rung=${one.rung}`}
                >
                  What would be safe
                </Link>
              </>
            )}
          </li>
        ))}
      </ul>
    );
  }
  const putIn = () => {
    if (!why) return;
    const { activity, rung } = answer;
    void lock.run(
      { child: why.child, activity, rung, on: data.from, first: data.from },
      { goTo: addressWith({ else: undefined, why: undefined, undo: ANSWER }) },
    );
  };
  return (
    <>
      <p>
        {name} ({answer.title}) could come:{" "}
        {answer.displaces.length > 0
          ? `it would displace ${answer.displaces.join(", ")}`
          : "nothing has to go"}
        , and the whole shelf would be{" "}
        {answer.loss < 1 ? "about as good" : answer.loss < 5 ? "a little less good" : "clearly less good"}.
      </p>
      <Button onClick={putIn}>Put it in</Button>
    </>
  );
}

/** Why is something not in the plan? */
export function WhyNotPart({ data }: { data: PlanData }) {
  const [search] = useSearchParams();
  const asked = keyFrom(search.get("why"));
  const { planned } = data;
  return (
    <>
      <h2>Why not …?</h2>
      <div className="row">
        <label htmlFor="why-activity">Activity</label>
        <WhySelect data={data} planned={planned} asked={asked} />
      </div>
      {data.whyNot && (
        <Suspense key={search.get("why")} fallback={<Waiting what="Working out why not" />}>
          <Await resolve={data.whyNot} errorElement={<p>That could not be worked out. Ask again.</p>}>
            {(answer) => <Answer answer={answer} data={data} />}
          </Await>
        </Suspense>
      )}
    </>
  );
}

function WhySelect({
  data,
  planned,
  asked,
}: {
  data: PlanData;
  planned: PlanData["children"];
  asked: ReturnType<typeof keyFrom>;
}) {
  const changeAddress = useAddressChange();
  const [why, setWhy] = useState(asked ? `${asked.child}.${asked.activity}.0` : "");
  const names = [...data.catalogue.activities].sort((a, b) => (a.name < b.name ? -1 : 1));
  return (
    <Form
      onFinish={() =>
        changeAddress(
          (search) => {
            for (const key of ["tray", "else", "undo"]) search.delete(key);
            search.set("why", why);
          },
          { replace: false, preventScrollReset: true },
        )
      }
    >
      <Choice
        id="why-activity"
        value={why}
        onChange={setWhy}
        options={[
          { value: "", label: "choose one" },
          ...planned.map((child) => ({
            label: `for ${child.name}`,
            options: names.map((activity) => ({
              value: `${child.id}.${activity.id}.0`,
              label: activity.name,
            })),
          })),
        ]}
      />
      <Button htmlType="submit">Ask</Button>
    </Form>
  );
}
