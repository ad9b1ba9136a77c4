import { line } from 'd3-shape';
import type { CallPicture } from '@/core/tell/picture/picture';
import type { Hand } from '@/core/ground/player/player';
import { BALL_RADIUS } from '@/core/ground/ball/ball';

interface EntryMarkProps {
  mark: CallPicture['mark'];
  burial: number;
  handed: Hand;
}

const PER_METRE = 420;

/** The ball in the sand from the side, the mark where the club goes in, and its path under the ball, to scale. */
export function EntryMark({ mark, burial, handed }: EntryMarkProps) {
  const before = mark.before * PER_METRE;
  const path = line<number>()
    .x((_, i) => -before + i * mark.step * PER_METRE)
    .y((depth) => depth * PER_METRE)(mark.depths);
  const r = BALL_RADIUS * PER_METRE;
  return (
    <svg viewBox="-70 -30 140 70" className="block h-24 w-full max-w-36" aria-hidden="true">
      <g transform={handed === 'left' ? 'scale(-1 1) translate(-26 0)' : 'translate(-26 0)'}>
        <rect x="-44" y="0" width="140" height="40" fill="var(--sand)" />
        {Array.from({ length: 40 }, (_, k) => (
          <circle
            key={k}
            cx={-44 + ((k * 0.618034) % 1) * 140}
            cy={3 + ((k * 0.754878) % 1) * 35}
            r="0.7"
            fill="var(--sand-grain)"
          />
        ))}
        <path d={path ?? ''} fill="none" stroke="#14302a" strokeWidth="2.4" strokeLinecap="round" />
        <line x1={-before} x2={-before} y1="-20" y2="4" stroke="var(--call-3)" strokeWidth="2.6" />
        <circle
          cx="0"
          cy={-r + burial * PER_METRE}
          r={r}
          fill="white"
          stroke="#14302a"
          strokeWidth="1.5"
        />
        <path
          d="M80 -14 h10 m-4 -3 l4 3 l-4 3"
          fill="none"
          stroke="var(--ink-soft)"
          strokeWidth="1.4"
        />
      </g>
    </svg>
  );
}
