import { Switch } from "antd";
import { useCommand } from "./command/useCommand";

/** Leaves single keys alone on this device, or uses them. */
export function KeysSwitch({ on }: { on: boolean }) {
  const setKeys = useCommand("start.setKeys");
  return (
    <p>
      <Switch id="keys-on" checked={on} onChange={(next) => void setKeys.run({ on: next })} />{" "}
      <label htmlFor="keys-on">Use single keys on this device (press ? for what they do)</label>
    </p>
  );
}
