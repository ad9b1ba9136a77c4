import { t } from '@/core/tell/language/t';
import { line } from 'd3-shape';
import type { CallPicture } from '@/core/tell/picture/picture';
import { BALL_RADIUS } from '@/core/ground/ball/ball';
import { profileOf } from '@/core/ground/club/profile';
import type { Sand } from '@/core/ground/sand/presets';
import { degrees } from '@/core/ground/units/angle';
import { sandLook } from '../sandLook';
import { profileLine } from '../profileLine';
import { Inset, INSET, InsetSand } from './Inset';

interface SandInsetProps {
  picture: CallPicture;
  sand: Sand;
  burial: number;
  mirrored: boolean;
}

const PER_METRE = 1000;
const SURFACE = 74;
const BALL_X = 152;

/** How fast the head leans back as it follows its arc, radians per metre of sand. */
const TURN = 1;

/** The head through the sand under the ball, enlarged to scale: sole, leading edge, path, and the bounce at work. */
export function SandInset({ picture, sand, burial, mirrored }: SandInsetProps) {
  const { mark, held, plan } = picture;
  const { club } = plan.setup;
  if (plan.setup.technique === 'putt') return null;
  const { outline, sole } = profileOf(club, held);
  const at = (depthIndex: number): { x: number; z: number } => ({
    x: -mark.before + depthIndex * mark.step,
    z: -(mark.depths[Math.min(depthIndex, mark.depths.length - 1)] ?? 0),
  });
  const px = (x: number): number => BALL_X + x * PER_METRE;
  const pz = (z: number): number => SURFACE - z * PER_METRE;
  const shape = profileLine(PER_METRE);
  const path = line<number>()
    .x((_, i) => px(at(i).x))
    .y((depth) => pz(-depth))(mark.depths);
  const underBall = Math.min(
    mark.depths.length - 1,
    Math.max(0, Math.round(mark.before / mark.step)),
  );
  const heads = [0, Math.round(underBall / 2), underBall].filter(
    (i, k, all) => all.indexOf(i) === k,
  );
  const radius = BALL_RADIUS * PER_METRE;
  const look = sandLook(sand);
  const base = pz(-sand.baseDepth);
  const bounce = Math.round(degrees(held.bounce));
  return (
    <Inset>
      <g
        transform={mirrored ? `translate(${INSET.width} 0) scale(-1 1)` : undefined}
        clipPath="url(#inset)"
      >
        <clipPath id="inset">
          <rect width={INSET.width} height={INSET.height} />
        </clipPath>
        <InsetSand sand={sand} surface={SURFACE} />
        {base < INSET.height && (
          <rect
            y={base}
            width={INSET.width}
            height="60"
            fill="var(--turf-deep)"
            fillOpacity="0.7"
          />
        )}
        {Array.from({ length: Math.round(look.grains * 60) }, (_, k) => (
          <circle
            key={k}
            cx={((k * 0.618034) % 1) * INSET.width}
            cy={SURFACE + 3 + ((k * 0.754878) % 1) * 46}
            r={look.grain}
            fill="var(--sand-grain)"
          />
        ))}
        <circle
          cx={BALL_X}
          cy={pz(BALL_RADIUS - burial)}
          r={radius}
          fill="white"
          stroke="#14302a"
          strokeWidth="1.5"
        />
        {heads.map((i, k) => {
          const { x, z } = at(i);
          const lean = (i * mark.step * TURN * 180) / Math.PI;
          const last = k === heads.length - 1;
          return (
            <g
              key={i}
              transform={`translate(${px(x)} ${pz(z)}) rotate(${-lean})`}
              opacity={last ? 1 : 0.3 + 0.2 * k}
            >
              <path
                d={`${shape(outline)}Z`}
                fill={last ? 'var(--call-1)' : 'none'}
                fillOpacity="0.55"
                stroke="var(--call-1)"
                strokeWidth="1.4"
              />
              <path d={shape(sole)} fill="none" stroke="var(--call-1)" strokeWidth="2.4" />
            </g>
          );
        })}
        <path d={path ?? ''} fill="none" stroke="#14302a" strokeWidth="1.4" strokeDasharray="4 3" />
        <line
          x1={px(-mark.before)}
          x2={px(-mark.before)}
          y1={SURFACE - 22}
          y2={SURFACE + 4}
          stroke="var(--call-3)"
          strokeWidth="2.6"
        />
      </g>
      <text
        x={mirrored ? INSET.width - 8 : 8}
        y="17"
        textAnchor={mirrored ? 'end' : 'start'}
        fontSize="13"
        fill="var(--ink)"
      >
        {bounce > 0
          ? t('{bounce}° effective bounce', { bounce })
          : bounce < 0
            ? t('leading edge digs by {bounce}°', { bounce: -bounce })
            : t('edge and sole level')}
      </text>
    </Inset>
  );
}
