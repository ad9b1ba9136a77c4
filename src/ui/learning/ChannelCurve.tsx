import { t } from '@/core/tell/language/t';
import type { Channel } from '@/core/lesson/learning/learn';

interface ChannelCurveProps {
  name: string;
  /** The numbers below the axis: their unit, and how the channel's values become them and come back. */
  scale: { unit: string; shown: (value: number) => number; valueOf: (shown: number) => number };
  channel: Channel;
}

const WIDTH = 380;
const HEIGHT = 100;
const BASE = HEIGHT - 36;
const POINTS = 60;

/** Round steps for an axis: about two to each side. */
function stepFor(widest: number): number {
  const power = 10 ** Math.floor(Math.log10(widest));
  const share = widest / power;
  return power * (share >= 5 ? 2.5 : share >= 2 ? 1 : 0.5);
}

/** What the player's balls do about what is meant: before, dashed, and after, filled; the band is how sure the middle is. */
export function ChannelCurve({ name, scale, channel }: ChannelCurveProps) {
  const { before, after } = channel;
  const { mean, low, high } = after.bias;
  const widest = 3.2 * Math.max(before.spread, after.spread.mean) + Math.abs(mean);
  const x = (value: number): number => WIDTH / 2 + (value / widest) * (WIDTH / 2);
  const tallest = 1 / Math.min(before.spread, after.spread.mean);
  const bell = (middle: number, sd: number): string =>
    Array.from({ length: POINTS + 1 }, (_, i) => {
      const value = -widest + (2 * widest * i) / POINTS;
      const height = Math.exp(-0.5 * ((value - middle) / sd) ** 2) / sd / tallest;
      return `${i === 0 ? 'M' : 'L'}${x(value).toFixed(1)} ${(BASE - height * (BASE - 8)).toFixed(1)}`;
    }).join(' ');
  // Percentages are not even about nought: the narrower side rules.
  const step = stepFor(Math.min(scale.shown(widest), -scale.shown(-widest)));
  const ticks = [-2, -1, 0, 1, 2]
    .map((k) => ({ shown: Number((k * step).toPrecision(3)), value: scale.valueOf(k * step) }))
    .filter(({ value }) => Math.abs(value) < widest * 0.9);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={t('{name}: spread {mean} times what is typical, from {balls} balls', {
        name,
        mean: (after.spread.mean / before.spread).toFixed(2),
        balls: channel.balls,
      })}
      className="block w-full"
    >
      <rect
        x={x(low)}
        width={Math.max(1, x(high) - x(low))}
        y="4"
        height={BASE - 4}
        fill="var(--call-1)"
        fillOpacity="0.18"
      />
      <line x1="0" x2={WIDTH} y1={BASE} y2={BASE} stroke="var(--hairline)" />
      {ticks.map(({ shown, value }) => (
        <g key={shown}>
          <line x1={x(value)} x2={x(value)} y1={BASE} y2={BASE + 4} stroke="var(--ink-soft)" />
          <text x={x(value)} y={BASE + 16} fontSize="12" textAnchor="middle" fill="var(--ink-soft)">
            {shown}
          </text>
        </g>
      ))}
      <path
        d={`${bell(mean, after.spread.mean)} Z`}
        fill="var(--call-1)"
        fillOpacity="0.25"
        stroke="var(--call-1)"
        strokeWidth="2"
      />
      <path
        d={bell(before.bias, before.spread)}
        fill="none"
        stroke="var(--call-2)"
        strokeWidth="2"
        strokeDasharray="5 4"
      />
      <text x="4" y={HEIGHT - 5} fontSize="13" fill="var(--ink)">
        {name}, {scale.unit}
      </text>
    </svg>
  );
}
