import { BUNKER_HALF_WIDTH, greenHalfWidth } from '@/core/ground/situation/ground';
import type { Shot } from '@/core/ground/situation/shot';
import { sandLook } from '../sandLook';
import type { AboveScale } from './scale';

interface AboveGroundProps {
  shot: Shot;
  scale: AboveScale;
  size: { width: number; height: number };
}

/** Sand, turf and green from above. Only the line of play is read; the outlines to its sides are drawn round it. */
export function AboveGround({ shot, scale, size }: AboveGroundProps) {
  const { x, y, perMetre, forward } = scale;
  const { edge, back, lip, sand } = shot;
  const lipX = x(lip.distance);
  const rear = x(-3.4);
  const half = Math.max(BUNKER_HALF_WIDTH, lip.distance * 0.6) * perMetre;
  const middle = y(0);
  const bulge = 0.22 * (lipX - rear);
  const look = sandLook(sand);
  return (
    <g>
      <rect width={size.width} height={size.height} fill="var(--turf)" />
      <ellipse
        cx={x((edge + back) / 2)}
        cy={middle}
        rx={((back - edge) / 2) * perMetre}
        ry={greenHalfWidth(shot) * perMetre}
        fill="var(--putting)"
      />
      <path
        d={`M${lipX} ${middle}
            C${lipX} ${middle - half} ${lipX - bulge} ${middle - half * 1.1} ${(lipX + rear) / 2} ${middle - half}
            S${rear} ${middle - half} ${rear} ${middle}
            S${rear + bulge} ${middle + half * 1.15} ${(lipX + rear) / 2} ${middle + half}
            S${lipX} ${middle + half * 0.8} ${lipX} ${middle} Z`}
        fill="var(--sand)"
        stroke={lip.height > 0.3 ? 'var(--turf-deep)' : 'none'}
        strokeWidth={Math.min(9, 2 + lip.height * 3)}
      />
      {Array.from({ length: Math.round(look.grains * 70) }, (_, k) => {
        const along = (k * 0.618034) % 1;
        const across = ((k * 0.754878) % 1) * 2 - 1;
        const px = rear + 8 * forward + (lipX - rear - 16 * forward) * along;
        const room = Math.sqrt(Math.max(0, 1 - (2 * along - 1) ** 2));
        return (
          <circle
            key={k}
            cx={px}
            cy={middle + across * half * room * 0.92}
            r={look.grain}
            fill="var(--sand-grain)"
          />
        );
      })}
      <WindArrow shot={shot} size={size} forward={forward} />
    </g>
  );
}

/** The way the air moves, when there is wind. */
function WindArrow({
  shot: { wind },
  size,
  forward,
}: Pick<AboveGroundProps, 'shot' | 'size'> & { forward: 1 | -1 }) {
  const speed = Math.hypot(wind.x, wind.y);
  if (speed < 0.3) return null;
  const turn = (Math.atan2(-wind.y, wind.x * forward) * 180) / Math.PI;
  return (
    <g transform={`translate(${size.width / 2} 26) rotate(${turn})`} stroke="var(--on-turf)">
      <path d="M-26 0 H 22 m-9 -6 l10 6 l-10 6" fill="none" strokeWidth="2.4" />
    </g>
  );
}
