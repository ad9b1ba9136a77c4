'use client';

import { useEffect, useMemo, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Toaster } from 'sonner';
import { calledLine } from '@/core/contract/calledLine';
import { readSituation } from '@/core/contract/readSituation';
import { readingToQuery, withField, type DeskReading } from '@/core/reading/reading';
import type { UnitSystem } from '@/core/units/system';
import { FACTOR, FACTORS, type FactorName } from '@/core/search/factors';
import { MISSES } from '@/core/shot/misses';
import type { Look } from '../drawing/section/DrawingBar';
import { Section } from '../drawing/section/Section';
import { KeyHint } from '../frame/KeyHint';
import { TopBar } from '../frame/TopBar';
import { remember, type Theme } from '../frame/preferences';
import { CallPanel } from './CallPanel';
import { ChangesPanel } from './ChangesPanel';
import { DeskOverlays } from './DeskOverlays';
import { OtherCall } from './OtherCall';
import { OVERLAY_KEYS, type Overlay } from './overlays';
import { faultOf, situationOf } from './situation';
import { Sentence } from './Sentence';
import { TOKEN_KEYS, tokenForKey, type TokenName } from './tokens';
import { WhyPanel } from './WhyPanel';
import type { DeskPlayer, KeptReading } from './types';
import { ReliefPanel } from './ReliefPanel';
import { useCalls } from './useCalls';
import { useChanges } from './useChanges';
import { useFollowing } from './useFollowing';
import { useReading } from './useReading';

interface DeskProps {
  players: readonly DeskPlayer[];
  readings: readonly KeptReading[];
  first: DeskReading;
  /** What was wrong with the link that was followed, if anything. */
  problem: string | null;
  units: UnitSystem;
  theme: Theme;
}

