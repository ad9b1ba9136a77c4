import type { Hand } from '@/core/ground/player/player';
import type { UnitSystem } from '@/core/ground/units/system';
import { CallPanel } from '../call/CallPanel';
import type { DrawnCall } from '@/core/tell/answer/answer';

/** The call of a station with its drawings and script. */
export function StationCallView({
  found: { call, picture },
  ...rest
}: {
  found: DrawnCall;
  handed: Hand;
  burial: number;
  units: UnitSystem;
}) {
  return <CallPanel call={call} picture={picture} {...rest} />;
}
