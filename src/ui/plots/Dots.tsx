interface DotsProps {
  /** Where dots stand, in the drawing's units. */
  at: readonly (readonly [x: number, y: number])[];
  radius?: number;
  /** Drawn hollow: what does not count. */
  hollow?: boolean;
}

const INK = '#14302a';

/** Dots as two paths, however many there are: thousands stay as quick as a few. */
export function Dots({ at, radius = 5, hollow = false }: DotsProps) {
  if (at.length === 0) return null;
  const path = at.map(([x, y]) => `M${x.toFixed(1)} ${y.toFixed(1)}h.01`).join('');
  const dot = { d: path, fill: 'none', strokeLinecap: 'round' } as const;
  return (
    <>
      <path
        {...dot}
        stroke={INK}
        strokeWidth={2 * radius + 1.4}
        strokeOpacity={hollow ? 0.35 : 1}
      />
      <path {...dot} stroke={hollow ? '#b9bfae' : 'white'} strokeWidth={2 * radius - 1.4} />
    </>
  );
}
