'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { atFlag } from '@/core/tell/sheet/atFlag';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { calledLine, keptLine } from '@/core/tell/sheet/calledLine';
import type { HousePreferences } from '@/core/lesson/players/house';
import { inHouse, type RosterPlayer } from '@/core/lesson/players/player';
import {
  readingFromQuery,
  readingToQuery,
  withField,
  type DeskReading,
} from '@/core/contract/reading/reading';
import { FACTOR, FACTORS, type FactorName } from '@/core/search/changes/factors';
import type { Look } from '../drawing/section/DrawingBar';
import { Section } from '../drawing/section/Section';
import { TopBar } from '../frame/TopBar';
import { useCommands } from '../kit/commands';
import { usePreferences } from '../frame/preferences';
import { CallPanel } from '../call/CallPanel';
import { TrustedClub } from '../call/TrustedClub';
import { ChangesPanel } from './ChangesPanel';
import { DeskOverlays } from './overlays/DeskOverlays';
import { OtherCall } from '../call/OtherCall';
import { WorthLearning } from '../call/WorthLearning';
import { deskCommands } from './commands/commands';
import { DeskFooter } from './commands/DeskFooter';
import type { Overlay } from './commands/overlays';
import { greenFollows } from '@/core/contract/reading/greenFollows';
import { faultFor, readFor } from './state/situation';
import { Sentence } from './sentence/Sentence';
import type { TokenName } from './sentence/tokens';
import { WhyPanel } from './WhyPanel';
import type { KeptReading } from '@/core/contract/reading/kept';
import { ReliefPanel } from '../call/ReliefPanel';
import { useAddress } from './state/useAddress';
import { useCalls } from './state/useCalls';
import { useChanges } from './state/useChanges';
import { useDraft, type DraftState } from './state/useDraft';
import { useFollowing } from './state/useFollowing';
import { useMoving } from './state/useMoving';
import { Alert } from '../kit/Alert';
import { partsFromGround, type GroundPart } from '@/core/place/sight/origin';
import { GroundNote, type DeskGround } from './sentence/GroundNote';
import { closing } from '../kit/closing';
import { useHistory } from '../kit/useHistory';

interface DeskProps {
  players: readonly RosterPlayer[];
  /** What the house prefers, where a player does not. */
  house: HousePreferences;
  readings: readonly KeptReading[];
  first: DeskReading;
  /** What was wrong with the link that was followed, if anything. */
  problem: string | null;
  /** The ground that the first reading was read off, and what it says; null where it was not. */
  ground: DeskGround | null;
}

const DRAFT_WORDS: Record<DraftState, string> = told({
  untouched: '',
  saving: 'Saving …',
  saved: 'Draft saved',
  failed: 'Not saved: no connection',
});

/** Calls that stand beside the best one; an attempt at the flag where nothing gets out there too, wherever it ranks. */
const BESIDE = 2;
const shownBeside = (others: readonly CallEntry[]): readonly CallEntry[] => [
  ...others.slice(0, BESIDE),
  ...others.slice(BESIDE).filter(({ attempt }) => attempt),
];

/** The reading that an address of this desk holds; null when it holds none for one of the players. */
function readingAt(query: string, players: readonly RosterPlayer[]): DeskReading | null {
  const linked = readingFromQuery(query);
  const player = players.find(({ id }) => id === linked?.player);
  if (!linked || !player || faultFor(player, linked.shot) !== null) return null;
  return { ...linked, player: player.id };
}

