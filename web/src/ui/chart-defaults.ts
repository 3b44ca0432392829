import { Chart } from 'chart.js';

/** Charts speak in the application's own letters. */
export function setChartDefaults(): void {
  Chart.defaults.font.family = 'Commissioner Variable, sans-serif';
  Chart.defaults.font.size = 13;
}
