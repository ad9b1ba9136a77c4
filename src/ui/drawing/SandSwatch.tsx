import type { SandPreset } from '@/core/ground/sand/presets';

/** Grain of each sand: how many, how large, and how dark it lies. */
const GRAIN: Record<SandPreset, { count: number; size: number; shade: number; depth: number }> = {
  powder: { count: 60, size: 0.7, shade: 0, depth: 30 },
  soft: { count: 46, size: 0.9, shade: 0.04, depth: 26 },
  medium: { count: 36, size: 1.1, shade: 0.1, depth: 22 },
  firm: { count: 26, size: 1.4, shade: 0.16, depth: 20 },
  wet: { count: 22, size: 1.5, shade: 0.34, depth: 20 },
  hardpan: { count: 12, size: 1.6, shade: 0.2, depth: 5 },
};

/** Position k of an even, unordered sequence in [0, 1): multiples of the golden ratio. */
const even = (k: number, by: number): number => (k * by) % 1;

/** A small section of sand. */
export function SandSwatch({ preset }: { preset: SandPreset }) {
  const { count, size, shade, depth } = GRAIN[preset];
  return (
    <svg viewBox="0 0 120 34" className="block w-full" aria-hidden="true">
      <rect y="4" width="120" height="30" fill="var(--turf-deep)" />
      <path
        d={`M0 5 Q 30 ${preset === 'powder' ? 1 : 4} 60 5 T 120 5 V ${5 + depth} H 0 Z`}
        fill="var(--sand)"
      />
      <rect y="5" width="120" height={depth} fill="#3a2c10" opacity={shade} />
      {Array.from({ length: count }, (_, k) => (
        <circle
          key={k}
          cx={(even(k + 1, 0.618034) * 120).toFixed(1)}
          cy={(6.5 + even(k + 1, 0.754878) * Math.max(1, depth - 4)).toFixed(1)}
          r={size}
          fill="var(--sand-grain)"
        />
      ))}
    </svg>
  );
}
