import { Modal } from "antd";
import { KeysSwitch } from "../../ui/KeysSwitch";
import { SCREENS } from "./screens";

/** What each key does, and the switch that leaves the keys alone. */
export default function KeysDialog({ on, onClose }: { on: boolean; onClose(): void }) {
  return (
    <Modal title="Keys" open onCancel={onClose} footer={null}>
      <dl>
        {SCREENS.map(({ key, name }) => (
          <div key={key} className="pair">
            <dt>
              <kbd className="tag">g</kbd> <kbd className="tag">{key}</kbd>
            </dt>
            <dd>{name}</dd>
          </div>
        ))}
        <div className="pair">
          <dt>
            <kbd className="tag">/</kbd>
          </dt>
          <dd>search</dd>
        </div>
        <div className="pair">
          <dt>
            <kbd className="tag">n</kbd>
          </dt>
          <dd>a note on the tray that is open</dd>
        </div>
        <div className="pair">
          <dt>
            <kbd className="tag">o</kbd>
          </dt>
          <dd>a note of something seen anywhere</dd>
        </div>
        <div className="pair">
          <dt>
            <kbd className="tag">?</kbd>
          </dt>
          <dd>these keys</dd>
        </div>
      </dl>
      <KeysSwitch on={on} />
      <p className="quiet">Once switched off, they are switched on again in Household, Data.</p>
    </Modal>
  );
}
