'use client';

import { causeName, fixWords, lookWords } from '@/core/tell/lessons/causeWords';
import { t } from '@/core/tell/language/t';
import { useMemo, useState } from 'react';
import { NO_FAULT, SIGNS, type Sign } from '@/core/lesson/faults/causes';
import { drillsFor } from '@/core/lesson/drills/chosen';
import { DOSES, usualDose } from '@/core/lesson/drills/dose';
import { drillLine } from '@/core/tell/drills/doseWords';
import { evidenceWords } from '@/core/tell/lessons/faultWords';
import { FEWEST, findFault } from '@/core/lesson/faults/find';
import type { Ticks } from '@/core/lesson/faults/ticks';
import type { Looked } from '@/core/lesson/faults/looks';
import { recordOf, type RosterPlayer } from '@/core/lesson/players/player';
import { capital } from '@/core/tell/words/capital';
import { listed } from '@/core/tell/words/listed';
import { chanceWords } from '@/core/tell/words/words';
import type { PlacedBall } from '@/core/lesson/review/against';
import { Pick } from '../kit/fields';
import { useDrills } from '../drills/useDrills';
import { useTask } from '../engine/useTask';

interface FaultPanelProps {
  player: RosterPlayer;
  balls: readonly PlacedBall[];
  /** Takes the fix and the drill over into the player's homework. */
  onDrill: (text: string) => void;
  /** Takes them into the homework of everyone; null where the player is alone. */
  onDrillForAll: ((text: string) => void) | null;
}

const SHOWN = 4;
const STRONG = 0.4;

/** Answers after which the first three suspects hold the cause in nine lessons of ten: measured by the bench. */
const DOZEN = 12;

