import { href, Link } from "react-router";
import { type ActivityId, activityOf, type Catalogue, type Theme, type Wardrobe } from "../../core/model";
import { themeHelp } from "../../core/themes";
import { Collapsible } from "../../ui/controls/Collapsible";

interface DressedProps {
  dress: readonly { activity: ActivityId; how: string }[];
  catalogue: Pick<Catalogue, "activities">;
}

const Dressed = ({ dress, catalogue }: DressedProps) => (
  <ul>
    {dress.map(({ activity, how }) => (
      <li key={activity}>
        <Link to={href("/activities/:id", { id: activity })}>
          {activityOf(catalogue, activity)?.name ?? activity}
        </Link>
        : {how}
      </li>
    ))}
  </ul>
);

function ThemeCard({ theme, catalogue }: { theme: Theme; catalogue: DressedProps["catalogue"] }) {
  return (
    <>
      <p>Activities that can be dressed in it count for more in this plan:</p>
      <Dressed dress={theme.dress} catalogue={catalogue} />
      <p>
        <strong>Words:</strong> {theme.words.join(", ")}. <strong>To draw or print:</strong>{" "}
        {theme.print.join("; ")}. <strong>To find:</strong> {theme.find.join("; ")}.
      </p>
    </>
  );
}

interface ThemePartProps {
  /** The theme in the household's own word. */
  on: string;
  wardrobe: Wardrobe;
  /** The activities of the plan that is shown. */
  planned: readonly ActivityId[];
  catalogue: DressedProps["catalogue"];
}

/** What a theme brings to the trays; where nothing was made for it, what is near, and how three of them are dressed in it. */
export function ThemePart({ on, wardrobe, planned, catalogue }: ThemePartProps) {
  const help = themeHelp(on, wardrobe, planned);
  return (
    <Collapsible title={`How trays are dressed in “${on}”`} open>
      {help.kind === "theme" ? (
        <ThemeCard theme={help.theme} catalogue={catalogue} />
      ) : (
        <>
          <p>
            Nothing here was made for “{on}”, so it changes the plan only where an activity of your own names
            it.
            {help.nearest.length > 0 &&
              ` Near it: ${help.nearest.map((one) => one.name).join(", ")}; type one of them to plan with it.`}
          </p>
          {help.dress.length > 0 && (
            <>
              <p>Trays of this plan that can be dressed in it:</p>
              <Dressed dress={help.dress} catalogue={catalogue} />
            </>
          )}
        </>
      )}
    </Collapsible>
  );
}
