import type { ReactNode } from 'react';

/** Side of a plot in its own units. */
export const SIDE = 360;

interface PlotProps {
  /** What is drawn, in a sentence. */
  label: string;
  /** Colour of the ground. */
  ground: string;
  children: ReactNode;
}

/** A square plot on its ground. */
export function Plot({ label, ground, children }: PlotProps) {
  return (
    <svg
      viewBox={`0 0 ${SIDE} ${SIDE}`}
      role="img"
      aria-label={label}
      fontSize="13"
      className="block w-full rounded"
    >
      <rect width={SIDE} height={SIDE} fill={ground} />
      {children}
    </svg>
  );
}