/** The screen on which an instructor reads a ball and gets a call. */
export function Desk(props: DeskProps) {
  const router = useRouter();
  const [players, setPlayers] = useState(props.players);
  const { now: reading, set: setReading, undo, redo } = useHistory(props.first);
  const [look, setLook] = useState<Look>({ from: 'side', miss: null, soles: false });
  const preferences = usePreferences();
  const { units, theme } = preferences;
  const [token, setToken] = useState<TokenName | null>(null);
  const [sheetOpen, setSheetOpen] = useState<Overlay | null>(null);

  const chosen = players.find(({ id }) => id === reading.player) ?? players[0]!;
  const { house } = props;
  const player = useMemo(() => inHouse(chosen, house), [chosen, house]);
  const read = readFor(player, reading.shot);
  // Nothing gets into the reading unchecked; a fault here is one of the product.
  if ('fault' in read) throw new Error(read.fault);
  const { situation } = read;
  const { question, firmness } = read.reading;
  const { shot } = question;
  const here = useMemo(
    () =>
      Object.fromEntries(FACTORS.map((name) => [name, FACTOR[name].get(shot, firmness)])) as Record<
        FactorName,
        number
      >,
    [shot, firmness],
  );
  const [held, setHeld] = useState(false);
  const calls = useCalls(situation, units, held);
  const { faults, busy, failure } = calls;
  const moving = useMoving(situation, units, calls.answer, held);
  const answer = busy && moving ? moving : calls.answer;
  const pictures = useFollowing(answer, shot, busy);
  const called = busy ? null : (answer?.sheet.calls[0] ?? null);
  const changes = useChanges(situation, units, called, shot.pin);

  const query = readingToQuery({ ...reading, player: player.id });
  const goTo = useAddress(query, (past) => {
    if (past === query) return;
    const back = readingAt(past, players);
    // A player whom this desk has not seen is known to the server.
    if (back) setReading(back);
    else router.replace(`/?${past}`);
  });

  const setFields = (changes: Readonly<Record<string, unknown>>): string | null => {
    const changed = Object.entries(changes).reduce(
      (shotInput, [path, value]) => withField(shotInput, path, value),
      reading.shot,
    );
    const next = greenFollows(changed, reading.shot);
    const fault = faultFor(player, next);
    if (fault === null) setReading({ ...reading, shot: next });
    return fault;
  };

  const { ground } = props;
  const grounded = useMemo(
    () =>
      ground && reading.from === props.first.from
        ? partsFromGround(reading.shot, ground.shot, player.handed)
        : new Set<GroundPart>(),
    [ground, reading, props.first.from, player.handed],
  );

  const sheet = answer?.sheet;
  const draft = useDraft(
    { ...reading, player: player.id },
    busy ? null : keptLine(sheet?.calls[0]),
  );
  const commands = deskCommands({
    players,
    card: { page: `/card?${query}`, pdf: `/card/pdf?${query}&units=${units}` },
    open: setSheetOpen,
    token: setToken,
    player: (id) => setReading({ ...reading, player: id }),
    fields: setFields,
    look: setLook,
    units: () => preferences.onUnits(units === 'yards' ? 'metres' : 'yards'),
    theme: () => preferences.onTheme(theme === 'light' ? 'dusk' : 'light'),
    undo,
    redo,
    goTo,
  });
  useCommands(commands, sheetOpen === null && token === null);
  const [best, ...others] = sheet?.calls ?? [];
  return (
    <>
      <TopBar room="Desk">
        <span role="status" className="text-sm text-ink-soft max-md:sr-only">
          {DRAFT_WORDS[draft.state]}
        </span>
        <button
          type="button"
          onClick={() => setSheetOpen('map')}
          className="button-quiet max-sm:hidden"
        >
          {t('Call map')}
        </button>
        <a href={`/card?${query}`} className="button-quiet">
          {t('Card')}
        </a>
        <button type="button" onClick={() => setSheetOpen('readings')} className="button-quiet">
          {t('Readings')}
        </button>
        <button
          type="button"
          onClick={() => setSheetOpen('keep')}
          className="button-quiet font-semibold"
        >
          {t('Save')}
        </button>
      </TopBar>
      <main className="flex grow flex-col">
        <h1 className="sr-only">{t('Desk')}</h1>
        {(props.problem ?? failure) && (
          <Alert className="bg-harm-wash px-6 py-2 max-sm:px-3">{failure ?? props.problem}</Alert>
        )}
        <section aria-label={t('Reading')} className="px-6 py-2 max-sm:px-3">
          <Sentence
            players={players}
            player={player}
            shot={reading.shot}
            grounded={grounded}
            resolved={shot}
            faults={faults}
            open={token}
            onOpen={setToken}
            onPlayer={(next) => {
              // Who was searched for may be found after something else was changed.
              setPlayers((all) => (all.some(({ id }) => id === next.id) ? all : [next, ...all]));
              setReading((now) => ({ ...now, player: next.id }));
            }}
            onFields={setFields}
            bag={question.player.bag}
            thresholdsOf={(factor) =>
              changes.failure || changes.unasked
                ? undefined
                : changes.busy
                  ? null
                  : changes.entries.filter((entry) => entry.factor === factor)
            }
          />
          {grounded.size > 0 && props.ground && <GroundNote ground={props.ground} />}
        </section>
        <Section
          shot={shot}
          pictures={pictures}
          golfer={answer?.golfer ?? null}
          handed={player.handed}
          bag={question.player.bag}
          bands={changes.bands}
          look={look}
          onHeld={setHeld}
          onLook={setLook}
          clubs={(sheet?.calls ?? []).map(({ club }) => club)}
          units={units}
          busy={busy}
          onFields={setFields}
        />
        <p className="sr-only" role="status">
          {busy
            ? t('Working out the calls')
            : best
              ? t('First call: {call}', { call: calledLine(best) })
              : t('No call')}
        </p>
        <div
          aria-busy={busy}
          className="grid grow grid-cols-[minmax(0,1.8fr)_minmax(0,1fr)_minmax(0,1fr)] divide-x divide-hairline max-lg:grid-cols-2 max-lg:divide-x-0 max-md:grid-cols-1"
        >
          <section
            aria-label={t('Best call')}
            className="px-6 py-3 max-lg:col-span-full max-sm:px-3"
          >
            {best?.kind === 'relief' ? (
              <ReliefPanel call={best} />
            ) : best && answer?.pictures[0] ? (
              <CallPanel
                call={best}
                picture={answer.pictures[0]}
                handed={player.handed}
                burial={shot.burial}
                trust={
                  atFlag(best) && (
                    <TrustedClub
                      player={chosen}
                      club={best.club}
                      onPlayer={(next) =>
                        setPlayers((all) => all.map((each) => (each.id === next.id ? next : each)))
                      }
                    />
                  )
                }
              />
            ) : (
              <p className="py-8 text-lg">{t('Working out the calls …')}</p>
            )}
          </section>
          <section aria-label={t('Other calls')} className="px-5 py-3 max-sm:px-3">
            {best &&
              shownBeside(others).map((call, i) => (
                <OtherCall
                  key={`${call.club}/${call.school}`}
                  call={call}
                  best={best}
                  rank={i + 1}
                />
              ))}
            {sheet && <WorthLearning sheet={sheet} />}
            {best && others.length === 0 && <p>{t('No other shot with the clubs in this bag.')}</p>}
          </section>
          <section aria-label={t('Reasons')} className="px-5 py-3 max-sm:px-3">
            {sheet && <WhyPanel sheet={sheet} changes={<ChangesPanel changes={changes} />} />}
          </section>
        </div>
      </main>
      <DeskFooter
        commands={commands}
        onMenu={() => setSheetOpen('palette')}
        onRules={() => setSheetOpen('rules')}
      />
      <DeskOverlays
        which={sheetOpen}
        onClosed={(which) => setSheetOpen(closing(which))}
        player={player}
        reading={reading}
        onReading={setReading}
        onFields={setFields}
        situation={situation}
        shot={shot}
        here={here}
        answer={answer ?? undefined}
        readings={props.readings}
        commands={commands}
        onKept={draft.letGo}
      />
    </>
  );
}
