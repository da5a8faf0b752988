import { Checkbox } from "antd";
import { href, Link, useNavigate, useSearchParams } from "react-router";
import { changesBetween } from "../../core/ladder";
import { minuteOf } from "../../core/model";
import { amountText } from "../../core/units";
import { AreaMark } from "../../ui/AreaMark";
import { ANSWER } from "../../ui/command/after";
import { CommandFaults } from "../../ui/command/CommandFaults";
import { useCommand } from "../../ui/command/useCommand";
import { ActionButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";
import { searchAhead, useAddressChange } from "../../ui/useAddressChange";
import { changeText } from "../../words/axes";
import { shortDay } from "../../words/dates";
import { clockText } from "../../words/moments";
import { namesText } from "../../words/names";
import { titled } from "../../words/titles";
import { askFor } from "../askFor";
import type { Route } from "./+types/sitting";
import { carriedFrom } from "./carried";

export const meta = ({ loaderData }: Route.MetaArgs) =>
  titled(loaderData ? `A sitting with ${loaderData.material.name}` : "A sitting");

export const clientLoader = ({ request, params }: Route.ClientLoaderArgs) =>
  askFor(request, "materialSitting", params);

type Data = Route.ComponentProps["loaderData"];

function Chooser({ data }: { data: Data }) {
  const navigate = useNavigate();
  const changeAddress = useAddressChange();
  const chosen = data.children.map((child) => child.id);
  return (
    <div className="row gap">
      <label>
        <small>From</small>
        <Choice
          name="material"
          value={data.material.id}
          onChange={(material) =>
            void navigate(`${href("/activities/sitting/:material", { material })}?${searchAhead()}`)
          }
          options={data.materials.map((one) => ({ value: one.id, label: one.name }))}
        />
      </label>
      {data.everyone.length > 1 &&
        data.everyone.map((child) => (
          <Checkbox
            key={`${child.id} ${chosen.includes(child.id)}`}
            defaultChecked={chosen.includes(child.id)}
            disabled={chosen.length === 1 && chosen[0] === child.id}
            onChange={({ target: { checked } }) =>
              changeAddress((search) => {
                const named = search.getAll("child");
                const others = (named.length > 0 ? named : chosen).filter((id) => id !== child.id);
                search.delete("child");
                for (const id of checked ? [...others, child.id] : others) search.append("child", id);
              })
            }
          >
            <span>{child.name}</span>
          </Checkbox>
        ))}
    </div>
  );
}

/** Keeps the sitting: for today, or spread over the days until it has to be used up. */
function Keep({ data }: { data: Data }) {
  const keep = useCommand("sittings.keep");
  const { material, children, useUp, units, uses } = data;
  const run = (how: "now" | "use-up") =>
    void keep.run(
      { material: material.id, children: children.map((one) => one.id), how },
      { goTo: href("/sittings/:id", { id: ANSWER }) },
    );
  return (
    <LabelledGroup className="gap" label="Keep it">
      {useUp && useUp.plan.steps.length > 0 && (
        <section className="edge" aria-label="Use it up">
          <p>
            <strong>
              Use by {shortDay(useUp.by)}: {amountText(useUp.quantity, material.unit, units)},{" "}
              {useUp.plan.steps.length} {useUp.plan.steps.length === 1 ? "way" : "ways"}.
            </strong>
            {useUp.plan.left > 0 && ` ${amountText(useUp.plan.left, material.unit, units)} left over.`}
          </p>
          <ul>
            {useUp.plan.steps.map((one) => (
              <li key={`${one.activity.id} ${one.rung.id}`}>
                {one.activity.name}, {amountText(one.quantity, material.unit, units)}
                <small>
                  {shortDay(one.on)}
                  {one.moment ? `, ${clockText(minuteOf(one.moment.at))}` : ""}
                </small>
              </li>
            ))}
          </ul>
          <ActionButton primary busy={keep.isBusy} onClick={() => run("use-up")}>
            Keep this plan
          </ActionButton>
        </section>
      )}
      {uses.length > 0 && (
        <ActionButton busy={keep.isBusy} onClick={() => run("now")}>
          Keep the sitting for today
        </ActionButton>
      )}
      <CommandFaults of={keep} />
    </LabelledGroup>
  );
}

export default function SittingPage({ loaderData }: Route.ComponentProps) {
  const { material, children, uses, later } = loaderData;
  const [search] = useSearchParams();
  const carried = carriedFrom(search, children[0]?.id ?? "");
  const names = namesText(children.map((child) => child.name));
  return (
    <main className="main wide">
      <p>
        <Link to={`${href("/activities")}?with=${material.id}&${carried}`}>Everything with it</Link>
      </p>
      <h1>One sitting: {material.name}</h1>
      <p className="quiet">
        For {names}, from easy to hard. Bring them out one after another, and stop while it is still fun.
      </p>
      <Chooser data={loaderData} />
      {!loaderData.preview && <Keep data={loaderData} />}
      {uses.length === 0 ? (
        <p className="empty-state">
          Nothing with it suits {names} just now.
          {later > 0 ? ` ${later} uses come later.` : " Try another thing."}
        </p>
      ) : (
        <ol className="bare lines">
          {uses.map((use, i) => {
            const before = uses[i - 1];
            return (
              <li key={`${use.activity.id}/${use.rung.id}`} className="row one-line at-top">
                <b style={{ width: 20 }}>{i + 1}</b>
                <AreaMark area={use.activity.area} />
                <div className="links">
                  <Link
                    to={`${href("/activities/:id", { id: use.activity.id })}?rung=${use.rung.id}&${carried}`}
                  >
                    <strong>{use.activity.name}</strong>
                  </Link>
                  <p className="flat">{use.rung.title}</p>
                  <small>
                    {children.map((child) => {
                      const word = use.chances.get(child.id)?.word ?? "coming";
                      return (
                        <span key={child.id} className={`tag ${word}`}>
                          {children.length > 1 ? `${child.name}: ` : ""}
                          {word}
                        </span>
                      );
                    })}{" "}
                    {use.lacks.length === 0 ? "everything is there" : `missing: ${use.lacks.join(", ")}`}
                    {before?.activity.id === use.activity.id
                      ? `; ${changeText(changesBetween(before.rung, use.rung))}`
                      : ""}
                  </small>
                </div>
              </li>
            );
          })}
        </ol>
      )}
      {later > 0 && uses.length > 0 && <p className="quiet">{later} more uses come later.</p>}
    </main>
  );
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
