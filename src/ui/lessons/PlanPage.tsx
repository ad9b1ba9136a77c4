'use client';

import { t } from '@/core/tell/language/t';
import { nobodyAhead } from '@/core/tell/script/care';
import { X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import { saidShot } from '@/core/tell/grammar/saidShot';
import {
  MOST_STATIONS,
  readLessonPlan,
  type LessonPlan,
  type Station,
} from '@/core/lesson/plan/lesson';
import { lineLetter, MOST_LINES } from '@/core/lesson/plan/line';
import { turnsOf } from '@/core/lesson/plan/turnsOf';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { strandedWords } from '@/core/tell/lessons/strandedWords';
import type { KeptReading } from '@/core/contract/reading/kept';
import { ask, saidOf } from '../server/client';
import { TopBar } from '../frame/TopBar';
import { checked } from '../kit/checked';
import { Choice, Prose, TextInput } from '../kit/fields';
import { AddStation } from './AddStation';
import { GroundStations } from './GroundStations';
import { PlanConflict } from './PlanConflict';
import { PlayerPicker } from '../reading/PlayerPicker';
import { TimetableView } from './TimetableView';
import { useStrandedPlayers } from './useStrandedPlayers';
import { useKeptVersion } from './useKeptVersion';
import { useKeptForm } from '../kit/useKeptForm';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

interface PlanPageProps {
  id: string;
  first: LessonPlan;
  /** Which saving of the plan this is; '' for a new one. */
  version: string;
  /** The players that are in it already. */
  players: readonly RosterPlayer[];
  roster: readonly RosterPlayer[];
  readings: readonly KeptReading[];
}

/** A lesson planned: day, place, players, stations, and who is where when. */
export function PlanPage(props: PlanPageProps) {
  // A form that is set back registers its fields anew: what registering gave must not be kept.
  'use no memo';
  const router = useRouter();
  const units = useUnits();
  const form = useForm<LessonPlan>({
    defaultValues: props.first,
    resolver: checked<LessonPlan>(readLessonPlan),
  });
  const { register, control, handleSubmit, setValue, setError, clearErrors, reset, formState } =
    form;
  const letGo = useKeptForm(`mellow-plan/${props.id}`, form);
  const stations = useFieldArray({ control, name: 'stations' });
  const plan = useWatch({ control }) as LessonPlan;
  const [known, setKnown] = useState<readonly RosterPlayer[]>([...props.roster, ...props.players]);
  const [theirNames, setTheirNames] = useState<Readonly<Record<string, string>>>({});
  const names = {
    ...theirNames,
    ...Object.fromEntries(known.map(({ id, name }) => [id, name])),
  };
  /** Of another coach's, or deleted: no name is known here. */
  const nameOf = (id: string): string => names[id] ?? t('a player who is not in your roster');
  const { errors, isDirty, isSubmitted } = formState;
  // What the server said was of the plan as it was sent.
  useEffect(() => clearErrors('root'), [plan, clearErrors]);
  const nextLine = Math.max(0, ...plan.stations.map(({ line }) => line || 0)) + 1;

  const { from, beginFrom } = useKeptVersion(props.id, props.version, isDirty);
  const [theirs, setTheirs] = useState<StoredLesson | null>(null);
  const [placing, setPlacing] = useState(false);

  const saveFrom = (version: string) =>
    handleSubmit(async (checkedPlan) => {
      const at = `/api/lessons/${props.id}`;
      const answered = await ask(`${at}?from=${version}`, 'PUT', checkedPlan);
      if (answered.kind === 'refused' && answered.status === 409) {
        const other = await ask<StoredLesson>(at);
        if (other.kind === 'ok') return setTheirs(other.body);
      }
      if (answered.kind !== 'ok') return setError('root', { message: saidOf(answered) });
      letGo();
      beginFrom();
      router.push(`/lessons/${props.id}`);
    })();
  const takeTheirs = (other: StoredLesson): void => {
    reset(other.plan);
    letGo();
    beginFrom(other.version);
    setTheirNames(Object.fromEntries(other.players.map(({ id, name }) => [id, name])));
    setTheirs(null);
  };
  const addStation = (name: string, shot: ShotInput): void =>
    stations.append({ name: name.slice(0, 80), shot, line: nextLine });
  const room = MOST_STATIONS - plan.stations.length;

  const group = plan.players.length;
  // By their values: the form gives a new list with every letter that is typed.
  const lined = JSON.stringify(plan.stations.map(({ line, ground }) => ({ line, ground })));
  const minutes = plan.minutes_per_turn || 1;
  const turns = useMemo(() => {
    const stations = JSON.parse(lined) as Pick<Station, 'line' | 'ground'>[];
    return group > 0 && stations.length > 0 ? turnsOf(group, stations, minutes) : [];
  }, [group, lined, minutes]);
  const going = plan.players.flatMap((id) => known.find((each) => each.id === id) ?? []);
  const stranded = useStrandedPlayers(going, plan.stations);

  return (
    <>
      <TopBar room="Lessons" />
      <main className="mx-auto w-full max-w-[64rem] grow space-y-7 px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">{t('Plan a lesson')}</h1>
          {isDirty && (
            <button
              type="button"
              onClick={() => {
                reset();
                letGo();
                beginFrom();
              }}
              className="button no-print"
            >
              {t('Discard changes')}
            </button>
          )}
          <button type="button" onClick={() => window.print()} className="button no-print">
            {t('Print')}
          </button>
          <button
            type="button"
            onClick={() => void saveFrom(from())}
            className="button-main no-print"
          >
            {t('Save and start logging')}
          </button>
        </header>
        {errors.root && <Alert>{errors.root.message}</Alert>}
        {theirs && (
          <PlanConflict
            theirs={theirs}
            onMine={() => void saveFrom(theirs.version)}
            onTheirs={() => takeTheirs(theirs)}
          />
        )}
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
          <TextInput
            label={t('Day')}
            type="date"
            {...register('held_on')}
            fault={errors.held_on?.message}
          />
          <TextInput
            label={t('Begins at')}
            type="time"
            {...register('starts_at', { setValueAs: (text: string) => text || undefined })}
            fault={errors.starts_at?.message}
          />
          <TextInput
            label={t('Place')}
            maxLength={120}
            {...register('place')}
            fault={errors.place?.message}
          />
          <TextInput
            label={t('Sand and weather')}
            maxLength={120}
            {...register('weather')}
            fault={errors.weather?.message}
          />
          <TextInput
            label={t('Balls per station')}
            type="number"
            min={1}
            max={50}
            {...register('balls_per_station', { valueAsNumber: true })}
            fault={errors.balls_per_station?.message}
          />
          <TextInput
            label={t('Minutes per station')}
            type="number"
            min={1}
            max={60}
            {...register('minutes_per_turn', { valueAsNumber: true })}
            fault={errors.minutes_per_turn?.message}
          />
        </div>
        <PlayerPicker
          roster={props.roster}
          nameOf={nameOf}
          chosen={plan.players}
          onChosen={(players) =>
            setValue('players', [...players], { shouldDirty: true, shouldValidate: isSubmitted })
          }
          onMet={(player) => setKnown((now) => [...now, player])}
        />
        {errors.players && (
          <Alert>
            {plan.players.length === 0
              ? t('Add at least one player.')
              : t('A player is in the lesson twice.')}
          </Alert>
        )}
        <section aria-labelledby="stations">
          <h2 id="stations" className="text-xl">
            {t('Stations')}
          </h2>
          {stations.fields.length === 0 &&
            (errors.stations ? (
              <Alert>
                {t(
                  'Add at least one station: a saved reading, one on your ground, a standard or a random one.',
                )}
              </Alert>
            ) : (
              <p>
                {t(
                  'No stations yet. Add a saved reading, one on your ground, a standard or a random one.',
                )}
              </p>
            ))}
          <ol>
            {stations.fields.map((station, i) => (
              <li
                key={station.id}
                className="grid grid-cols-[minmax(0,14rem)_8rem_minmax(0,1fr)_2.75rem] items-end gap-3 border-b border-hairline py-2 max-sm:grid-cols-[minmax(0,1fr)_8rem_2.75rem]"
              >
                <TextInput
                  label={t('Station {i}', { i: i + 1 })}
                  maxLength={80}
                  {...register(`stations.${i}.name`)}
                  fault={errors.stations?.[i]?.name?.message}
                />
                <Choice
                  label={t('Direction of play')}
                  options={linesOffered(plan.stations)}
                  {...register(`stations.${i}.line`, { valueAsNumber: true })}
                  fault={errors.stations?.[i]?.line?.message}
                />
                <p className="pb-2 text-sm max-sm:order-last max-sm:col-span-full">
                  {saidShot(station.shot, units)}
                </p>
                <button
                  type="button"
                  aria-label={t('Remove station {i}', { i: i + 1 })}
                  onClick={() => stations.remove(i)}
                  className="no-print grid size-11 place-items-center rounded hover:text-harm"
                >
                  <X size={17} aria-hidden="true" />
                </button>
                <Stranded players={stranded?.[i] ?? []} group={group} />
              </li>
            ))}
          </ol>
          <p className="mt-1 text-sm text-ink-soft">
            {t(
              'Give stations that play across each other the same letter: only one of them is used at a time, so no ball flies where somebody stands.',
            )}
          </p>
          <AddStation
            readings={props.readings}
            full={room <= 0}
            onStation={addStation}
            onGround={() => setPlacing(true)}
          />
          {placing && (
            <GroundStations
              room={room}
              day={plan.held_on}
              nextLine={nextLine}
              onClose={() => setPlacing(false)}
              onStations={(added) => {
                stations.append(added);
                setPlacing(false);
              }}
            />
          )}
        </section>
        {turns.length > 0 && (
          <TimetableView
            turns={turns}
            players={plan.players.map(nameOf)}
            stations={plan.stations.map(({ name }) => name)}
            startsAt={plan.starts_at}
            minutes={plan.minutes_per_turn}
          />
        )}
        <Prose label={t('Notes')} rows={3} maxLength={4000} {...register('notes')} />
        <p className="border-l-4 border-flag pl-3 text-sm">
          {t(
            '{nobodyAhead}; anyone resting stands behind the line. Drawing in the sand is for practice areas only.',
            { nobodyAhead: nobodyAhead() },
          )}
        </p>
      </main>
    </>
  );
}

/** Letters for the directions of play: those in use, and one more. */
const linesOffered = (stations: LessonPlan['stations']): [value: string, letter: string][] => {
  const used = stations.map(({ line }) => line);
  const most = Math.min(Math.max(0, ...used) + 1, MOST_LINES);
  return Array.from({ length: most + 1 }, (_, line) => line)
    .filter((line) => line > 0 || used.includes(0))
    .map((line) => [String(line), lineLetter(line)]);
};

/** Says of a station who cannot get its ball out; nothing where everybody can. */
function Stranded({ players, group }: { players: readonly RosterPlayer[]; group: number }) {
  if (players.length === 0) return null;
  return (
    <p role="status" className="order-last col-span-full text-sm font-semibold text-harm">
      {strandedWords(
        players.map(({ name }) => name),
        group,
      )}
    </p>
  );
}
