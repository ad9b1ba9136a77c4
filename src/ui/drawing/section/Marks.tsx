import { t } from '@/core/tell/language/t';
import type { CallPicture } from '@/core/tell/picture/picture';
import { BALL_RADIUS } from '@/core/ground/ball/ball';
import type { Shot } from '@/core/ground/situation/shot';
import { degrees } from '@/core/ground/units/angle';
import { sayLength } from '@/core/tell/language/say';
import type { UnitSystem } from '@/core/ground/units/system';
import type { SectionScale } from './scale';

interface MarksProps {
  scale: SectionScale;
  shot: Shot;
  units: UnitSystem;
}

/** Room before the flag that the start angle in words needs, px. */
const LONG_LABEL = 170;

/** The least start angle over the lip, and how far the first call clears it. */
export function LipMarks({
  scale,
  shot,
  picture,
  units,
}: MarksProps & { picture: CallPicture | undefined }) {
  const { x, z, forward } = scale;
  const { lip } = shot;
  if (lip.height <= 0) return null;
  const anchor = forward === 1 ? 'start' : 'end';
  const angle = degrees(Math.atan2(lip.height + BALL_RADIUS, lip.distance));
  const reach = Math.min(lip.distance * 2.6, lip.distance + 6);
  const rise = ((lip.height + BALL_RADIUS) / lip.distance) * reach;
  const clearance = picture?.lipClearance ?? null;
  const room = Math.abs(x(shot.pin) - x(reach));
  const over = lip.height + BALL_RADIUS + (clearance ?? 0);
  return (
    <g fontSize="13.5" fill="var(--ink)" textAnchor={anchor}>
      <line
        x1={x(0)}
        y1={z(0)}
        x2={x(reach)}
        y2={z(rise)}
        stroke="var(--ink-soft)"
        strokeDasharray="2 5"
      />
      <text
        x={x(reach) + 6 * forward}
        y={z(rise) + 4}
        stroke="var(--sky)"
        strokeWidth="4"
        paintOrder="stroke"
      >
        {room >= LONG_LABEL ? `${t('launch above')} ` : `${t('over')} `}
        {Math.ceil(angle)}°
      </text>
      {clearance !== null && clearance > 0.05 && (
        <>
          <line
            x1={x(lip.distance)}
            x2={x(lip.distance)}
            y1={z(lip.height)}
            y2={z(over)}
            stroke="var(--call-1)"
            strokeWidth="1.5"
          />
          <text
            x={x(lip.distance) + 6 * forward}
            y={(z(lip.height) + z(over)) / 2 - 8}
            fill="var(--call-1)"
            fontWeight="600"
            stroke="var(--sky)"
            strokeWidth="4"
            paintOrder="stroke"
          >
            +{sayLength(clearance, 'height', units)}
          </text>
        </>
      )}
    </g>
  );
}

/** Height of the flagstick over the green, px; on a small scale as tall as can be seen. */
export const flagHeight = ({ perMetre }: SectionScale): number => Math.max(46, perMetre * 2.1);

/** The flag in its hole, flying towards where the ball goes. */
export function Flag({ scale, shot }: Omit<MarksProps, 'units'>) {
  const { x, z, forward } = scale;
  const foot = z(shot.lip.height);
  const top = foot - flagHeight(scale);
  const px = x(shot.pin);
  return (
    <g>
      <line x1={px} x2={px} y1={foot} y2={top} stroke="var(--ink)" strokeWidth="2" />
      <path d={`M${px} ${top} l${24 * forward} 8 l${-24 * forward} 8 Z`} fill="var(--flag)" />
    </g>
  );
}
