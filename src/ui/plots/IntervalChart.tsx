'use client';

import { t } from '@/core/tell/language/t';
import {
  Chart,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
  type ChartOptions,
} from 'chart.js';
import { Line } from 'react-chartjs-2';
import { plainNumber } from '@/core/tell/language/say';
import { dayOf, sayDay, sayDayShort, timeOf } from '../kit/day';

Chart.register(LinearScale, LineElement, PointElement, Tooltip);

/** A value on a day with the interval that it lies in. */
export interface IntervalPoint {
  day: string;
  value: number;
  low: number;
  high: number;
  /** What it rests on: "12 balls". */
  rests: string;
}

interface IntervalChartProps {
  title: string;
  /** Behind each number: "%", " in". */
  unit: string;
  points: readonly IntervalPoint[];
  /** First and last day, so that charts of the same days stand under each other. */
  days: readonly [first: string, last: string];
  scale: {
    /** Lowest and least height of the scale, and its end where it has one. */
    from: number;
    least: number;
    most?: number;
    /** Lower is better: the scale hangs upside down. */
    down?: boolean;
  };
  /** Where the value is as planned. */
  planned?: number;
  /** How a number is said; with one decimal by itself. */
  say?: (value: number) => string;
}

/** Room left and right of the days, as a share of them, and at least this long. */
const ROOM = 0.05;
const LEAST_ROOM = timeOf('2026-01-02') - timeOf('2026-01-01');

/** One value over days that are as far apart as they are, each with its interval. */
export function IntervalChart(props: IntervalChartProps) {
  const { title, unit, points, days, scale, planned, say = plainNumber } = props;
  const style = getComputedStyle(document.documentElement);
  const colour = (ink: string): string => style.getPropertyValue(ink).trim();
  const ink = colour('--ink');
  const ticks = { color: ink, font: { family: getComputedStyle(document.body).fontFamily } };
  const words = ({ day, value, low, high, rests }: IntervalPoint): string =>
    `${sayDay(day)}: ${say(value)}${unit} (${say(low)}–${say(high)}), ${rests}`;
  const [first, last] = days.map(timeOf) as [number, number];
  const room = Math.max((last - first) * ROOM, LEAST_ROOM);
  // Each interval is a line of its own: a point without a place parts it from the next.
  const intervals = points.flatMap(({ day, low, high }) => [
    { x: timeOf(day), y: low },
    { x: timeOf(day), y: high },
    { x: timeOf(day), y: NaN },
  ]);
  const options: ChartOptions<'line'> = {
    animation: false,
    maintainAspectRatio: false,
    scales: {
      x: {
        type: 'linear',
        min: first - room,
        max: last + room,
        afterBuildTicks: (axis) => {
          axis.ticks = ticksOf(points.map(({ day }) => timeOf(day))).map((value) => ({ value }));
        },
        ticks: { ...ticks, callback: (time) => sayDayShort(dayOf(Number(time))), maxRotation: 0 },
        grid: { display: false },
      },
      y: {
        min: scale.from,
        suggestedMax: scale.least,
        reverse: scale.down ?? false,
        ...(scale.most === undefined ? {} : { max: scale.most }),
        ticks: {
          ...ticks,
          maxTicksLimit: 5,
          callback: (value) => `${say(Number(value))}${unit}`,
        },
        grid: { color: colour('--hairline') },
      },
    },
    plugins: {
      tooltip: {
        displayColors: false,
        filter: ({ datasetIndex }) => datasetIndex === 0,
        callbacks: { title: () => title, label: ({ dataIndex }) => words(points[dataIndex]!) },
      },
    },
  };
  const green = { borderColor: colour('--call-1'), clip: false } as const;
  return (
    <figure className="min-w-0">
      <figcaption className="font-semibold">{title}</figcaption>
      {points.length === 0 ? (
        <p className="pt-2 text-sm text-ink-soft">{t('Too few balls in each lesson.')}</p>
      ) : (
        <div className="mt-1 h-48">
          <Line
            role="img"
            aria-label={`${title}: ${points.map(words).join('; ')}.`}
            options={options}
            data={{
              datasets: [
                {
                  ...green,
                  data: points.map(({ day, value }) => ({ x: timeOf(day), y: value })),
                  backgroundColor: colour('--call-1'),
                  borderWidth: 2,
                  pointRadius: 5,
                },
                { ...green, data: intervals, borderWidth: 3, pointRadius: 0 },
                {
                  data:
                    planned === undefined
                      ? []
                      : [first - room, last + room].map((x) => ({ x, y: planned })),
                  borderColor: ink,
                  borderDash: [6, 5],
                  borderWidth: 1.5,
                  pointRadius: 0,
                },
              ],
            }}
          />
        </div>
      )}
    </figure>
  );
}

/** Days that are written under the axis: the first, the last, and those between that have room. */
function ticksOf(times: readonly number[]): number[] {
  const [first, last] = [Math.min(...times), Math.max(...times)];
  const apart = (last - first) / 4;
  const written = [first];
  for (const time of times) {
    if (time - written.at(-1)! >= apart && (last - time >= apart || time === last)) {
      written.push(time);
    }
  }
  if (written.at(-1) !== last) written.push(last);
  return written;
}
