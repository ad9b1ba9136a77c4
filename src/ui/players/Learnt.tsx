import { t } from '@/core/tell/language/t';
import { saySmall } from '@/core/tell/language/say';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { useUnits } from '../kit/units';

/** What was learnt of a player and is used by every call, in a few lines. */
export function Learnt({ player, onReset }: { player: RosterPlayer; onReset: () => void }) {
  const units = useUnits();
  const { learnt } = player;
  if (!learnt) {
    return (
      <p>
        {t(
          'Calls and the ladder use the averages for this level. A lesson’s review shows what the player’s own balls say.',
        )}
      </p>
    );
  }
  const lines = [
    t('Entry point {far} {side} than planned; spread {markScale} times typical for this level.', {
      far: saySmall(Math.abs(learnt.mark_bias_mm) / 1000, units),
      side: learnt.mark_bias_mm >= 0 ? t('further behind the ball') : t('nearer the ball'),
      markScale: learnt.mark_scale.toFixed(2),
    }),
    t('Distance from the same swing {distance}% of typical; spread {distanceScale} times.', {
      distance: Math.round(learnt.distance * 100),
      distanceScale: learnt.distance_scale.toFixed(2),
    }),
    t('Direction {deg}° to the {side} side; spread {aimScale} times.', {
      deg: Math.abs(learnt.aim_bias_deg).toFixed(1),
      side: learnt.aim_bias_deg >= 0 ? t('player’s') : t('far'),
      aimScale: learnt.aim_scale.toFixed(2),
    }),
  ];
  return (
    <>
      <p>
        {t('Version {version}, from {balls} balls. Calls, the ladder and the bag check use it.', {
          version: learnt.version,
          balls: learnt.balls,
        })}
      </p>
      <ul className="mt-1 list-disc pl-5">
        {lines.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      <button type="button" onClick={onReset} className="button mt-2">
        {t('Stop using them')}
      </button>
    </>
  );
}
