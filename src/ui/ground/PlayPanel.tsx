'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { LIES } from '@/core/ground/sand/lie';
import type { Petal } from '@/core/place/rose/petal';
import { PETAL_TURNS } from '@/core/place/rose/rose';
import type { DrawnPlace } from '@/core/place/sight/drawnPlace';
import { flagsOn } from '@/core/place/sight/flagsOn';
import { originText } from '@/core/place/sight/origin';
import type { Bunker } from '@/core/place/record/place';
import type { Sight, Spot } from '@/core/place/sight/sight';
import type { RosterPlayer } from '@/core/lesson/players/player';
import type { Answer } from '@/core/tell/answer/answer';
import type { ShotInput } from '@/core/contract/shot/shot';
import { readingToQuery } from '@/core/contract/reading/reading';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { calledLine } from '@/core/tell/sheet/calledLine';
import { chanceWords } from '@/core/tell/words/words';
import { LIE_WORDS } from '@/core/tell/words/situation';
import type { Task } from '../engine/useTask';
import { Alert } from '../kit/Alert';
import { Pick } from '../kit/fields';
import { FieldPanel } from './FieldPanel';
import { SightList } from './SightList';
import type { FieldSoFar } from './plan/FieldDrawing';
import type { Rose } from './useRose';
import type { Played } from './useSpot';
import { WaysList } from './WaysList';

export interface PlayPanelProps {
  /** Of the place. */
  id: string;
  place: DrawnPlace;
  /** YYYY-MM-DD. */
  today: string;
  players: readonly RosterPlayer[];
  player: RosterPlayer;
  onPlayer: (id: string) => void;
  played: Played;
  onPlayed: (change: Partial<Played>) => void;
  spot: Spot;
  /** What is read off the ground; null with what is wrong. */
  sight: Sight | null;
  fault: string | null;
  shot: ShotInput | null;
  answer: Answer | null;
  /** Strokes with the best call at the flag; null where nothing gets out there. */
  flagStrokes: number | null;
  busy: boolean;
  /** Why nothing is called, where the computing failed. */
  failure: string | null;
  rose: Task<Rose>;
  named: readonly (Petal & { strokes: number })[];
  chosen: number | null;
  onDirection: (toward: number | null) => void;
  field: Task<FieldSoFar>;
  fieldAsked: boolean;
  onField: (asked: boolean) => void;
  /** Keeps where balls come to rest more often than elsewhere in the bunker. */
  onRests: (rests: Bunker['rests']) => void;
}

/** The ball where it lies: who plays at which flag, what is called, the ways out and what was read off the ground. */
export function PlayPanel(props: PlayPanelProps) {
  const { place, players, player, played, onPlayed, spot, sight, fault, shot, answer } = props;
  const { rose, named, busy, failure } = props;
  const flags = flagsOn(place, props.today);
  const calls = answer?.sheet.calls ?? [];
  const known = rose.value;
  const running = rose.status === 'running';
  const { ball, green, flag: at } = spot;
  const from = originText({ place: props.id, ball, green: green.id, flag: at.id });
  return (
    <div className="space-y-4">
      <div className="grid grid-cols-2 gap-2">
        <Pick
          label={t('Player')}
          value={player.id}
          onValue={props.onPlayer}
          options={players.map(({ id, name }) => [id, name] as const)}
        />
        <Pick
          label={t('Lie')}
          value={played.lie}
          onValue={(lie) => onPlayed({ lie })}
          options={LIES.map((lie) => [lie, LIE_WORDS[lie].name] as const)}
        />
        <div className="col-span-2">
          <Pick
            label={t('Flag')}
            value={`${spot.green.id}/${spot.flag.id}`}
            onValue={(key) => {
              const to = flags.find((each) => each.key === key);
              if (to) onPlayed({ green: to.green.id, flag: to.flag.id });
            }}
            options={flags.map(
              ({ key, green, flag: each, isCut }) =>
                [key, `${each.name}, ${green.name}${isCut ? ` ${t('(cut today)')}` : ''}`] as const,
            )}
          />
        </div>
      </div>
      {fault && <Alert>{fault}</Alert>}
      {sight && shot && (
        <>
          <Called calls={calls} busy={busy} failure={failure}>
            <Link
              prefetch={false}
              href={`/?${readingToQuery({ player: player.id, shot, from })}`}
              className="button"
            >
              {t('Open at the desk')}
            </Link>
          </Called>
          <section aria-labelledby="ways" aria-busy={running}>
            <h2 id="ways" className="text-lg">
              {t('Ways out')}
            </h2>
            {running && (
              <div className="flex items-center gap-2 text-sm">
                <progress
                  aria-label={t('Looking at every direction')}
                  className="progress h-2 grow"
                  value={known?.done ?? 0}
                  max={PETAL_TURNS.length}
                />
                <button type="button" className="button-quiet" onClick={rose.stop}>
                  {t('Stop')}
                </button>
              </div>
            )}
            {rose.failure && <Alert>{rose.failure.message}</Alert>}
            <WaysList
              petals={known?.petals ?? []}
              named={named}
              flag={busy || !answer ? undefined : props.flagStrokes}
              chosen={props.chosen}
              onChosen={props.onDirection}
            />
          </section>
          <section aria-labelledby="read">
            <h2 id="read" className="text-lg">
              {t('Read off the ground')}
            </h2>
            <SightList sight={sight} handed={player.handed} />
          </section>
          <FieldPanel
            field={props.field}
            asked={props.fieldAsked}
            onAsked={props.onField}
            spot={spot}
            onRests={props.onRests}
          />
        </>
      )}
    </div>
  );
}

/** What is called from here, as the desk calls it. */
function Called({
  calls,
  busy,
  failure,
  children,
}: {
  calls: readonly CallEntry[];
  busy: boolean;
  failure: string | null;
  children: React.ReactNode;
}) {
  const [first] = calls;
  return (
    <section aria-labelledby="called" aria-busy={busy}>
      <h2 id="called" className="sr-only">
        {t('Call')}
      </h2>
      {failure && <Alert>{failure}</Alert>}
      <p aria-live="polite" className={`text-2xl font-semibold ${busy ? 'text-ink-soft' : ''}`}>
        {first ? calledLine(first) : failure ? '' : t('Working it out …')}
      </p>
      {first && first.kind !== 'relief' && (
        <p className="mt-0.5">
          {t('Out {chance}, {strokes} strokes to hole out from here, on average.', {
            chance: chanceWords(first.odds.out),
            strokes: first.odds.expected_strokes.toFixed(1),
          })}
        </p>
      )}
      <div className="mt-2">{children}</div>
    </section>
  );
}
