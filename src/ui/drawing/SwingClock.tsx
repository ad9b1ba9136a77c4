import type { Hand } from '@/core/ground/player/player';
import { armAngleDeg } from '@/core/ground/units/clock';

interface SwingClockProps {
  fraction: number;
  handed: Hand;
}

/** The lead arm as a clock hand going up from six, seen by somebody who faces the player. */
export function SwingClock({ fraction, handed }: SwingClockProps) {
  const mirror = handed === 'left' ? -1 : 1;
  const deg = armAngleDeg(fraction);
  const rad = (deg * Math.PI) / 180;
  const at = (r: number): string =>
    `${(-r * Math.sin(rad)).toFixed(1)} ${(r * Math.cos(rad)).toFixed(1)}`;
  return (
    <svg viewBox="-50 -50 100 100" className="block size-24" aria-hidden="true">
      <circle r="46" fill="none" stroke="var(--hairline)" strokeWidth="1.5" />
      {Array.from({ length: 12 }, (_, hour) => (
        <line
          key={hour}
          y1={-45}
          y2={hour % 3 === 0 ? -39 : -42}
          stroke="var(--ink-soft)"
          strokeWidth={hour % 3 === 0 ? 1.8 : 1}
          transform={`rotate(${hour * 30})`}
        />
      ))}
      <g transform={`scale(${mirror} 1)`}>
        <path d={`M0 0 L0 30 A30 30 0 0 1 ${at(30)} Z`} fill="var(--call-1)" fillOpacity="0.18" />
        <path
          d={`M0 30 A30 30 0 0 1 ${at(30)}`}
          fill="none"
          stroke="var(--call-1)"
          strokeWidth="2"
        />
        <line x1="0" y1="0" x2="0" y2="36" stroke="var(--ink-soft)" strokeDasharray="2 3" />
        <path d={`M0 0 L${at(37)}`} stroke="var(--call-1)" strokeWidth="5" strokeLinecap="round" />
        <circle r="3.6" fill="var(--ink)" />
      </g>
    </svg>
  );
}
