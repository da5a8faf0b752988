import { Segmented, Tabs } from "antd";
import { lazy, type ReactNode, Suspense } from "react";
import { href } from "react-router";
import type { GrowingTab } from "../../engine/queries/growingView";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { Choice, optionsOf } from "../../ui/controls/Choice";
import { LinkButton } from "../../ui/controls/LinkButton";
import { useSearchParamSetter } from "../../ui/useSearchParamSetter";
import { AREA_NAMES } from "../../words/areas";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/growing";
import { Ahead } from "./Ahead";
import { SeenForm } from "./SeenForm";
import { SkillsAlong } from "./SkillsAlong";

/** Charts come with their view. */
const LatelyPart = lazy(() => import("./LatelyPart"));

export const meta = () => titled("Growing");

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "growing");

const TABS: Record<GrowingTab, string> = {
  skills: "Along the months",
  look: "Look and see",
  lately: "What came lately",
  ahead: "Ages ahead",
};

/** What was ticked today, each with the way back. */
function Answered({ answered }: { answered: View["answered"] }) {
  const takeBack = useCommand("skills.takeBack");
  if (answered.length === 0) return null;
  return (
    <>
      <h2>Noted today</h2>
      <ul className="bare">
        {answered.map(({ id, name, seen }) => (
          <li key={id}>
            {name}: {seen ? "seen" : "not yet"}{" "}
            <InlineButton aria-label={`Undo: ${name}`} onClick={() => void takeBack.run({ id })}>
              Undo
            </InlineButton>
          </li>
        ))}
      </ul>
    </>
  );
}

function LookAndSee({ view, preview }: { view: View; preview: boolean }) {
  return (
    <>
      {view.looks.length === 0 ? (
        <p className="empty-state">
          Nothing more to look for just now. Notes on the trays tell all that the plan needs.
        </p>
      ) : (
        <>
          <p className="quiet">
            Two minutes, some time this week, while {view.child.name} plays: what you see of these tells the
            plan most. Whatever you did not see, leave.
          </p>
          <ul className="lines bare" style={{ maxWidth: 760 }}>
            {view.looks.map((skill) => (
              <li key={skill.id} className="row one-line">
                <span className="grow">
                  <strong>{skill.name}</strong>
                  <small>{skill.look}</small>
                </span>
                {!preview && <SeenForm child={view.child.id} skill={skill.id} name={skill.name} />}
              </li>
            ))}
          </ul>
        </>
      )}
      {!preview && <Answered answered={view.answered} />}
    </>
  );
}

type View = NonNullable<Route.ComponentProps["loaderData"]["view"]>;

export default function GrowingPage({ loaderData }: Route.ComponentProps) {
  const { view, planned, materials, units, preview } = loaderData;
  const keep = useSearchParamSetter();
  if (!view) {
    return (
      <section className="empty-state">
        <h1>Nobody to plan for yet</h1>
        <p>Add a child who is planned for; then what is coming stands here.</p>
        <LinkButton to={`${href("/household")}?part=children`}>Add a child</LinkButton>
      </section>
    );
  }
  const shown: Record<GrowingTab, ReactNode> = {
    skills: (
      <>
        <div className="row gap">
          <Choice
            value={view.area ?? ""}
            aria-label="Which area"
            options={[{ value: "", label: "all areas" }, ...optionsOf<string>(AREA_NAMES)]}
            onChange={(area) => keep("area", area)}
          />
          <Segmented
            aria-label="How many months"
            value={view.wide ? "all" : ""}
            onChange={(span) => keep("span", span)}
            options={[
              { value: "", label: "around now" },
              { value: "all", label: "0 to 66 months" },
            ]}
          />
        </div>
        <SkillsAlong view={view} />
      </>
    ),
    look: <LookAndSee view={view} preview={preview} />,
    lately: view.lately && (
      <Suspense fallback={<p role="status">Drawing…</p>}>
        <LatelyPart lately={view.lately} name={view.child.name} units={units} />
      </Suspense>
    ),
    ahead: view.ahead && <Ahead view={view} materials={materials} />,
  };
  return (
    <main className="main wide">
      <div className="row between at-top">
        <div>
          <h1>Growing</h1>
          <p className="quiet">
            What comes when it comes, as you noted it. No child is measured here, and none held against
            another.
          </p>
        </div>
        <LinkButton to={`${href("/growing/summary")}?${new URLSearchParams({ child: view.child.id })}`}>
          A summary to hand over
        </LinkButton>
      </div>
      {planned.length > 1 && (
        <Segmented
          aria-label="Which child"
          value={view.child.id}
          onChange={(child) => keep("child", child)}
          options={planned.map((one) => ({ value: one.id, label: one.name }))}
        />
      )}
      <Tabs
        activeKey={view.view}
        onChange={(key) => keep("view", key === "skills" ? "" : key)}
        destroyOnHidden
        items={(Object.keys(TABS) as GrowingTab[]).map((key) => ({
          key,
          label: TABS[key],
          children: key === view.view ? shown[key] : null,
        }))}
      />
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
