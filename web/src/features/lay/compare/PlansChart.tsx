import { purchaseLength } from '@ample-bolt/core/lay/buy/buying';
import type { Lay } from '@ample-bolt/core/lay/model/lay';
import type { Unit } from '@ample-bolt/core/units/length';
import { MM_PER_METRE, MM_PER_YARD } from '@ample-bolt/core/units/length';
import { purchaseWords } from '@ample-bolt/core/words/purchase-words';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { Scatter } from 'react-chartjs-2';
import { setChartDefaults } from '../../../ui/chart-defaults.ts';
import { foldWords } from '../facts/fold-words.ts';

setChartDefaults();
Chart.register(LinearScale, LineElement, PointElement, Tooltip);

interface PlansChartProps {
  readonly lays: readonly Lay[];
  /** Those of which no other is better in both. */
  readonly worth: readonly Lay[];
  readonly unit: Unit;
  readonly minutesOf: (lay: Lay) => number;
}

/** Every plan by what it takes of cloth and of time; the line joins those that there is to choose between. */
export default function PlansChart({ lays, worth, unit, minutesOf }: PlansChartProps) {
  const [word, mm] = unit === 'in' ? (['yd', MM_PER_YARD] as const) : (['m', MM_PER_METRE] as const);
  const place = (lay: Lay) => ({ x: minutesOf(lay), y: purchaseLength(lay.buy) / mm });
  // As cloth is sold: a step above the most and one below the least.
  const step = unit === 'in' ? 0.25 : 0.1;
  const steps = lays.map((lay) => place(lay).y / step);
  const [least, most] = [Math.floor(Math.min(...steps) + 1e-6) - 1, Math.ceil(Math.max(...steps) - 1e-6) + 1];
  const byTime = [...worth].sort((a, b) => minutesOf(a) - minutesOf(b));
  const words = lays
    .map(
      (lay) =>
        `${foldWords[lay.fold].name}: ${purchaseWords(lay.buy)}, ${Math.round(minutesOf(lay))} minutes`,
    )
    .join('; ');
  return (
    <Scatter
      role="img"
      aria-label={`Plans by cloth and time. ${words}`}
      data={{
        datasets: [
          {
            label: 'worth choosing',
            data: byTime.map(place),
            showLine: true,
            borderColor: '#2b3f80',
            backgroundColor: '#2b3f80',
            pointRadius: 7,
          },
          {
            label: 'beaten in both',
            data: lays.filter((lay) => !worth.includes(lay)).map(place),
            backgroundColor: '#fff',
            borderColor: '#6b5f5a',
            borderWidth: 2,
            pointRadius: 6,
          },
        ],
      }}
      options={{
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: { title: { display: true, text: 'minutes at the table' }, grace: '10%' },
          y: {
            title: { display: true, text: 'to buy' },
            min: least * step,
            max: most * step,
            ticks: {
              stepSize: step,
              callback: (value) =>
                purchaseWords({ amount: Number(Number(value).toFixed(2)), unit: word }, 'typeset'),
            },
          },
        },
        plugins: {
          legend: { display: false },
          tooltip: {
            callbacks: {
              label: ({ datasetIndex, dataIndex }) => {
                const lay =
                  datasetIndex === 0
                    ? byTime[dataIndex]
                    : lays.filter((each) => !worth.includes(each))[dataIndex];
                return lay ? `${foldWords[lay.fold].name}, ${purchaseWords(lay.buy)}` : '';
              },
            },
          },
        },
      }}
    />
  );
}
