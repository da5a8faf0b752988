import { matchPath } from "react-router";
import { describe, expect, it } from "vitest";
import routes from "../app/routes";
import { SCREENS } from "../app/routes/frame/screens";
import { ADDRESSES } from "../e2e/addresses";

interface RouteEntry {
  path?: string;
  index?: boolean;
  children?: readonly RouteEntry[];
}

/** The path of every screen. */
const pathsOf = (entries: readonly RouteEntry[]): string[] =>
  entries.flatMap(({ path, index, children }) => [
    ...(index ? ["/"] : path === undefined ? [] : [`/${path}`]),
    ...pathsOf(children ?? []),
  ]);

/** No screen is drawn at these, or the demo has none of them: the tests of sittings make one and look at it. */
const WITHOUT_ADDRESS = ["/run", "/demo", "/sittings/:id"];

describe("the screens", () => {
  const paths = pathsOf(routes);

  it("have each an address at which accessibility, widths and the walker look at them", () => {
    const addresses = ADDRESSES.map((one) => new URL(one, "http://orto.test").pathname);
    const unseen = paths.filter((path) => !addresses.some((one) => matchPath(path, one)));
    expect(unseen.toSorted()).toEqual(WITHOUT_ADDRESS.toSorted());
  });

  it("that have a drawer are there, each with a letter of its own", () => {
    expect(SCREENS.map(({ to }) => to).filter((to) => !paths.includes(to))).toEqual([]);
    expect(new Set(SCREENS.map(({ key }) => key)).size).toBe(SCREENS.length);
  });
});
