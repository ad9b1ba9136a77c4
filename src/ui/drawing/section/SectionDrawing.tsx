import type { FlightPicture } from '@/core/tell/picture/flightPicture';
import type { CallPicture } from '@/core/tell/picture/picture';
import type { SoleRide } from '@/core/tell/picture/soleRides';
import { BALL_RADIUS } from '@/core/ground/ball/ball';
import type { Band } from '@/core/search/changes/bands';
import type { Shot } from '@/core/ground/situation/shot';
import type { UnitSystem } from '@/core/ground/units/system';
import { Bands } from './Bands';
import { Flights } from './Flights';
import { Ground } from './Ground';
import { Flag, LipMarks } from './Marks';
import { Ticks } from '../Ticks';
import { Ridges } from './Ridges';
import type { Ranked } from '../ranked';
import { INSET } from './Inset';
import { SandInset } from './SandInset';
import { SoleInset } from './SoleInset';
import type { SectionExtent, SectionScale } from './scale';

interface SectionDrawingProps {
  shot: Shot;
  ranked: readonly Ranked[];
  units: UnitSystem;
  size: { width: number; height: number };
  scale: SectionScale;
  /** The same scale with the flag to the right: shapes are drawn with it and then mirrored. */
  plain: SectionScale;
  bands?: readonly Band[];
  shown?: number | null;
  onShown?: (rank: number | null) => void;
  miss?: FlightPicture | null;
  inset?: boolean;
  /** How the soles of the player's wedges ride here, when they are compared. */
  rides?: readonly SoleRide[] | null;
}

/** What a section must show: the first calls' flights and finishes, and the shot's own places. */
export function extentOf(shot: Shot, pictures: readonly CallPicture[]): SectionExtent {
  return {
    highest: Math.max(3, ...pictures.flatMap(({ flight }) => flight.map(([, z]) => z))),
    farthest: Math.max(
      shot.pin + 4,
      Math.min(shot.back + 2, shot.pin * 1.6),
      ...pictures.map((p) => p.finish + 1),
    ),
    lipHeight: shot.lip.height,
  };
}

/** Side view of a shot: sand, lip, green, flights of the calls, where balls finish, and the head in the sand. */
export function SectionDrawing(props: SectionDrawingProps) {
  const { shot, ranked, units, size, scale, plain, bands, miss = null, inset, rides } = props;
  const { shown = null, onShown } = props;
  const mirrored = scale.forward === -1;
  const first = ranked.find(({ rank }) => rank === 0)?.picture;
  const told = ranked.find(({ rank }) => rank === shown)?.picture ?? first;
  return (
    <>
      <g transform={mirrored ? `translate(${size.width} 0) scale(-1 1)` : undefined}>
        <Ground
          scale={plain}
          width={size.width}
          height={size.height}
          lip={shot.lip}
          edge={shot.edge}
          back={shot.back}
          burial={shot.burial}
          sand={shot.sand}
        />
      </g>
      <Ridges scale={scale} ranked={ranked} lip={shot.lip} shown={shown} onShown={onShown} />
      <LipMarks scale={scale} shot={shot} picture={first} units={units} />
      <Flights
        scale={scale}
        ranked={ranked}
        lipHeight={shot.lip.height}
        shown={shown}
        miss={miss}
      />
      <Flag scale={scale} shot={shot} />
      <circle
        cx={scale.x(0)}
        cy={scale.z(0)}
        r={Math.max(6, BALL_RADIUS * scale.perMetre)}
        fill="white"
        stroke="#14302a"
        strokeWidth="1.8"
      />
      {bands && <Bands scale={scale} bands={bands} pin={shot.pin} height={size.height} />}
      <Ticks scale={scale} height={size.height} width={size.width} units={units} />
      {(inset || rides) && told && (
        <g
          transform={`translate(${mirrored ? 8 : size.width - INSET.width - 8} 8)`}
          pointerEvents="none"
        >
          {rides && rides.length > 0 ? (
            <SoleInset
              rides={rides}
              called={told.plan.setup.club.name}
              sand={shot.sand}
              mirrored={mirrored}
            />
          ) : (
            <SandInset picture={told} sand={shot.sand} burial={shot.burial} mirrored={mirrored} />
          )}
        </g>
      )}
    </>
  );
}
