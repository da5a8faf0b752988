import { data } from "react-router";

/** Any address that is no screen's: the frame stays round what is said of it. */
export function clientLoader() {
  throw data(undefined, { status: 404 });
}

/** It is never shown: its loader always fails. */
export default function Missing() {
  return null;
}

export { Failed as ErrorBoundary } from "../../ui/Failed";
