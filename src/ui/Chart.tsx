'use client';
import { useEffect, useRef, useState } from 'react';

/** A line of a chart. */
export interface Line {
  name: string;
  hex: string;
  values: readonly (number | null)[];
  /** Drawn as a faint band about the line: low and high of each step. */
  spans?: readonly (readonly [number, number] | null)[];
  /** Single points, without a line between them. */
  points?: boolean;
}

interface Props {
  /** What it shows, for who cannot see it. */
  label: string;
  steps: readonly string[];
  lines: readonly Line[];
  kind: 'line' | 'bar';
  /** How a figure is written, with its unit. */
  written: (value: number) => string;
  /** What the steps are, under them. */
  along: string;
  /** A step that is marked. */
  at?: number;
  heightPx?: number;
}

const read = (name: string): string => getComputedStyle(document.documentElement).getPropertyValue(name).trim();

type Drawn = Awaited<ReturnType<typeof begun>>;

/** ECharts is fetched when the first chart is drawn, and no more of it than is drawn with. */
async function begun(holder: HTMLElement) {
  const [core, charts, parts, { SVGRenderer }] = await Promise.all([
    import('echarts/core'),
    import('echarts/charts'),
    import('echarts/components'),
    import('echarts/renderers'),
  ]);
  core.use([
    charts.LineChart,
    charts.BarChart,
    parts.GridComponent,
    parts.TooltipComponent,
    parts.MarkLineComponent,
    SVGRenderer,
  ]);
  return core.init(holder, null, { renderer: 'svg' });
}

/** How faint a band is. */
const FAINT = 0.13;

/** A band about a line: a floor nobody sees and the span stacked on it. Neither is told of in the tooltip. */
function bandOf({ name, hex, spans }: Line) {
  if (!spans) return [];
  const band = {
    type: 'line' as const,
    stack: `band ${name}`,
    silent: true,
    showSymbol: false,
    color: hex,
    lineStyle: { opacity: 0 },
    tooltip: { show: false },
    z: 1,
  };
  return [
    { ...band, data: spans.map((s) => s?.[0] ?? null) },
    { ...band, data: spans.map((s) => (s ? s[1] - s[0] : null)), areaStyle: { color: hex, opacity: FAINT } },
  ];
}

/** A plain chart. Its figures stand in a table beside it: the drawing itself is hidden from a screen reader. */
export function Chart({ label, steps, lines, kind, written, along, at, heightPx = 190 }: Props) {
  const holder = useRef<HTMLDivElement>(null);
  const [chart, setChart] = useState<Drawn | null>(null);
  const [failed, setFailed] = useState(false);
  useEffect(() => {
    const el = holder.current;
    if (!el) return undefined;
    let made: Drawn | null = null;
    let gone = false;
    begun(el).then(
      (drawn) => {
        if (gone) return drawn.dispose();
        made = drawn;
        setChart(drawn);
      },
      () => setFailed(true),
    );
    const watch = new ResizeObserver(() => made?.resize());
    watch.observe(el);
    return () => {
      gone = true;
      watch.disconnect();
      made?.dispose();
      setChart(null);
    };
  }, []);
  useEffect(() => {
    const [ink, quiet, line, ground] = ['--ink', '--quiet', '--line', '--ground'].map(read);
    chart?.setOption(
      {
        animation: false,
        textStyle: { fontFamily: read('--font-sans') || 'sans-serif', color: quiet },
        grid: { left: 6, right: 10, top: 10, bottom: 20, containLabel: true },
        tooltip: {
          trigger: 'axis',
          confine: true,
          backgroundColor: ground,
          borderColor: line,
          textStyle: { color: ink, fontSize: 12 },
          valueFormatter: (v: unknown) => (typeof v === 'number' ? written(v) : 'none'),
        },
        xAxis: {
          type: 'category',
          data: [...steps],
          name: along,
          nameLocation: 'middle',
          nameGap: 22,
          boundaryGap: kind === 'bar',
          axisLine: { lineStyle: { color: line } },
          axisLabel: { color: quiet, fontSize: 11 },
          nameTextStyle: { color: quiet, fontSize: 11 },
        },
        yAxis: {
          type: 'value',
          axisLabel: { color: quiet, fontSize: 11, formatter: (v: number) => written(v) },
          splitLine: { lineStyle: { color: line, opacity: 0.6 } },
        },
        series: [
          ...lines.flatMap(bandOf),
          ...lines.map((l, i) => ({
            type: kind,
            name: l.name,
            data: [...l.values],
            stack: kind === 'bar' ? 'all' : undefined,
            showSymbol: l.points ?? false,
            showAllSymbol: true,
            symbol: 'circle',
            symbolSize: 9,
            color: l.hex,
            lineStyle: { width: l.points ? 0 : 2.4 },
            itemStyle: { borderColor: ink, borderWidth: kind === 'bar' ? 0.4 : 0 },
            markLine:
              i === 0 && at !== undefined
                ? {
                    silent: true,
                    symbol: 'none',
                    label: { show: false },
                    lineStyle: { color: ink, type: 'solid', width: 1 },
                    data: [{ xAxis: at }],
                  }
                : undefined,
          })),
        ],
      },
      true,
    );
  }, [chart, steps, lines, kind, written, along, at]);
  if (failed) return <p className="text-[0.9rem] text-quiet">The chart did not load. The figures are in the table.</p>;
  return (
    <div ref={holder} role="img" aria-label={label} style={{ height: heightPx }} className="w-full overflow-hidden" />
  );
}
