import { LineChart } from 'echarts/charts';
import { GridComponent } from 'echarts/components';
import { use } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import type { DrawnPoint } from '@uisce/core/planner';
import type { ChartStyle } from '../../ui/use-chart-style';
import { SCHOOL_LINES } from './school-lines';

use([LineChart, GridComponent, CanvasRenderer]);

/** Room around the plot, px; the handle is placed by the same numbers. */
export const INSET = { left: 44, right: 20, top: 30, bottom: 30 };

/** What is drawn along the money: minor units across, weighted drinks upwards. */
interface Drawn {
  points: readonly DrawnPoint[];
  /** Whether the curve is proven at so much money. */
  isProvenAt: (minor: number) => boolean;
  /** Money at the right edge. */
  mostMinor: number;
  /** The rules of thumb that are drawn beside it, in all money. */
  schools: readonly { id: string; steps: readonly { spend: number; value: number }[] }[];
  splitNumber: number;
  money: (minor: number) => string;
}

/** The curve's corners: all that is known, and of it what is proven, with gaps where it is not. */
export function waterlineData({
  points,
  isProvenAt,
  mostMinor,
}: Omit<Drawn, 'schools' | 'splitNumber' | 'money'>) {
  const top = points.at(-1);
  // Past everything worth having, more money makes nothing more.
  const past = (isDrawn: boolean) => (top && isDrawn ? [[mostMinor, top.value]] : []);
  const known = [...points.map((p) => [p.spend, p.value]), ...past(true)];
  const proven = [
    ...points
      .filter((p) => p.proven)
      .flatMap((p) => [
        [p.spend, p.value],
        [p.provenTo, p.value],
        ...(isProvenAt(p.provenTo + 1) ? [] : [[p.provenTo, null]]),
      ]),
    ...past(isProvenAt(mostMinor)),
  ];
  return { known, proven };
}

/** The drawing of the waterline: what is known dashed, what is proven as a line, the rules of thumb in their own dashes. */
export function waterlineOption(drawn: Drawn, { colours, text, across, upwards }: ChartStyle) {
  const { known, proven } = waterlineData(drawn);
  const shared = { type: 'line', step: 'end', showSymbol: false, silent: true, animation: false } as const;
  return {
    aria: { enabled: false },
    grid: { ...INSET, containLabel: false },
    xAxis: {
      ...across,
      min: 0,
      max: drawn.mostMinor,
      splitNumber: drawn.splitNumber,
      axisLabel: { ...text, formatter: (v: number) => drawn.money(Math.round(v)), hideOverlap: true },
      axisTick: { show: false },
    },
    yAxis: { ...upwards, min: 0, splitNumber: 4 },
    series: [
      {
        ...shared,
        data: known,
        lineStyle: { color: colours.dim, width: 1.5, type: [4, 3] },
        areaStyle: { color: colours.sea, opacity: 0.14 },
      },
      { ...shared, data: proven, lineStyle: { color: colours.ink, width: 2 } },
      ...drawn.schools.map((school) => {
        const { colour, dash } = SCHOOL_LINES[school.id] ?? { colour: 'copper', dash: [6, 4] };
        return {
          ...shared,
          data: [[0, 0], ...school.steps.map((s) => [s.spend, s.value])],
          lineStyle: { color: colours[colour], width: 1.5, type: dash },
        };
      }),
    ],
  };
}
