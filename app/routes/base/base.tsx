import "virtual:antd.css";
import { useEffect } from "react";
import { Outlet, useRevalidator } from "react-router";
import { onForeignChange } from "../../data/changes";
import type { Which } from "../../data/device";
import { homeOf, withHome } from "../homeContext";
import type { Route } from "./+types/base";

/** Every screen that shows a household starts from one reading of it. */
export const clientMiddleware: Route.ClientMiddlewareFunction[] = [withHome];

export const clientLoader = async ({ context }: Route.ClientLoaderArgs) => ({
  which: (await homeOf(context)).which,
});

/** A tab keeps to its household: nothing that happens within the screens changes it, so no navigation waits for it. */
export const shouldRevalidate = () => false;

/** What another tab changes is shown here as well. */
function useSharedTruth(which: Which) {
  const { revalidate } = useRevalidator();
  useEffect(() => onForeignChange(which, () => void revalidate()), [which, revalidate]);
}

export default function Base({ loaderData }: Route.ComponentProps) {
  useSharedTruth(loaderData.which);
  return <Outlet />;
}
