'use client';

import { t } from '@/core/tell/language/t';
import type { KeyboardEvent, PointerEvent } from 'react';
import type { Hand } from '@/core/ground/player/player';
import { shortLengthWords } from '@/core/tell/words/words';
import { useUnits } from '../kit/units';

interface SandStripProps {
  /** Mark that the call asks for, m behind the visible edge of the ball. */
  meant: number;
  value: number | undefined;
  handed: Hand;
  onValue: (entry: number) => void;
}

const WIDTH = 420;
const HEIGHT = 92;
const PER_METRE = 1700;
const BALL_X = WIDTH - 92;
const FARTHEST = 0.19;
const AHEAD = -0.04;
const STEP = 0.005;

/** A strip of sand to tap the entry point: the ball at one end, the mark of the call drawn in it. */
export function SandStrip({ meant, value, handed, onValue }: SandStripProps) {
  const units = useUnits();
  const mirrored = handed === 'left';
  const at = (entry: number): number => BALL_X - entry * PER_METRE;
  const bounded = (entry: number): number => Math.min(FARTHEST, Math.max(AHEAD, entry));
  const tap = (event: PointerEvent<SVGSVGElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    const share = (event.clientX - box.left) / box.width;
    const x = (mirrored ? 1 - share : share) * WIDTH;
    onValue(bounded(Math.round((BALL_X - x) / PER_METRE / 0.0025) * 0.0025));
  };
  const step = (event: KeyboardEvent): void => {
    const back = mirrored ? 'ArrowRight' : 'ArrowLeft';
    const forward = mirrored ? 'ArrowLeft' : 'ArrowRight';
    const by = event.key === back ? STEP : event.key === forward ? -STEP : 0;
    if (by === 0) return;
    event.preventDefault();
    onValue(bounded((value ?? meant) + by));
  };
  const words = (entry: number): string =>
    entry < 0
      ? t('{length} in front', { length: shortLengthWords(-entry, units) })
      : t('{length} behind', { length: shortLengthWords(entry, units) });
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="slider"
        tabIndex={0}
        aria-label={t('Entry point')}
        aria-valuenow={Math.round((value ?? meant) * 1000)}
        aria-valuetext={value === undefined ? t('not noted yet') : words(value)}
        onPointerDown={tap}
        onKeyDown={step}
        className="block w-full cursor-crosshair touch-manipulation rounded"
      >
        <g transform={mirrored ? `translate(${WIDTH} 0) scale(-1 1)` : undefined}>
          <rect width={WIDTH} height={HEIGHT} fill="var(--sand)" />
          {Array.from({ length: 120 }, (_, k) => (
            <circle
              key={k}
              cx={((k * 0.618034) % 1) * WIDTH}
              cy={((k * 0.754878) % 1) * HEIGHT}
              r="1"
              fill="var(--sand-grain)"
            />
          ))}
          <line
            x1={at(meant)}
            x2={at(meant)}
            y1="10"
            y2={HEIGHT - 10}
            stroke="var(--call-3)"
            strokeWidth="3"
            strokeDasharray="7 5"
          />
          <circle
            cx={BALL_X + 36}
            cy={HEIGHT / 2}
            r="36"
            fill="white"
            stroke="#14302a"
            strokeWidth="2"
          />
          {value !== undefined && (
            <line
              x1={at(value)}
              x2={at(value)}
              y1="2"
              y2={HEIGHT - 2}
              stroke="#14302a"
              strokeWidth="5"
            />
          )}
        </g>
      </svg>
      <span
        aria-hidden
        className={`pointer-events-none absolute top-1.5 font-semibold text-[#14302a] ${mirrored ? 'right-3' : 'left-3'}`}
      >
        {value === undefined ? t('tap the entry point') : words(value)}
      </span>
    </div>
  );
}
