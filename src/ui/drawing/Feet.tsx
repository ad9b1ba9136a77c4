import type { Hand } from '@/core/player/player';

/** Sole of a shoe, toe up, heel at the origin; a right foot. */
const SHOE =
  'M-4.5 0 C-7 -3 -6.5 -9 -5.5 -13 C-6.5 -19 -6 -27 -2 -30 C2 -32.5 7 -29 7.5 -23 C8 -17 5.5 -14 5.2 -9 C6 -4 4 1.5 0 2 C-2 2 -3.5 1.2 -4.5 0 Z';
const HEEL_SEAM = 'M-5.6 -9.5 Q0 -8 5.2 -9.5';

interface FeetProps {
  handed: Hand;
  /** 0 trail heel to 100 lead heel. */
  ballPosition: number;
  /** Distance between the heels, m. */
  width: number;
  openDeg: number;
  /** Mark behind the ball's lowest point, m. */
  mark: number;
}

const PER_METRE = 150;

/** Feet, ball, mark and line from above, as the player looks down: target to the left for a right-hander. */
export function Feet({ handed, ballPosition, width, openDeg, mark }: FeetProps) {
  const mirror = handed === 'left' ? -1 : 1;
  const half = (width * PER_METRE) / 2;
  const ballX = half - (2 * half * ballPosition) / 100;
  return (
    <svg viewBox="-70 -14 140 104" className="block h-24 w-full max-w-36" aria-hidden="true">
      <g transform={`scale(${mirror} 1)`}>
        <line x1="62" x2="-60" y1="0" y2="0" stroke="var(--ink-soft)" strokeDasharray="2 4" />
        <path d="M-68 0 l9 -3.5 v7 Z" fill="var(--flag)" stroke="var(--ink)" strokeWidth="0.6" />
        <line
          x1={ballX + mark * PER_METRE}
          x2={ballX + mark * PER_METRE}
          y1="-9"
          y2="9"
          stroke="var(--call-3)"
          strokeWidth="2.6"
        />
        <circle cx={ballX} cy="0" r="4.4" fill="white" stroke="#14302a" strokeWidth="1.5" />
        <g transform={`translate(${half} 66) rotate(${-openDeg}) translate(${-half} 0)`}>
          <line
            x1="-66"
            x2="66"
            y1="-33"
            y2="-33"
            stroke="var(--call-1)"
            strokeWidth="1"
            strokeDasharray="5 3"
          />
          <g transform={`translate(${-half} 0) rotate(-14)`}>
            <path d={SHOE} fill="var(--call-1)" transform="scale(-1 1)" />
            <path d={HEEL_SEAM} fill="none" stroke="var(--paper)" transform="scale(-1 1)" />
          </g>
          <g transform={`translate(${half} 0) rotate(6)`}>
            <path d={SHOE} fill="var(--call-1)" />
            <path d={HEEL_SEAM} fill="none" stroke="var(--paper)" />
          </g>
        </g>
      </g>
    </svg>
  );
}
