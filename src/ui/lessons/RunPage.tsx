'use client';

import Link from 'next/link';
import { useCallback, useMemo, useState, type FormEvent } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { toast, Toaster } from 'sonner';
import { FaultyInput } from '@/core/contract/fault';
import { readSituation } from '@/core/contract/readSituation';
import { hitOf } from '@/core/lesson/against';
import { STRIKES, type LoggedFields, type NewBall, type Strike } from '@/core/lesson/ball';
import { readBallText } from '@/core/lesson/ballText';
import { callOf } from '@/core/lesson/callOf';
import { trackedBall } from '@/core/tracker/simulated';
import { situationFor } from '@/core/roster/player';
import { toMetres } from '@/core/units/length';
import type { UnitSystem } from '@/core/units/system';
import type { Theme } from '../frame/preferences';
import { ask } from '../frame/request';
import { TopBar } from '../frame/TopBar';
import { usePreferences } from '../frame/usePreferences';
import { BallList } from './BallList';
import { FinishPad, type Place } from './FinishPad';
import { SandStrip } from './SandStrip';
import { StationCallView } from './StationCallView';
import type { LessonPlayer, LessonView, ShownBall } from './types';
import { useBallQueue, type QueueState } from './useBallQueue';
import { useStationCall } from './useStationCall';

interface RunPageProps {
  lesson: LessonView;
  players: readonly LessonPlayer[];
  balls: readonly ShownBall[];
  units: UnitSystem;
  theme: Theme;
}

const STRIKE_KEYS: Record<Strike, string> = {
  good: 'g',
  thin: 't',
  heavy: 'h',
  lip: 'l',
  heel: 's',
};

const QUEUE_WORDS: Record<QueueState, string> = {
  saved: 'every ball is saved',
  sending: 'saving …',
  offline: 'the server does not answer; balls wait in this browser',
  refused: 'the server refuses a ball',
};