/** The causes that explain the balls best, what speaks for each, what to look at next, a fix and a drill. */
export function FaultPanel({ player, balls, onDrill, onDrillForAll }: FaultPanelProps) {
  const [dose, setDose] = useState(() => usualDose(player.cautions));
  const [chosen, setChosen] = useState<Readonly<Record<string, string>>>({});
  const drills = useDrills();
  const [ticks, setTicks] = useState<Ticks>({});
  const question = useMemo(() => ({ player, balls }), [player, balls]);
  const {
    status,
    value: looked,
    failure,
  } = useTask<Looked | null>(question, ({ engine, signal }) =>
    engine.run('looks', [recordOf(player), balls], { signal }),
  );
  const finding = looked && findFault(looked, ticks);
  const answered = Object.keys(ticks).length;

  return (
    <section aria-labelledby="fault" aria-busy={status === 'running'}>
      <h2 id="fault" className="text-xl">
        {t('Likely causes')}
      </h2>
      {!finding ? (
        <p>
          {balls.length === 0
            ? t('No balls logged for this player.')
            : failure
              ? failure.message
              : status === 'done'
                ? t('These balls are not enough to say anything.')
                : t('Looking …')}
        </p>
      ) : (
        <div className="mt-1 grid grid-cols-2 gap-8 max-lg:grid-cols-1">
          <div>
            {!finding.clear && (
              <p role="status" className="mb-2 border-l-4 border-flag pl-2">
                {finding.odd
                  ? t('These balls do not match any common fault. Look at the whole swing.')
                  : finding.balls < FEWEST
                    ? t('Not clear yet: {balls} balls are too few.', { balls: finding.balls })
                    : t('Not clear yet.')}
                {finding.next && ` ${t('Check the question on the right.')}`}
              </p>
            )}
            <fieldset className="no-print mb-3 flex flex-wrap items-end gap-3">
              <legend className="sr-only">{t('How much of the drill')}</legend>
              <Pick
                label={t('Sets of the drill')}
                value={String(dose.sets)}
                onValue={(sets) => setDose({ ...dose, sets: Number(sets) })}
                options={DOSES.sets.map((each) => [String(each), String(each)])}
              />
              <Pick
                label={t('Balls in a set')}
                value={String(dose.balls)}
                onValue={(balls) => setDose({ ...dose, balls: Number(balls) })}
                options={DOSES.balls.map((each) => [String(each), String(each)])}
              />
              {player.cautions.length > 0 && (
                <p className="text-sm">
                  {t('Short sets to spare the {cautions}: stop where it hurts.', {
                    cautions: listed(player.cautions),
                  })}
                </p>
              )}
            </fieldset>
            <ol className="space-y-3">
              {finding.suspects.slice(0, SHOWN).map(({ cause, chance, evidence }) => {
                const speaking = evidence.filter(({ weight }) => weight > STRONG).slice(0, 3);
                const fitting = drillsFor(drills, cause.id);
                const drill = fitting.find(({ id }) => id === chosen[cause.id]) ?? fitting[0];
                const line = drill && drillLine({ fix: fixWords(cause), drill: drill.brief }, dose);
                const against = evidence.filter(({ weight }) => weight < -STRONG).slice(-2);
                return (
                  <li key={cause.id}>
                    <p>
                      {finding.clear ? (
                        <strong className="font-heading text-lg">
                          {capital(causeName(cause))}
                        </strong>
                      ) : (
                        capital(causeName(cause))
                      )}
                      , {chanceWords(chance)}
                    </p>
                    <p className="text-sm leading-snug text-ink-soft">
                      {speaking.length > 0 &&
                        `${t('For it: {list}.', { list: speaking.map(evidenceWords).join('; ') })} `}
                      {against.length > 0 &&
                        t('Against: {list}.', { list: against.map(evidenceWords).join('; ') })}
                    </p>
                    {chance > 0.15 && !NO_FAULT.has(cause.id) && line && (
                      <div className="leading-snug">
                        <p>{line}</p>
                        <div className="no-print mt-1 flex flex-wrap items-end gap-3">
                          <Pick
                            label={t('Drill for “{cause}”', { cause: causeName(cause) })}
                            value={drill.id}
                            onValue={(id) => setChosen({ ...chosen, [cause.id]: id })}
                            options={fitting.map(({ id, name }) => [id, name] as const)}
                          />
                          <button type="button" className="button" onClick={() => onDrill(line)}>
                            {t('Add to {player}’s homework', { player: player.name })}
                          </button>
                          {onDrillForAll && (
                            <button
                              type="button"
                              className="button"
                              onClick={() => onDrillForAll(line)}
                            >
                              {t('Add to everyone’s homework')}
                            </button>
                          )}
                        </div>
                      </div>
                    )}
                  </li>
                );
              })}
            </ol>
          </div>
          <div>
            {finding.next && (
              <div className="rounded border-2 border-flag p-3">
                <p className="mb-2 text-lg font-semibold">
                  {t('Check next: {look}', { look: lookWords(finding.next) })}
                </p>
                <Answer sign={finding.next} ticks={ticks} onTicks={setTicks} />
                {!finding.clear && answered < DOZEN && (
                  <p className="mt-2 text-sm leading-snug text-ink-soft">
                    {t(
                      'With a dozen answers, the true cause is among the first three in nine lessons out of ten.',
                    )}
                  </p>
                )}
              </div>
            )}
            <details className="mt-3">
              <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
                {finding.next ? t('All other questions') : t('All questions')}
                {answered > 0 && ` ${t('({answered} answered)', { answered })}`}
              </summary>
              <ul>
                {SIGNS.filter(({ id }) => id !== finding.next?.id).map((sign) => (
                  <li key={sign.id} className="flex items-center gap-2 border-b border-hairline">
                    <span className="grow py-1 text-sm leading-snug">{lookWords(sign)}</span>
                    <Answer sign={sign} ticks={ticks} onTicks={setTicks} />
                  </li>
                ))}
              </ul>
            </details>
          </div>
        </div>
      )}
    </section>
  );
}

interface AnswerProps {
  sign: Sign;
  ticks: Ticks;
  onTicks: (change: (now: Ticks) => Ticks) => void;
}

/** Yes or no to a question; pressed again it is unanswered. */
function Answer({ sign, ticks, onTicks }: AnswerProps) {
  const { id } = sign;
  return (
    <span className="flex gap-2">
      {[true, false].map((seen) => (
        <button
          key={String(seen)}
          type="button"
          aria-label={`${lookWords(sign)} ${seen ? t('Yes') : t('No')}`}
          aria-pressed={ticks[id] === seen}
          onClick={() =>
            onTicks(({ [id]: before, ...others }) =>
              before === seen ? others : { ...others, [id]: seen },
            )
          }
          className="h-11 w-12 rounded border-2 border-hairline lit-when-chosen"
        >
          {seen ? t('yes') : t('no')}
        </button>
      ))}
    </span>
  );
}
