import { href, Link } from "react-router";
import type { SkillSign } from "../../core/growing";
import type { Child, Skill } from "../../core/model";
import { AreaMark } from "../../ui/AreaMark";
import { Collapsible } from "../../ui/controls/Collapsible";
import { plainDay } from "../../words/dates";
import { oneSignText, READY_NAMES, windowText } from "../../words/growing";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/skill";
import { SeenForm } from "./SeenForm";

export const meta = ({ loaderData }: Route.MetaArgs) => titled(loaderData?.skill.name ?? "A skill");

export const clientLoader = ({ request, params }: Route.ClientLoaderArgs) => askFor(request, "skill", params);

function Skills({ skills, none, child }: { skills: readonly Skill[]; none: string; child?: Child }) {
  if (skills.length === 0) return <p className="quiet">{none}</p>;
  return (
    <ul className="bare">
      {skills.map((one) => (
        <li key={one.id}>
          <Link to={`${href("/growing/:skill", { skill: one.id })}${child ? `?child=${child.id}` : ""}`}>
            {one.name}
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** So many signs are shown at once. */
const SHOWN = 6;

/** What was noted, the latest first; the rest behind one line. */
function Signs({ signs }: { signs: readonly SkillSign[] }) {
  const list = (some: readonly SkillSign[]) => (
    <ul>
      {some.map((sign) => (
        <li key={`${sign.on} ${sign.kind} ${sign.about}`}>
          {plainDay(sign.on)}: {oneSignText(sign)}
        </li>
      ))}
    </ul>
  );
  return (
    <>
      {list(signs.slice(0, SHOWN))}
      {signs.length > SHOWN && (
        <Collapsible title={`${signs.length - SHOWN} more`} onDemand>
          {list(signs.slice(SHOWN))}
        </Collapsible>
      )}
    </>
  );
}

export default function SkillPage({ loaderData }: Route.ComponentProps) {
  const { skill, children, chosen, before, opens, ladder, preview } = loaderData;
  const several = children.length > 1;
  return (
    <main className="main wide">
      <p>
        <Link to={`${href("/growing")}${chosen ? `?child=${chosen.id}` : ""}`}>Growing</Link>
      </p>
      <h1>
        <AreaMark area={skill.area} /> {skill.name}
      </h1>
      <p>
        {skill.look} <span className="quiet">It comes {windowText({ skill })}.</span>
      </p>
      <div className="columns">
        <section aria-label="What was noted">
          <h2>What was noted</h2>
          {children.map(({ child, word, signs }) => (
            <div key={child.id}>
              <h3>
                {child.name} <span className={`tag ${word}`}>{READY_NAMES[word]}</span>
              </h3>
              {!preview && (
                <SeenForm child={child.id} skill={skill.id} name={`${skill.name}, ${child.name}`} />
              )}
              {signs.length === 0 ? (
                <p className="quiet">Nothing yet.</p>
              ) : (
                <Signs signs={signs.toReversed()} />
              )}
            </div>
          ))}
          <h2>Usually before it</h2>
          <Skills skills={before} none="Nothing in particular." child={chosen} />
          <h2>It opens</h2>
          <Skills skills={opens} none="It stands by itself." child={chosen} />
        </section>
        <section aria-label="Its ladder">
          <h2>Its ladder across all activities</h2>
          <ol className="bare lines">
            {ladder.map(({ activity, rung, words }) => (
              <li key={`${activity.id}/${rung.id}`} className="row one-line at-top links">
                <span className="quiet nowrap">{Math.round(rung.window.median)} months</span>
                <span className="grow">
                  <Link
                    to={`${href("/activities/:id", { id: activity.id })}?rung=${rung.id}${chosen ? `&child=${chosen.id}` : ""}`}
                  >
                    {activity.name}
                  </Link>
                  <small>{rung.title}</small>
                </span>
                <span>
                  {words.map(({ child, word }) => (
                    <span key={child.id} className={`tag ${word}`}>
                      {several ? `${child.name}: ` : ""}
                      {READY_NAMES[word]}
                    </span>
                  ))}
                </span>
              </li>
            ))}
          </ol>
          {ladder.length === 0 && <p className="quiet">No activity grows it by itself.</p>}
        </section>
      </div>
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
