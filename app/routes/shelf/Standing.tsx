import { href, useFetcher } from "react-router";
import type { TrayView } from "../../core/household";
import type { Issue } from "../../core/model";
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
        className="standing"
        aria-label="Where it stands"
      >
        {tray.downOn ? (
          <button type="submit" className="chip" name="intent" value="put-up">
            Put it back at {placeName}
          </button>
        ) : (
          <>
            {otherPlaces.length > 0 && (
              <>
                <select name="place" aria-label="Put it at" defaultValue={otherPlaces[0]?.id}>
                  {otherPlaces.map((place) => (
                    <option key={place.id} value={place.id}>
                      {place.name}
                    </option>
                  ))}
                </select>{" "}
                <button type="submit" className="chip small" name="intent" value="move-tray">
                  Put it there
                </button>{" "}
              </>
            )}
            <button type="submit" className="chip small" name="intent" value="take-down">
              Take it down for now
            </button>
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
