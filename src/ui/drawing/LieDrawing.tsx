import { BALL_RADIUS } from '@/core/ground/ball/ball';

/** A ball in section as deep as it lies; a sunken one in its own crater. */
export function LieDrawing({ burial }: { burial: number }) {
  const perMetre = 560;
  const r = BALL_RADIUS * perMetre;
  const surface = 26;
  const bottom = surface + burial * perMetre;
  const rim = burial > 0.012 && burial < 0.032 ? 4 : 0;
  return (
    <svg viewBox="0 0 120 56" className="mb-1 block w-full" aria-hidden="true">
      <path
        d={`M0 ${surface} H ${60 - r - 14} Q ${60 - r - 6} ${surface - rim} ${60 - r} ${surface + rim / 2}
            L ${60 + r} ${surface + rim / 2} Q ${60 + r + 6} ${surface - rim} ${60 + r + 14} ${surface} H 120 V 56 H 0 Z`}
        fill="var(--sand)"
      />
      <clipPath id={`lie-${Math.round(burial * 1e4)}`}>
        <rect width="120" height={surface + rim / 2} />
      </clipPath>
      <circle cx="60" cy={bottom - r} r={r} fill="white" opacity="0.45" />
      <circle
        cx="60"
        cy={bottom - r}
        r={r}
        fill="none"
        stroke="#14302a"
        strokeDasharray="2 2"
        opacity="0.6"
      />
      <g clipPath={`url(#lie-${Math.round(burial * 1e4)})`}>
        <circle cx="60" cy={bottom - r} r={r} fill="white" stroke="#14302a" strokeWidth="1.6" />
      </g>
    </svg>
  );
}
