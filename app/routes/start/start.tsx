import { Button, Checkbox, Input, InputNumber, Radio } from "antd";
import { useState } from "react";
import { href, Link, useNavigation } from "react-router";
import type { PlainDate } from "../../core/model";
import { deviceDate, hasHousehold } from "../../data/home";
import { actionResult } from "../../ui/actionResult";
import { ALLERGY_NAMES, NotUnderstood } from "../../ui/allergies";
import { Field } from "../../ui/controls/Field";
import { Tags } from "../../ui/controls/Tags";
import { Send } from "../../ui/Send";
import { titled } from "../../words/titles";
import type { Route } from "./+types/start";
import { actOnStart } from "./actions";
import { type Other, OthersPart } from "./OthersPart";
import { type Correction, type Does, ReachPart } from "./ReachPart";

const APPROACHES = [
  { value: "quiet-shelf", label: "Quiet shelf", about: "a few complete trays, the child chooses" },
  { value: "open-play", label: "Open play", about: "a few things, no one right use" },
  { value: "theme-week", label: "Theme week", about: "a full set round one theme" },
  { value: "strength-and-grasp", label: "Strength and grasp", about: "picked by what hands need" },
  { value: "in-the-day", label: "In the day", about: "in routines, done together" },
];

const PLACES = [
  { value: "table", label: "Low table" },
  { value: "mat", label: "Mat" },
  { value: "floor", label: "Free floor" },
  { value: "outdoors", label: "Balcony or outdoors" },
  { value: "wet-spot", label: "Wet spot (bath, sink)" },
  { value: "window", label: "Window at child's height" },
  { value: "high-chair", label: "High-chair tray" },
];

export const meta = () => titled("Set up");

export async function clientLoader() {
  return { ours: await hasHousehold("ours"), today: deviceDate() };
}

export const clientAction = async (args: Route.ClientActionArgs) => actionResult(await actOnStart(args));

function OpenOurs() {
  return (
    <Send className="choice">
      <h2>Our own shelf</h2>
      <p>It is kept in this browser.</p>
      <Button htmlType="submit" name="intent" value="open-ours" type="primary">
        Open ours
      </Button>
    </Send>
  );
}

/** Boards 35 cm apart, the lowest a hand's breadth above the floor: to be changed to what they are. */
const usualHeights = (boards: number) => Array.from({ length: boards }, (_, i) => 10 + 35 * (boards - 1 - i));

const MOST_BOARDS = 6;
/** What the form keeps beside its fields: what is drawn while it is typed. */
function useSetUp() {
  const [child, setChild] = useState<Other>({ name: "", birth: "" });
  const [others, setOthers] = useState<Other[]>([]);
  const [heightsCm, setHeights] = useState(usualHeights(2));
  const [reach, setReach] = useState<Correction[]>([]);
  const [does, setDoes] = useState<Does[]>([]);
  const [allergies, setAllergies] = useState<string[]>([]);
  return {
    ...{ child, setChild, others, heightsCm, setHeights, reach, setReach, does, setDoes },
    ...{ allergies, setAllergies },
    setOthers(now: Other[]) {
      setOthers(now);
      // What was said of children by their order holds no longer once one of them is gone.
      if (now.length >= others.length) return;
      setReach(reach.filter((one) => one.child === 0));
      setDoes(does.filter((one) => one.child === 0));
    },
    setBoards(boards: number) {
      setHeights(usualHeights(boards));
      setReach([]);
    },
  };
}

