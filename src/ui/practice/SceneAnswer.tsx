'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useMemo } from 'react';
import { AS_GOOD, TOPICS, type EyeAnswer, type Topic } from '@/core/lesson/eye/answer';
import { FACES, SLOPE_NAMES, SWINGS, TOPIC_WORDS } from '@/core/tell/lessons/eyeWords';
import { shotOf, type Scene } from '@/core/lesson/eye/scene';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { readingToQuery } from '@/core/contract/reading/reading';
import { techniqueName } from '@/core/tell/words/techniques';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength, saySmall } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import { chanceWords } from '@/core/tell/words/words';
import { StillSection } from '../drawing/section/StillSection';
import { useUnits } from '../kit/units';
import type { Revealed } from './useEyeAnswer';

interface SceneAnswerProps {
  player: RosterPlayer;
  scene: Scene;
  answer: EyeAnswer;
  revealed: Revealed;
}

const SIZE = { width: 900, height: 210 };

/** The beginning of a script: its first two sentences. */
const firstWords = (say: string): string =>
  say
    .split(/(?<=\.)\s+/)
    .slice(0, 2)
    .join(' ');

/** The option nearest to a number: answers are kept as numbers, and options have moved. */
const named = (options: readonly (readonly [number, () => string])[], value: number): string =>
  options.reduce((best, each) =>
    Math.abs(each[0] - value) < Math.abs(best[0] - value) ? each : best,
  )[1]();

/** Each topic as it was answered and as it is. */
function rowsOf(
  { pin, lip, lie, sand, slope }: Scene,
  answer: EyeAnswer,
  { best: { call } }: Revealed,
  units: UnitSystem,
): Record<Topic, readonly [said: string, is: string]> {
  const ground = (metres: number): string => sayLength(metres, 'ground', units);
  const high = (metres: number): string => sayLength(metres, 'height', units);
  const small = (inches: number): string => saySmall(toMetres(inches, 'in'), units);
  return {
    distance: [ground(answer.pin_m), ground(pin)],
    lip: [high(answer.lip_m), high(lip)],
    lie: [LIE_WORDS[answer.lie].name, LIE_WORDS[lie].name],
    sand: [SAND_WORDS[answer.sand].short, SAND_WORDS[sand].short],
    slope: [SLOPE_NAMES[answer.slope], SLOPE_NAMES[slope]],
    club: [answer.club, call.club],
    face: [
      named(FACES, answer.face_deg),
      t('{face}° open', { face: plainNumber(call.face_deg, 0) }),
    ],
    entry: [
      t('{small} behind', { small: small(answer.entry_in) }),
      t('{small} behind', { small: small(call.entry_in) }),
    ],
    swing: [named(SWINGS, answer.swing_fraction), call.swing_clock],
  };
}

/** The truth of a scene beside what was said, the ball that was called for, and what the reading would have changed. */
export function SceneAnswer({ player, scene, answer, revealed }: SceneAnswerProps) {
  const units = useUnits();
  const { best, own, lost, right, asSeen, calls } = revealed;
  const rows = rowsOf(scene, answer, revealed, units);
  const shot = useMemo(() => shotOf(scene, player.handed), [scene, player]);
  const ground = unitFor('ground', units);
  const far = (yards: number): string =>
    `${plainNumber(fromMetres(toMetres(yards, 'yd'), ground), 0)} ${ground}`;
  const same = asSeen?.club === best.call.club && asSeen.kind === best.call.kind;
  return (
    <section aria-labelledby="answer" className="space-y-3">
      <h2 id="answer" className="text-xl" aria-live="polite">
        {lost < AS_GOOD
          ? t('As good as the best call.')
          : t('Your call loses {lost} strokes against the best one.', { lost: lost.toFixed(2) })}
      </h2>
      <StillSection
        shot={shot}
        pictures={[best.picture]}
        clubs={[best.call.club]}
        handed={player.handed}
        units={units}
        size={SIZE}
      />
      <table className="w-full border-collapse text-left">
        <thead>
          <tr className="border-b-2 border-hairline">
            <td />
            <th scope="col" className="py-1 pr-3">
              {t('you')}
            </th>
            <th scope="col" className="pr-3">
              {t('it is')}
            </th>
            <th scope="col">
              <span className="sr-only">{t('Right')}</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {TOPICS.map((topic) => (
            <tr key={topic} className="border-b border-hairline">
              <th scope="row" className="py-1 pr-3 font-normal">
                {TOPIC_WORDS[topic]}
              </th>
              <td className="pr-3">{rows[topic][0]}</td>
              <td className="pr-3 font-semibold">{rows[topic][1]}</td>
              <td>{right[topic] === 1 ? t('right') : <strong>{t('off')}</strong>}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p>
        {t(
          'Your ball as you called it: carries {far}, rolls {far2}; out {chance}. The best call, the {club}: carries {far3}, rolls {far4}; out {chance2}.',
          {
            far: far(own.predicted.carry_yd),
            far2: far(own.predicted.run_yd),
            chance: chanceWords(own.odds.out),
            club: best.call.club,
            far3: far(best.call.predicted.carry_yd),
            far4: far(best.call.predicted.run_yd),
            chance2: chanceWords(best.call.odds.out),
          },
        )}
      </p>
      <p className="border-l-4 border-flag pl-2">
        {asSeen === null
          ? t('With your reading no shot would be played at the flag: the error matters here.')
          : same
            ? t('Your reading leads to the same club and kind of shot.')
            : t(
                'Your reading would have led to the {club} instead of the {club2}: the error matters here.',
                { club: asSeen.club, club2: best.call.club },
              )}
      </p>
      <ul className="space-y-1 text-sm">
        {best.call.why.slice(0, 3).map((reason) => (
          <li key={reason.text}>{reason.text}</li>
        ))}
      </ul>
      <details>
        <summary className="min-h-11 py-2.5 font-semibold">
          {t('What coaches of other schools would call')}
        </summary>
        <ul className="space-y-2">
          {calls.slice(0, 5).map((call) => (
            <li key={`${call.club}${call.school}${call.rank}`}>
              <strong>{techniqueName(call.school)}</strong>
              {t(', the {club}: {words}', {
                club: call.club,
                words: firstWords(call.say),
              })}
            </li>
          ))}
        </ul>
      </details>
      <Link
        prefetch={false}
        href={`/?${readingToQuery({ player: player.id, shot: scene.shot })}`}
        className="inline-flex min-h-11 items-center underline underline-offset-4"
      >
        {t('Open this shot at the desk')}
      </Link>
    </section>
  );
}
