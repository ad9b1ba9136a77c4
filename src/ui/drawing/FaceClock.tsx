import type { Hand } from '@/core/ground/player/player';

/** Outline of a wedge's head from above: leading edge on the left, toe at the top, hosel at the foot. */
const HEAD =
  'M0 25 C-3.5 14 -5 2 -4.5 -12 C-4.2 -22 -1 -31 7 -32 C15 -32.5 19 -26 18.5 -16 C18 -6 12 6 8 15 L6 25 Z';
const TOP_LINE = 'M5 22 C8 10 12.5 -6 12.5 -18 C12.5 -25 11 -29 8.5 -31.5';

interface FaceClockProps {
  faceDeg: number;
  handed: Hand;
}

/** The face as a clock hand, seen by the player looking down: target at nine (three for a left-hander). */
export function FaceClock({ faceDeg, handed }: FaceClockProps) {
  const mirror = handed === 'left' ? -1 : 1;
  return (
    <svg viewBox="-50 -50 100 100" className="block size-24" aria-hidden="true">
      <circle r="46" fill="none" stroke="var(--hairline)" strokeWidth="1.5" />
      {Array.from({ length: 12 }, (_, hour) => (
        <line
          key={hour}
          y1={hour % 3 === 0 ? -46 : -45}
          y2={hour % 3 === 0 ? -39 : -42}
          stroke="var(--ink-soft)"
          strokeWidth={hour % 3 === 0 ? 1.8 : 1}
          transform={`rotate(${hour * 30})`}
        />
      ))}
      <g transform={`scale(${mirror} 1)`}>
        <path d="M-30 -3 l-9 3 l9 3 Z" fill="var(--flag)" stroke="var(--ink)" strokeWidth="0.6" />
        <path d={HEAD} fill="none" stroke="var(--ink-soft)" strokeDasharray="2 2.5" />
        <g transform={`rotate(${faceDeg})`}>
          <line x1="3" y1="24" x2="5" y2="44" stroke="var(--ink-soft)" strokeWidth="3.4" />
          <path d={HEAD} fill="var(--call-1)" />
          <path d={TOP_LINE} fill="none" stroke="var(--paper)" strokeWidth="1" />
          {[0, 2.6, 5.2, 7.8].map((dx) => (
            <path
              key={dx}
              d={`M${-1.6 + dx * 0.6} 8 C${-2.6 + dx * 0.8} 0 ${-2.6 + dx} -10 ${-1.4 + dx * 1.1} -20`}
              fill="none"
              stroke="var(--paper)"
              strokeWidth="0.6"
              opacity="0.8"
            />
          ))}
        </g>
      </g>
    </svg>
  );
}
