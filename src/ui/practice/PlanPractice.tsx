'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { toast } from 'sonner';
import { v4 as uuid } from 'uuid';
import { drillsById, type ListedDrill } from '@/core/lesson/drills/chosen';
import { readHomework, WEEKDAYS, type Homework } from '@/core/lesson/homework/plan';
import type { DrillResult } from '@/core/lesson/homework/result';
import { sessionCount, sessionsFor } from '@/core/lesson/homework/sessions';
import type { StoredHomework } from '@/core/lesson/homework/stored';
import { inHouse, situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import type { HousePreferences } from '@/core/lesson/players/house';
import { nobodyAhead } from '@/core/tell/script/care';
import { FIRST_SHOT } from '@/core/contract/reading/reading';
import type { KeptReading } from '@/core/contract/reading/kept';
import { counted } from '@/core/tell/words/counted';
import { TopBar } from '../frame/TopBar';
import { Alert } from '../kit/Alert';
import { checked, faultsIn } from '../kit/checked';
import { Choice, Prose, TextInput } from '../kit/fields';
import { sentOf, takeSaved } from '../kit/takeSaved';
import { useKeptForm } from '../kit/useKeptForm';
import { ask, askWithText, saidOf } from '../server/client';
import { isDone, remove } from '../server/said';
import { DrillProgressView } from './DrillProgressView';
import { ItemsField } from './ItemsField';
import { ResultLine } from './ResultLine';
import { SamePlan } from './SamePlan';
import { SessionList } from './SessionList';
import { WorthPanel } from './WorthPanel';

interface PlanPracticeProps {
  id: string;
  /** What stands under this id; null for a new plan. */
  stored: StoredHomework | null;
  /** What the form begins with. */
  first: Homework;
  player: RosterPlayer;
  /** Players whom the same plan may be for. */
  roster: readonly RosterPlayer[];
  house: HousePreferences;
  readings: readonly KeptReading[];
  drills: readonly ListedDrill[];
  /** The day that it is where the plan is kept, YYYY-MM-DD. */
  today: string;
}

const DAY_NAMES = told(['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const);

/** Practice of one player: when and where, which drills, session by session, how it went, and what is worth most. */
export function PlanPractice(props: PlanPracticeProps) {
  // A form that is set back registers its fields anew: what registering gave must not be kept.
  'use no memo';
  const { id, player, house, readings, drills, today } = props;
  const router = useRouter();
  const [stored, setStored] = useState(props.stored);
  const form = useForm<Homework>({
    defaultValues: props.first,
    resolver: checked<Homework>((typed) => readHomework(typed, stored ? undefined : today)),
  });
  const { register, control, handleSubmit, setValue, setError, formState } = form;
  const letGo = useKeptForm(`mellow-practice/${id}`, form);
  const typed = useWatch({ control }) as Homework;
  const { errors, isDirty, isSubmitting, isSubmitted } = formState;
  const known = useMemo(() => drillsById(drills), [drills]);
  const results = stored?.results ?? [];
  const valid = faultsIn(() => readHomework(typed)) === null;
  const sessions = valid
    ? sessionsFor({ plan: typed, cautions: player.cautions, results }, known, today)
    : [];

  useEffect(() => {
    // The server knows nothing of where this browser is.
    if (stored === null && typed.zone === 'UTC') {
      const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
      if (timeZone) setValue('zone', timeZone);
    }
  }, [stored, typed.zone, setValue]);

  const save = handleSubmit(async (plan) => {
    const sent = sentOf(form);
    const answered = await ask<StoredHomework>(`/api/practice/${id}`, 'PUT', plan);
    if (answered.kind !== 'ok') return setError('root', { message: saidOf(answered) });
    takeSaved(form, sent, answered.body.plan, letGo);
    setStored(answered.body);
    toast.success(t('Plan saved.'));
  });
  const addResults = async (added: readonly Omit<DrillResult, 'id'>[]): Promise<boolean> => {
    const answered = await ask<StoredHomework>(`/api/practice/${id}/results`, 'POST', {
      results: added.map((result) => ({ id: uuid(), ...result })),
    });
    if (!isDone(answered)) return false;
    setStored(answered.body);
    toast.success(t('Results saved.'));
    return true;
  };
  const readAgain = async (): Promise<void> => {
    const answered = await ask<StoredHomework>(`/api/practice/${id}`);
    if (isDone(answered)) setStored(answered.body);
  };
  const take = async (text: string): Promise<void> => {
    const answered = await askWithText<{ added: number; homework: StoredHomework }>(
      `/api/practice/${id}/import`,
      text,
    );
    if (!isDone(answered)) return;
    setStored(answered.body.homework);
    toast.success(t('{results} imported.', { results: counted(answered.body.added, 'result') }));
  };
  const setDays = (day: number, on: boolean): void =>
    setValue(
      'weekdays',
      WEEKDAYS.filter((each) => (each === day ? on : typed.weekdays.includes(each))),
      { shouldDirty: true, shouldValidate: isSubmitted },
    );
  const setItems = (items: Homework['items']): void =>
    setValue('items', items, { shouldDirty: true, shouldValidate: isSubmitted });
  const itemFault = Array.isArray(errors.items)
    ? t('Balls must be a whole number from 1 to 60 for each drill.')
    : errors.items && t('Add at least one drill.');

  return (
    <>
      <TopBar room="Practice">
        {stored && (
          <>
            <a href={`/api/practice/${id}/calendar`} className="button-quiet font-semibold">
              {t('Calendar')}
            </a>
            <a href={`/practice/${id}/pdf`} className="button-quiet">
              {t('PDF')}
            </a>
          </>
        )}
      </TopBar>
      <main className="mx-auto w-full max-w-[76rem] grow space-y-8 px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">
            {t('Practice for')}{' '}
            <Link
              prefetch={false}
              href={`/players/${player.id}`}
              className="underline decoration-hairline underline-offset-4"
            >
              {player.name}
            </Link>
          </h1>
          {stored && (
            <button
              type="button"
              onClick={() =>
                void remove(
                  `/api/practice/${id}`,
                  t('practice for {player}', { player: player.name }),
                  () => router.push('/practice'),
                )
              }
              className="button hover:text-harm"
            >
              {t('Delete')}
            </button>
          )}
          <button
            type="button"
            disabled={isSubmitting}
            onClick={() => void save()}
            className="button-main"
          >
            {t('Save the plan')}
          </button>
        </header>
        {errors.root && <Alert>{errors.root.message}</Alert>}
        <div className="grid grid-cols-2 gap-x-10 gap-y-8 max-lg:grid-cols-1">
          <form
            noValidate
            onSubmit={(event) => {
              event.preventDefault();
              void save();
            }}
            className="min-w-0 space-y-4"
          >
            <div className="grid grid-cols-3 gap-4 max-sm:grid-cols-2">
              <TextInput
                label={t('Begins')}
                type="date"
                fault={errors.starts_on?.message}
                {...register('starts_on')}
              />
              <TextInput
                label={t('Weeks')}
                type="number"
                min={1}
                max={12}
                fault={errors.weeks?.message}
                {...register('weeks', { valueAsNumber: true })}
              />
              <TextInput
                label={t('Time')}
                type="time"
                fault={errors.at?.message}
                {...register('at')}
              />
              <TextInput
                label={t('Minutes')}
                type="number"
                min={10}
                max={120}
                fault={errors.minutes?.message}
                {...register('minutes', { valueAsNumber: true })}
              />
              <div className="col-span-2">
                <TextInput
                  label={t('Where')}
                  maxLength={120}
                  fault={errors.where?.message}
                  {...register('where')}
                />
              </div>
            </div>
            <fieldset>
              <legend className="text-sm font-semibold">{t('Days')}</legend>
              <div className="flex flex-wrap gap-1">
                {WEEKDAYS.map((day) => (
                  <button
                    key={day}
                    type="button"
                    aria-pressed={typed.weekdays.includes(day)}
                    onClick={() => setDays(day, !typed.weekdays.includes(day))}
                    className="button px-2.5 lit-when-chosen"
                  >
                    {DAY_NAMES[day - 1]}
                  </button>
                ))}
              </div>
              {errors.weekdays && <Alert>{t('Choose at least one day of the week.')}</Alert>}
            </fieldset>
            <ItemsField
              items={typed.items}
              drills={drills}
              cautions={player.cautions}
              fault={itemFault}
              onItems={setItems}
            />
            <Prose
              label={t('Note for the player')}
              rows={2}
              maxLength={2000}
              fault={errors.note?.message}
              {...register('note')}
            />
            <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
              <Choice
                label={t('A missed session')}
                options={[
                  ['lapse', t('lapses')],
                  ['shift', t('moves on to the next day')],
                ]}
                {...register('missed')}
              />
              <TextInput
                label={t('Time zone')}
                maxLength={60}
                fault={errors.zone?.message}
                {...register('zone')}
              />
            </div>
          </form>
          <section aria-labelledby="sessions" className="min-w-0">
            <div className="flex flex-wrap items-baseline gap-3">
              <h2 id="sessions" className="mr-auto text-xl">
                {valid ? counted(sessionCount(typed), 'session') : t('Sessions')}
              </h2>
              {isDirty && stored && (
                <p role="status" className="text-sm text-ink-soft">
                  {t('Not saved yet.')}
                </p>
              )}
            </div>
            {stored && (
              <ResultLine
                drills={drills.filter(({ id: drill }) =>
                  typed.items.some((i) => i.drill === drill),
                )}
                today={today}
                onResults={addResults}
                onCsv={(text) => void take(text)}
              />
            )}
            {valid ? (
              <SessionList
                sessions={sessions}
                at={typed.at}
                drills={known}
                results={results}
                today={today}
                onResults={stored ? addResults : null}
                onRemove={(result) =>
                  void remove(
                    `/api/practice/results/${result.id}`,
                    known.get(result.drill)?.name ?? result.drill,
                    readAgain,
                  )
                }
              />
            ) : (
              <p className="mt-2">{t('Complete the plan to see its sessions.')}</p>
            )}
          </section>
        </div>
        {stored && valid && <SamePlan plan={typed} roster={props.roster} />}
        <DrillProgressView results={results} drills={known} />
        <WorthPanel
          player={player}
          situation={situationFor(inHouse(player, house), FIRST_SHOT)}
          readings={readings.map(({ shot }) => situationFor(player, shot as typeof FIRST_SHOT))}
          drills={drills}
          onItems={(items) => {
            setItems(items);
            toast(t('The plan’s drills have changed. Save the plan to keep them.'));
          }}
        />
        <p className="border-l-4 border-flag pl-3 text-sm">
          {t(
            '{nobodyAhead}. Heat: drink, and rest in the shade. Thunder: leave the ground at once. What the player’s body can take is for a coach, doctor or physiotherapist to say.',
            { nobodyAhead: nobodyAhead() },
          )}
        </p>
      </main>
    </>
  );
}
