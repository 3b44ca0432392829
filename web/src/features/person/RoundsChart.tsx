import { measureOf, type MeasureId } from '@ample-bolt/core/measures/catalogue';
import type { ClientKind } from '@ample-bolt/core/measures/measure-set';
import type { ClientSet } from '@ample-bolt/core/shop/client-set';
import { formatNumber } from '@ample-bolt/core/units/format-length';
import { toUnit, mmPer, type Unit } from '@ample-bolt/core/units/length';
import { Chart, Legend, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { format, parseISO } from 'date-fns';
import { Line as LineChart } from 'react-chartjs-2';
import { setChartDefaults } from '../../ui/chart-defaults.ts';
import type { DueTicket } from './GrowthNote.tsx';

setChartDefaults();
Chart.register(LinearScale, LineElement, PointElement, Legend, Tooltip);

/** Rounds that tell how a body changes, each with its line; dashes and points tell them apart without the colour. */
const rounds: readonly Line[] = [
  { id: 'bust', colour: '#2b3f80', dash: [] },
  { id: 'waist', colour: '#96620a', dash: [7, 4] },
  { id: 'hip', colour: '#1f6258', dash: [2, 3] },
];
/** A child grows in height before anything else. */
const childLines: readonly Line[] = [{ id: 'height', colour: '#2c2422', dash: [10, 3] }, ...rounds];

interface Line {
  readonly id: MeasureId;
  readonly colour: string;
  readonly dash: readonly number[];
}

interface RoundsChartProps {
  /** The oldest first. */
  readonly sets: readonly ClientSet[];
  readonly unit: Unit;
  readonly kind: ClientKind;
  /** Days on which something must fit. */
  readonly due: readonly DueTicket[];
}

const dayOf = ({ takenOn }: ClientSet): number => parseISO(takenOn).getTime();

/** How the main rounds went, from set to set. */
export default function RoundsChart({ sets, unit, kind, due }: RoundsChartProps) {
  const lines = kind === 'child' ? childLines : rounds;
  const drawn = lines.map(({ id, colour, dash }) => ({
    label: measureOf(id).names[0] ?? id,
    borderColor: colour,
    backgroundColor: colour,
    borderDash: [...dash],
    pointRadius: 5,
    data: sets.flatMap((set) => {
      const mm = set.values[id]?.mm;
      return mm === undefined ? [] : [{ x: dayOf(set), y: toUnit(mm, unit) }];
    }),
  }));
  const heights = drawn.flatMap(({ data }) => data.map(({ y }) => y));
  const dueLines = due.map(({ number, dueOn }) => ({
    label: `Nº ${number} due`,
    borderColor: '#8c2f39',
    backgroundColor: '#8c2f39',
    borderDash: [3, 3],
    pointRadius: 0,
    data: [Math.min(...heights), Math.max(...heights)].map((y) => ({ x: parseISO(dueOn).getTime(), y })),
  }));
  const words = drawn
    .map(
      ({ label, data }) =>
        `${label} ${data.map(({ y }) => formatNumber(y * mmPer(unit), unit)).join(', then ')}`,
    )
    .join('; ');
  return (
    <div className="h-80 px-4 py-3">
      <LineChart
        aria-label={`Rounds in ${unit}: ${words}`}
        role="img"
        data={{ datasets: [...drawn, ...dueLines] }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          scales: {
            x: {
              type: 'linear',
              ticks: {
                maxTicksLimit: 5,
                callback: (value) => format(new Date(Number(value)), 'd MMM yy'),
              },
              grid: { display: false },
            },
            y: { type: 'linear', title: { display: true, text: unit } },
          },
          plugins: {
            legend: { labels: { usePointStyle: true, boxHeight: 7, font: { size: 14 } } },
            tooltip: {
              callbacks: {
                title: ([item]) => (item ? format(new Date(Number(item.parsed.x)), 'd MMM yyyy') : ''),
                label: (item) =>
                  `${item.dataset.label ?? ''} ${formatNumber(Number(item.parsed.y) * mmPer(unit), unit)} ${unit}`,
              },
            },
          },
        }}
      />
    </div>
  );
}
