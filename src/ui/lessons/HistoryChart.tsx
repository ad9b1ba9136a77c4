'use client';

import { counted } from '@/core/tell/words/counted';
import {
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import type { HistoryPoint } from '@/core/lesson/review/history';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber, unitFor } from '@/core/ground/units/say';
import { sayDay } from '../kit/day';
import { useUnits } from '../kit/units';

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Legend, Tooltip);

/** Three lines told apart by mark and dash: shares on the left, the mark's spread on the right. */
export function HistoryChart({ points }: { points: readonly HistoryPoint[] }) {
  const units = useUnits();
  const small = unitFor('short', units);
  const style = getComputedStyle(document.documentElement);
  const colour = (name: string): string => style.getPropertyValue(name).trim();
  const font = { family: getComputedStyle(document.body).fontFamily, size: 14 };
  const text = points
    .map(
      ({ day, stats }) =>
        `${sayDay(day)}: ${Math.round(stats.out.share * 100)}% out from ${counted(stats.balls, 'ball')}`,
    )
    .join('; ');
  const spread = points.map(({ stats }) =>
    stats.entry ? fromMetres(stats.entry.spread, small) : null,
  );
  return (
    <div className="mt-2 h-72">
      <Line
        role="img"
        aria-label={`Progress: ${text}.`}
        data={{
          labels: points.map(({ day }) => sayDay(day)),
          datasets: [
            {
              label: 'out, %',
              data: points.map(({ stats }) => stats.out.share * 100),
              borderColor: colour('--call-1'),
              backgroundColor: colour('--call-1'),
              pointStyle: 'circle',
              pointRadius: 6,
              yAxisID: 'y',
            },
            {
              label: 'carry, % of plan',
              data: points.map(({ stats }) => (stats.carry ? stats.carry.ratio * 100 : null)),
              borderColor: colour('--call-2'),
              backgroundColor: colour('--call-2'),
              borderDash: [2, 4],
              pointStyle: 'rect',
              pointRadius: 6,
              yAxisID: 'y',
            },
            {
              label: `spread of the entry point, ${small}`,
              data: spread,
              borderColor: colour('--call-3'),
              backgroundColor: colour('--call-3'),
              borderDash: [9, 5],
              pointStyle: 'triangle',
              pointRadius: 7,
              yAxisID: 'spread',
            },
          ],
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          scales: {
            x: { ticks: { color: colour('--ink'), font }, grid: { color: colour('--hairline') } },
            y: {
              min: 0,
              max: 150,
              ticks: { color: colour('--ink'), font },
              grid: { color: colour('--hairline') },
            },
            spread: {
              position: 'right',
              min: 0,
              suggestedMax: units === 'metres' ? 6 : 3,
              ticks: { color: colour('--ink'), font },
              grid: { drawOnChartArea: false },
            },
          },
          plugins: {
            legend: { labels: { color: colour('--ink'), font, usePointStyle: true } },
            tooltip: {
              callbacks: {
                label: ({ dataset, parsed }) => `${dataset.label}: ${plainNumber(parsed.y ?? 0)}`,
              },
            },
          },
        }}
      />
    </div>
  );
}
