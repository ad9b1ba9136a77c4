'use client';

import { sayFaults } from '@/core/tell/facts/faultWords';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { v4 as uuid } from 'uuid';
import { readResults, type DrillResult } from '@/core/lesson/homework/result';
import type { SessionWork } from '@/core/lesson/homework/sessions';
import { Alert } from '../kit/Alert';
import { faultsIn } from '../kit/checked';
import { TextInput } from '../kit/fields';

interface ResultFormProps {
  day: string;
  work: SessionWork;
  nameOf: (drill: string) => string;
  /** False when they were not saved: what was typed stays. */
  onResults: (results: Omit<DrillResult, 'id'>[]) => Promise<boolean>;
}

interface Typed {
  count: string;
  of: string;
}

/** Stands for the form where nothing was typed in it. */
const NOTHING = '';

/** A number that was typed, or what was typed in its place: the reader says what is wrong with it. */
const numberIn = (text: string): number | string =>
  /^\d+$/.test(text.trim()) ? Number(text) : text;

/** How a session went: for each drill how many of how many balls counted, and a note. */
export function ResultForm({ day, work, nameOf, onResults }: ResultFormProps) {
  const [typed, setTyped] = useState<readonly Typed[]>(
    work.map(({ balls }) => ({ count: '', of: String(balls) })),
  );
  const [note, setNote] = useState('');
  const [faults, setFaults] = useState<ReadonlyMap<string, string>>(new Map());
  const put = (at: number, change: Partial<Typed>): void =>
    setTyped(typed.map((each, i) => (i === at ? { ...each, ...change } : each)));
  const submit = async (): Promise<void> => {
    const filled = work.flatMap(({ drill }, i) => {
      const { count, of } = typed[i]!;
      if (count.trim() === '') return [];
      return [{ drill, day, count: numberIn(count), of: numberIn(of), note: note.trim() }];
    });
    if (filled.length === 0) {
      setFaults(new Map([[NOTHING, t('Type what was counted for one drill.')]]));
      return;
    }
    const results = filled.map((result) => ({ id: uuid(), ...result }));
    const found = sayFaults(faultsIn(() => readResults({ results }, day)) ?? []);
    setFaults(
      new Map(
        found.map(({ path, message }) => {
          const [, at, field] = /^results\[(\d+)\]\.(\w+)/.exec(path) ?? [];
          const drill = filled[Number(at ?? 0)]!.drill;
          const what = field === 'of' ? t('balls hit') : t('counted');
          return [drill, `${nameOf(drill)}: ${what} ${message}.`];
        }),
      ),
    );
    if (found.length === 0) {
      await onResults(readResults({ results }, day).map(({ id: _id, ...result }) => result));
    }
  };
  return (
    <form
      noValidate
      className="mt-2 rounded border-2 border-flag p-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <ul className="space-y-2">
        {work.map(({ drill }, i) => (
          <li key={drill} className="grid grid-cols-[minmax(0,1fr)_5rem_5rem] items-end gap-2">
            <p className="self-center">{nameOf(drill)}</p>
            <TextInput
              label={t('Counted')}
              aria-label={t('{name}, counted', { name: nameOf(drill) })}
              inputMode="numeric"
              value={typed[i]!.count}
              onChange={({ target }) => put(i, { count: target.value })}
            />
            <TextInput
              label={t('of')}
              aria-label={t('{name}, balls hit', { name: nameOf(drill) })}
              inputMode="numeric"
              value={typed[i]!.of}
              onChange={({ target }) => put(i, { of: target.value })}
            />
            <Alert className="col-span-full">{faults.get(drill)}</Alert>
          </li>
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <div className="min-w-48 grow">
          <TextInput
            label={t('Note')}
            maxLength={400}
            value={note}
            onChange={({ target }) => setNote(target.value)}
          />
        </div>
        <button type="submit" className="button-main">
          {t('Save results')}
        </button>
      </div>
      <Alert className="mt-2">{faults.get(NOTHING)}</Alert>
    </form>
  );
}
