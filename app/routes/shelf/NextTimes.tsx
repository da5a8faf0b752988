import { href, useFetcher } from "react-router";
import type { Issue, NextTime } from "../../core/model";
import { NextTimeList } from "../../ui/NextTimeList";
import { Send } from "../../ui/Send";

interface NextTimesProps {
  activity: string;
  notes: readonly NextTime[];
  preview: boolean;
}

/** What the adult wants to remember when this activity is planned or prepared again. */
export function NextTimes({ activity, notes, preview }: NextTimesProps) {
  const fetcher = useFetcher<{ issues: Issue[] }>();
  return (
    <>
      <h3>For next time</h3>
      <NextTimeList notes={notes} removable={!preview} />
      {!preview && (
        <Send
          fetcher={fetcher}
          values={{ intent: "next-time", activity }}
          action={`${href("/")}?index`}
          className="next-time"
          key={notes.length}
          aria-label="For next time"
        >
          <select name="kind" aria-label="What it is about">
            <option value="next-time">next time</option>
            <option value="source">where it came from</option>
            <option value="kept">kept, worn, given away</option>
          </select>
          <input
            name="words"
            aria-label="What to remember"
            maxLength={500}
            placeholder="Use drops, not trails"
          />
          <button type="submit" className="chip small">
            Keep
          </button>
          {fetcher.data?.issues.map((issue) => (
            <span className="fault" role="alert" key={issue.path}>
              {issue.message}
            </span>
          ))}
        </Send>
      )}
    </>
  );
}
