import { type ComponentProps, type SubmitEvent, useState } from "react";
import { type FetcherWithComponents, type SubmitTarget, useFormAction, useSubmit } from "react-router";
import { changedFields, fieldsOf, type JsonObject } from "./fields";

export interface SendProps extends Omit<ComponentProps<"form">, "method" | "action"> {
  /** What is sent besides the fields. */
  values?: object;
  /** Sends without leaving the page's address. */
  fetcher?: Pick<FetcherWithComponents<unknown>, "submit">;
  action?: string;
  preventScrollReset?: boolean;
  /**
   * The fields as they stood when the form was opened: those that still stand so are not sent, so that what another tab
   * says of the same thing meanwhile stays.
   */
  opened?: JsonObject;
}

const AS_JSON = { method: "post", encType: "application/json" } as const;

/**
 * How a part of a screen sends JSON: to the action of its own screen, or to the one that is given. Without an address of its
 * own it would go to whatever screen is being opened at the moment of the tap.
 */
export const useAsJson = (action?: string) => ({ ...AS_JSON, action: useFormAction(action) });

/** A form that is sent as JSON to its route's action; of a chosen file the text is sent. */
export function Send(props: SendProps) {
  const { values, fetcher, action, preventScrollReset, opened, onSubmit, ...form } = props;
  const navigate = useSubmit();
  const asJson = useAsJson(action);
  const [before, setBefore] = useState(opened);
  const send = async (event: SubmitEvent<HTMLFormElement>) => {
    onSubmit?.(event);
    if (event.defaultPrevented) return;
    event.preventDefault();
    const read = fieldsOf(event.currentTarget, (event.nativeEvent as globalThis.SubmitEvent).submitter);
    const fields = (read instanceof Promise ? await read : read) as JsonObject;
    const sent = before ? changedFields(fields, before) : fields;
    if (before) setBefore({ ...before, ...sent });
    const target = { ...values, ...sent } as SubmitTarget;
    const options = { ...asJson, preventScrollReset };
    await (fetcher ? fetcher.submit(target, options) : navigate(target, options));
  };
  return <form {...form} onSubmit={(event) => void send(event)} />;
}
