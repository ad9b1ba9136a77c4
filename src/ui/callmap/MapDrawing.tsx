'use client';

import { t } from '@/core/tell/language/t';
import { forwardRef } from 'react';
import type { MapAxis, MapCell } from '@/core/search/map/callMap';
import { useUnits } from '../kit/units';
import { AXIS_WORDS, axisTicks } from './axes';
import { callKey } from '@/core/search/calls/call';
import type { Leader } from '@/core/search/calls/leaders';
import type { LegendEntry } from './legend';

interface MapDrawingProps {
  /** From below; none before the first look. */
  rows: readonly (readonly MapCell[])[];
  xAxis: MapAxis;
  yAxis: MapAxis;
  legend: readonly LegendEntry[];
  /** Where the reading itself stands on the two axes, SI. */
  here: { x: number; y: number };
  onCell: (cell: MapCell | null) => void;
}

const WIDTH = 760;
const HEIGHT = 380;
const LEFT = 92;
const FOOT = 46;
const TOP = 10;

/** Width of a pair of stripes, and the share of it that the club which is equally good has. */
const STRIPE = 12;
const OTHERS = 0.4;

/** The pairs of calls that tie somewhere, each once. */
function tiesOf(rows: MapDrawingProps['rows']): [Leader, Leader][] {
  const pairs = new Map<string, [Leader, Leader]>();
  for (const { best, tied } of rows.flat()) {
    if (best && tied) pairs.set(`${callKey(best)} ${callKey(tied)}`, [best, tied]);
  }
  return [...pairs.values()];
}

/** The longest run of a call in any row, for its letter. */
function longestRun(rows: MapDrawingProps['rows'], key: string) {
  let best = { length: 0, row: 0, from: 0 };
  rows.forEach((row, j) => {
    let from = 0;
    row.forEach((cell, i) => {
      if (!cell.best || callKey(cell.best) !== key) from = i + 1;
      else if (i - from + 1 > best.length) best = { length: i - from + 1, row: j, from };
    });
  });
  return best;
}

/** The call map: the call over two factors as regions with letter and hatching; striped in two inks where two clubs are as good. */
export const MapDrawing = forwardRef<SVGSVGElement, MapDrawingProps>(
  function MapDrawing(props, ref) {
    const { rows, xAxis, yAxis, legend, here, onCell } = props;
    const units = useUnits();
    const across = WIDTH - LEFT - 12;
    const up = HEIGHT - FOOT - TOP;
    const cellWidth = across / xAxis.cells;
    const cellHeight = up / yAxis.cells;
    const x = (i: number): number => LEFT + i * cellWidth;
    const y = (j: number): number => HEIGHT - FOOT - (j + 1) * cellHeight;
    const share = (axis: MapAxis, value: number): number =>
      (value - axis.low) / (axis.high - axis.low);
    const hereX = share(xAxis, here.x);
    const hereY = share(yAxis, here.y);
    const inside = [hereX, hereY].every((s) => s >= 0 && s <= 1);
    const entryOf = (leader: Leader | null): LegendEntry | undefined =>
      leader ? legend.find(({ key }) => key === callKey(leader)) : undefined;
    const pairs = tiesOf(rows).map(([one, other]) => [entryOf(one)!, entryOf(other)!] as const);
    const words = legend.map(({ letter, words: said }) => `${letter} ${said}`).join(', ');
    return (
      <svg
        ref={ref}
        xmlns="http://www.w3.org/2000/svg"
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        className="block w-full"
        fontFamily="inherit"
        fontSize="13"
        role="img"
        aria-label={t('Best call by {factor} and {factor2}: {words}', {
          factor: AXIS_WORDS[xAxis.factor],
          factor2: AXIS_WORDS[yAxis.factor],
          words: words || t('not worked out yet'),
        })}
        onMouseLeave={() => onCell(null)}
      >
        <defs>
          {legend.map(({ letter, fill, angle, gap }) => (
            <pattern
              key={letter}
              id={`map-${letter}`}
              width={gap}
              height={gap}
              patternUnits="userSpaceOnUse"
              patternTransform={`rotate(${angle})`}
            >
              <rect width={gap} height={gap} fill={fill} />
              <line y2={gap} stroke="#14302a" strokeOpacity="0.25" />
            </pattern>
          ))}
          {pairs.map(([one, other]) => (
            <pattern
              key={one.letter + other.letter}
              id={`map-${one.letter}${other.letter}`}
              width={STRIPE}
              height={STRIPE}
              patternUnits="userSpaceOnUse"
              patternTransform={`rotate(${one.angle})`}
            >
              <rect width={STRIPE} height={STRIPE} fill={one.fill} />
              <rect width={STRIPE * OTHERS} height={STRIPE} fill={other.fill} />
              <line y2={STRIPE} stroke="#14302a" strokeOpacity="0.25" />
            </pattern>
          ))}
        </defs>
        <rect x={LEFT} y={TOP} width={across} height={up} fill="none" stroke="var(--hairline)" />
        {rows.map((row, j) =>
          row.map((cell, i) => {
            const entry = entryOf(cell.best);
            const other = entryOf(cell.tied);
            return (
              <rect
                key={`${i}/${j}`}
                x={x(i)}
                y={y(j)}
                width={cellWidth + 0.3}
                height={cellHeight + 0.3}
                shapeRendering="crispEdges"
                fill={
                  entry ? `url(#map-${entry.letter}${other?.letter ?? ''})` : 'var(--paper-deep)'
                }
                onMouseEnter={() => onCell(cell)}
              />
            );
          }),
        )}
        {legend.map(({ key, letter }) => {
          const run = longestRun(rows, key);
          if (run.length < 2) return null;
          return (
            <text
              key={letter}
              x={x(run.from + run.length / 2)}
              y={y(run.row) + cellHeight / 2 + 5}
              textAnchor="middle"
              fontSize="16"
              fontWeight="700"
              fill="#14302a"
              stroke="#f3f6f2"
              strokeWidth="3"
              paintOrder="stroke"
              pointerEvents="none"
            >
              {letter}
            </text>
          );
        })}
        {inside && (
          <circle
            cx={LEFT + hereX * across}
            cy={HEIGHT - FOOT - hereY * up}
            r="6"
            fill="var(--flag)"
            stroke="#14302a"
            strokeWidth="2"
            pointerEvents="none"
          />
        )}
        <g fill="var(--ink)">
          {axisTicks(xAxis, 6, units).map(({ share: s, text }) => (
            <text
              key={s}
              x={LEFT + s * across}
              y={HEIGHT - FOOT + 17}
              textAnchor={s === 1 ? 'end' : s === 0 ? 'start' : 'middle'}
            >
              {text}
            </text>
          ))}
          <text x={LEFT + across / 2} y={HEIGHT - 8} textAnchor="middle" fontWeight="600">
            {AXIS_WORDS[xAxis.factor]}
          </text>
          {axisTicks(yAxis, 5, units).map(({ share: s, text }) => (
            <text
              key={s}
              x={LEFT - 6}
              y={HEIGHT - FOOT - s * up + (s === 1 ? 12 : 4)}
              textAnchor="end"
            >
              {text}
            </text>
          ))}
        </g>
      </svg>
    );
  },
);
