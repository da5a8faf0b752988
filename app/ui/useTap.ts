import { useCallback } from "react";
import { type SubmitTarget, useSubmit } from "react-router";
import { AS_JSON } from "./Send";

/**
 * Sends what a tap says, each by itself: taps that come quicker than they are answered all count, where one fetcher would
 * drop the first for the second. Resolves once it is kept and shown.
 */
export function useTap(): (said: object) => Promise<void> {
  const submit = useSubmit();
  return useCallback(
    (said) => submit(said as SubmitTarget, { ...AS_JSON, navigate: false, fetcherKey: crypto.randomUUID() }),
    [submit],
  );
}
