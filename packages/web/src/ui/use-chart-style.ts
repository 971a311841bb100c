import { computed } from 'vue';
import { useTheme } from 'vuetify';

/** How every chart is drawn: the theme's colours, our type, hairlines for axes. */
export function useChartStyle() {
  const theme = useTheme();
  return computed(() => {
    const colours = theme.current.value.colors as Record<string, string>;
    const text = { color: colours.dim, fontFamily: 'Atkinson Hyperlegible Next Variable', fontSize: 12 };
    return {
      colours,
      text,
      /** A value axis without a grid: its line and its figures. */
      across: {
        type: 'value' as const,
        axisLabel: text,
        axisLine: { lineStyle: { color: colours.line } },
        splitLine: { show: false },
      },
      /** A value axis whose figures are carried across by hairlines. */
      upwards: { type: 'value' as const, axisLabel: text, splitLine: { lineStyle: { color: colours.line } } },
      /** A name under the axis. */
      named: (name: string, gap: number) => ({
        name,
        nameLocation: 'middle' as const,
        nameGap: gap,
        nameTextStyle: text,
      }),
    };
  });
}

export type ChartStyle = ReturnType<typeof useChartStyle>['value'];
