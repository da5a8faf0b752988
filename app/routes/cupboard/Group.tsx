import { Table, type TableColumnsType } from "antd";
import { memo, useCallback, useMemo, useState } from "react";
import type { Material, Preset, SiteId } from "../../core/model";
import { useCommand } from "../../ui/command/useCommand";
import { InlineButton } from "../../ui/controls/buttons";
import { AboutRow, HaveCell, HazardCell, NameCell, PieceCell, QuantityCell, UsedCell } from "./cells";
import { FOUND } from "./found";
import { OpenRows } from "./inside";

interface GroupProps {
  found: Preset;
  /** What is there, or was once. */
  rows: readonly Material[];
  /** What is not, drawn when it is asked for. */
  others: readonly Material[];
  site: SiteId;
  missing: number;
}

const areSame = (things: readonly Material[], before: readonly Material[]) =>
  things.length === before.length && things.every((one, i) => one === before[i]);

/** The table stays while the same things are listed: what is written of them is drawn by their cells. */
const isAsDrawn = (before: GroupProps, now: GroupProps) =>
  areSame(now.rows, before.rows) &&
  areSame(now.others, before.others) &&
  (["found", "site", "missing"] as const).every((key) => before[key] === now[key]);

/** A cell draws itself anew where what it shows has changed, and never because its table grew. */
const shouldCellUpdate = (now: Material, before: Material) => now !== before;

const COLUMNS: TableColumnsType<Material> = [
  { title: "Have", width: 56, shouldCellUpdate, render: (_, one) => <HaveCell material={one} /> },
  {
    title: "Thing",
    rowScope: "row",
    width: "28%",
    shouldCellUpdate,
    render: (_, one) => <NameCell material={one} />,
  },
  {
    title: "How many",
    width: 190,
    className: "nowrap",
    shouldCellUpdate,
    render: (_, one) => <QuantityCell material={one} />,
  },
  {
    title: "Usual piece",
    className: "size nowrap",
    shouldCellUpdate,
    render: (_, one) => <PieceCell material={one} />,
  },
  {
    title: "What it can do",
    className: "hazards",
    shouldCellUpdate,
    render: (_, one) => <HazardCell material={one} />,
  },
  {
    title: "In use",
    className: "in-use",
    width: "20%",
    shouldCellUpdate,
    render: (_, one) => <UsedCell material={one} />,
  },
];

/** The things that are found in one place of the house. */
export const Group = memo(function Group({ found, rows, others, site, missing }: GroupProps) {
  const addUsual = useCommand("cupboard.addUsual");
  const [all, showAll] = useState(false);
  const [open, setOpen] = useState<readonly string[]>([]);
  const toggle = useCallback(
    ({ id }: Material) =>
      setOpen((before) => (before.includes(id) ? before.filter((one) => one !== id) : [...before, id])),
    [],
  );
  const about = useMemo(() => ({ open, toggle }), [open, toggle]);
  return (
    <section aria-label={FOUND[found]} className="cupboard-group">
      <div className="row between gap">
        <h2 className="flat">{FOUND[found]}</h2>
        {missing > 0 && (
          <InlineButton onClick={() => void addUsual.run({ site, found })}>
            Tick the {missing} usual things not ticked yet
          </InlineButton>
        )}
      </div>
      <OpenRows value={about}>
        <Table<Material>
          size="small"
          columns={COLUMNS}
          dataSource={all ? [...rows, ...others] : rows}
          rowKey="id"
          pagination={false}
          locale={{ emptyText: "Nothing of it is here." }}
          expandable={{
            showExpandColumn: false,
            expandedRowKeys: open,
            expandedRowRender: (one) => <AboutRow material={one} onDone={() => toggle(one)} />,
          }}
        />
      </OpenRows>
      {others.length > 0 && (
        <InlineButton type="button" aria-expanded={all} onClick={() => showAll(!all)}>
          {all ? "Only what we have" : `${others.length} more things that are not here`}
        </InlineButton>
      )}
    </section>
  );
}, isAsDrawn);
