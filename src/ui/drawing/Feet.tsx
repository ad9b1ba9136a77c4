import type { Hand } from '@/core/ground/player/player';
import { HEEL_SEAM, SHOE } from './shoe';

interface FeetProps {
  handed: Hand;
  /** 0 trail heel to 100 lead heel. */
  ballPosition: number;
  /** Distance between the heels, m. */
  width: number;
  openDeg: number;
  /** Entry point behind the ball's lowest point, m. */
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
