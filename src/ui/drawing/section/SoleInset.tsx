import { t } from '@/core/tell/language/t';
import { profileOf } from '@/core/ground/club/profile';
import type { Sand } from '@/core/ground/sand/presets';
import { degrees } from '@/core/ground/units/angle';
import { saySmall } from '@/core/tell/language/say';
import { depthUnit } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import type { SoleRide } from '@/core/tell/picture/soleRides';
import { useUnits } from '../../kit/units';
import { profileLine } from '../profileLine';
import { Inset, INSET, InsetSand } from './Inset';

interface SoleInsetProps {
  rides: readonly SoleRide[];
  /** Name of the club that is called. */
  called: string;
  sand: Sand;
  mirrored: boolean;
}

const PER_METRE = 1700;
const SURFACE = 68;

/** Behind the leading edge, m: where a sole is in the middle of its column. */
const MIDDLE = 0.009;

/** A depth as a figure: whole millimetres or eighths of an inch below the sand, or over it. */
export function depthFigure(depth: number, units: UnitSystem): string {
  const said =
    units === 'metres'
      ? String(Math.round(Math.abs(depth) * 1000))
      : saySmall(Math.abs(depth), units).split('\u00a0')[0]!;
  return depth < 0 && said !== '0' ? t('{depth} over', { depth: said }) : said;
}

/** How far behind the planned mark the heavy one of a drawing lies, m. */
const HEAVY = 0.02;

/** The wedges of a bag side by side in the sand at hand, under the ball: as meant, and from a mark 2 cm further back. */
export function SoleInset({ rides, called, sand, mirrored }: SoleInsetProps) {
  const units = useUnits();
  const width = INSET.width / Math.max(1, rides.length);
  const shape = profileLine(PER_METRE);
  return (
    <Inset>
      <clipPath id="soles">
        <rect y="22" width={INSET.width} height={INSET.height - 44} />
      </clipPath>
      <g clipPath="url(#soles)">
        <InsetSand sand={sand} surface={SURFACE} />
        {rides.map(({ club, held, meant, heavy }, i) => {
          const { outline, sole } = profileOf(club, held);
          const middle = width * (i + 0.5) + MIDDLE * PER_METRE;
          const first = club.name === called;
          const ink = first ? 'var(--call-1)' : 'var(--ink)';
          return (
            <g key={club.name} clipPath={`url(#sole-${i})`}>
              <clipPath id={`sole-${i}`}>
                <rect x={width * i + 1} width={width - 2} height={INSET.height} />
              </clipPath>
              <g
                transform={
                  mirrored ? `translate(${2 * width * (i + 0.5)} 0) scale(-1 1)` : undefined
                }
              >
                <g transform={`translate(${middle} ${SURFACE + heavy * PER_METRE})`}>
                  <path
                    d={shape(sole)}
                    fill="none"
                    stroke={ink}
                    strokeWidth="2"
                    strokeDasharray="4 3"
                  />
                </g>
                <g transform={`translate(${middle} ${SURFACE + meant * PER_METRE})`}>
                  <path
                    d={`${shape(outline)}Z`}
                    fill={ink}
                    fillOpacity={first ? 0.5 : 0.12}
                    stroke={ink}
                    strokeWidth="1.3"
                  />
                  <path d={shape(sole)} fill="none" stroke={ink} strokeWidth="2.4" />
                </g>
              </g>
            </g>
          );
        })}
      </g>
      {rides.map(({ club, meant, heavy }, i) => (
        <g key={club.name} textAnchor="middle" fill="var(--ink)">
          <text
            x={width * (i + 0.5)}
            y="15"
            fontSize="13"
            fontWeight={club.name === called ? 700 : 400}
          >
            {club.name} · {degrees(club.bounce).toFixed(0)}°
          </text>
          <text x={width * (i + 0.5)} y={INSET.height - 6} fontSize="12">
            {depthFigure(meant, units)} | {depthFigure(heavy, units)}
          </text>
        </g>
      ))}
    </Inset>
  );
}

/** What the figures under the soles are. */
export const soleLegend = (units: UnitSystem): string =>
  t('Leading edge under the ball, {unit} deep: planned | {heavy} heavy', {
    unit: depthUnit(units),
    heavy: saySmall(HEAVY, units),
  });

/** The same in words, for whoever cannot see it. */
export function soleText(rides: readonly SoleRide[], units: UnitSystem): string {
  if (rides.length === 0) return t('No club goes through the sand here.');
  const each = rides.map(({ club, meant, heavy }) =>
    t('{club} {depth}, heavy {depth2}', {
      club: club.name,
      depth: depthFigure(meant, units),
      depth2: depthFigure(heavy, units),
    }),
  );
  return t('Leading edge under the ball, {unit} deep: {each}.', {
    unit: depthUnit(units),
    each: each.join('; '),
  });
}
