import { Switch } from "antd";
import { href, useFetcher } from "react-router";
import { AS_JSON } from "./Send";

/** Leaves single keys alone on this device, or uses them. */
export function KeysSwitch({ on }: { on: boolean }) {
  const fetcher = useFetcher();
  return (
    <p>
      <Switch
        id="keys-on"
        checked={on}
        onChange={(next) => void fetcher.submit({ on: next }, { ...AS_JSON, action: href("/keys") })}
      />{" "}
      <label htmlFor="keys-on">Use single keys on this device (press ? for what they do)</label>
    </p>
  );
}
