import { useCallback } from "react";
import { type SubmitTarget, useSubmit } from "react-router";
import { useAsJson } from "./Send";

/**
 * Sends what a tap says, each by itself: taps that come quicker than they are answered all count, where one fetcher would
 * drop the first for the second. Resolves once it is kept and shown.
 */
export function useTap(): (said: object) => Promise<void> {
  const submit = useSubmit();
  const { method, encType, action } = useAsJson();
  return useCallback(
    (said) =>
      submit(said as SubmitTarget, {
        ...{ method, encType, action },
        navigate: false,
        fetcherKey: crypto.randomUUID(),
      }),
    [submit, method, encType, action],
  );
}
