import { href, Link } from "react-router";
import type { Care } from "../core/readiness";
import type { CareNote } from "../engine/queries/careNotes";
import { shortDay } from "../words/dates";
import { useCommand } from "./command/useCommand";
import { InlineButton } from "./controls/buttons";

function Head({ note }: { note: CareNote }) {
  const { care, about, childName } = note;
  if (care.kind === "worry") {
    return (
      <p>
        {childName}: “{about}”, noted on {shortDay(care.worry.on)}.
      </p>
    );
  }
  const from = care.kind === "skill" ? care.seenOn : care.aloneOn;
  return (
    <p>
      {childName}, {about.toLowerCase()}: noted on {shortDay(from)}, and not since {shortDay(care.missingOn)}.
    </p>
  );
}

/** The button of a card: a worry is put away, a skill is seen again, the notes of an activity are opened. */
function CareAct({ care }: { care: Care }) {
  const endWorry = useCommand("care.endWorry");
  const skillIsBack = useCommand("care.skillIsBack");
  switch (care.kind) {
    case "worry":
      return (
        <InlineButton onClick={() => void endWorry.run({ worry: care.worry.id })}>
          Talked over: put it away
        </InlineButton>
      );
    case "skill":
      return (
        <InlineButton onClick={() => void skillIsBack.run({ child: care.child, skill: care.skill })}>
          It is back
        </InlineButton>
      );
    default:
      return (
        <Link to={`${href("/activities/:id", { id: care.activity })}?child=${care.child}`}>Its notes</Link>
      );
  }
}

/** One calm card: what to note, and whom to ask. It names no cause. */
export function CareCard({ note }: { note: CareNote }) {
  const { care } = note;
  return (
    <section className="panel edge" aria-label={`To keep an eye on: ${note.about}`}>
      <h3>To keep an eye on</h3>
      <Head note={note} />
      <p>
        {care.kind !== "worry" &&
          "Weeks differ: a cold, a new craze or a tired spell can hide what a child can do. "}
        What helps whoever you ask: since when, at what time of day, what it looks like, what else has
        changed; a short film on the phone. If it stays, or you feel uneasy, talk to your child’s doctor or
        health visitor; at once if your child seems unwell. Orto keeps notes and judges nothing.
      </p>
      <CareAct care={care} />
    </section>
  );
}
