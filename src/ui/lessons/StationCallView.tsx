import type { Hand } from '@/core/ground/player/player';
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
}) {
  return <CallPanel call={call} picture={picture} {...rest} />;
}
