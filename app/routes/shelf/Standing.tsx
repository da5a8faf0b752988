import { useFetcher } from "react-router";
import type { PlainDate, Problem } from "../../core/model";
import type { TrayView } from "../../data/trayView";

/** Where a tray stands: put it elsewhere, take it down for now, put it back. All by keys, too. */
export function Standing({ view, on }: { view: TrayView; on: PlainDate }) {
  const fetcher = useFetcher<{ problems: Problem[] }>();
  const { tray, otherPlaces, placeName } = view;
  return (
    <>
      <h3>Where it stands</h3>
      <fetcher.Form method="post" action="/?index" className="standing" aria-label="Where it stands">
        <input type="hidden" name="tray" value={tray.id} />
        <input type="hidden" name="on" value={on} />
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
        {fetcher.data?.problems.map((problem) => (
          <p className="fault" role="alert" key={problem.message}>
            {problem.message}
          </p>
        ))}
      </fetcher.Form>
    </>
  );
}
