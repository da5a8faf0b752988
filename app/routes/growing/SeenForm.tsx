import { href, useFetcher } from "react-router";
import type { ChildId, SkillId } from "../../core/model";
import { Chip, LinkAct } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";
import type { GrowingAnswer } from "./actions";

/** Seen, or not yet, with the way back; whoever did not look taps nothing. */
export function SeenForm({ child, skill, name }: { child: ChildId; skill: SkillId; name: string }) {
  const fetcher = useFetcher<GrowingAnswer>();
  const noted = fetcher.data?.noted;
  const action = href("/growing");
  if (noted?.skill === skill) {
    return (
      <Send fetcher={fetcher} values={{ intent: "unseen", id: noted.id }} action={action} className="inline">
        <span role="status">{noted.seen ? "Noted: seen." : "Noted: not yet."}</span>{" "}
        <LinkAct aria-label={`Undo: ${name}`}>Undo</LinkAct>
      </Send>
    );
  }
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "seen", child, skill, id: crypto.randomUUID() }}
      action={action}
      className="row one-line"
      aria-label={name}
    >
      <Chip size="small" name="seen" value="yes" aria-label={`Seen: ${name}`}>
        Seen
      </Chip>
      <Chip size="small" name="seen" value="no" aria-label={`Not yet: ${name}`}>
        Not yet
      </Chip>
    </Send>
  );
}
