import type { Sand } from '@/core/ground/sand/presets';
import { sandLook } from '../sandLook';

/** Size of an inset, px. */
export const INSET = { width: 236, height: 124 } as const;

/** The sand of an inset from its surface down, darker where water holds it. */
export function InsetSand({ sand, surface }: { sand: Sand; surface: number }) {
  const { dark } = sandLook(sand);
  const box = { y: surface, width: INSET.width, height: INSET.height };
  return (
    <>
      <rect {...box} fill="var(--sand)" />
      {dark > 0 && <rect {...box} fill="var(--sand-grain)" fillOpacity={dark} />}
    </>
  );
}
