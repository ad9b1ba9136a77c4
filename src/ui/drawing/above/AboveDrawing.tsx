import { t } from '@/core/tell/language/t';
import { line } from 'd3-shape';
import type { FlightPicture } from '@/core/tell/picture/flightPicture';
import type { Shot } from '@/core/ground/situation/shot';
import type { UnitSystem } from '@/core/ground/units/system';
import { degrees } from '@/core/ground/units/angle';
import { inkOf } from '../inks';
import { Ticks } from '../Ticks';
import type { Ranked } from '../ranked';
import { AboveGround } from './AboveGround';
import { FlagAbove, LineOfPlay } from './FlagAbove';
import { StanceAbove } from './StanceAbove';
import type { AboveScale } from './scale';

interface AboveDrawingProps {
  shot: Shot;
  ranked: readonly Ranked[];
  units: UnitSystem;
  size: { width: number; height: number };
  scale: AboveScale;
  /** Names of the clubs by rank. */
  clubs: readonly string[];
  shown?: number | null;
  miss?: FlightPicture | null;
}

/** The shot from above: ground, aim, feet and face, the curve of each flight, and where the player's balls finish. */
export function AboveDrawing(props: AboveDrawingProps) {
  const { shot, ranked, units, size, scale, clubs, shown = null, miss } = props;
  const { x, y, forward } = scale;
  const path = line<[number, number]>()
    .x(([px]) => x(px))
    .y(([, py]) => y(py));
  const told = ranked.find(({ rank }) => rank === (shown ?? 0)) ?? ranked[0];
  return (
    <>
      <AboveGround shot={shot} scale={scale} size={size} />
      <LineOfPlay scale={scale} pin={shot.pin} />
      {told && <StanceAbove plan={told.picture.plan} shot={shot} scale={scale} />}
      {told?.picture.spread.balls.map(([bx, by], i) => (
        <circle
          key={i}
          cx={x(bx)}
          cy={y(by)}
          r="2.6"
          fill="white"
          stroke="#14302a"
          strokeWidth="0.8"
          fillOpacity="0.85"
        />
      ))}
      {[...ranked].reverse().map(({ picture: { spread, track }, rank }) => (
        <g key={rank} stroke={inkOf(rank).onTurf} fill="none" opacity={miss && rank > 0 ? 0.4 : 1}>
          {spread.ellipse && (
            <ellipse
              rx={spread.ellipse.long * scale.perMetre}
              ry={spread.ellipse.short * scale.perMetre}
              transform={`translate(${x(spread.ellipse.x)} ${y(spread.ellipse.y)}) rotate(${-degrees(spread.ellipse.turn) * forward})`}
              strokeWidth={rank === (shown ?? 0) ? 2.4 : 1.4}
              strokeDasharray={inkOf(rank).dash}
              strokeLinecap="round"
            />
          )}
          <path
            d={path(track) ?? ''}
            strokeWidth={rank === (shown ?? 0) ? 3 : 2}
            strokeDasharray={inkOf(rank).dash}
            strokeLinecap="round"
          />
        </g>
      ))}
      {miss && (
        <g stroke="#14302a" data-testid="miss">
          <path
            d={path(miss.track) ?? ''}
            fill="none"
            strokeWidth="2.2"
            strokeDasharray="9 4 2 4"
          />
          <circle
            cx={x(miss.track.at(-1)![0])}
            cy={y(miss.track.at(-1)![1])}
            r="5"
            fill="var(--paper)"
            strokeWidth="1.8"
          />
        </g>
      )}
      <FlagAbove scale={scale} pin={shot.pin} />
      <Legend ranked={ranked} clubs={clubs} x={forward === 1 ? 16 : size.width - 150} />
      <Ticks scale={scale} height={size.height} width={size.width} units={units} />
    </>
  );
}

/** Which ink is which call, and which line is which. */
function Legend({ ranked, clubs, x }: Pick<AboveDrawingProps, 'ranked' | 'clubs'> & { x: number }) {
  const rows = [
    ...ranked.map(({ rank }) => ({
      ink: inkOf(rank).onTurf,
      dash: inkOf(rank).dash,
      text: t('{clubs}: ball, 8 in 10', { clubs: String(clubs[rank]) }),
    })),
    { ink: '#14302a', dash: '7 4', text: t('swing') },
    { ink: '#14302a', dash: '1.5 4', text: t('face') },
  ];
  return (
    <g transform={`translate(${x} 22)`} fontSize="13" fill="var(--on-turf)">
      {rows.map(({ ink, dash, text }, i) => (
        <g key={text} transform={`translate(0 ${i * 19})`}>
          <line
            x2="28"
            y1="-4"
            y2="-4"
            stroke={ink}
            strokeWidth="2.6"
            strokeDasharray={dash}
            strokeLinecap="round"
          />
          <text x="36">{text}</text>
        </g>
      ))}
    </g>
  );
}
