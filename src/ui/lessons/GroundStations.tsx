'use client';

import { groundStationName } from '@/core/tell/lessons/stationName';
import { sayFact } from '@/core/tell/facts/sayFact';

import { t } from '@/core/tell/language/t';
import { useQuery } from '@tanstack/react-query';
import { X } from 'lucide-react';
import { useMemo, useRef, useState } from 'react';
import { LIES, type Lie } from '@/core/ground/sand/lie';
import type { Point } from '@/core/place/outline/ring';
import { isPlayable } from '@/core/place/record/place';
import type { StoredPlace } from '@/core/place/record/stored';
import { drawnPlace, shapeAt, type DrawnPlace } from '@/core/place/sight/drawnPlace';
import { flagsOn, usualFlag } from '@/core/place/sight/flagsOn';
import { middleOfSand } from '@/core/place/sight/middleOfSand';
import { randomOnGround } from '@/core/lesson/plan/randomOnGround';
import { groundStation } from '@/core/lesson/plan/groundStation';
import { acrossOn } from '@/core/lesson/plan/turnsOf';
import type { Station } from '@/core/lesson/plan/lesson';
import { FaultyInput } from '@/core/contract/check/fault';
import { counted } from '@/core/tell/words/counted';
import { LIE_WORDS } from '@/core/tell/words/situation';
import { useSize } from '../drawing/useSize';
import { PlanFlags } from '../ground/plan/PlanFlags';
import { PlanFrame } from '../ground/plan/PlanFrame';
import { PlanShapes } from '../ground/plan/PlanShapes';
import { fitting, type PlanView } from '../ground/plan/view';
import { Alert } from '../kit/Alert';
import { Pick } from '../kit/fields';
import { IconButton } from '../kit/IconButton';
import { Overlay, type Closable } from '../kit/Overlay';
import { ask, bodyOf } from '../server/client';
import { StationBall } from './StationBall';

interface GroundStationsProps extends Closable {
  /** How many more stations the lesson takes. */
  room: number;
  /** The day of the lesson, YYYY-MM-DD: its sand is played from. */
  day: string;
  onStations: (stations: Station[]) => void;
  /** The first direction of play that is free. */
  nextLine: number;
}

/** A ball that is put down for a station. */
interface Put {
  ball: Point;
  lie: Lie;
  /** Green and flag, joined. */
  flag: string;
}

const FIRST_SIZE = { width: 620, height: 420 };
const SEEDS = 2 ** 31;

/** Stations on drawn ground: a ball for each, put down in the sand; who plays across whom is worked out. */
export function GroundStations({ room, day, onStations, nextLine, onClose }: GroundStationsProps) {
  const { data: places, error } = useQuery({
    queryKey: ['places'],
    queryFn: () => bodyOf(ask<readonly StoredPlace[]>('/api/places')),
  });
  const playable = (places ?? []).filter(({ place }) => isPlayable(place));
  const [chosen, choose] = useState<string | null>(null);
  const stored = playable.find(({ id }) => id === chosen) ?? playable[0];
  return (
    <Overlay title={t('Stations on your ground')} shape="wide" onClose={onClose}>
      {error && <Alert>{error.message}</Alert>}
      {!places && !error && <p role="status">{t('Fetching the ground …')}</p>}
      {places && !stored && (
        <p className="text-lg">
          {t('No ground with a bunker and a flag yet. Draw it under Ground first.')}
        </p>
      )}
      {playable.length > 1 && stored && (
        <div className="mb-2 max-w-80">
          <Pick
            label={t('Ground')}
            value={stored.id}
            onValue={choose}
            options={playable.map(({ id, place }) => [id, place.name] as const)}
          />
        </div>
      )}
      {stored && (
        <Placing
          key={stored.id}
          stored={stored}
          room={room}
          day={day}
          nextLine={nextLine}
          onStations={onStations}
        />
      )}
    </Overlay>
  );
}

/** The station that a ball makes; what is wrong where it makes none. */
function stationFrom(
  { id, place }: StoredPlace,
  drawn: DrawnPlace,
  { ball, lie, flag: at }: Put,
  day: string,
): Station | string {
  const [green = '', flag = ''] = at.split('/');
  try {
    return groundStation(id, place, drawn, { ball, lie, green, flag }, day, groundStationName);
  } catch (error) {
    if (error instanceof FaultyInput)
      return t('The flag {message}.', { message: sayFact(error.faults[0]!.message) });
    throw error;
  }
}

interface PlacingProps extends Omit<GroundStationsProps, 'onClose'> {
  stored: StoredPlace;
}

