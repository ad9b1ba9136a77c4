'use client';

import { t } from '@/core/tell/language/t';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { sayDay } from '../kit/day';

interface PlanConflictProps {
  /** What was saved elsewhere meanwhile. */
  theirs: StoredLesson;
  onMine: () => void;
  onTheirs: () => void;
}

/** A plan that was saved on another device since it was opened here: what it is there, and the choice between the two. */
export function PlanConflict({ theirs, onMine, onTheirs }: PlanConflictProps) {
  const { plan, players } = theirs;
  const lines: readonly (readonly [string, string])[] = [
    [t('Day'), sayDay(plan.held_on)],
    [t('Begins at'), plan.starts_at ?? ''],
    [t('Place'), plan.place],
    [t('Sand and weather'), plan.weather],
    [t('Players'), players.map(({ name }) => name).join(', ')],
    [t('Stations'), plan.stations.map(({ name, line }) => `${line}. ${name}`).join(', ')],
    [t('Balls per station'), String(plan.balls_per_station)],
    [t('Minutes per station'), String(plan.minutes_per_turn)],
    [t('Notes'), plan.notes],
  ];
  return (
    <section role="alert" aria-labelledby="conflict" className="border-l-4 border-harm pl-4">
      <h2 id="conflict" className="text-xl">
        {t('This plan was changed on another device since you opened it')}
      </h2>
      <p>{t('Nothing was overwritten. Your version is still below; this is the other one.')}</p>
      <dl className="mt-2 grid grid-cols-[auto_1fr] gap-x-4 gap-y-1">
        {lines
          .filter(([, text]) => text !== '')
          .map(([name, text]) => (
            <div key={name} className="contents">
              <dt className="text-ink-soft">{name}</dt>
              <dd className="whitespace-pre-line">{text}</dd>
            </div>
          ))}
      </dl>
      <div className="mt-3 flex flex-wrap gap-3">
        <button type="button" className="button" onClick={onMine}>
          {t('Keep my version')}
        </button>
        <button type="button" className="button" onClick={onTheirs}>
          {t('Use the other version')}
        </button>
      </div>
    </section>
  );
}
