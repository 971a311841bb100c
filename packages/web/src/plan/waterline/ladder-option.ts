import { LineChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import type { ChartStyle } from '../../ui/use-chart-style';

use([LineChart, GridComponent, CanvasRenderer]);

/** What is bought month by month as a line, and the best set for that money at once dashed above it. */
export function ladderOption(
  rungs: readonly { value: number; bestValue: number }[],
  { colours, text, upwards }: ChartStyle,
) {
  const shared = { type: 'line', silent: true, animation: false, symbolSize: 7 } as const;
  return {
    aria: { enabled: false },
    grid: { left: 44, right: 20, top: 14, bottom: 30 },
    xAxis: {
      type: 'category',
      data: rungs.map((_, t) => (t === 0 ? 'now' : `${t}`)),
      axisLabel: text,
      axisLine: { lineStyle: { color: colours.line } },
      axisTick: { show: false },
    },
    yAxis: { ...upwards, min: 0 },
    series: [
      {
        ...shared,
        data: rungs.map((r) => r.bestValue),
        symbol: 'emptyCircle',
        lineStyle: { color: colours.dim, width: 1.5, type: [4, 3] },
        itemStyle: { color: colours.dim },
      },
      {
        ...shared,
        data: rungs.map((r) => r.value),
        symbol: 'circle',
        lineStyle: { color: colours.ink, width: 2 },
        itemStyle: { color: colours.ink },
        areaStyle: { color: colours.sea, opacity: 0.14 },
      },
    ],
  };
}