function Placing({ stored, room, day, nextLine, onStations }: PlacingProps) {
  const { place } = stored;
  const drawn = useMemo(() => drawnPlace(place), [place]);
  const [box, size] = useSize<HTMLDivElement>(FIRST_SIZE);
  const drawing = useRef<SVGSVGElement>(null);
  const [moved, setView] = useState<PlanView | null>(null);
  const all = drawn.shapes.flatMap(({ ring }) => ring);
  const view = moved ?? fitting(all, size);
  const flags = flagsOn(drawn, day).map(
    ({ key, flag, isCut }) =>
      [key, isCut ? t('{flag} (cut)', { flag: flag.name }) : flag.name] as const,
  );
  const [puts, setPuts] = useState<readonly Put[]>([]);
  const change = (i: number, part: Partial<Put>): void =>
    setPuts((now) => now.map((each, k) => (k === i ? { ...each, ...part } : each)));
  const put = (ball: Point): void => {
    if (puts.length >= room || shapeAt(drawn, ball)?.lying !== 'sand') return;
    const flag = puts.at(-1)?.flag ?? usualFlag(drawn, ball, day)!.key;
    setPuts([...puts, { ball, lie: 'clean', flag }]);
  };
  const throwOne = (): void => {
    const thrown = randomOnGround(drawn, day, Math.floor(Math.random() * SEEDS));
    if (!thrown) return;
    const { ball, lie, green, flag } = thrown;
    setPuts([...puts, { ball, lie, flag: `${green}/${flag}` }]);
  };
  const made = useMemo(
    () => puts.map((each) => stationFrom(stored, drawn, each, day)),
    [puts, stored, drawn, day],
  );
  const stations = made.filter((each) => typeof each !== 'string');
  const faulty = made.find((each) => typeof each === 'string');
  const across = acrossOn(stations);
  const pairs = stations.flatMap((_, a) =>
    stations
      .slice(0, a)
      .flatMap((_other, b) => (across(a, b) ? [t('{b} and {a}', { b: b + 1, a: a + 1 })] : [])),
  );
  return (
    <div className="grid gap-4 lg:grid-cols-[1fr_20rem]">
      <div className="flex h-[60vh] min-h-72 flex-col">
        <PlanFrame
          label={t('Plan of {place}: press the sand to put a ball down', { place: place.name })}
          box={box}
          drawing={drawing}
          size={size}
          view={view}
          onView={setView}
          onFit={() => setView(null)}
          onPress={put}
        >
          {(scale) => (
            <>
              <PlanShapes place={drawn} scale={scale} chosen={null} />
              <PlanFlags place={drawn} day={day} scale={scale} played={null} />
              {puts.map((each, i) => (
                <StationBall
                  key={i}
                  nth={i + 1}
                  at={each.ball}
                  ground={stationAt(made[i])}
                  scale={scale}
                  onMove={(ball) => {
                    if (shapeAt(drawn, ball)?.lying === 'sand') change(i, { ball });
                  }}
                />
              ))}
            </>
          )}
        </PlanFrame>
      </div>
      <div>
        <p>
          {t('Press the sand where you want a ball.')}
          {puts.length === 0 && (
            <>
              {' '}
              <button
                type="button"
                className="underline underline-offset-4"
                onClick={() => {
                  const [first] = drawn.bunkers;
                  if (first) put(middleOfSand(first));
                }}
              >
                {t('Put one in the middle of {name}', { name: drawn.bunkers[0]!.name })}
              </button>
            </>
          )}
        </p>
        <button
          type="button"
          disabled={puts.length >= room}
          onClick={throwOne}
          className="button mt-2"
        >
          {t('Drop a ball in at random')}
        </button>
        <ol className="mt-2 space-y-2">
          {puts.map((each, i) => (
            <li key={i} className="border-b border-hairline pb-2">
              <div className="flex items-center gap-2">
                <span className="grow font-semibold">
                  {i + 1}.{' '}
                  {typeof made[i] === 'string'
                    ? made[i]
                    : drawn.bunkers.find(({ id }) => id === shapeAt(drawn, each.ball)?.id)?.name}
                </span>
                <IconButton
                  label={t('Remove station {i}', { i: i + 1 })}
                  onClick={() => setPuts(puts.filter((_, k) => k !== i))}
                >
                  <X size={16} aria-hidden="true" />
                </IconButton>
              </div>
              <div className="grid grid-cols-2 gap-2">
                <Pick
                  label={t('Lie')}
                  value={each.lie}
                  onValue={(lie) => change(i, { lie })}
                  options={LIES.map((lie) => [lie, LIE_WORDS[lie].name] as const)}
                />
                <Pick
                  label={t('Flag')}
                  value={each.flag}
                  onValue={(flag) => change(i, { flag })}
                  options={flags}
                />
              </div>
            </li>
          ))}
        </ol>
        {stations.length > 1 && (
          <p role="status" className="mt-2 text-sm">
            {pairs.length === 0
              ? t('All of them can be used at the same time.')
              : t('These play across each other, and the timetable keeps them apart: {pairs}.', {
                  pairs: pairs.join('; '),
                })}
          </p>
        )}
        <button
          type="button"
          disabled={stations.length === 0 || faulty !== undefined}
          onClick={() => onStations(stations.map((each, i) => ({ ...each, line: nextLine + i })))}
          className="button-main mt-3"
        >
          {t('Add {stations}', { stations: counted(stations.length, 'station', 'stations') })}
        </button>
      </div>
    </div>
  );
}

const stationAt = (made: Station | string | undefined): Station['ground'] =>
  made === undefined || typeof made === 'string' ? undefined : made.ground;