/** The screen on which an instructor reads a ball and gets a call. */
export function Desk(props: DeskProps) {
  const { players } = props;
  const { reading, setReading, undo, redo } = useReading(props.first);
  const [look, setLook] = useState<Look>({ from: 'side', miss: null });
  const [units, setUnits] = useState(props.units);
  const [theme, setTheme] = useState(props.theme);
  const [token, setToken] = useState<TokenName | null>(null);
  const [sheetOpen, setSheetOpen] = useState<Overlay | null>(null);

  const player = players.find(({ id }) => id === reading.player) ?? players[0]!;
  const situation = useMemo(() => situationOf(player, reading.shot), [player, reading.shot]);
  const { answer, faults, busy, failure, worker } = useCalls(situation, units);
  const { shot, here } = useMemo(() => {
    const { question, firmness } = readSituation(situation);
    const values = FACTORS.map(
      (name) => [name, FACTOR[name].get(question.shot, firmness)] as const,
    );
    return {
      shot: question.shot,
      here: Object.fromEntries(values) as Record<FactorName, number>,
    };
  }, [situation]);
  const pictures = useFollowing(answer, shot, busy);
  const changes = useChanges(situation, units, busy ? null : (answer?.sheet.calls[0] ?? null));

  useEffect(() => {
    window.history.replaceState(null, '', `/?${readingToQuery({ ...reading, player: player.id })}`);
  }, [reading, player.id]);

  useEffect(() => {
    document.documentElement.dataset.theme = theme;
  }, [theme]);

  const setFields = (changes: Readonly<Record<string, unknown>>): string | null => {
    const next = Object.entries(changes).reduce(
      (shotInput, [path, value]) => withField(shotInput, path, value),
      reading.shot,
    );
    const fault = faultOf(situationOf(player, next));
    if (fault === null) setReading({ ...reading, shot: next });
    return fault;
  };

  const free = { enabled: sheetOpen === null && token === null, preventDefault: true };
  useHotkeys(
    Object.values(TOKEN_KEYS),
    ({ key }) => {
      const name = tokenForKey(key);
      if (name) setToken(name);
    },
    free,
  );
  useHotkeys(
    Object.keys(OVERLAY_KEYS),
    ({ key }) => setSheetOpen(OVERLAY_KEYS[key.toLowerCase()] ?? null),
    { ...free, useKey: true },
  );
  useHotkeys('mod+z', undo, free);
  useHotkeys('mod+shift+z, mod+y', redo, free);
  useHotkeys(
    'v',
    () => setLook((now) => ({ ...now, from: now.from === 'side' ? 'above' : 'side' })),
    free,
  );
  useHotkeys(
    MISSES.map((_, i) => String(i + 1)),
    ({ key }) => {
      const miss = MISSES[Number(key) - 1] ?? null;
      setLook((now) => ({ ...now, miss: now.miss === miss ? null : miss }));
    },
    { ...free, useKey: true },
  );
  const sheet = answer?.sheet;
  const [best, ...others] = sheet?.calls ?? [];
  return (
    <div className="flex min-h-screen flex-col">
      <TopBar
        units={units}
        onUnits={(next) => {
          remember('units', next);
          setUnits(next);
        }}
        theme={theme}
        onTheme={(next) => {
          remember('theme', next);
          setTheme(next);
        }}
      >
        <button
          type="button"
          onClick={() => setSheetOpen('map')}
          className="h-11 rounded px-3 hover:bg-paper-deep max-sm:hidden"
        >
          Call map
        </button>
        <a
          href={`/card?${readingToQuery({ ...reading, player: player.id })}`}
          className="flex h-11 items-center rounded px-3 hover:bg-paper-deep"
        >
          Card
        </a>
        <button
          type="button"
          onClick={() => setSheetOpen('readings')}
          className="h-11 rounded px-3 hover:bg-paper-deep"
        >
          Readings
        </button>
        <button
          type="button"
          onClick={() => setSheetOpen('keep')}
          className="h-11 rounded px-3 font-semibold hover:bg-paper-deep"
        >
          Keep
        </button>
      </TopBar>
      <main className="flex grow flex-col">
        {(props.problem ?? failure) && (
          <p role="alert" className="bg-harm-wash px-6 py-2 font-semibold text-harm max-sm:px-3">
            {failure ?? props.problem}
          </p>
        )}
        <section aria-label="Reading" className="px-6 py-2 max-sm:px-3">
          <Sentence
            players={players}
            player={player}
            shot={reading.shot}
            resolved={shot}
            units={units}
            faults={faults}
            open={token}
            onOpen={setToken}
            onPlayer={(id) => setReading({ ...reading, player: id })}
            onFields={setFields}
          />
        </section>
        <Section
          shot={shot}
          pictures={pictures}
          golfer={answer?.golfer ?? null}
          handed={player.handed}
          bands={changes.bands}
          look={look}
          onLook={setLook}
          clubs={(sheet?.calls ?? []).map(({ club }) => club)}
          units={units}
          busy={busy}
          onFields={setFields}
        />
        <p className="sr-only" role="status">
          {busy ? 'Computing the calls' : best ? `First call: ${calledLine(best)}` : 'No call'}
        </p>
        <div
          aria-busy={busy}
          className="grid grow grid-cols-[minmax(0,1.8fr)_minmax(0,1fr)_minmax(0,1fr)] divide-x divide-hairline max-lg:grid-cols-2 max-lg:divide-x-0 max-md:grid-cols-1"
        >
          <section aria-label="Best call" className="px-6 py-3 max-lg:col-span-full max-sm:px-3">
            {best?.kind === 'relief' ? (
              <ReliefPanel call={best} />
            ) : best && answer?.pictures[0] ? (
              <CallPanel
                call={best}
                picture={answer.pictures[0]}
                handed={player.handed}
                burial={shot.burial}
                units={units}
              />
            ) : (
              <p className="py-8 text-lg">Working out the calls …</p>
            )}
          </section>
          <section aria-label="Other calls" className="px-5 py-3 max-sm:px-3">
            {best &&
              others
                .slice(0, 2)
                .map((call, i) => (
                  <OtherCall
                    key={`${call.club}/${call.school}`}
                    call={call}
                    best={best}
                    rank={i + 1}
                  />
                ))}
            {best && others.length === 0 && <p>No other way with the clubs in this bag.</p>}
          </section>
          <section aria-label="Reasons" className="px-5 py-3 max-sm:px-3">
            {sheet && <WhyPanel sheet={sheet} changes={<ChangesPanel changes={changes} />} />}
          </section>
        </div>
      </main>
      <footer className="flex flex-wrap gap-x-6 gap-y-1 border-t border-hairline bg-paper-deep px-6 py-2 max-md:hidden">
        <KeyHint keys="p">player</KeyHint>
        <KeyHint keys="i">lie</KeyHint>
        <KeyHint keys="s">sand</KeyHint>
        <KeyHint keys="t">tilt</KeyHint>
        <KeyHint keys="l">lip</KeyHint>
        <KeyHint keys="d">distance</KeyHint>
        <KeyHint keys="g">green</KeyHint>
        <KeyHint keys="m">call map</KeyHint>
        <KeyHint keys="x">schools</KeyHint>
        <KeyHint keys="h">by hand</KeyHint>
        <KeyHint keys="k">keep</KeyHint>
        <KeyHint keys="r">readings</KeyHint>
        <KeyHint keys="/">type it</KeyHint>
        <KeyHint keys="?">all keys</KeyHint>
        <button
          type="button"
          onClick={() => setSheetOpen('rules')}
          className="ml-auto underline underline-offset-4"
        >
          Rules and care
        </button>
      </footer>
      <DeskOverlays
        which={sheetOpen}
        onWhich={setSheetOpen}
        player={player}
        reading={reading}
        onReading={setReading}
        situation={situation}
        shot={shot}
        here={here}
        sheet={sheet}
        worker={worker}
        units={units}
        readings={props.readings}
      />
      <Toaster position="bottom-center" toastOptions={{ style: { fontFamily: 'inherit' } }} />
    </div>
  );
}
