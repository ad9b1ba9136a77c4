import { outlinesFromBall, type StationGround } from '@/core/place/fire/stationGround';
import { LYING_FILLS } from '../lyingFills';

interface TrueGroundProps {
  ground: StationGround;
  /** Places of the drawing from the ball: along the line to the flag, and to the right of it, m. */
  x: (along: number, right: number) => number;
  y: (along: number, right: number) => number;
}

/** The ground about a station as it was drawn, as it lies from its ball. */
export function TrueGround({ ground, x, y }: TrueGroundProps) {
  return outlinesFromBall(ground).map(({ lying, ring }, i) => (
    <path
      key={i}
      data-testid="true-ground"
      d={`${ring.map(({ along, right }, k) => `${k === 0 ? 'M' : 'L'}${x(along, right).toFixed(1)} ${y(along, right).toFixed(1)}`).join('')}Z`}
      fill={LYING_FILLS[lying]}
      stroke={lying === 'sand' ? 'var(--turf-deep)' : 'none'}
      strokeWidth="2"
    />
  ));
}
