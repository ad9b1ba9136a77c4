'use client';

import { t } from '@/core/tell/language/t';
import { capital } from '@/core/tell/words/capital';
import Link from 'next/link';
import { useState } from 'react';
import { toast } from 'sonner';
import { readSituation } from '@/core/contract/shot/situation';
import { readingToQuery, FIRST_SHOT } from '@/core/contract/reading/reading';
import { inHouse, recordOf, situationFor, type RosterPlayer } from '@/core/lesson/players/player';
import type { HousePreferences } from '@/core/lesson/players/house';
import type { MostUsed } from '@/core/lesson/review/mostUsed';
import type { HistoryPoint } from '@/core/lesson/review/history';
import type { PlayerRecord } from '@/core/lesson/players/record';
import { golferOf } from '@/core/model/golfer/golferOf';
import { TRICKS } from '@/core/search/schools/schools';
import { techniqueName } from '@/core/tell/words/techniques';
import { isDone } from '../server/said';
import { fromMetres } from '@/core/ground/units/length';
import { AuditPanel } from '../audit/AuditPanel';
import type { Ground } from '../kit/ground';
import type { KeptReading } from '@/core/contract/reading/kept';
import { calledWords } from '@/core/tell/sheet/calledLine';
import { sayAgo, sayDay } from '../kit/day';
import { ask, saidOf } from '../server/client';
import { TopBar } from '../frame/TopBar';
import { Ladder } from '../ladder/Ladder';
import { SKILL_WORDS, HAND_WORDS, MISS_NAMES } from '@/core/tell/words/player';
import { handicapWords } from '@/core/ground/player/handicap';
import { History } from '../lessons/History';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { Learnt } from './Learnt';
import { CarryLine } from './CarryLine';
import { EraseDialog } from './EraseDialog';
import { GrassShots } from './GrassShots';
import { ContactDetails } from './ContactDetails';
import { PlayerForm } from './PlayerForm';
import { PocketLinks } from './PocketLinks';
import { Rack } from './Rack';
import { Sharing } from './Sharing';
import type { GrassShot } from '@/core/lesson/players/grassShot';

interface PlayerPageProps {
  player: RosterPlayer;
  readings: readonly KeptReading[];
  /** Drawn ground that can be played on, and today, YYYY-MM-DD. */
  grounds: readonly Ground[];
  today: string;
  lessons: readonly StoredLesson[];
  /** What each of them came to. */
  history: readonly HistoryPoint[];
  shots: readonly GrassShot[];
  /** The club that most logged splashes were played with. */
  mostUsed: MostUsed | null;
  house: HousePreferences;
}

