import { href, useFetcher } from "react-router";
import type { Was } from "../../commands/otherwise";
import type { OtherwiseResult, TrayView } from "../../core/household";
import type { Issue } from "../../core/model";
import { Chip, LinkAct } from "../../ui/controls/Act";
import { Fold } from "../../ui/controls/Fold";
import { Send } from "../../ui/Send";
import { barrierText } from "../../words/barriers";
import { type ChangeWords, otherwiseText } from "../../words/otherwise";

const ACTION = `${href("/")}?index`;

interface WayProps {
  label: string;
  title: string;
  values: object;
  result: OtherwiseResult;
  words: ChangeWords;
  fetcher: ReturnType<typeof useFetcher<{ issues: Issue[]; was?: Was }>>;
}

/** One way of setting it out otherwise: a button with what changes, or why it can't be now. */
function Way({ label, title, values, result, words, fetcher }: WayProps) {
  if ("fault" in result) {
    return (
      <p className="quiet">
        {label} ({title}): {barrierText(result.fault)}
      </p>
    );
  }
  const { tray } = result.otherwise;
  return (
    <Send
      fetcher={fetcher}
      values={{ intent: "otherwise", ...values }}
      action={ACTION}
      className="row one-line at-top gap"
    >
      <Chip aria-label={`${label}: ${title}`}>{label}</Chip>
      <span>
        {title}
        <small>
          {otherwiseText(result.otherwise, words)}
          {tray.state === "adult-held" && " Adult-held: you stay beside it."}
        </small>
      </span>
    </Send>
  );
}

/** The tray set out otherwise at once: a step down or up, or given to another child. */
export function OnTheSpot({ view, words }: { view: TrayView; words: ChangeWords }) {
  const fetcher = useFetcher<{ issues: Issue[]; was?: Was }>();
  const { tray, steps, heirs } = view;
  const { was, issues } = fetcher.data ?? {};
  return (
    <section aria-label="On the spot">
      <h3>On the spot</h3>
      {was && (
        <Send
          fetcher={fetcher}
          values={{ intent: "otherwise", ...was }}
          action={ACTION}
          className="panel row told"
        >
          <span role="status">Set out anew: {view.rung.title}.</span>
          <LinkAct>Undo</LinkAct>
        </Send>
      )}
      {issues?.map((issue) => (
        <p className="fault" role="alert" key={issue.message}>
          {issue.message}
        </p>
      ))}
      {steps.map(({ rung, easier, result }) => (
        <Way
          key={rung.id}
          label={easier ? "Easier now" : "Harder now"}
          title={rung.title}
          values={{ tray: tray.id, rung: rung.id }}
          result={result}
          words={words}
          fetcher={fetcher}
        />
      ))}
      {heirs.map(({ child, rungs }) => (
        <Fold key={child.id} title={`Give it to ${child.name}`}>
          {rungs.map(({ rung, place, placeName, result }) => (
            <Way
              key={rung.id}
              label={rung.id === tray.rung ? "As it is" : "A step down"}
              title={place === tray.place ? rung.title : `${rung.title}, at ${placeName}`}
              values={{ tray: tray.id, rung: rung.id, child: child.id, place }}
              result={result}
              words={words}
              fetcher={fetcher}
            />
          ))}
        </Fold>
      ))}
    </section>
  );
}
