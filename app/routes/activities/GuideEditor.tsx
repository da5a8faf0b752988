import { Form, Input } from "antd";
import { useId, useState } from "react";
import { rungScriptsAfter } from "../../core/content";
import type { Guide } from "../../core/model";

/** The script as it is typed: steps and lists one a line, words with commas. */
interface Typed {
  quiet: string;
  talk: string;
  explore: string;
  watchFor: string;
  words: string;
  mistake: string;
  wonder: string;
  guess: string;
  turnsInto: string;
  troubles: string;
}

const FIELDS: readonly (readonly [keyof Typed, string])[] = [
  ["quiet", "Quiet: what you do, one step a line"],
  ["talk", "Talk through: what you say and do"],
  ["explore", "Explore first: how it is set out and joined"],
  ["watchFor", "What to watch for, one a line"],
  ["words", "Words, four to six, with commas"],
  ["mistake", "How it shows a mistake by itself"],
  ["wonder", "One thing to wonder at"],
  ["guess", "One thing to guess"],
  ["turnsInto", "What it may turn into, one a line"],
  ["troubles", "What goes wrong: and the fix, one a line"],
];

const lines = (text: string) =>
  text
    .split("\n")
    .map((line) => line.trim())
    .filter(Boolean);

const typedFrom = (guide: Guide | undefined): Typed => ({
  quiet: guide?.quiet.join("\n") ?? "",
  talk: guide?.talk.join("\n") ?? "",
  explore: guide?.explore.join("\n") ?? "",
  watchFor: guide?.watchFor.join("\n") ?? "",
  words: guide?.words.join(", ") ?? "",
  mistake: guide?.mistake ?? "",
  wonder: guide?.wonder ?? "",
  guess: guide?.guess ?? "",
  turnsInto: guide?.turnsInto.join("\n") ?? "",
  troubles: guide?.troubles.map(({ wrong, fix }) => `${wrong}: ${fix}`).join("\n") ?? "",
});

/** The guide from what is typed; nothing typed at all means no guide. A way left empty is shown like the quiet one. */
function guideFrom(typed: Typed, before: Guide | undefined): Guide | undefined {
  if (Object.values(typed).every((text) => text.trim() === "")) return undefined;
  const quiet = lines(typed.quiet);
  const orQuiet = (text: string) => (text.trim() === "" ? quiet : lines(text));
  const guide = {
    fillings: before?.fillings ?? {},
    stories: before?.stories ?? [],
    inserts: before?.inserts ?? [],
    variant: before?.variant,
    dress: before?.dress,
    quiet,
    talk: orQuiet(typed.talk),
    explore: orQuiet(typed.explore),
    watchFor: lines(typed.watchFor),
    words: typed.words
      .split(",")
      .map((word) => word.trim())
      .filter(Boolean),
    mistake: typed.mistake.trim(),
    wonder: typed.wonder.trim(),
    guess: typed.guess.trim(),
    turnsInto: lines(typed.turnsInto),
    troubles: lines(typed.troubles).map((line) => {
      const [wrong = "", ...fix] = line.split(":");
      return { wrong: wrong.trim(), fix: fix.join(":").trim() };
    }),
  };
  const rungs = before && rungScriptsAfter(before, guide);
  return rungs ? { ...guide, rungs } : guide;
}

/** How it is shown and watched. May be left out: then only the ladder is kept. */
export function GuideEditor({
  guide,
  onChange,
}: {
  guide?: Guide;
  onChange(guide: Guide | undefined): void;
}) {
  const id = useId();
  const [typed, setTyped] = useState(() => typedFrom(guide));
  const change = (key: keyof Typed, text: string) => {
    const next = { ...typed, [key]: text };
    setTyped(next);
    onChange(guideFrom(next, guide));
  };
  return (
    <>
      <p className="quiet">May be left out: then only its rungs are kept.</p>
      {FIELDS.map(([key, label]) => (
        <Form.Item key={key} label={label} htmlFor={id + key} className="wide">
          <Input.TextArea
            id={id + key}
            autoSize={{ minRows: 2 }}
            value={typed[key]}
            onChange={(event) => change(key, event.target.value)}
          />
        </Form.Item>
      ))}
    </>
  );
}
