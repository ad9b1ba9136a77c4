import { inkOf } from './inks';

/** A short piece of a call's line, to find it in the drawing. */
export function LineSample({ rank }: { rank: number }) {
  const ink = inkOf(rank);
  return (
    <svg width="36" height="8" aria-hidden="true" className="inline-block shrink-0">
      <line
        x1="2"
        x2="34"
        y1="4"
        y2="4"
        stroke={ink.colour}
        strokeWidth="3"
        strokeLinecap="round"
        strokeDasharray={ink.dash}
      />
    </svg>
  );
}
