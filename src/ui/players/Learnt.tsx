import { saySmall } from '@/core/ground/units/say';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { useUnits } from '../kit/units';

/** What was learnt of a player and is used by every call, in a few lines. */
export function Learnt({ player, onReset }: { player: RosterPlayer; onReset: () => void }) {
  const units = useUnits();
  const { learnt } = player;
  if (!learnt) {
    return (
      <p>
        Calls and the ladder use the averages for this level. A lesson’s review shows what the
        player’s own balls say.
      </p>
    );
  }
  const lines = [
    `Entry point ${saySmall(Math.abs(learnt.mark_bias_mm) / 1000, units)} ${learnt.mark_bias_mm >= 0 ? 'further behind the ball' : 'nearer the ball'} than planned; spread ${learnt.mark_scale.toFixed(2)} times typical for this level.`,
    `Distance from the same swing ${Math.round(learnt.distance * 100)}% of typical; spread ${learnt.distance_scale.toFixed(2)} times.`,
    `Direction ${Math.abs(learnt.aim_bias_deg).toFixed(1)}° to the ${learnt.aim_bias_deg >= 0 ? 'player’s' : 'far'} side; spread ${learnt.aim_scale.toFixed(2)} times.`,
  ];
  return (
    <>
      <p>
        Version {learnt.version}, from {learnt.balls} balls. Calls, the ladder and the bag check use
        it.
      </p>
      <ul className="mt-1 list-disc pl-5">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <button type="button" onClick={onReset} className="button mt-2">
        Stop using them
      </button>
    </>
  );
}
