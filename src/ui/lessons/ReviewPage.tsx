'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { toast } from 'sonner';
import type { LearntFactors } from '@/core/ground/player/learnt';
import { forStats, shotsOf } from '@/core/lesson/review/against';
import { ballsFrom, type BallColumns } from '@/core/lesson/review/columns';
import { itemsNamedIn } from '@/core/tell/drills/doseWords';
import { itemsText } from '@/core/lesson/homework/plan';
import { ownOf } from '@/core/lesson/plan/lesson';
import { partsOf, type Comparison } from '@/core/lesson/review/parts';
import { reportOf } from '@/core/tell/lessons/report';
import { summaryWords } from '@/core/tell/lessons/summary';
import { sayDay } from '../kit/day';
import { ask } from '../server/client';
import { TopBar } from '../frame/TopBar';
import { useDrills } from '../drills/useDrills';
import { FaultPanel } from './FaultPanel';
import { LearnTogether } from '../learning/LearnTogether';
import { LearnPanel } from '../learning/LearnPanel';
import { StatsView } from './StatsView';
import { Pick, Prose } from '../kit/fields';
import { sentOf, takeSaved } from '../kit/takeSaved';
import { useKeptForm } from '../kit/useKeptForm';
import { isDone } from '../server/said';
import type { RosterPlayer } from '@/core/lesson/players/player';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { useUnits } from '../kit/units';

interface ReviewPageProps {
  lesson: StoredLesson;
  players: readonly RosterPlayer[];
  /** The balls of the lesson: there may be thousands. */
  columns: BallColumns;
}