function SetUp({ issues, today }: { issues: { path: string; message: string }[]; today: PlainDate }) {
  const busy = useNavigation().state !== "idle";
  const given = useSetUp();
  const fault = (path: string) => issues.find((issue) => issue.path === path)?.message;
  return (
    <Send
      values={{
        intent: "set-up",
        allergies: given.allergies,
        others: given.others,
        heightsCm: given.heightsCm,
        reach: given.reach,
        does: given.does,
      }}
      className="set-up"
      aria-label="Set up ours"
    >
      <h2>Set up ours</h2>
      <p>Two minutes. Everything can be changed later, and nothing leaves this browser.</p>
      <fieldset>
        <legend>The child</legend>
        <div className="fields">
          <Field label="Name or initial" name="name" fault={fault("name")}>
            <Input
              name="name"
              id="name"
              autoComplete="off"
              maxLength={40}
              value={given.child.name}
              onChange={(event) => given.setChild({ ...given.child, name: event.target.value })}
            />
          </Field>
          <Field label="Birth date" name="birth" fault={fault("birth")}>
            <Input
              name="birth"
              id="birth"
              type="date"
              value={given.child.birth}
              onChange={(event) => given.setChild({ ...given.child, birth: event.target.value })}
            />
          </Field>
          <Field label="Born early by, in weeks" name="earlyWeeks" fault={fault("earlyWeeks")}>
            <Input name="earlyWeeks" id="earlyWeeks" type="number" min={0} max={17} defaultValue={0} />
          </Field>
        </div>
        <fieldset className="plain">
          <legend>Does the child put things in the mouth?</legend>
          <Radio.Group
            name="mouths"
            defaultValue="by-age"
            options={[
              { value: "by-age", label: "Take it as usual for the age (until 3 years)" },
              { value: "yes", label: "Yes" },
              { value: "no", label: "No longer" },
            ]}
          />
        </fieldset>
        <Field label="Allergies, if any" name="allergies" fault={fault("allergies")}>
          <Tags
            id="allergies"
            value={given.allergies}
            onChange={given.setAllergies}
            suggestions={ALLERGY_NAMES}
            placeholder="milk, nuts, plasters…"
          />
        </Field>
        <NotUnderstood allergies={given.allergies} />
      </fieldset>
      <OthersPart others={given.others} onOthers={given.setOthers} fault={fault} />

      <fieldset>
        <legend>The shelf, and who gets at it</legend>
        <div className="fields">
          <Field label="Boards" name="boards" fault={fault("heightsCm")}>
            <InputNumber
              id="boards"
              min={1}
              max={MOST_BOARDS}
              precision={0}
              value={given.heightsCm.length}
              onChange={(boards) => given.setBoards(Math.min(MOST_BOARDS, Math.max(1, boards ?? 1)))}
            />
          </Field>
          <Field label="Bays on each board" name="baysPerBoard" fault={fault("baysPerBoard")}>
            <Input name="baysPerBoard" id="baysPerBoard" type="number" min={1} max={6} defaultValue={3} />
          </Field>
        </div>
        <ReachPart
          heightsCm={given.heightsCm}
          onHeights={given.setHeights}
          typed={[given.child, ...given.others]}
          corrections={given.reach}
          onCorrections={given.setReach}
          does={given.does}
          onDoes={given.setDoes}
          today={today}
        />
      </fieldset>
      <fieldset>
        <legend>Other places to play</legend>
        <div className="ticks">
          {PLACES.map((place) => (
            <Checkbox
              key={place.value}
              name="places"
              value={place.value}
              defaultChecked={place.value === "floor"}
            >
              {place.label}
            </Checkbox>
          ))}
        </div>
      </fieldset>
      <fieldset>
        <legend>How you like to work</legend>
        <Radio.Group
          name="approach"
          defaultValue="quiet-shelf"
          className="approaches"
          options={APPROACHES.map(({ value, label, about }) => ({
            value,
            label: (
              <>
                <strong>{label}</strong>: {about}
              </>
            ),
          }))}
        />
        <div className="ticks">
          <Checkbox name="usual" defaultChecked>
            Fill the cupboard with what a usual home has (you can tick things off after)
          </Checkbox>
        </div>
      </fieldset>
      {issues.length > 0 && (
        <p className="fault" role="alert">
          {issues.length === 1 ? "One thing" : `${issues.length} things`} to put right above. Nothing was
          saved yet.
        </p>
      )}
      <Button htmlType="submit" type="primary" size="large" loading={busy}>
        Make our first shelf
      </Button>
    </Send>
  );
}

export default function Start({ loaderData, actionData }: Route.ComponentProps) {
  return (
    <main className="start">
      <header className="start-head">
        <h1>Orto</h1>
        <p>A shelf of things to do that fits the child, the house and your ten minutes.</p>
      </header>
      <div className="start-choices">
        <div>
          <section className="choice">
            <h2>Look round the demo</h2>
            <p>
              A made-up family above a ferry quay: Tove, 19 months, and Pim, 7 months, with twelve weeks of
              notes.
            </p>
            <Link className="button-like" to={href("/demo")}>
              Look round the demo
            </Link>
          </section>
          <p className="care">
            Orto is a home aid. It names no test passed and it never diagnoses. Local rules, product labels
            and your child's doctor come first.
          </p>
        </div>
        {loaderData.ours ? (
          <OpenOurs />
        ) : (
          <SetUp issues={actionData?.issues ?? []} today={loaderData.today} />
        )}
      </div>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
