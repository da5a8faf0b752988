import { Button } from "antd";
import { Form } from "react-router";
import type { PlainDate, Tray } from "../../core/model";
import type { Suggestion } from "../../core/rotation";

const DO: Partial<Record<Suggestion["move"], string>> = {
  harder: "Step up",
  easier: "Step down",
  rest: "Let it rest",
  retire: "Retire it",
};

export interface MoveCardProps {
  tray: Tray;
  suggestion: Suggestion;
  decided: boolean;
  on: PlainDate;
  preview: boolean;
}

/** What looks right for a tray next: the reason, and two buttons. */
export function MoveCard({ tray, suggestion, decided, on, preview }: MoveCardProps) {
  const label = DO[suggestion.move];
  if (decided) {
    return (
      <Form method="post" className="move" preventScrollReset>
        <input type="hidden" name="intent" value="undecide" />
        <input type="hidden" name="tray" value={tray.id} />
        <span>Decided: {label?.toLowerCase() ?? "leave it"}, with the next rotation.</span>{" "}
        <button type="submit" className="link">
          Undo
        </button>
      </Form>
    );
  }
  return (
    <div className="move">
      <p>{suggestion.why}</p>
      {label && !preview && (
        <Form method="post" preventScrollReset>
          <input type="hidden" name="intent" value="decide" />
          <input type="hidden" name="tray" value={tray.id} />
          <input type="hidden" name="on" value={on} />
          <input type="hidden" name="toRung" value={suggestion.toRung ?? ""} />
          <input type="hidden" name="until" value={suggestion.until ?? ""} />
          <Button htmlType="submit" type="primary" name="move" value={suggestion.move}>
            {label}
          </Button>{" "}
          <Button htmlType="submit" name="move" value="leave">
            Leave it
          </Button>
        </Form>
      )}
    </div>
  );
}
