import type { AboveScale } from './scale';

/** The hole with its flag, and the ball where it lies, from above. */
export function FlagAbove({ scale: { x, y, forward }, pin }: { scale: AboveScale; pin: number }) {
  return (
    <>
      <circle cx={x(0)} cy={y(0)} r="6" fill="white" stroke="#14302a" strokeWidth="1.8" />
      <circle cx={x(pin)} cy={y(0)} r="4" fill="#14302a" />
      <path
        d={`M${x(pin)} ${y(0)} v-26 l${18 * forward} 6 l${-18 * forward} 6`}
        fill="var(--flag)"
        stroke="#14302a"
        strokeWidth="1.6"
      />
    </>
  );
}

/** The line from the ball to the flag, from above. */
export function LineOfPlay({ scale: { x, y }, pin }: { scale: AboveScale; pin: number }) {
  return (
    <line x1={x(0)} x2={x(pin)} y1={y(0)} y2={y(0)} stroke="var(--on-turf)" strokeDasharray="2 6" />
  );
}
