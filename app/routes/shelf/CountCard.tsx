import { Input } from "antd";
import { href, useFetcher } from "react-router";
import type { Issue, PlainDate, TrayId } from "../../core/model";
import type { CountState } from "../../core/safety";
import { Act } from "../../ui/controls/Act";
import { Send } from "../../ui/Send";
import { shortDay } from "../../words/dates";

export interface CountCardProps {
  tray: TrayId;
  pieces: number;
  count: CountState;
}

/** An adult-held tray is opened by counting its pieces out, and shut by counting them back. */
export function CountCard({ tray, pieces, count }: CountCardProps) {
  const fetcher = useFetcher<{ issues?: Issue[] }>();
  const busy = fetcher.state !== "idle";
  return (
    <Send
      fetcher={fetcher}
      values={{ tray }}
      action={`${href("/")}?index`}
      className="panel edge danger"
      aria-label="Count the pieces"
    >
      {count.state === "shut" && (
        <>
          <p>Open it within arm’s reach. Count the pieces out, and back again when you shut it.</p>
          <label htmlFor="count-out">Pieces out</label>{" "}
          <Input
            style={{ width: 84 }}
            id="count-out"
            name="count"
            type="number"
            min={1}
            defaultValue={pieces}
          />{" "}
          <Act name="intent" value="count-out" busy={busy}>
            Opened
          </Act>
        </>
      )}
      {count.state === "open" && (
        <>
          <p role="status">
            Open since {shortDay(count.on as PlainDate)}:{" "}
            {count.out === 1 ? "1 piece is" : `${count.out} pieces are`} out.
          </p>
          <label htmlFor="count-back">Pieces back</label>{" "}
          <Input
            style={{ width: 84 }}
            id="count-back"
            name="count"
            type="number"
            min={0}
            defaultValue={count.out}
          />{" "}
          <Act name="intent" value="count-back" primary busy={busy}>
            Shut
          </Act>
        </>
      )}
      {count.state === "missing" && (
        <>
          <p role="alert">
            {count.missing === 1 ? "One piece is" : `${count.missing} pieces are`} missing since{" "}
            {shortDay(count.on as PlainDate)}. Look for {count.missing === 1 ? "it" : "them"} before anybody
            plays on the floor there.
          </p>
          <Act name="intent" value="count-found" busy={busy}>
            Found
          </Act>
        </>
      )}
      {fetcher.data?.issues?.map((issue) => (
        <p className="fault" role="alert" key={issue.path}>
          {issue.message}
        </p>
      ))}
    </Send>
  );
}
