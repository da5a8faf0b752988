import { Button } from "antd";
import { useEffect, useState } from "react";
import {
  href,
  Link,
  NavLink,
  Outlet,
  type ShouldRevalidateFunctionArgs,
  useNavigate,
  useNavigation,
  useSearchParams,
} from "react-router";
import { AREA_COLOURS } from "../../core/draw/areaColours";
import type { Site, SiteId } from "../../core/model";
import { isOnlyLook } from "../../ui/command/results";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { Choice } from "../../ui/controls/Choice";
import { keepSight, takeTap } from "../../ui/lastSight";
import { MonthRule, type Pin } from "../../ui/MonthRule";
import { COLOURS } from "../../ui/theme/tokens";
import { dayText } from "../../words/dates";
import { askFor, MOST_MONTHS_AHEAD } from "../askFor";
import type { Route } from "./+types/frame";
import { Keys } from "./Keys";
import { Seen } from "./Seen";
import { SCREENS } from "./screens";

const PIN_COLOURS = [COLOURS.beet, COLOURS.spruce, COLOURS.amber, AREA_COLOURS.words];

const withColour = (pin: Omit<Pin, "colour">, index: number): Pin => ({
  ...pin,
  colour: PIN_COLOURS[index % PIN_COLOURS.length] ?? COLOURS.spruce,
});

export const clientLoader = ({ request }: Route.ClientLoaderArgs) => askFor(request, "frame");

/** The rule and the frame hang on the day looked at and on the data, and not on which page or tray is open. */
export function shouldRevalidate(args: ShouldRevalidateFunctionArgs) {
  const { currentUrl, nextUrl, formMethod, actionResult, defaultShouldRevalidate } = args;
  if (isOnlyLook(actionResult)) return false;
  const ahead = (url: URL) => url.searchParams.get("ahead");
  if (formMethod || currentUrl.href === nextUrl.href) return defaultShouldRevalidate;
  return ahead(currentUrl) !== ahead(nextUrl);
}

/** Which home this device is at, where the household has several. */
function SiteSwitch({ site, sites }: { site: SiteId; sites: readonly Site[] }) {
  const goToSite = useCommand("start.goToSite");
  // The home that was chosen stands at once, although the screen is still read anew.
  const [chosen, choose] = useState(site);
  return (
    <div className="site-switch">
      <Choice
        value={goToSite.isBusy ? chosen : site}
        aria-label="Which home"
        options={sites.map((one) => ({ value: one.id, label: one.name }))}
        onChange={(next) => {
          choose(next);
          void goToSite.run({ site: next });
        }}
      />
    </div>
  );
}

export default function Frame({ loaderData }: Route.ComponentProps) {
  const { pins, span, ahead, on, today, which, isDue, site, sites, keys, children, skills } = loaderData;
  const navigate = useNavigate();
  const [search] = useSearchParams();
  /** On a phone: are the drawers shown that are seldom opened there? */
  const [more, setMore] = useState(false);
  const busy = useNavigation().state !== "idle";
  useEffect(() => keepSight(which), [which]);
  useEffect(() => {
    const tapped = takeTap();
    if (tapped) void navigate(tapped);
  }, [navigate]);
  const lookAhead = (months: number) => {
    const next = new URLSearchParams(search);
    if (months > 0) next.set("ahead", String(months));
    else next.delete("ahead");
    void navigate({ search: next.toString() }, { preventScrollReset: true });
  };
  const kept = ahead > 0 ? `?ahead=${ahead}` : "";
  return (
    <div className="frame">
      <a className="skip" href="#page">
        Skip to the page
      </a>
      <header className="top">
        <Link className="brand" to={`${href("/")}${kept}`}>
          Orto
        </Link>
        <small className="rule-unit" aria-hidden="true">
          months
        </small>
        <MonthRule
          pins={pins.map(withColour)}
          span={span}
          ahead={ahead}
          mostAhead={MOST_MONTHS_AHEAD}
          onAhead={lookAhead}
        />
        <Seen childrenHere={children} skills={skills} today={today} />
      </header>
      <nav className={more ? "drawers opened" : "drawers"} aria-label="Screens">
        {SCREENS.map(({ to, label, isSeldom }) => (
          <NavLink
            key={to}
            to={`${href(to)}${kept}`}
            end={to === "/"}
            className={isSeldom ? "drawer seldom" : "drawer"}
            onClick={() => setMore(false)}
          >
            {label}
            <i aria-hidden="true" />
            {isDue && to === "/plan" && <b className="tag now due">due</b>}
          </NavLink>
        ))}
        {sites.length > 1 && <SiteSwitch site={site} sites={sites} />}
        <Button className="more-drawers" aria-expanded={more} onClick={() => setMore(!more)}>
          More
        </Button>
      </nav>
      <div className={`page${busy ? " busy" : ""}`} id="page">
        {ahead > 0 && (
          <p className="notice warm" role="status">
            <strong>
              Preview: {ahead} {ahead === 1 ? "month" : "months"} ahead, {dayText(on)}.
            </strong>{" "}
            Nothing you see here is set out or saved.{" "}
            <InlineButton type="button" onClick={() => lookAhead(0)}>
              Back to today
            </InlineButton>
          </p>
        )}
        {which === "demo" && ahead === 0 && (
          <p className="notice quiet">
            You are looking round the demo, {dayText(on)}. <Link to={href("/start")}>Set up ours</Link>
          </p>
        )}
        <Outlet />
      </div>
      <Keys on={keys} />
    </div>
  );
}
