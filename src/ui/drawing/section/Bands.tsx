import { t } from '@/core/tell/language/t';
import type { Band } from '@/core/search/changes/bands';
import type { SectionScale } from './scale';

interface BandsProps {
  scale: SectionScale;
  bands: readonly Band[];
  /** Ball to the flag, m. */
  pin: number;
  height: number;
}

/** Bands of one club joined, whether it is splashed long or short. */
function byClub(bands: readonly Band[]): Band[] {
  const joined: Band[] = [];
  for (const band of bands) {
    const last = joined.at(-1);
    if (last && last.best?.club === band.best?.club) last.to = band.to;
    else joined.push({ ...band });
  }
  return joined;
}

/** Which club leads along the distance to the flag, everything else as it stands: a strip over the distances. */
export function Bands({ scale: { x }, bands, pin, height }: BandsProps) {
  return (
    <g
      transform={`translate(0 ${height - 40})`}
      fontSize="13"
      fill="var(--on-turf)"
      textAnchor="middle"
      pointerEvents="none"
    >
      {byClub(bands).map(({ from, to, best }) => {
        const left = Math.min(x(from), x(to));
        const width = Math.abs(x(to) - x(from));
        const here = pin >= from && pin < to;
        return (
          <g key={from}>
            <rect
              x={left + 1}
              y="0"
              width={Math.max(1, width - 2)}
              height="3"
              fill={here ? 'var(--flag)' : 'var(--on-turf)'}
              fillOpacity={here ? 1 : 0.55}
            />
            {width > (best ? 26 : 84) && (
              <text x={left + width / 2} y="15" fontWeight={here ? 700 : 400}>
                {best ? best.club : t('out sideways')}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