/** A lesson looked at: what the balls came to, what was learnt, what is behind it, and how it is closed. */
export function ReviewPage(props: ReviewPageProps) {
  // A form that is set back registers its fields anew: what registering gave must not be kept.
  'use no memo';
  const { lesson, columns } = props;
  const balls = useMemo(() => ballsFrom(columns), [columns]);
  const units = useUnits();
  const [players, setPlayers] = useState(props.players);
  const [playerId, setPlayerId] = useState(players[0]!.id);
  const [station, setStation] = useState<number | 'all'>('all');
  const [club, setClub] = useState('all');
  const [by, setBy] = useState<Comparison>('halves');
  const form = useForm({
    defaultValues: {
      summary: lesson.summary,
      homework: lesson.homework,
      own: Object.fromEntries(lesson.plan.players.map((id) => [id, ownOf(lesson, id)])),
    },
  });
  // Who was there alone has one homework; of several each has what is for everyone, and an own one.
  const alone = lesson.plan.players.length === 1;
  const drills = alone ? 'homework' : (`own.${playerId}` as const);
  const { register, getValues, setValue, formState } = form;
  const letGo = useKeptForm(`mellow-review/${lesson.id}`, form);
  const changed = formState.isDirty;
  const write = (field: 'summary' | 'homework' | typeof drills, text: string): void =>
    setValue(field, text, { shouldDirty: true });
  const add = (field: 'homework' | typeof drills, text: string): void => {
    const before = getValues(field);
    write(field, before ? `${before}\n${text}` : text);
  };
  // Drills of the homework that stands here, with their doses: a plan of practice begins with them.
  const known = useDrills();
  const homework = useWatch({ control: form.control });
  const own = alone ? '' : (homework.own?.[playerId] ?? '');
  const named = itemsText(itemsNamedIn(`${homework.homework}\n${own}`, known));
  const [closed, setClosed] = useState(lesson.closed);
  const player = players.find(({ id }) => id === playerId)!;
  const shots = useMemo(() => shotsOf(player, lesson.plan.stations), [lesson, player]);
  const { stations } = lesson.plan;
  const one = stations.length === 1 ? 0 : station;
  const ground = one === 'all' ? undefined : stations[one]!.ground;
  const inChoice = useMemo(
    () =>
      balls
        .filter(
          (ball) =>
            (station === 'all' || ball.station === station) &&
            (club === 'all' || ball.call.club === club),
        )
        .map((ball) => forStats({ ...ball, at: stations[ball.station]! }, shots[ball.station]!)),
    [balls, station, club, stations, shots],
  );
  const shown = useMemo(
    () => inChoice.filter((ball) => ball.player === playerId),
    [inChoice, playerId],
  );
  const clubs = [
    ...new Set(balls.filter((ball) => ball.player === playerId).map(({ call }) => call.club)),
  ];
  const parts = useMemo(
    () =>
      partsOf(by === 'players' ? inChoice : shown, by, (ball) => {
        if (by === 'stations') return `${ball.station + 1}. ${ball.at.name}`;
        if (by === 'clubs') return ball.call.club;
        return players.find(({ id }) => id === ball.player)?.name ?? ball.player;
      }),
    [by, inChoice, shown, players],
  );

  const takeLearnt = (id: string, learnt: LearntFactors | undefined): void =>
    setPlayers((now) =>
      now.map((each) => {
        if (each.id !== id) return each;
        const { learnt: _before, ...rest } = each;
        return learnt ? { ...rest, learnt } : rest;
      }),
    );
  const writeSummary = (): void => {
    const reports = players.map((each) =>
      reportOf(
        each,
        lesson.plan,
        balls.filter((ball) => ball.player === each.id),
      ),
    );
    write('summary', summaryWords(lesson.plan.place, reports, units));
  };
  const close = async (next: boolean): Promise<void> => {
    const prose = sentOf(form);
    const { own, ...shared } = prose;
    const answered = await ask(`/api/lessons/${lesson.id}/close`, 'POST', {
      ...shared,
      own_homework: Object.entries(own).map(([id, text]) => ({ player: id, text })),
      closed: next,
    });
    if (!isDone(answered)) return;
    takeSaved(form, prose, prose, letGo);
    setClosed(next);
    toast.success(next ? t('The lesson is closed.') : t('Saved. The lesson stays open.'));
  };

  return (
    <>
      <TopBar room="Lessons">
        <Link
          prefetch={false}
          href={`/lessons/${lesson.id}`}
          className="button-quiet font-semibold"
        >
          {t('Log balls')}
        </Link>
        <a href={`/lessons/${lesson.id}/pdf`} className="button-quiet">
          {t('PDF')}
        </a>
        {(['csv', 'json'] as const).map((as) => (
          <a
            key={as}
            href={`/api/lessons/${lesson.id}/export?as=${as}&units=${units}`}
            className="button-quiet uppercase"
          >
            {as}
          </a>
        ))}
      </TopBar>
      <main className="mx-auto w-full max-w-[76rem] grow space-y-9 px-6 py-5 max-sm:px-3">
        <header>
          <h1 className="text-3xl">
            {lesson.plan.place}, {sayDay(lesson.plan.held_on)}
          </h1>
          <div className="mt-3 flex flex-wrap gap-4 max-sm:grid max-sm:grid-cols-[1.5fr_1fr_1fr] max-sm:gap-2">
            <Pick
              label={t('Player')}
              value={playerId}
              onValue={setPlayerId}
              options={players.map(({ id, name }) => [id, name])}
            />
            <Pick
              label={t('Station')}
              value={String(station)}
              onValue={(value) => setStation(value === 'all' ? 'all' : Number(value))}
              options={[
                ['all', t('all')],
                ...lesson.plan.stations.map(
                  ({ name }, i) => [String(i), `${i + 1}. ${name}`] as [string, string],
                ),
              ]}
            />
            <Pick
              label={t('Club')}
              value={club}
              onValue={setClub}
              options={[
                ['all', t('all')],
                ...clubs.map((name) => [name, name] as [string, string]),
              ]}
            />
          </div>
        </header>
        <StatsView
          balls={shown}
          parts={parts}
          by={by}
          onBy={setBy}
          handed={player.handed}
          ground={ground}
        />
        <LearnPanel
          player={player}
          balls={shown}
          stations={stations}
          onLearnt={(learnt) => takeLearnt(playerId, learnt)}
        />
        {!alone && <LearnTogether players={players} onLearnt={takeLearnt} />}
        <FaultPanel
          key={playerId}
          player={player}
          balls={shown}
          onDrill={(text) => add(drills, text)}
          onDrillForAll={alone ? null : (text) => add('homework', text)}
        />
        <section aria-labelledby="close">
          <h2 id="close" className="text-xl">
            {t('Close')}
          </h2>
          <div className="mt-1 grid grid-cols-2 gap-6 max-lg:grid-cols-1">
            <Prose label={t('Summary')} rows={6} maxLength={8000} {...register('summary')} />
            <Prose
              label={alone ? t('Homework') : t('Homework for everyone')}
              rows={6}
              maxLength={4000}
              {...register('homework')}
            />
            {!alone &&
              players.map(({ id, name }) => (
                <Prose
                  key={id}
                  label={t('Homework for {name}', { name })}
                  rows={3}
                  maxLength={4000}
                  {...register(`own.${id}`)}
                />
              ))}
          </div>
          <div className="no-print mt-2 flex flex-wrap gap-3">
            <button type="button" onClick={writeSummary} className="button">
              {t('Draft the summary')}
            </button>
            <button type="button" onClick={() => void close(true)} className="button-main">
              {closed ? t('Save') : t('Save and close')}
            </button>
            <a href={`/lessons/${lesson.id}/pdf?player=${playerId}`} className="button">
              {t('Card for {player}', { player: player.name })}
            </a>
            <Link
              prefetch={false}
              href={`/practice/new?player=${encodeURIComponent(playerId)}${named && `&drills=${named}`}`}
              className="button"
            >
              {t('Plan practice for {player}', { player: player.name })}
            </Link>
            <button
              type="button"
              disabled={!closed && !changed}
              onClick={() => void close(false)}
              className="button"
            >
              {closed ? t('Reopen') : t('Save, keep open')}
            </button>
            <p role="status" className="self-center text-sm text-ink-soft">
              {changed && t('Not saved yet. Kept in this tab.')}
            </p>
          </div>
        </section>
      </main>
    </>
  );
}
