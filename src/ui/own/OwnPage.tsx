'use client';

import { t } from '@/core/tell/language/t';
import type { NamedDrill } from '@/core/lesson/drills/drill';
import type { Homework } from '@/core/lesson/homework/plan';
import type { DrillResult } from '@/core/lesson/homework/result';
import type { Session } from '@/core/lesson/homework/sessions';
import type { HistoryPoint } from '@/core/lesson/review/history';
import { dosedWords } from '@/core/tell/drills/doseWords';
import { LanguageButton } from '../frame/LanguageButton';
import { Mark } from '../frame/Mark';
import { usePreferences } from '../frame/preferences';
import { sayDay, sayWeekday } from '../kit/day';
import { UNIT_NAMES } from '../kit/units';
import { History } from '../lessons/History';

interface OwnPractice {
  id: string;
  plan: Homework;
  results: readonly DrillResult[];
  sessions: readonly Session[];
  /** YYYY-MM-DD, where it is practised. */
  today: string;
  drills: readonly NamedDrill[];
}

interface OwnPageProps {
  name: string;
  /** Of the link. */
  path: string;
  /** What the last lessons left to do. */
  homework: readonly { lesson: string; day: string; text: string }[];
  practice: readonly OwnPractice[];
  history: readonly HistoryPoint[];
}

/** Sessions that are shown of a plan. */
const SHOWN = 6;

/** What is a player's own, to be looked at: card, homework and progress. */
export function OwnPage({ name, path, homework, practice, history }: OwnPageProps) {
  const { units, onUnits } = usePreferences();
  const other = units === 'yards' ? 'metres' : 'yards';
  return (
    <>
      <header className="no-print flex items-center gap-3 border-b border-hairline px-6 py-1 max-sm:px-3">
        <Mark />
        <p className="mr-auto font-heading text-xl font-semibold">{t('Mellow Divot')}</p>
        <LanguageButton />
        <button type="button" onClick={() => onUnits(other)} className="button-quiet">
          {t('Show {other}', { other: UNIT_NAMES[other] })}
        </button>
      </header>
      <main className="mx-auto w-full max-w-[60rem] grow space-y-8 px-6 py-5 max-sm:px-3">
        <header>
          <h1 className="text-3xl">{name}</h1>
          <a href={`${path}/card?units=${units}`} className="button mt-2">
            {t('Pocket card as PDF')}
          </a>
          <p className="mt-1 text-sm text-ink-soft">{t('The card takes about ten seconds.')}</p>
        </header>
        <section aria-labelledby="homework">
          <h2 id="homework" className="text-2xl">
            {t('Homework')}
          </h2>
          {homework.length === 0 && practice.length === 0 && <p>{t('None yet.')}</p>}
          {homework.map(({ lesson, day, text }) => (
            <div key={lesson} className="mt-2">
              <h3 className="font-semibold">
                {t('From the lesson of {day}', { day: sayDay(day) })}
              </h3>
              <p className="whitespace-pre-line">{text}</p>
            </div>
          ))}
          {practice.map((each) => (
            <PracticePlan key={each.id} path={path} units={units} practice={each} />
          ))}
        </section>
        {history.length > 0 ? (
          <History points={history} />
        ) : (
          <p>{t('Progress is shown here once balls of a lesson are logged.')}</p>
        )}
        <p className="text-sm text-ink-soft">
          {t(
            'Stop if anything hurts. Rake the bunker after you. The Rules of Golf and Local Rules in force come first.',
          )}
        </p>
      </main>
    </>
  );
}

function PracticePlan({
  path,
  units,
  practice: { id, plan, results, sessions, today, drills },
}: {
  path: string;
  units: string;
  practice: OwnPractice;
}) {
  const nameOf = (drill: string): string =>
    drills.find((each) => each.id === drill)?.name ?? t('a deleted drill');
  const coming = sessions.filter(({ state, day }) => state === 'coming' && day >= today);
  return (
    <div className="mt-4 border-t border-hairline pt-3">
      <h3 className="flex flex-wrap items-center gap-3 font-semibold">
        <span className="mr-auto">
          {t('Practice from {day}, {where}', {
            day: sayDay(plan.starts_on),
            where: plan.where,
          })}
        </span>
        <a href={`${path}/practice/${id}?units=${units}`} className="button">
          {t('Practice sheet as PDF')}
        </a>
      </h3>
      {plan.note && <p className="mt-1 whitespace-pre-line">{plan.note}</p>}
      {coming.length === 0 && <p className="mt-1">{t('No more sessions in this plan.')}</p>}
      <ol className="mt-1">
        {coming.slice(0, SHOWN).map(({ nth, day, work }) => (
          <li key={nth} className="border-b border-hairline py-1.5">
            <strong>{sayWeekday(day)}</strong>, {plan.at}:{' '}
            {work.map(({ drill, ...dose }) => `${nameOf(drill)}, ${dosedWords(dose)}`).join('; ')}
          </li>
        ))}
      </ol>
      {results.length > 0 && (
        <p className="mt-2 text-sm text-ink-soft">
          {t('Last results: {list}.', {
            list: results
              .slice(-4)
              .map(({ drill, day, count, of }) =>
                t('{day} {name} {count} of {of}', {
                  day: sayDay(day),
                  name: nameOf(drill),
                  count,
                  of,
                }),
              )
              .join('; '),
          })}
        </p>
      )}
    </div>
  );
}
