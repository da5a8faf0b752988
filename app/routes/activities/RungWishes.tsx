import { Button } from "antd";
import type { ChildId } from "../../core/model";
import type { ActivityView } from "../../engine/queries/activityView";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { LabelledGroup } from "../../ui/controls/LabelledGroup";

interface RungWishesProps {
  view: ActivityView;
  child: ChildId;
}

/** The wishes about a rung: to be on the next plan, or to come soon; and the way back. */
export function RungWishes({ view, child }: RungWishesProps) {
  const putOnPlan = useCommand("wishes.putOnPlan");
  const soonWish = useCommand("wishes.soon");
  const takeBack = useCommand("wishes.takeBack");
  const { activity, rung, onPlan, soon, refused, places, barred } = view;
  const safe = places.some((one) => one.safety.state !== "blocked");
  const standing = onPlan ?? soon ?? refused;
  const said = onPlan
    ? `It goes on the next plan${onPlan.rung ? `: ${activity.rungs.find((one) => one.id === onPlan.rung)?.title ?? ""}` : ""}.`
    : soon
      ? "Asked for soon."
      : refused
        ? "Left out of plans, as you said."
        : "";
  return (
    <LabelledGroup className="row gap" label="On the plan">
      {standing && (
        <span role="status">
          {said}{" "}
          <InlineButton onClick={() => void takeBack.run({ wish: standing.id })}>Take it back</InlineButton>
        </span>
      )}
      {(!onPlan || onPlan.rung !== rung.id) && (
        <Button
          type="primary"
          disabled={!safe || barred}
          loading={putOnPlan.isBusy}
          onClick={() => void putOnPlan.run({ child, activity: activity.id, rung: rung.id })}
        >
          Put on the plan
        </Button>
      )}
      {!onPlan && !soon && (
        <Button onClick={() => void soonWish.run({ child, activity: activity.id, on: undefined })}>
          Soon
        </Button>
      )}
    </LabelledGroup>
  );
}
