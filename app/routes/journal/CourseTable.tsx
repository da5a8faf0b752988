import { Table } from "antd";
import { href, Link } from "react-router";
import type { TrayPoint } from "../../core/report/journal";
import { shortDay } from "../../words/dates";

/** What the chart of a tray shows, by day; a day leads to its notes. */
const CourseTable = ({ points }: { points: readonly TrayPoint[] }) => (
  <Table
    size="small"
    pagination={false}
    rowKey="note"
    dataSource={[...points]}
    columns={[
      {
        title: "Day",
        render: (_, { on }) => <Link to={`${href("/journal")}?on=${on}`}>{shortDay(on)}</Link>,
      },
      { title: "Minutes", render: (_, { minutes }) => minutes ?? "–" },
      { title: "Again", render: (_, { repeats }) => repeats ?? "–" },
    ]}
  />
);
export default CourseTable;
