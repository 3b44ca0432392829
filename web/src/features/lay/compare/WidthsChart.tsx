import { purchaseLength } from '@ample-bolt/core/lay/buy/buying';
import type { WidthPlan } from '@ample-bolt/core/lay/plan/compare-widths';
import { MM_PER_METRE, MM_PER_YARD, toUnit, type Unit } from '@ample-bolt/core/units/length';
import { purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Line } from 'react-chartjs-2';
import { setChartDefaults } from '../../../ui/chart-defaults.ts';

setChartDefaults();
Chart.register(LinearScale, LineElement, PointElement, Tooltip);

interface WidthsChartProps {
  readonly widths: readonly WidthPlan[];
  /** The width of the ticket's cloth, mm. */
  readonly own: number;
  readonly unit: Unit;
}

/** What to buy over the width of the cloth: the steps show where a wider cloth saves nothing. */
export default function WidthsChart({ widths, own, unit }: WidthsChartProps) {
  const [word, mm] = unit === 'in' ? (['yd', MM_PER_YARD] as const) : (['m', MM_PER_METRE] as const);
  const isOwn = ({ width }: WidthPlan) => Math.abs(width - own) < 1;
  return (
    <Line
      role="img"
      aria-label={`What to buy over the width. ${widths
        .map(({ width, buy }) => `${Math.round(toUnit(width, unit))} ${unit}: ${purchaseWords(buy)}`)
        .join('; ')}`}
      data={{
        datasets: [
          {
            data: widths.map(({ width, length }) => ({ x: toUnit(width, unit), y: length / mm })),
            borderColor: '#96620a',
            borderDash: [4, 4],
            pointRadius: 0,
          },
          {
            data: widths.map(({ width, buy }) => ({ x: toUnit(width, unit), y: purchaseLength(buy) / mm })),
            borderColor: '#2b3f80',
            backgroundColor: '#2b3f80',
            pointRadius: widths.map((plan) => (isOwn(plan) ? 8 : 5)),
            pointBackgroundColor: widths.map((plan) => (isOwn(plan) ? '#2b3f80' : '#fff')),
          },
        ],
      }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: { type: 'linear', title: { display: true, text: `width, ${unit}` } },
          y: { title: { display: true, text: word }, grace: '10%' },
        },
        plugins: { legend: { display: false } },
      }}
    />
  );
}
