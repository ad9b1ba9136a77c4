import type { BallChange, LoggedFields, NewBall } from './ball';

/** True for a change that leaves what was seen as it was. */
const leavesSeen = ({ excluded: _, deleted: __, ...seen }: BallChange): boolean =>
  Object.keys(seen).length === 0;

/** Two changes of one ball as one: what was seen is replaced as a whole, the rest by what is said later. */
export function changesTogether(first: BallChange, then: BallChange): BallChange {
  if (!leavesSeen(then)) {
    const { excluded, deleted } = first;
    return {
      ...(excluded === undefined ? {} : { excluded }),
      ...(deleted === undefined ? {} : { deleted }),
      ...then,
    };
  }
  return { ...first, ...then };
}

/** A ball as a change leaves it; null when it is taken away. */
export function changedBall(
  ball: NewBall,
  change: BallChange,
): (NewBall & { excluded?: string }) | null {
  const { excluded, deleted, ...seen } = change;
  if (deleted) return null;
  const { id, player, station, call, source, hit_at, ...logged } = ball;
  const fields: LoggedFields = leavesSeen(change) ? logged : seen;
  return {
    id,
    player,
    station,
    call,
    source,
    hit_at,
    ...fields,
    ...(excluded ? { excluded } : {}),
  };
}
