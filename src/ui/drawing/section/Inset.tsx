import type { ReactNode } from 'react';
import type { Sand } from '@/core/ground/sand/presets';
import { sandLook } from '../sandLook';

/** Size of an inset, px. */
export const INSET = { width: 236, height: 124 } as const;

/** The paper of an inset and its frame, round what it shows. */
export function Inset({ children }: { children: ReactNode }) {
  return (
    <g>
      <rect {...INSET} fill="var(--paper)" />
      {children}
      <rect {...INSET} fill="none" stroke="var(--hairline)" strokeWidth="1.5" />
    </g>
  );
}

/** The sand of an inset from its surface down, darker where water holds it. */
export function InsetSand({ sand, surface }: { sand: Sand; surface: number }) {
  const { dark } = sandLook(sand);
  const box = { ...INSET, y: surface };
  return (
    <>
      <rect {...box} fill="var(--sand)" />
      {dark > 0 && <rect {...box} fill="var(--sand-grain)" fillOpacity={dark} />}
    </>
  );
}
