import { Switch } from "antd";
import { href, useFetcher } from "react-router";
import { useAsJson } from "./Send";

/** Leaves single keys alone on this device, or uses them. */
export function KeysSwitch({ on }: { on: boolean }) {
  const fetcher = useFetcher();
  const asJson = useAsJson(href("/keys"));
  return (
    <p>
      <Switch id="keys-on" checked={on} onChange={(next) => void fetcher.submit({ on: next }, asJson)} />{" "}
      <label htmlFor="keys-on">Use single keys on this device (press ? for what they do)</label>
    </p>
  );
}
