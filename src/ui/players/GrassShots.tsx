'use client';

import { t } from '@/core/tell/language/t';
import { X } from 'lucide-react';
import { useState } from 'react';
import { carryFromShots } from '@/core/lesson/players/likelySlip';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber, sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { ask, saidOf } from '../server/client';
import { isDone } from '../server/said';
import { numberOf } from '../kit/SmallNumber';
import { useLine } from '../kit/useLine';
import { TextInput } from '../kit/fields';
import type { GrassShot } from '@/core/lesson/players/grassShot';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

interface GrassShotsProps {
  playerId: string;
  clubs: readonly string[];
  first: readonly GrassShot[];
  onCarries: (carries: ReadonlyMap<string, number>) => Promise<string | null>;
}

/** Full shots off grass, logged by club, and the stock carries that they give. */
export function GrassShots({ playerId, clubs, first, onCarries }: GrassShotsProps) {
  const units = useUnits();
  const [shots, setShots] = useState(first);
  const [club, setClub] = useState(clubs[0] ?? '');
  const unit = unitFor('ground', units);
  const { input, submit, fault } = useLine(async (line) => {
    const parts = line.split(/[\s;]+/).filter((part) => part !== '');
    const wrong = parts.find((part) => !(numberOf(part) > 0));
    if (wrong !== undefined || parts.length === 0) {
      return t('Type the carries in {unit} with a space between them{wrong}.', {
        unit,
        wrong: wrong ? t(', not "{wrong}"', { wrong }) : '',
      });
    }
    const answered = await ask<GrassShot[]>(`/api/players/${playerId}/shots`, 'POST', {
      shots: parts.map((part) => ({ club, carry_m: toMetres(numberOf(part), unit) })),
    });
    if (answered.kind !== 'ok') return saidOf(answered);
    setShots(answered.body);
    return null;
  });

  const takeAway = async ({ id }: GrassShot): Promise<void> => {
    if (!isDone(await ask(`/api/players/${playerId}/shots/${id}`, 'DELETE'))) return;
    setShots((now) => now.filter((shot) => shot.id !== id));
  };

  const byClub = clubs
    .map((name) => {
      const own = shots.filter((shot) => shot.club === name);
      return { name, own, stock: carryFromShots(own.map(({ carry }) => fromMetres(carry, 'yd'))) };
    })
    .filter(({ own }) => own.length > 0);

  return (
    <details className="mt-2 border-t border-hairline pt-1">
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
        {t('Full shots off grass')}
        {shots.length > 0 && `: ${shots.length}`}
      </summary>
      <form onSubmit={submit} className="flex flex-wrap items-end gap-3">
        <label className="flex flex-col text-sm font-semibold">
          {t('Club')}
          <select
            value={club}
            onChange={(event) => setClub(event.target.value)}
            className="box text-base font-normal"
          >
            {clubs.map((name) => (
              <option key={name}>{name}</option>
            ))}
          </select>
        </label>
        <div className="max-w-md grow">
          <TextInput
            label={t('Carries of full shots, {unit}', { unit })}
            placeholder="80 84 79 82"
            {...input}
          />
        </div>
        <button type="submit" className="button">
          {t('Log')}
        </button>
      </form>
      {fault && <Alert className="mt-1 text-sm">{fault}</Alert>}
      <ul className="mt-2">
        {byClub.map(({ name, own, stock }) => (
          <li
            key={name}
            className="flex flex-wrap items-center gap-x-2 border-b border-hairline py-1"
          >
            <strong className="min-w-12">{name}</strong>
            {own.map((shot) => (
              <span key={shot.id} className="flex items-center">
                {plainNumber(fromMetres(shot.carry, unit), 0)}
                <button
                  type="button"
                  aria-label={t('Remove {carry} with the {name}', {
                    carry: plainNumber(fromMetres(shot.carry, unit), 0),
                    name,
                  })}
                  onClick={() => void takeAway(shot)}
                  className="grid size-8 place-items-center rounded hover:text-harm"
                >
                  <X size={13} aria-hidden="true" />
                </button>
              </span>
            ))}
            {stock ? (
              <button
                type="button"
                onClick={() => void onCarries(new Map([[name, stock.carry]]))}
                className="button ml-auto px-3"
              >
                {t('Take {carry} as stock', { carry: sayLength(stock.carry, 'ground', units) })}
              </button>
            ) : (
              <span className="ml-auto text-sm text-ink-soft">
                {t('three shots make a stock carry')}
              </span>
            )}
          </li>
        ))}
      </ul>
    </details>
  );
}
