import { Input } from "antd";
import { href, useFetcher } from "react-router";
import type { ActivityId, Issue, NextTime } from "../../core/model";
import { Chip } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
import { NextTimeList } from "../../ui/NextTimeList";
import { Send } from "../../ui/Send";

interface NextTimesProps {
  activity: ActivityId;
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
          className="row"
          key={notes.length}
          aria-label="For next time"
        >
          <Choice
            name="kind"
            aria-label="What it is about"
            options={[
              { value: "next-time", label: "next time" },
              { value: "source", label: "where it came from" },
              { value: "kept", label: "kept, worn, given away" },
            ]}
          />
          <Input
            name="words"
            aria-label="What to remember"
            maxLength={500}
            placeholder="Use drops, not trails"
          />
          <Chip size="small">Keep</Chip>
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