/** A lesson at the bunker: the call of the station at hand, and balls logged in three taps. */
export function RunPage(props: RunPageProps) {
  const { lesson, players } = props;
  const preferences = usePreferences(props);
  const { units } = preferences;
  const [saved, setSaved] = useState(props.balls);
  const [stationAt, setStationAt] = useState(0);
  const [playerAt, setPlayerAt] = useState(0);
  const [entry, setEntry] = useState<number | undefined>(undefined);
  const [place, setPlace] = useState<Place | undefined>(undefined);
  const [typed, setTyped] = useState('');
  const [fault, setFault] = useState<string | null>(null);

  const onSaved = useCallback((balls: readonly NewBall[]): void => {
    setSaved((now) => [...now, ...balls.filter(({ id }) => !now.some((ball) => ball.id === id))]);
  }, []);
  const queue = useBallQueue(lesson.id, onSaved);

  const station = lesson.plan.stations[stationAt]!;
  const player = players[playerAt]!;
  const situation = useMemo(() => situationFor(player, station.shot), [player, station]);
  const { question } = useMemo(() => readSituation(situation), [situation]);
  const { found, none } = useStationCall(situation, units);
  const balls: ShownBall[] = [
    ...saved,
    ...queue.queue
      .filter(({ id }) => !saved.some((ball) => ball.id === id))
      .map((ball) => ({ ...ball, pending: true })),
  ];
  const here = balls.filter((ball) => ball.player === player.id && ball.station === stationAt);

  const log = (fields: LoggedFields, source: 'hand' | 'tracker' = 'hand'): void => {
    if (!found) return;
    queue.add({
      id: crypto.randomUUID(),
      player: player.id,
      station: stationAt,
      call: callOf(found.call),
      source,
      hit_at: new Date().toISOString(),
      ...fields,
    });
    setEntry(undefined);
    setPlace(undefined);
    setFault(null);
  };
  const logTapped = (strike?: Strike): void => {
    if (entry === undefined && place === undefined && !strike) {
      setFault('Tap where the club entered, where the ball stopped, or how it was struck.');
      return;
    }
    log({
      ...(entry === undefined ? {} : { entry_m: entry }),
      ...(place === undefined ? {} : { along_m: place.along, right_m: place.right }),
      ...(strike ? { strike } : {}),
    });
  };
  const logTyped = (event: FormEvent): void => {
    event.preventDefault();
    try {
      log(readBallText(typed, units));
      setTyped('');
    } catch (error) {
      if (!(error instanceof FaultyInput)) throw error;
      setFault(error.faults.map(({ message }) => message).join('; '));
    }
  };
  const hitTracked = (): void => {
    if (!found) return;
    const hit = hitOf(callOf(found.call), question.player, station, player);
    log(trackedBall(hit, question.player, stationAt + 1, here.length), 'tracker');
  };

  /** Changes a saved ball, and shows what came of it. */
  const change = async (
    ball: ShownBall,
    fields: LoggedFields & { excluded?: string; deleted?: boolean },
  ): Promise<string | null> => {
    if (ball.pending) {
      if (fields.deleted) queue.drop(ball.id);
      return fields.deleted ? null : 'This ball is not saved yet.';
    }
    const answered = await ask<ShownBall>(`/api/balls/${ball.id}`, 'PATCH', fields);
    if (!answered.ok) return answered.fault;
    setSaved((now) =>
      fields.deleted
        ? now.filter(({ id }) => id !== ball.id)
        : now.some(({ id }) => id === ball.id)
          ? now.map((each) => (each.id === ball.id ? answered.body : each))
          : [...now, answered.body],
    );
    if (fields.deleted) {
      toast('The ball is taken away.', {
        action: { label: 'Undo', onClick: () => void change(ball, { deleted: false }) },
      });
    }
    return null;
  };
  const undoLast = (): void => {
    const last = here.at(-1);
    if (last) void change(last, { deleted: true });
  };

  // The strip and the pad are sliders: their own keys are the arrows, all others are the page's.
  const onPads = { enableOnFormTags: ['slider'] } as const;
  useHotkeys(
    Object.values(STRIKE_KEYS),
    ({ key }) => {
      const strike = STRIKES.find((each) => STRIKE_KEYS[each] === key.toLowerCase());
      if (strike) logTapped(strike);
    },
    onPads,
  );
  useHotkeys('n', () => setPlayerAt((playerAt + 1) % players.length), onPads);
  useHotkeys('b', () => setStationAt((stationAt + 1) % lesson.plan.stations.length), onPads);
  useHotkeys('mod+z', undoLast, { ...onPads, preventDefault: true });
  useHotkeys('/', () => document.getElementById('ball-line')?.focus(), {
    ...onPads,
    preventDefault: true,
    useKey: true,
  });

  return (
    <div className="flex min-h-screen flex-col">
      <TopBar room="Lessons" {...preferences}>
        <Link
          prefetch={false}
          href={`/lessons/${lesson.id}/plan`}
          className="flex h-11 items-center rounded px-3 hover:bg-paper-deep"
        >
          Plan
        </Link>
        <Link
          prefetch={false}
          href={`/lessons/${lesson.id}/review`}
          className="flex h-11 items-center rounded px-3 font-semibold hover:bg-paper-deep"
        >
          Review
        </Link>
      </TopBar>
      <main className="mx-auto w-full max-w-[80rem] grow px-6 py-3 max-sm:px-3">
        <h1 className="sr-only">Lesson at {lesson.plan.place}</h1>
        <Tabs
          label="Station"
          items={lesson.plan.stations.map(({ name }, i) => `${i + 1}. ${name}`)}
          value={stationAt}
          onValue={setStationAt}
        />
        <Tabs
          label="Player"
          items={players.map(({ name }) => name)}
          value={playerAt}
          onValue={setPlayerAt}
        />
        <p
          role="status"
          className={`mt-1 text-sm ${queue.state === 'offline' || queue.state === 'refused' ? 'font-semibold' : 'text-ink-soft'}`}
        >
          {here.length} of {lesson.plan.balls_per_station} balls here · {QUEUE_WORDS[queue.state]}
          {queue.queue.length > 0 && ` (${queue.queue.length} on their way)`}
        </p>
        {queue.fault && (
          <p role="alert" className="font-semibold text-harm">
            {queue.fault}{' '}
            <button
              type="button"
              className="underline"
              onClick={() => queue.queue[0] && queue.drop(queue.queue[0].id)}
            >
              Drop that ball
            </button>
          </p>
        )}
        <div className="mt-3 grid grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] gap-8 max-lg:grid-cols-1">
          <div>
            {found ? (
              <StationCallView
                found={found}
                handed={player.handed}
                burial={question.shot.burial}
                units={units}
              />
            ) : (
              <p className="py-6 text-lg">
                {none
                  ? 'Nothing in this bag gets this ball out at the flag. Choose another station.'
                  : 'Working out the call …'}
              </p>
            )}
            <BallList balls={here} units={units} onChange={change} />
          </div>
          <div className="space-y-3 max-lg:order-first">
            <SandStrip
              meant={found ? toMetres(found.call.entry_in, 'in') : 0.04}
              value={entry}
              handed={player.handed}
              units={units}
              onValue={setEntry}
            />
            <FinishPad
              shot={question.shot}
              handed={player.handed}
              units={units}
              value={place}
              before={here.flatMap(({ along_m, right_m }) =>
                along_m === undefined ? [] : [{ along: along_m, right: right_m ?? 0 }],
              )}
              onValue={setPlace}
            />
            <div className="grid grid-cols-5 gap-2">
              {STRIKES.map((strike) => (
                <button
                  key={strike}
                  type="button"
                  disabled={!found}
                  aria-keyshortcuts={STRIKE_KEYS[strike]}
                  onClick={() => logTapped(strike)}
                  className="min-h-14 rounded border-2 border-ink text-lg font-semibold hover:bg-flag-wash hover:text-on-flag disabled:opacity-50"
                >
                  {strike}
                </button>
              ))}
            </div>
            {fault && (
              <p role="alert" className="font-semibold text-harm">
                {fault}
              </p>
            )}
            <form onSubmit={logTyped} className="flex gap-2">
              <label htmlFor="ball-line" className="sr-only">
                A ball in a line
              </label>
              <input
                id="ball-line"
                value={typed}
                autoComplete="off"
                placeholder="e1.5 c12 r3 L2 thin ! note"
                onChange={(event) => setTyped(event.target.value)}
                className="h-12 min-w-0 grow rounded border-2 border-hairline bg-paper px-3"
              />
              <button
                type="submit"
                disabled={!found || typed.trim() === ''}
                className="h-12 rounded border-2 border-hairline px-4 disabled:opacity-50"
              >
                Log
              </button>
            </form>
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                disabled={!found}
                onClick={() => logTapped()}
                className="h-11 rounded border-2 border-hairline px-4 disabled:opacity-50"
              >
                Log without a strike
              </button>
              <button
                type="button"
                disabled={here.length === 0}
                onClick={undoLast}
                className="h-11 rounded border-2 border-hairline px-4 disabled:opacity-50"
              >
                Undo the last
              </button>
              <button
                type="button"
                disabled={!found}
                onClick={hitTracked}
                className="h-11 rounded border-2 border-dashed border-hairline px-4 disabled:opacity-50"
              >
                A ball from the simulated tracker
              </button>
            </div>
            <p className="text-sm text-ink-soft">
              Nobody ahead of the player or level with the ball. Keys: G T H L S log the strike, N
              next player, B next station, / types a ball.
            </p>
          </div>
        </div>
      </main>
      <Toaster position="bottom-center" toastOptions={{ style: { fontFamily: 'inherit' } }} />
    </div>
  );
}

function Tabs({
  label,
  items,
  value,
  onValue,
}: {
  label: string;
  items: readonly string[];
  value: number;
  onValue: (index: number) => void;
}) {
  return (
    <div role="radiogroup" aria-label={label} className="flex gap-1 overflow-x-auto">
      {items.map((item, i) => (
        <button
          key={i}
          type="button"
          role="radio"
          aria-checked={i === value}
          onClick={() => onValue(i)}
          className="min-h-12 shrink-0 rounded px-3 whitespace-nowrap hover:bg-paper-deep aria-checked:font-semibold aria-checked:underline aria-checked:decoration-flag aria-checked:decoration-[3px] aria-checked:underline-offset-8"
        >
          {item}
        </button>
      ))}
    </div>
  );
}
