'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { situationAt } from '@/core/lesson/plan/situationAt';
import { nobodyAhead } from '@/core/tell/script/care';
import { useMemo } from 'react';
import { readSituation } from '@/core/contract/shot/situation';
import { hitOf } from '@/core/lesson/review/against';
import type { BallChange, BallSource, LoggedFields } from '@/core/lesson/balls/ball';
import { changedBall } from '@/core/lesson/balls/changed';
import { turnsOf } from '@/core/lesson/plan/turnsOf';
import { whatNext } from '@/core/lesson/plan/whatNext';
import { entryMeant } from '@/core/contract/shot/setup';
import { callWords } from '@/core/tell/lessons/callWords';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { trackedBall } from '@/core/lesson/tracker/simulated';
import { counted } from '@/core/tell/words/counted';
import { Choices } from '../kit/Choices';
import { RunBar } from './RunBar';
import { Closed } from './Closed';
import { BallList } from './BallList';
import { LogPanel, NO_HALF, type HalfBall } from './LogPanel';
import { CallPanel } from '../call/CallPanel';
import { WhatNext } from './WhatNext';
import { TrackerPanel } from './TrackerPanel';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import type { ShownBall } from './types';
import { taken, useBallChanges } from './useBallChanges';
import { useBallQueue, type QueueState } from './useBallQueue';
import { CommandHints, useCommands, type Command } from '../kit/commands';
import { useAwake } from '../kit/useAwake';
import { useKept } from '../kit/useKept';
import { useComesBack } from './useComesBack';
import { useOtherBalls } from './useOtherBalls';
import { callKeptOf, useStationCall } from './useStationCall';
import { useEarlyBalls, withCall } from './useEarlyBalls';
import { useTracker } from './useTracker';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';
import { toast } from 'sonner';
import { v4 as uuid } from 'uuid';

interface RunPageProps {
  lesson: StoredLesson;
  players: readonly RosterPlayer[];
  balls: readonly ShownBall[];
}

const QUEUE_WORDS: Record<QueueState, string> = told({
  saved: 'all balls saved',
  sending: 'saving …',
  offline: 'no connection: balls are waiting in this browser',
  refused: 'the server rejected a ball',
});

const LOOK_MS = 4000;
const LOOK_LISTENING_MS = 1000;

