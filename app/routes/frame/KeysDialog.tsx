import { Modal, Switch } from "antd";
import { href, useFetcher } from "react-router";
import { AS_JSON } from "../../ui/Send";
import { SCREENS } from "./keyScreens";

/** What each key does, and the switch that leaves the keys alone. */
export default function KeysDialog({ on, onClose }: { on: boolean; onClose(): void }) {
  const fetcher = useFetcher();
  return (
    <Modal title="Keys" open onCancel={onClose} footer={null}>
      <dl className="keys">
        {Object.entries(SCREENS).map(([key, [, name]]) => (
          <div key={key}>
            <dt>
              <kbd>g</kbd> <kbd>{key}</kbd>
            </dt>
            <dd>{name}</dd>
          </div>
        ))}
        <div>
          <dt>
            <kbd>/</kbd>
          </dt>
          <dd>search</dd>
        </div>
        <div>
          <dt>
            <kbd>n</kbd>
          </dt>
          <dd>a note on the tray that is open</dd>
        </div>
        <div>
          <dt>
            <kbd>?</kbd>
          </dt>
          <dd>these keys</dd>
        </div>
      </dl>
      <p>
        <Switch
          id="keys-on"
          checked={on}
          onChange={(next) => void fetcher.submit({ on: next }, { ...AS_JSON, action: href("/keys") })}
        />{" "}
        <label htmlFor="keys-on">Use single keys on this device</label>
      </p>
    </Modal>
  );
}
