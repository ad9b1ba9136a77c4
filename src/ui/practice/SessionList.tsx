'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { X } from 'lucide-react';
import { useState } from 'react';
import { dosedBalls } from '@/core/lesson/drills/dose';
import type { NamedDrill } from '@/core/lesson/drills/drill';
import type { DrillResult } from '@/core/lesson/homework/result';
import type { Session } from '@/core/lesson/homework/sessions';
import { sayWeekday } from '../kit/day';
import { IconButton } from '../kit/IconButton';
import { closing } from '../kit/closing';
import { ResultForm } from './ResultForm';

interface SessionListProps {
  sessions: readonly Session[];
  at: string;
  drills: ReadonlyMap<string, NamedDrill>;
  results: readonly DrillResult[];
  today: string;
  /** Saves how a session went; null where the plan is not saved yet. */
  onResults: ((results: Omit<DrillResult, 'id'>[]) => Promise<boolean>) | null;
  onRemove: (result: DrillResult) => void;
}

const STATE_WORDS = told({ done: 'done', missed: 'missed', coming: '' });

/** A session, or a day without one on which something was written down. */
type Row = Omit<Session, 'nth'> & { nth: number | null };

/** The sessions of a plan, one after another, each with what it is for and how it went, and what was done besides. */
export function SessionList(props: SessionListProps) {
  const { sessions, at, drills, results, today, onResults, onRemove } = props;
  const [logging, setLogging] = useState<string | null>(null);
  const nameOf = (id: string): string => drills.get(id)?.name ?? id;
  const planned = new Set(sessions.map(({ day }) => day));
  const besides = [...new Set(results.map(({ day }) => day))].filter((day) => !planned.has(day));
  const rows: Row[] = [
    ...sessions,
    ...besides.map((day) => ({ nth: null, day, work: [], state: 'done' as const })),
  ];
  rows.sort((a, b) => a.day.localeCompare(b.day));
  return (
    <ol>
      {rows.map(({ nth, day, work, state }) => {
        const own = results.filter((result) => result.day === day);
        return (
          <li key={`${nth ?? ''}${day}`} className="border-b border-hairline py-2">
            <div className="flex items-start gap-3 max-sm:flex-wrap">
              <p
                className={`w-32 shrink-0 max-sm:grow ${day === today ? 'font-semibold' : ''} ${state === 'missed' ? 'text-ink-soft' : ''}`}
              >
                {nth === null ? '' : `${nth}. `}
                {sayWeekday(day)}
                <span className="block text-sm text-ink-soft">
                  {nth === null
                    ? t('besides the plan')
                    : day === today
                      ? t('today, {last}', { last: at })
                      : at}
                </span>
              </p>
              <div className="min-w-0 grow max-sm:order-last max-sm:basis-full">
                {work.length === 0 && own.length === 0 ? (
                  <p className="text-sm text-ink-soft">{t('No drill fits this session.')}</p>
                ) : state === 'done' ? null : (
                  <p className={state === 'missed' ? 'text-ink-soft' : ''}>
                    {work.map((item) => `${nameOf(item.drill)} ${dosedBalls(item)}`).join(' · ')}
                  </p>
                )}
                <ul className="flex flex-wrap gap-x-3">
                  {own.map((result) => (
                    <li key={result.id} className="-my-1.5 flex min-w-0 items-center">
                      <span>
                        {nameOf(result.drill)}{' '}
                        <strong className="whitespace-nowrap">
                          {t('{count} of {of}', { count: result.count, of: result.of })}
                        </strong>
                        {result.note && `, ${result.note}`}
                      </span>
                      <IconButton
                        label={t('Delete {name} {count} of {of}', {
                          name: nameOf(result.drill),
                          count: result.count,
                          of: result.of,
                        })}
                        onClick={() => onRemove(result)}
                        harm
                      >
                        <X size={15} aria-hidden="true" />
                      </IconButton>
                    </li>
                  ))}
                </ul>
              </div>
              <p className="shrink-0 text-sm text-ink-soft">{STATE_WORDS[state]}</p>
              {onResults && day <= today && work.length > 0 && (
                <button
                  type="button"
                  aria-expanded={logging === day}
                  onClick={() => setLogging(logging === day ? null : day)}
                  className="button no-print shrink-0 px-3"
                >
                  {own.length > 0 ? t('Add more') : t('Log it')}
                </button>
              )}
            </div>
            {logging === day && onResults && (
              <ResultForm
                day={day}
                work={work}
                nameOf={nameOf}
                onResults={async (added) => {
                  const saved = await onResults(added);
                  if (saved) setLogging(closing(day));
                  return saved;
                }}
              />
            )}
          </li>
        );
      })}
    </ol>
  );
}
