import { href, redirect } from "react-router";
import { z } from "zod";
import type { Issue } from "../../core/model";
import { CONTENT_INPUTS, type ContentInput, changeContent } from "../../engine/commands/content";
import { DAY_INPUT, setDay } from "../../engine/commands/moments";
import { changeNote, NOTE_INPUTS, type NoteInput } from "../../engine/commands/notes";
import {
  HAND_ON_INPUTS,
  handOnLater,
  OTHERWISE_INPUT,
  setOutOtherwise,
  type Was,
} from "../../engine/commands/otherwise";
import { changeTray, TRAY_INPUTS } from "../../engine/commands/trays";
import type { WishChange } from "../../engine/commands/wishes";
import type { Home } from "../../engine/store/home";
import { homeOf } from "../homeContext";
import { type ActionArgs, inputOf, issuesIn } from "../input";

const ShelfInput = z.discriminatedUnion("intent", [
  ...NOTE_INPUTS,
  ...TRAY_INPUTS,
  ...CONTENT_INPUTS,
  DAY_INPUT,
  OTHERWISE_INPUT,
  ...HAND_ON_INPUTS,
]);
type ShelfInput = z.infer<typeof ShelfInput>;

/** Changes after which another address is shown: the note just taken, or without what has gone. */
const LEADS_ON: ReadonlySet<string> = new Set([
  "note",
  "remove-note",
  "restore-note",
  "decide",
  "decide-all",
  "undecide",
  "undo-accept",
]);

const isNote = (input: ShelfInput): input is NoteInput =>
  NOTE_INPUTS.some((one) => one.shape.intent.value === input.intent);

const isContent = (input: ShelfInput): input is ContentInput =>
  CONTENT_INPUTS.some((one) => one.shape.intent.value === input.intent);

/** Where to look after a change: the same tray, with the note that can still be corrected. */
function backTo(request: Request, input: ShelfInput): string {
  const search = new URL(request.url).searchParams;
  search.delete("index");
  search.delete("removed");
  if (input.intent === "note" || input.intent === "restore-note") search.set("note", input.id);
  if (input.intent === "remove-note") {
    search.delete("note");
    search.set("removed", input.id);
  }
  if (input.intent === "undo-accept") search.delete("accepted");
  const text = search.toString();
  return text ? `${href("/")}?${text}` : href("/");
}

type Answered = Extract<ShelfInput, { intent: "otherwise" | "hand-on-later" | "hand-on-undo" }>;

function changed(home: Home, input: Exclude<ShelfInput, Answered>) {
  if (isNote(input)) return changeNote(home, input);
  if (isContent(input)) return changeContent(home, input);
  return input.intent === "day" ? setDay(home, input) : changeTray(home, input);
}

export interface ShelfAnswer {
  issues: Issue[];
  /** The note that was added to. */
  saved?: string;
  /** How a tray was before it was set out otherwise. */
  was?: Was;
  /** What was asked of the plan, to be taken back. */
  asked?: WishChange;
}

/** Does one change of the Shelf screen. Faulty input changes nothing and says what is wrong. */
export async function changeShelf({ request, context }: ActionArgs): Promise<ShelfAnswer> {
  const [home, read] = await Promise.all([homeOf(context), inputOf(request, ShelfInput)]);
  if (!read.ok) return { issues: read.issues };
  const input = read.value;
  if (input.intent === "otherwise") {
    const set = await setOutOtherwise(home, input);
    return set.ok ? { issues: [], was: set.value } : { issues: set.issues };
  }
  if (input.intent === "hand-on-later" || input.intent === "hand-on-undo") {
    const asked = await handOnLater(home, input);
    return asked.ok ? { issues: [], asked: asked.value } : { issues: asked.issues };
  }
  const issues = issuesIn(await changed(home, input));
  if (issues.length === 0 && LEADS_ON.has(input.intent)) throw redirect(backTo(request, input));
  return { issues, ...(input.intent === "amend" ? { saved: input.id } : {}) };
}
