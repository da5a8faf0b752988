import type { RouterContextProvider } from "react-router";
import type { Situation } from "../../core/household";
import type { Home } from "../../engine/store/home";
import { homeOf } from "../homeContext";

export interface Opened {
  home: Home;
  situation: Situation;
  search: URLSearchParams;
}

/** The household, its situation on the day shown, and what the address says. */
export async function openSituation(
  request: Request,
  context: Readonly<RouterContextProvider>,
): Promise<Opened> {
  const home = await homeOf(context);
  return { home, situation: home.situation, search: new URL(request.url).searchParams };
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
