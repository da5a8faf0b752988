import type { ComponentProps } from "react";
import { href } from "react-router";
import { LinkButton } from "../../ui/controls/LinkButton";
import { PlannedFor } from "../../ui/PlannedFor";
import { DayMoments } from "./DayMoments";
import type { TodaySheetProps } from "./todayProps";

/** A home without a shelf has its days all the same: at the grandmother's nobody plans for a week. */
export function NoShelf({
  plannedFor,
  ...day
}: Pick<TodaySheetProps, "day" | "ways" | "units" | "preview" | "linkTo"> & {
  plannedFor: ComponentProps<typeof PlannedFor>;
}) {
  return (
    <section className="empty-state">
      <h1>The shelf is empty</h1>
      <p>Plan the first rotation: it takes a few seconds, and you can change every tray before it stands.</p>
      {!day.preview && <PlannedFor {...plannedFor} />}
      <LinkButton to={href("/plan")}>Plan the first rotation</LinkButton>
      <DayMoments {...day} invites={[]} />
    </section>
  );
}
