'use client';

import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { bounceFits, type BounceFit } from '@/core/audit/bounceFit';
import { gapsOf } from '@/core/audit/gaps';
import { isAsItIs, type WedgeSearch } from '@/core/audit/oneWedge';
import type { Usage } from '@/core/audit/usage';
import type { Player } from '@/core/player/player';
import { SAND_PRESETS, type SandPreset } from '@/core/sand/presets';
import { golferOf } from '@/core/search/prescribe';
import { sampleSwings } from '@/core/spread/swings';
import { degrees } from '@/core/units/angle';
import { fromMetres } from '@/core/units/length';
import { plainNumber, unitFor } from '@/core/units/say';
import type { UnitSystem } from '@/core/units/system';
import type { AuditWorker, MixChoice } from '@/workers/audit.worker';
import { useWorker } from '../frame/useWorker';
import { Pick } from '../frame/Pick';
import { SAND_WORDS } from '../reading/words';

interface AuditPanelProps {
  player: Player;
  /** A situation of this player, for the worker. */
  situation: object;
  /** Readings of this player that a mix can be made of. */
  readings: readonly object[];
  units: UnitSystem;
}

const startAudit = (): Worker =>
  new Worker(new URL('../../workers/audit.worker.ts', import.meta.url), { type: 'module' });

const SANDS: readonly SandPreset[] = ['soft', 'medium', 'firm', 'wet'];
const BUTTON = 'h-11 rounded border-2 border-hairline px-4 disabled:opacity-50';

type MixName = 'season' | 'readings' | SandPreset;

/** The set looked over: gaps, soles against sands, what is called how often, and one wedge made otherwise. */
export function AuditPanel({ player, situation, readings, units }: AuditPanelProps) {
  const [mix, setMix] = useState<MixName>('season');
  const choice: MixChoice =
    mix === 'season'
      ? { kind: 'season' }
      : mix === 'readings'
        ? { kind: 'readings', situations: [...readings] }
        : { kind: 'season', sand: mix };
  const options: (readonly [MixName, string])[] = [
    ['season', 'a season of bunkers'],
    ...SAND_PRESETS.filter((each) => each !== 'hardpan').map(
      (each) => [each, `a season in ${SAND_WORDS[each].name}`] as const,
    ),
  ];
  if (readings.length > 0) options.push(['readings', `this player’s ${readings.length} readings`]);
  return (
    <section aria-labelledby="audit">
      <h2 id="audit" className="text-2xl">
        The set looked over
      </h2>
      <div className="mt-2 grid grid-cols-2 gap-x-10 gap-y-6 max-lg:grid-cols-1">
        <Gaps player={player} units={units} />
        <Soles player={player} />
      </div>
      <div className="mt-6 flex flex-wrap items-end gap-4">
        <Pick label="Over" value={mix} onValue={setMix} options={options} />
      </div>
      <div className="mt-2 grid grid-cols-2 gap-x-10 gap-y-6 max-lg:grid-cols-1">
        <Called key={`called-${mix}`} situation={situation} choice={choice} />
        <OneWedge key={`wedge-${mix}`} player={player} situation={situation} choice={choice} />
      </div>
    </section>
  );
}

