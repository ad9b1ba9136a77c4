'use client';

import type { Hand } from '@/core/player/player';
import { TiltDrawing } from '../drawing/TiltDrawing';
import { NumberPanel } from './NumberPanel';

interface SlopePanelProps {
  alongDeg: number;
  acrossDeg: number;
  handed: Hand;
  onAlong: (deg: number) => string | null;
  onAcross: (deg: number) => string | null;
}

/** Tilt of the ground along the line and across it, drawn as it is set. */
export function SlopePanel({ alongDeg, acrossDeg, handed, onAlong, onAcross }: SlopePanelProps) {
  // Seen from behind the ball a right-hander stands on the left: a ball above the feet has its high side on the right.
  const seen = handed === 'right' ? acrossDeg : -acrossDeg;
  return (
    <>
      <TiltDrawing deg={alongDeg} label={`From the side: ${alongDeg} degrees`} />
      <NumberPanel
        label="Up-slope along the line"
        unit="°"
        value={alongDeg}
        from={-20}
        to={30}
        step={1}
        autoFocus
        onValue={onAlong}
        help="Minus for a down-slope."
      />
      <TiltDrawing deg={seen} label={`From behind the ball: ${acrossDeg} degrees`} />
      <NumberPanel
        label="Ball above the feet"
        unit="°"
        value={acrossDeg}
        from={-20}
        to={20}
        step={1}
        onValue={onAcross}
        help="Minus for a ball below the feet."
      />
    </>
  );
}
