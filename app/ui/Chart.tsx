import { BarChart, LineChart, ScatterChart } from "echarts/charts";
import { GridComponent } from "echarts/components";
import { type EChartsCoreOption, init, use } from "echarts/core";
import { SVGRenderer } from "echarts/renderers";
import { useEffect, useRef } from "react";

use([BarChart, LineChart, ScatterChart, GridComponent, SVGRenderer]);

export interface ChartProps {
  /** Said to those who don't see it; what it shows stands as a table beside it. */
  label: string;
  option: EChartsCoreOption;
  heightPx: number;
  /** A point was chosen: its series, and its place in the series' data. */
  onPoint?(series: number, index: number): void;
}

/** A chart drawn by ECharts as vectors, as wide as there is room. */
export default function Chart({ label, option, heightPx, onPoint }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (!box.current) return;
    const chart = init(box.current, undefined, { renderer: "svg" });
    chart.setOption({ animation: false, textStyle: { fontFamily: "inherit" }, ...option });
    chart.on("click", (event) => onPoint?.(event.seriesIndex ?? 0, event.dataIndex));
    const watch = new ResizeObserver(() => chart.resize());
    watch.observe(box.current);
    return () => {
      watch.disconnect();
      chart.dispose();
    };
  }, [option, onPoint]);
  return <div ref={box} role="img" aria-label={label} style={{ height: heightPx }} />;
}
