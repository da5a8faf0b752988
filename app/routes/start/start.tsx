import { Button, Checkbox, Input, Radio } from "antd";
import { Form, Link, redirect, useNavigation } from "react-router";
import { database, showHousehold } from "../../data/db";
import { parseSetUp, setUpHousehold } from "../../data/setUp";
import { answered } from "../../ui/answered";
import { Field } from "../../ui/Field";
import type { Route } from "./+types/start";

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

const hasOurs = async () =>
  (await database("ours").rows("household").toArray()).some((row) => !row.deletedAt);

export async function clientLoader() {
  return { ours: await hasOurs() };
}

export async function clientAction({ request }: Route.ClientActionArgs) {
  const form = await request.formData();
  if (form.get("intent") === "open-ours") {
    showHousehold("ours");
    throw redirect("/");
  }
  const read = parseSetUp(form);
  if (!read.ok) return answered({ problems: read.problems });
  await setUpHousehold(read.value);
  throw redirect("/plan");
}

function OpenOurs() {
  return (
    <Form method="post" className="choice">
      <h2>Our own shelf</h2>
      <p>It is kept in this browser.</p>
      <Button htmlType="submit" name="intent" value="open-ours" type="primary">
        Open ours
      </Button>
    </Form>
  );
}

function SetUp({ problems }: { problems: { path: string; message: string }[] }) {
  const busy = useNavigation().state !== "idle";
  const fault = (path: string) => problems.find((problem) => problem.path === path)?.message;
  return (
    <Form method="post" className="set-up" aria-label="Set up ours">
      <h2>Set up ours</h2>
      <p>Two minutes. Everything can be changed later, and nothing leaves this browser.</p>
      <fieldset>
        <legend>The child</legend>
        <div className="fields">
          <Field label="Name or initial" name="name" fault={fault("name")}>
            <Input name="name" id="name" autoComplete="off" maxLength={40} />
          </Field>
          <Field label="Birth date" name="birth" fault={fault("birth")}>
            <Input name="birth" id="birth" type="date" />
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
      </fieldset>
      <fieldset>
        <legend>Anyone younger who can reach the shelf</legend>
        <div className="fields">
          <Field label="Name (leave empty if nobody)" name="youngerName" fault={fault("youngerName")}>
            <Input name="youngerName" id="youngerName" autoComplete="off" maxLength={40} />
          </Field>
          <Field label="Birth date of the younger one" name="youngerBirth" fault={fault("youngerBirth")}>
            <Input name="youngerBirth" id="youngerBirth" type="date" />
          </Field>
        </div>
      </fieldset>
      <fieldset>
        <legend>Shelf and places</legend>
        <div className="fields">
          <Field label="Boards" name="boards" fault={fault("boards")}>
            <Input name="boards" id="boards" type="number" min={1} max={6} defaultValue={2} />
          </Field>
          <Field label="Bays on each board" name="baysPerBoard" fault={fault("baysPerBoard")}>
            <Input name="baysPerBoard" id="baysPerBoard" type="number" min={1} max={6} defaultValue={3} />
          </Field>
        </div>
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
      {problems.length > 0 && (
        <p className="fault" role="alert">
          {problems.length === 1 ? "One thing" : `${problems.length} things`} to put right above. Nothing was
          saved yet.
        </p>
      )}
      <Button htmlType="submit" type="primary" size="large" loading={busy}>
        Make our first shelf
      </Button>
    </Form>
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
            <Link className="button-like" to="/demo">
              Look round the demo
            </Link>
          </section>
          <p className="care">
            Orto is a home aid. It names no test passed and it never diagnoses. Local rules, product labels
            and your child's doctor come first.
          </p>
        </div>
        {loaderData.ours ? <OpenOurs /> : <SetUp problems={actionData?.problems ?? []} />}
      </div>
    </main>
  );
}
