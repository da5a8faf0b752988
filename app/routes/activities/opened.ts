import { redirect } from "react-router";
import { loadCatalogue } from "../../catalogue";
import type { Situation } from "../../core/household";

import { type Home, readHome } from "../../data/household";
import { situationFor } from "../../data/situation";

export interface Opened {
  home: Home;
  situation: Situation;
  search: URLSearchParams;
}

/** The household and its situation on the day shown; sends to the first start where there is no household. */
export async function openSituation(request: Request): Promise<Opened> {
  const [home, builtIn] = await Promise.all([readHome(request), loadCatalogue()]);
  if (!home) throw redirect("/start");
  return {
    home,
    situation: situationFor(builtIn, home),
    search: new URL(request.url).searchParams,
  };
}

/** What an address takes along to the next activities page: the child, and how far is looked ahead. */
export function carriedFrom(search: URLSearchParams, child: string): URLSearchParams {
  const carried = new URLSearchParams({ child });
  const ahead = search.get("ahead");
  if (ahead) carried.set("ahead", ahead);
  return carried;
}

/** The child that the address names, or else the eldest, for whom the shelf most often is. */
export const childIn = ({ situation, search }: Opened) =>
  situation.planned.find((one) => one.id === search.get("child")) ?? situation.planned[0];
