import { Input } from "antd";
import { href, useFetcher } from "react-router";
import type { Child } from "../core/model";
import { Act } from "./controls/Act";
import { Fold } from "./controls/Fold";
import { Send } from "./Send";

/** Where a parent says that something worries them. */
export function WorryForm({ child }: { child: Child }) {
  const fetcher = useFetcher<{ issues: { message: string }[] }>();
  return (
    <Fold title={`Something about ${child.name} worries me`}>
      <Send
        fetcher={fetcher}
        values={{ child: child.id }}
        action={href("/care")}
        key={fetcher.data ? "sent" : "new"}
      >
        <label htmlFor={`worry-${child.id}`}>In a few words, for yourself (may stay empty)</label>
        <Input.TextArea id={`worry-${child.id}`} name="words" rows={2} maxLength={500} />
        <Act primary name="intent" value="worry">
          Keep it
        </Act>
        {fetcher.data?.issues.length === 0 && (
          <p role="status">Kept. A card on the Shelf says what to note and whom to ask.</p>
        )}
      </Send>
    </Fold>
  );
}
