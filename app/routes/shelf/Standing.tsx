import { href, useFetcher } from "react-router";
import type { TrayView } from "../../core/household";
import type { Issue } from "../../core/model";
import { Chip } from "../../ui/controls/Act";
import { Choice } from "../../ui/controls/Choice";
import { Send } from "../../ui/Send";

/** Where a tray stands: put it elsewhere, take it down for now, put it back. All by keys, too. */
export function Standing({ view }: { view: TrayView }) {
  const fetcher = useFetcher<{ issues: Issue[] }>();
  const { tray, otherPlaces, placeName } = view;
  return (
    <>
      <h3>Where it stands</h3>
      <Send
        fetcher={fetcher}
        values={{ tray: tray.id }}
        action={`${href("/")}?index`}
        className="row gap"
        aria-label="Where it stands"
      >
        {tray.downOn ? (
          <Chip name="intent" value="put-up">
            Put it back at {placeName}
          </Chip>
        ) : (
          <>
            {otherPlaces.length > 0 && (
              <>
                <Choice
                  name="place"
                  aria-label="Put it at"
                  defaultValue={otherPlaces[0]?.id}
                  options={[...otherPlaces.map((place) => ({ value: place.id, label: place.name }))]}
                />{" "}
                <Chip size="small" name="intent" value="move-tray">
                  Put it there
                </Chip>{" "}
              </>
            )}
            <Chip size="small" name="intent" value="take-down">
              Take it down for now
            </Chip>
          </>
        )}
        {fetcher.data?.issues.map((issue) => (
          <p className="fault" role="alert" key={issue.message}>
            {issue.message}
          </p>
        ))}
      </Send>
    </>
  );
}