function Gaps({ player, units }: { player: Player; units: UnitSystem }) {
  const unit = unitFor('ground', units);
  const gaps = useMemo(
    () => gapsOf(player.bag, golferOf(player).headSpeed, player.skill),
    [player],
  );
  return (
    <section aria-labelledby="gaps">
      <h3 id="gaps" className="text-lg">
        Gaps
      </h3>
      {gaps.length === 0 ? (
        <p>One club has no gaps.</p>
      ) : (
        <ul>
          {gaps.map(({ from, to, loft, carry, judgement, reckoned }) => (
            <li key={to} className="border-b border-hairline py-1">
              <strong>
                {from} to {to}
              </strong>
              : {plainNumber(degrees(loft))}°, {plainNumber(fromMetres(carry, unit), 0)} {unit}
              {reckoned && ' (reckoned)'}
              {judgement === 'wide' && ': a wide step, a club is missing between them'}
              {judgement === 'narrow' && ': a narrow step, the two do nearly the same'}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** What a sole makes of a sand, in words. */
function soleWords({ verdict, thin, heavy, bestDeg, saving }: BounceFit): string {
  if (verdict === 'cannot') return 'does not reach';
  const odds = `thin ${Math.round(thin! * 100)}, heavy ${Math.round(heavy! * 100)}`;
  if (verdict === 'suits') return `${odds}`;
  return `${odds}; ${Math.round(bestDeg!)}° would save ${saving.toFixed(2)}`;
}

function Soles({ player }: { player: Player }) {
  const fits = useMemo(() => {
    const golfer = golferOf(player);
    return bounceFits(player, golfer, SANDS, sampleSwings(golfer.habits, 128, 1));
  }, [player]);
  const clubs = [...new Set(fits.map(({ club }) => club))];
  return (
    <section aria-labelledby="soles">
      <h3 id="soles" className="text-lg">
        Soles against sands
      </h3>
      {clubs.length === 0 ? (
        <p>There is no wedge in the bag.</p>
      ) : (
        <div className="overflow-x-auto">
          <table className="w-full border-collapse text-sm">
            <thead>
              <tr className="border-b-2 border-hairline text-left">
                <th scope="col" className="py-1">
                  Of 100 splashes
                </th>
                {SANDS.map((sand) => (
                  <th key={sand} scope="col" className="px-2">
                    {SAND_WORDS[sand].short}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {clubs.map((club) => (
                <tr key={club} className="border-b border-hairline align-top">
                  <th scope="row" className="py-1 text-left text-base">
                    {club}
                  </th>
                  {SANDS.map((sand) => {
                    const fit = fits.find((each) => each.club === club && each.sand === sand)!;
                    const odd = fit.verdict === 'more' || fit.verdict === 'less';
                    return (
                      <td key={sand} className={`px-2 py-1 ${odd ? 'font-semibold' : ''}`}>
                        {soleWords(fit)}
                      </td>
                    );
                  })}
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
      <p className="mt-1 text-sm text-ink-soft">
        With a nearly square face, 14 yards. Another bounce is named only where it saves more than a
        tie; in soft sand the model finds little in it.
      </p>
    </section>
  );
}

function Called({ situation, choice }: { situation: object; choice: MixChoice }) {
  const worker = useWorker<AuditWorker>(startAudit);
  const [state, setState] = useState<{ usage: Usage[]; done: number; total: number } | null>(null);
  const question = JSON.stringify([situation, choice]);
  useEffect(() => {
    let stale = false;
    const thread = worker;
    const [asked, over] = JSON.parse(question) as [object, MixChoice];
    const seen = proxy((usage: Usage[], done: number, total: number) => {
      if (!stale) setState({ usage, done, total });
    });
    const timer = setTimeout(() => void thread.current?.usage(asked, over, seen), 0);
    return () => {
      stale = true;
      clearTimeout(timer);
      void thread.current?.stop();
    };
  }, [question, worker]);
  return (
    <section aria-labelledby="called">
      <h3 id="called" className="text-lg">
        Called how often
      </h3>
      {state && state.done < state.total && (
        <progress
          aria-label="Shots looked at"
          value={state.done}
          max={state.total}
          className="w-full accent-(--call-1)"
        />
      )}
      <dl>
        {(state?.usage ?? []).map(({ club, share }) => (
          <div key={club} className="grid grid-cols-[4rem_1fr_3rem] items-center gap-3 py-0.5">
            <dt className="font-semibold">{club}</dt>
            <dd aria-hidden="true" className="h-2 rounded bg-hairline">
              <span
                className="block h-full rounded bg-(--call-1)"
                style={{ width: `${share * 100}%` }}
              />
            </dd>
            <dd className="text-right">{Math.round(share * 100)} %</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}

/** A saving with its standard error, to as many decimals as the error has. */
function savingWords(saving: number, error: number): string {
  const digits = error >= 0.005 ? 2 : 3;
  return `${saving.toFixed(digits)} ± ${error.toFixed(digits)}`;
}

/** One wedge's best change, in words. */
function changeWords(change: NonNullable<WedgeSearch['changes']>[number], player: Player): string {
  const { instead, loftDeg, bounceDeg, saving, error } = change;
  const club = player.bag.find(({ name }) => name === instead)!;
  const now = `${Math.round(degrees(club.loft))}/${Math.round(degrees(club.bounce))}`;
  if (isAsItIs(club, change)) return `The ${instead} (${now}) is as it should be.`;
  if (saving < 2 * error || saving < 0.02) {
    return `Nothing clearly better for the ${instead} (${now}): the best found saves ${savingWords(saving, error)}.`;
  }
  return `For the ${instead} (${now}) a ${loftDeg}/${bounceDeg} would save ${savingWords(saving, error)} strokes a bunker shot.`;
}

function OneWedge({
  player,
  situation,
  choice,
}: {
  player: Player;
  situation: object;
  choice: MixChoice;
}) {
  const worker = useWorker<AuditWorker>(startAudit);
  const [search, setSearch] = useState<WedgeSearch | null>(null);
  const [running, setRunning] = useState(false);
  const wedges = player.bag.filter(({ type }) => type === 'wedge');

  const begin = async (): Promise<void> => {
    setSearch(null);
    setRunning(true);
    await worker.current?.oneWedge(
      situation,
      choice,
      proxy((next: WedgeSearch) => setSearch(next)),
    );
    setRunning(false);
  };
  const stop = (): void => {
    void worker.current?.stop();
    setRunning(false);
  };

  return (
    <section aria-labelledby="one-wedge">
      <h3 id="one-wedge" className="text-lg">
        If one wedge were different
      </h3>
      {wedges.length === 0 ? (
        <p>There is no wedge in the bag to change.</p>
      ) : (
        <>
          <div className="flex items-center gap-3">
            {running ? (
              <button type="button" onClick={stop} className={BUTTON}>
                Stop
              </button>
            ) : (
              <button type="button" onClick={() => void begin()} className={BUTTON}>
                {search?.changes ? 'Look again' : 'Look for it'}
              </button>
            )}
            {running && (
              <progress
                aria-label="Clubs tried"
                value={search?.done ?? 0}
                max={search?.total ?? 1}
                className="grow accent-(--call-1)"
              />
            )}
          </div>
          {search && !running && !search.changes && (
            <p className="mt-2">
              Stopped after {search.done} of {search.total} clubs.
            </p>
          )}
          {search?.changes && (
            <>
              <ul className="mt-2 space-y-1.5" aria-live="polite">
                {search.changes.map((change) => (
                  <li key={change.instead}>{changeWords(change, player)}</li>
                ))}
              </ul>
              <p className="mt-2 border-l-4 border-flag pl-2 text-sm leading-snug">
                Advice to take to a fitter, who sees the swing, the turf and the rest of the bag.
                The error is that of the sampled swings; the mix is taken as it is, and the model
                stands behind all of it.
              </p>
            </>
          )}
        </>
      )}
    </section>
  );
}
