'use client';

import { X } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FaultyInput } from '@/core/tell/format/fault';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { readLessonPlan, type LessonPlan, type Station } from '@/core/lesson/plan/lesson';
import { timetable } from '@/core/lesson/plan/timetable';
import type { ShotInput } from '@/core/tell/format/shot';
import type { KeptReading } from '@/core/tell/reading/kept';
import { ask, saidOf } from '../server/client';
import { TopBar } from '../frame/TopBar';
import { TextInput } from '../kit/fields';
import { AddStation } from './AddStation';
import { PlayerPicker } from './PlayerPicker';
import { TimetableView } from './TimetableView';
import { useKept } from '../kit/useKept';
import { useUnits } from '../kit/units';

interface PlanPageProps {
  id: string;
  first: LessonPlan;
  /** Names of the players that are in it already. */
  names: Readonly<Record<string, string>>;
  roster: readonly { id: string; name: string }[];
  readings: readonly KeptReading[];
}

const BUTTON = 'h-11 rounded border-2 border-hairline px-4 hover:bg-paper-deep disabled:opacity-50';

/** A lesson planned: day, place, players, stations, and who is where when. */
export function PlanPage(props: PlanPageProps) {
  const router = useRouter();
  const units = useUnits();
  const [plan, set, letGo] = useKept<LessonPlan>(`mellow-plan/${props.id}`, props.first);
  const [names, setNames] = useState<Readonly<Record<string, string>>>(() => ({
    ...Object.fromEntries(props.roster.map(({ id, name }) => [id, name])),
    ...props.names,
  }));
  const [faults, setFaults] = useState<readonly string[]>([]);
  const changed = JSON.stringify(plan) !== JSON.stringify(props.first);
  const nextLine = Math.max(0, ...plan.stations.map(({ line }) => line)) + 1;

  const save = async (): Promise<void> => {
    try {
      const answered = await ask(`/api/lessons/${props.id}`, 'PUT', readLessonPlan(plan));
      if (answered.kind === 'ok') {
        letGo();
        router.push(`/lessons/${props.id}`);
      } else setFaults([saidOf(answered)]);
    } catch (error) {
      if (!(error instanceof FaultyInput)) throw error;
      setFaults(error.faults.map(({ path, message }) => `${path} ${message}`));
    }
  };
  const changeStation = (at: number, change: Partial<Station>): void =>
    set({
      stations: plan.stations.map((each, i) => (i === at ? { ...each, ...change } : each)),
    });
  const addStation = (name: string, shot: ShotInput): void =>
    set({ stations: [...plan.stations, { name: name.slice(0, 80), shot, line: nextLine }] });

  const turns =
    plan.players.length > 0 && plan.stations.length > 0
      ? timetable(
          plan.players.length,
          plan.stations.map(({ line }) => line),
          plan.minutes_per_turn || 1,
        )
      : [];

  return (
    <>
      <TopBar room="Lessons" />
      <main className="mx-auto w-full max-w-[64rem] grow space-y-7 px-6 py-5 max-sm:px-3">
        <header className="flex flex-wrap items-center gap-3">
          <h1 className="mr-auto text-3xl">Plan a lesson</h1>
          {changed && (
            <button
              type="button"
              onClick={() => {
                set(props.first);
                letGo();
              }}
              className={`${BUTTON} no-print`}
            >
              Let the changes go
            </button>
          )}
          <button type="button" onClick={() => window.print()} className={`${BUTTON} no-print`}>
            Print
          </button>
          <button
            type="button"
            onClick={() => void save()}
            className="no-print h-11 rounded bg-ink px-6 font-semibold text-paper"
          >
            Save and go to the bunker
          </button>
        </header>
        {faults.length > 0 && (
          <div role="alert" className="font-semibold text-harm">
            {faults.map((fault) => (
              <p key={fault}>{fault}</p>
            ))}
          </div>
        )}
        <div className="grid grid-cols-3 gap-4 max-md:grid-cols-1">
          <TextInput
            label="Day"
            type="date"
            value={plan.held_on}
            onChange={(event) => set({ held_on: event.target.value })}
          />
          <TextInput
            label="Place"
            maxLength={120}
            value={plan.place}
            onChange={(event) => set({ place: event.target.value })}
          />
          <TextInput
            label="Sand and weather of the day"
            maxLength={120}
            value={plan.weather}
            onChange={(event) => set({ weather: event.target.value })}
          />
          <TextInput
            label="Balls at a station"
            type="number"
            min={1}
            max={50}
            value={plan.balls_per_station}
            onChange={(event) => set({ balls_per_station: Number(event.target.value) })}
          />
          <TextInput
            label="Minutes a turn"
            type="number"
            min={1}
            max={60}
            value={plan.minutes_per_turn}
            onChange={(event) => set({ minutes_per_turn: Number(event.target.value) })}
          />
        </div>
        <PlayerPicker
          roster={props.roster}
          names={names}
          chosen={plan.players}
          onChosen={(players) => set({ players })}
          onName={(id, name) => setNames((now) => ({ ...now, [id]: name }))}
        />
        <section aria-labelledby="stations">
          <h2 id="stations" className="text-xl">
            Stations
          </h2>
          {plan.stations.length === 0 && (
            <p>None yet. Take a kept reading, the usual one, or have one drawn.</p>
          )}
          <ol>
            {plan.stations.map((station, i) => (
              <li
                key={i}
                className="grid grid-cols-[minmax(0,14rem)_6rem_minmax(0,1fr)_2.75rem] items-end gap-3 border-b border-hairline py-2 max-sm:grid-cols-[minmax(0,1fr)_5rem_2.75rem]"
              >
                <TextInput
                  label={`Station ${i + 1}`}
                  maxLength={80}
                  value={station.name}
                  onChange={(event) => changeStation(i, { name: event.target.value })}
                />
                <TextInput
                  label="Line of fire"
                  type="number"
                  min={0}
                  max={20}
                  value={station.line}
                  onChange={(event) => changeStation(i, { line: Number(event.target.value) })}
                />
                <p className="pb-2 text-sm max-sm:order-last max-sm:col-span-full">
                  {saidShot(station.shot, units)}
                </p>
                <button
                  type="button"
                  aria-label={`Take station ${i + 1} out`}
                  onClick={() => set({ stations: plan.stations.filter((_, k) => k !== i) })}
                  className="no-print grid size-11 place-items-center rounded hover:text-harm"
                >
                  <X size={17} aria-hidden="true" />
                </button>
              </li>
            ))}
          </ol>
          <p className="mt-1 text-sm text-ink-soft">
            Stations with the same line of fire hit across each other: only one of them is used at a
            time.
          </p>
          <AddStation
            readings={props.readings}
            full={plan.stations.length >= 12}
            nextName={`Station ${plan.stations.length + 1}`}
            onStation={addStation}
          />
        </section>
        {turns.length > 0 && (
          <TimetableView
            turns={turns}
            players={plan.players.map((id) => names[id] ?? id)}
            stations={plan.stations.map(({ name }) => name)}
          />
        )}
        <label className="block text-sm font-semibold">
          Notes
          <textarea
            rows={3}
            maxLength={4000}
            value={plan.notes}
            onChange={(event) => set({ notes: event.target.value })}
            className="mt-0.5 w-full rounded border-2 border-hairline bg-paper p-2 text-base font-normal"
          />
        </label>
        <p className="border-l-4 border-flag pl-3 text-sm">
          Nobody ahead of a player or level with the ball; those who rest stand behind the line.
          Lines and marks in the sand are for practice areas only.
        </p>
      </main>
    </>
  );
}