/** A lesson at the bunker: the call of the station at hand, and balls logged in three taps. */
export function RunPage(props: RunPageProps) {
  const { lesson, players } = props;
  const { stations, balls_per_station } = lesson.plan;
  const units = useUnits();
  const awake = useAwake();
  useComesBack();
  const [kept, keep] = useKept<HalfBall & { station: number; player: number }>(
    `mellow-run/${lesson.id}`,
    { ...NO_HALF, station: 0, player: 0 },
  );
  const stationAt = Math.min(kept.station, stations.length - 1);
  const playerAt = Math.min(kept.player, players.length - 1);
  const turns = useMemo(
    () => turnsOf(players.length, stations, lesson.plan.minutes_per_turn),
    [players, stations, lesson],
  );
  const station = stations[stationAt]!;
  const player = players[playerAt]!;

  const { saved, put, remove, join, change } = useBallChanges(lesson.id, props.balls);
  const queue = useBallQueue(lesson.id, (balls, away) => {
    put(balls);
    remove(away);
  });
  const situation = useMemo(() => situationAt(player, station), [player, station]);
  const { question } = useMemo(() => readSituation(situation), [situation]);
  const { found, none, fault } = useStationCall(situation, units);
  const call = found && callKeptOf(found, player);
  const tracker = useTracker(
    call && { lesson: lesson.id, player: player.id, station: stationAt, call },
  );
  useOtherBalls(lesson.id, saved, tracker.on ? LOOK_LISTENING_MS : LOOK_MS, join);

  const waiting = queue.queue;
  const onTheWay = new Set(waiting.map(({ ball }) => ball.id));
  const here: ShownBall[] = [
    ...saved.filter(({ id }) => !onTheWay.has(id)),
    ...waiting.flatMap(({ ball, change: changed = {} }) => {
      const shown = changedBall(ball, changed);
      return shown ? [{ ...shown, pending: true }] : [];
    }),
  ].filter((ball) => ball.player === player.id && ball.station === stationAt);

  const { early, hold, dropLast } = useEarlyBalls(
    lesson.id,
    players,
    stations,
    units,
    queue.add,
    ({ player: id, station: at }) =>
      void toast.error(
        t(
          'A ball of {player} at station {station} was not logged: no club in the bag gets out towards the flag there.',
          {
            player: players.find((each) => each.id === id)?.name ?? id,
            station: at + 1,
          },
        ),
      ),
  );
  const earlyHere = early.filter(
    (ball) => ball.player === player.id && ball.station === stationAt,
  ).length;
  const log = (fields: LoggedFields, asCalled = false, source: BallSource = 'hand'): void => {
    const ball = { player: player.id, station: stationAt, fields, asCalled };
    if (!call) return hold(ball);
    queue.add(withCall({ ...ball, id: uuid(), hit_at: new Date().toISOString(), source }, call));
  };
  const simulate = (): void => {
    if (!call) return;
    const hit = hitOf(call, question.player, station, player);
    log(trackedBall(hit, question.player, stationAt + 1, here.length), false, 'simulated');
  };
  const { refused } = queue;
  const changeBall = async (ball: ShownBall, fields: BallChange): Promise<string | null> => {
    if (fields.deleted && ball.id === refused) {
      queue.drop(ball.id);
      return null;
    }
    if (!queue.change(ball.id, fields)) return change(ball, fields);
    if (fields.deleted) taken(() => void changeBall(ball, { deleted: false }));
    return null;
  };
  const next = useMemo(() => {
    const ballsAt = new Map<string, number>();
    for (const { player: id, station: at } of [...saved, ...waiting.map(({ ball }) => ball)]) {
      ballsAt.set(`${id}/${at}`, (ballsAt.get(`${id}/${at}`) ?? 0) + 1);
    }
    return whatNext(
      turns,
      { player: playerAt, station: stationAt },
      (visit) =>
        (ballsAt.get(`${players[visit.player]!.id}/${visit.station}`) ?? 0) >= balls_per_station,
    );
  }, [turns, saved, waiting, players, playerAt, stationAt, balls_per_station]);
  const undoLast = (): void => {
    if (dropLast(player.id, stationAt)) return;
    const last = here.at(-1);
    if (last) void changeBall(last, { deleted: true });
  };
  const goTo = (to: { station?: number; player?: number }): void =>
    keep({ ...to, entry: null, place: null });

  const commands: Command[] = [
    {
      name: t('Next player'),
      group: t('Lesson'),
      key: 'n',
      hint: t('next player'),
      act: () => goTo({ player: (playerAt + 1) % players.length }),
    },
    {
      name: t('Next station'),
      group: t('Lesson'),
      key: 'b',
      hint: t('next station'),
      act: () => goTo({ station: (stationAt + 1) % stations.length }),
    },
    {
      name: t('Undo the last ball'),
      group: t('Lesson'),
      key: 'mod+z',
      hint: t('undo last ball'),
      act: undoLast,
    },
  ];
  useCommands(commands);

  const needsCare = queue.state === 'offline' || queue.state === 'refused';
  return (
    <>
      <RunBar lessonId={lesson.id} />
      <main className="mx-auto w-full max-w-[80rem] grow px-6 py-3 max-sm:px-3">
        <h1 className="sr-only">{t('Lesson at {place}', { place: lesson.plan.place })}</h1>
        <Choices
          label={t('Station')}
          items={stations.map(({ name }, i) => `${i + 1}. ${name}`)}
          value={stationAt}
          onValue={(index) => goTo({ station: index })}
        />
        <Choices
          label={t('Player')}
          items={players.map(({ name }) => name)}
          value={playerAt}
          onValue={(index) => goTo({ player: index })}
        />
        <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-2">
          <p
            role="status"
            className={`grow text-sm ${needsCare ? 'font-semibold' : 'text-ink-soft'}`}
          >
            {here.length > balls_per_station
              ? t('{balls}, {ballsPerStation} planned', {
                  balls: counted(here.length, 'ball'),
                  ballsPerStation: balls_per_station,
                })
              : t('{here} of {balls} balls', {
                  here: here.length,
                  balls: balls_per_station,
                })}{' '}
            · {QUEUE_WORDS[queue.state]}
            {earlyHere > 0 &&
              ` · ${t('{balls} waiting for the call', { balls: counted(earlyHere, 'ball') })}`}
            {waiting.length > 0 &&
              ` ${t('({waiting} still to send)', { waiting: waiting.length })}`}
          </p>
          {here.length >= balls_per_station && (
            <WhatNext lesson={lesson} players={players} visit={next} onGo={goTo} />
          )}
          <button
            type="button"
            disabled={here.length + earlyHere === 0}
            onClick={undoLast}
            className="button"
          >
            {t('Undo last ball')}
          </button>
        </div>
        {!queue.kept && (
          <Alert>
            {t(
              'This browser has no room to store waiting balls. They are only in this page: keep it open until all balls are saved.',
            )}
          </Alert>
        )}
        {queue.fault && (
          <Alert>
            {queue.fault}{' '}
            <button
              type="button"
              className="min-h-11 underline"
              onClick={() => refused && queue.drop(refused)}
            >
              {t('Discard that ball')}
            </button>
          </Alert>
        )}
        {/* What a phone needs first is what is logged with, then what was logged. */}
        <div className="mt-3 grid gap-x-8 gap-y-4 [grid-template-areas:'log'_'balls'_'call'] lg:grid-cols-[minmax(0,1fr)_minmax(0,1.1fr)] lg:grid-rows-[auto_1fr] lg:[grid-template-areas:'call_log'_'balls_log']">
          <div className="min-w-0 [grid-area:call]">
            {found ? (
              <CallPanel {...found} handed={player.handed} burial={question.shot.burial} />
            ) : (
              <p role={fault ? 'alert' : undefined} className="py-6 text-lg">
                {fault
                  ? fault
                  : none
                    ? t(
                        'No club in this bag gets this ball out towards the flag. Choose another station.',
                      )
                    : t('Working out the call …')}
              </p>
            )}
          </div>
          <div className="min-w-0 [grid-area:balls]">
            <BallList balls={here} onChange={changeBall} />
          </div>
          <div className="min-w-0 space-y-3 [grid-area:log]">
            {call && (
              <p className="leading-snug font-semibold lg:hidden">
                {callWords(call, player.handed, units)}
              </p>
            )}
            {lesson.closed && <Closed lesson={lesson} />}
            <LogPanel
              key={`${player.id}/${stationAt}`}
              shot={question.shot}
              ground={station.ground}
              open={awake && !lesson.closed && !none && fault === null}
              meant={call && entryMeant(call)}
              before={here.flatMap(({ along_m, right_m }) =>
                along_m === undefined ? [] : [{ along: along_m, right: right_m ?? 0 }],
              )}
              handed={player.handed}
              half={kept}
              onHalf={keep}
              keptAs={`mellow-ball/${lesson.id}/${player.id}/${stationAt}`}
              onBall={log}
            />
            <TrackerPanel
              on={tracker.on}
              onListen={tracker.setOn}
              fault={tracker.fault}
              who={t('{player} at {station}', { player: player.name, station: station.name })}
              onSimulate={call && !lesson.closed ? simulate : null}
            />
            <p className="text-sm text-ink-soft">{nobodyAhead()}.</p>
            <p className="flex flex-wrap gap-x-4 gap-y-1 text-sm text-ink-soft max-md:hidden">
              <CommandHints commands={commands} />
            </p>
          </div>
        </div>
      </main>
    </>
  );
}
