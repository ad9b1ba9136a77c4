'use client';

import { t } from '@/core/tell/language/t';
import {
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
  type ChartDataset,
  type PointStyle,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import { LADDER_HOURS, type LadderRow } from '@/core/search/ladder/ladder';
import { fractionAtClock, swingClock } from '@/core/ground/units/clock';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { useUnits } from '../kit/units';

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, Legend, Tooltip);

/** Clubs are told apart by mark and dash; the three inks only help. */
const MARKS: readonly PointStyle[] = ['circle', 'rect', 'triangle', 'star', 'rectRot', 'cross'];
const DASHES: readonly number[][] = [[], [2, 4], [9, 5], [9, 4, 2, 4], [14, 4], [4, 2]];
const INKS = ['--call-1', '--call-2', '--call-3', '--ink', '--ink-soft', '--turf-deep'];

/** Carry by swing, a line for each club. */
export function LadderChart({ rows }: { rows: readonly LadderRow[] }) {
  const units = useUnits();
  const unit = unitFor('ground', units);
  const style = getComputedStyle(document.documentElement);
  const colour = (name: string): string => style.getPropertyValue(name).trim();
  const font = { family: getComputedStyle(document.body).fontFamily, size: 14 };
  const datasets = rows.map((row, i): ChartDataset<'line', (number | null)[]> => {
    const ink = colour(INKS[i % INKS.length]!);
    return {
      label: row.club,
      data: row.rungs.map((rung) => (rung ? fromMetres(rung.carry, unit) : null)),
      borderColor: ink,
      backgroundColor: ink,
      borderDash: DASHES[i % DASHES.length]!,
      borderWidth: 2.5,
      pointStyle: MARKS[i % MARKS.length]!,
      pointRadius: 6,
      spanGaps: false,
    };
  });
  const told = rows
    .map(
      ({ club, rungs }) =>
        `${club} ${rungs
          .flatMap((rung) =>
            rung ? [`${rung.clock} ${plainNumber(fromMetres(rung.carry, unit), 0)}`] : [],
          )
          .join(', ')}`,
    )
    .join('; ');
  return (
    <div className="mt-3 h-80">
      <Line
        aria-label={t('Carry by swing in {unit}: {told}.', { unit, told })}
        role="img"
        data={{
          labels: LADDER_HOURS.map((hours) =>
            hours >= 11 ? t('full|swing') : swingClock(fractionAtClock(hours)),
          ),
          datasets,
        }}
        options={{
          animation: false,
          maintainAspectRatio: false,
          interaction: { mode: 'index', intersect: false },
          scales: {
            x: {
              title: {
                display: true,
                text: t('lead arm at the top'),
                color: colour('--ink'),
                font,
              },
              ticks: { color: colour('--ink'), font },
              grid: { color: colour('--hairline') },
            },
            y: {
              beginAtZero: true,
              title: {
                display: true,
                text: t('carry, {unit}', { unit }),
                color: colour('--ink'),
                font,
              },
              ticks: { color: colour('--ink'), font },
              grid: { color: colour('--hairline') },
            },
          },
          plugins: {
            legend: { labels: { color: colour('--ink'), font, usePointStyle: true } },
            tooltip: {
              callbacks: {
                label: ({ dataset, parsed }) =>
                  `${dataset.label}: ${plainNumber(parsed.y ?? 0, 0)} ${unit}`,
              },
            },
          },
        }}
      />
    </div>
  );
}
