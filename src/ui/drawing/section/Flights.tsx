import { line } from 'd3-shape';
import type { FlightPicture } from '@/core/tell/picture/flightPicture';
import { inkOf } from '../inks';
import type { Ranked } from '../ranked';
import type { SectionScale } from './scale';

interface FlightsProps {
  scale: SectionScale;
  ranked: readonly Ranked[];
  lipHeight: number;
  shown: number | null;
  miss: FlightPicture | null;
}

/** The balls as meant, the first call's run, and a miss when one is asked for. */
export function Flights({ scale, ranked, lipHeight, shown, miss }: FlightsProps) {
  const { x, z } = scale;
  const path = line<[number, number]>()
    .x(([px]) => x(px))
    .y(([, pz]) => z(pz));
  const first = ranked.find(({ rank }) => rank === 0)?.picture;
  const ground = z(lipHeight);
  return (
    <g pointerEvents="none">
      {[...ranked].reverse().map(({ picture, rank }) => (
        <path
          key={rank}
          d={path(picture.flight) ?? ''}
          fill="none"
          stroke={inkOf(rank).colour}
          strokeWidth={rank === (shown ?? 0) ? 3.5 : 2.5}
          strokeLinecap="round"
          strokeDasharray={inkOf(rank).dash}
          opacity={miss && rank > 0 ? 0.35 : 1}
        />
      ))}
      {first && (
        <g stroke="var(--call-1)" strokeWidth="3">
          <line x1={x(first.landing)} x2={x(first.finish)} y1={ground} y2={ground} />
          <circle cx={x(first.finish)} cy={ground - 5} r="5" fill="white" strokeWidth="1.8" />
        </g>
      )}
      {miss && (
        <g stroke="var(--ink)" data-testid="miss">
          <path
            d={path(miss.flight) ?? ''}
            fill="none"
            strokeWidth="2.2"
            strokeDasharray="9 4 2 4"
          />
          <line
            x1={x(miss.landing)}
            x2={x(miss.finish)}
            y1={z(miss.flight.at(-1)![1])}
            y2={z(miss.flight.at(-1)![1])}
            strokeWidth="2"
          />
          <circle
            cx={x(miss.finish)}
            cy={z(miss.flight.at(-1)![1]) - 4}
            r="5"
            fill="var(--paper)"
            strokeWidth="1.8"
          />
        </g>
      )}
    </g>
  );
}