/** Everything about one player in one view: who it is, bag, ladder, audit, readings, lessons, what was learnt. */
export function PlayerPage(props: PlayerPageProps) {
  const { mostUsed } = props;
  const [player, setPlayer] = useState(props.player);
  const [editing, setEditing] = useState(false);
  const [erasing, setErasing] = useState(false);
  const situation = situationFor(player, FIRST_SHOT);
  const swinger = readSituation(situation).question.player;
  const housed = inHouse(player, props.house);

  const save = async (record: PlayerRecord): Promise<string | null> => {
    const answered = await ask<RosterPlayer>(`/api/players/${player.id}`, 'PUT', record);
    if (answered.kind !== 'ok') return saidOf(answered);
    setPlayer(answered.body);
    toast.success(t('Saved.'));
    return null;
  };

  const letGo = async (): Promise<void> => {
    if (!isDone(await ask(`/api/players/${player.id}/learnt`, 'DELETE'))) return;
    setPlayer((now) => {
      const { learnt: _before, ...rest } = now;
      return rest;
    });
  };

  /** Puts stock carries in the place of those that stand, in m to a tenth. */
  const takeCarries = (carries: ReadonlyMap<string, number>): Promise<string | null> => {
    const record = recordOf(player);
    return save({
      ...record,
      bag: record.bag.map((club) => {
        const metres = carries.get(club.name);
        if (metres === undefined) return club;
        const rest = Object.fromEntries(
          Object.entries(club).filter(([key]) => !key.startsWith('stock_carry_')),
        ) as typeof club;
        return { ...rest, stock_carry_yd: Math.round(fromMetres(metres, 'yd') * 10) / 10 };
      }),
    });
  };

  return (
    <>
      <TopBar room="Players" />
      <main className="mx-auto w-full max-w-[72rem] grow space-y-10 px-6 py-5 max-sm:px-3">
        <header>
          <div className="flex flex-wrap items-center gap-3">
            <h1 className="mr-auto text-3xl">{player.name}</h1>
            <Link
              prefetch={false}
              href={`/?${readingToQuery({ player: player.id, shot: FIRST_SHOT })}`}
              className="button-main"
            >
              {t('Open at the desk')}
            </Link>
            <Link
              prefetch={false}
              href={`/practice/new?player=${encodeURIComponent(player.id)}`}
              className="button"
            >
              {t('Plan practice')}
            </Link>
            <Link
              prefetch={false}
              href={`/practice/tests/new?player=${encodeURIComponent(player.id)}`}
              className="button"
            >
              {t('Bunker test')}
            </Link>
            <button type="button" onClick={() => setEditing(true)} className="button">
              {t('Edit')}
            </button>
            <a href={`/api/players/${player.id}/export`} className="button">
              {t('Export everything')}
            </a>
            <button
              type="button"
              onClick={() => setErasing(true)}
              className="button hover:text-harm"
            >
              {t('Erase')}
            </button>
          </div>
          <p className="mt-2">{factsOf(player)}</p>
          {mostUsed && !player.trusted_club && (
            <p className="mt-2 flex flex-wrap items-center gap-3">
              {t('{balls} of {of} logged splash shots were played with the {club}.', {
                balls: mostUsed.balls,
                of: mostUsed.of,
                club: mostUsed.club,
              })}
              <button
                type="button"
                onClick={() => void save({ ...recordOf(player), trusted_club: mostUsed.club })}
                className="button"
              >
                {t('Make the {club} the favourite from sand', { club: mostUsed.club })}
              </button>
            </p>
          )}
          <ContactDetails playerId={player.id} />
          <Sharing playerId={player.id} name={player.name} />
          {player.notes && <p className="mt-1 whitespace-pre-line text-ink-soft">{player.notes}</p>}
        </header>
        <div>
          <Rack
            player={swinger}
            headSpeed={golferOf(swinger).headSpeed}
            onCarry={(club, metres) => void takeCarries(new Map([[club, metres]]))}
          />
          <CarryLine clubs={player.bag} onCarries={takeCarries} />
          <GrassShots
            playerId={player.id}
            clubs={player.bag.map(({ name }) => name)}
            first={props.shots}
            onCarries={takeCarries}
          />
        </div>
        <Ladder player={swinger} grounds={props.grounds} today={props.today} />
        <PocketLinks playerId={player.id} />
        <AuditPanel
          player={swinger}
          situation={situationFor(housed, FIRST_SHOT)}
          readings={props.readings.map(({ shot }) => situationFor(housed, shot))}
          grounds={props.grounds}
          today={props.today}
        />
        <History points={props.history} />
        <div className="grid grid-cols-3 gap-8 max-lg:grid-cols-1">
          <section aria-labelledby="readings">
            <h2 id="readings" className="text-2xl">
              {t('Readings')}
            </h2>
            {props.readings.length === 0 && (
              <p>{t('No saved readings yet. Save one at the desk with K.')}</p>
            )}
            <ul>
              {props.readings.slice(0, 8).map((reading) => (
                <li key={reading.id} className="border-b border-hairline py-1.5 last:border-0">
                  <Link
                    prefetch={false}
                    href={`/?${readingToQuery({ player: player.id, shot: reading.shot })}`}
                    className="font-semibold underline underline-offset-4"
                  >
                    {reading.name}
                  </Link>
                  <span className="block text-sm">
                    {calledWords(reading.called)} ·{' '}
                    <time dateTime={reading.savedAt} suppressHydrationWarning>
                      {sayAgo(reading.savedAt)}
                    </time>
                  </span>
                </li>
              ))}
            </ul>
          </section>
          <section aria-labelledby="lessons">
            <h2 id="lessons" className="text-2xl">
              {t('Lessons')}
            </h2>
            {props.lessons.length === 0 && <p>{t('No lessons yet.')}</p>}
            <ul>
              {props.lessons.map(({ id, plan }) => (
                <li key={id} className="border-b border-hairline py-1.5 last:border-0">
                  <Link
                    prefetch={false}
                    href={`/lessons/${id}/review`}
                    className="font-semibold underline underline-offset-4"
                  >
                    {plan.place}
                  </Link>
                  <span className="block text-sm">{sayDay(plan.held_on)}</span>
                </li>
              ))}
            </ul>
          </section>
          <section aria-labelledby="learnt">
            <h2 id="learnt" className="text-2xl">
              {t('Player’s own numbers')}
            </h2>
            <Learnt player={player} onReset={() => void letGo()} />
          </section>
        </div>
      </main>
      {editing && (
        <PlayerForm
          title={player.name}
          record={player}
          onClose={() => setEditing(false)}
          onSave={save}
        />
      )}
      {erasing && <EraseDialog player={player} onClose={() => setErasing(false)} />}
    </>
  );
}

/** Who it is, in a sentence. */
function factsOf(player: RosterPlayer): string {
  const parts = [SKILL_WORDS[player.skill], HAND_WORDS[player.handed]];
  if (player.handicap !== undefined)
    parts.push(t('handicap {level}', { level: handicapWords(player.handicap) }));
  if (player.usual_miss)
    parts.push(t('usually misses {miss}', { miss: MISS_NAMES[player.usual_miss] }));
  if (player.trusted_club)
    parts.push(t('favourite from sand: the {club}', { club: player.trusted_club }));
  if (player.cautions.length > 0)
    parts.push(t('physical limits: {cautions}', { cautions: player.cautions.join(', ') }));
  if (player.schools.length > 0)
    parts.push(
      t('preferred techniques: {list}', { list: player.schools.map(techniqueName).join('; ') }),
    );
  for (const mastery of ['knows', 'learning'] as const) {
    const own = TRICKS.filter(({ id }) => player.techniques?.[id] === mastery);
    if (own.length === 0) continue;
    const list = own.map(({ id }) => techniqueName(id)).join('; ');
    parts.push(
      mastery === 'knows' ? t('knows: {list}', { list }) : t('learning: {list}', { list }),
    );
  }
  if (player.archived) parts.push(t('archived'));
  const text = parts.join(', ');
  return `${capital(text)}.`;
}
