import { t } from '@/core/tell/language/t';
import { isHard, nobodyAhead } from './care';
import { isAway } from './script';
import { listed } from '../words/listed';
import { BODY_WORDS } from '../words/player';
import type { BodyCaution } from '@/core/ground/player/player';
import type { Call } from '@/core/search/calls/call';
import { degrees } from '@/core/ground/units/angle';

/** A thin ball this likely leaves often enough to be said first. */
const OFTEN_THIN = 0.05;

/**
 * Care that belongs to a stroke: from the kind of shot, the sand, the lie and the player's body. What a body may do is
 * for a doctor or physiotherapist to decide.
 */
export function cautionsFor(call: Call, body: readonly BodyCaution[]): string[] {
  const { shot, setup, kind } = call;
  const cautions: string[] = [];
  const hard = isHard(shot.sand);
  const down = kind === 'dig' || ['thud', 'hit'].includes(setup.technique);
  if (isAway(call)) {
    cautions.push(
      t(
        'Played away from the flag: nobody on that line or beyond it. The group moves behind the player as the player now stands.',
      ),
    );
  } else if (kind !== 'putt') {
    cautions.push(
      call.odds.thin >= OFTEN_THIN
        ? t(
            'Thin ones will happen, fast and flat: nobody ahead of the player or level with the ball.',
          )
        : t('{nobodyAhead}; the group stays behind the line.', { nobodyAhead: nobodyAhead() }),
    );
  }
  if (kind === 'dig' || (hard && kind !== 'putt')) {
    cautions.push(
      t(
        'Hard on wrists, elbows and back: start at half effort, few repetitions, none with a fresh injury.',
      ),
    );
  } else if (setup.fraction > 0.9) {
    cautions.push(t('Close to a full swing in sand: start at half effort, few repetitions.'));
  }
  if (hard && (down || kind.endsWith('splash'))) {
    cautions.push(t('Look for stones and roots under thin or packed sand before hitting down.'));
  }
  if (kind === 'splash' || kind === 'long-splash' || kind === 'dig') {
    cautions.push(t('Sand gets in the eyes: cover them in wind and dry sand.'));
  }
  if (body.length > 0 && kind !== 'putt' && kind !== 'chip') {
    const parts = listed(body.map((part) => BODY_WORDS[part].both));
    const way = down ? t('This stroke jars') : t('Every sand shot loads');
    cautions.push(
      t('{way} the {parts}: ask whoever treats the player before repeating it.', { way, parts }),
    );
  }
  if (Math.abs(degrees(shot.along)) > 15) {
    cautions.push(t('Steep face: enter and leave by the low side.'));
  }
  return cautions;
}
