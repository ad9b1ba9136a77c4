'use client';

import { t } from '@/core/tell/language/t';
import { capital } from '@/core/tell/words/capital';
import { useId } from 'react';
import { degrees } from '@/core/ground/units/angle';
import type { Petal } from '@/core/place/rose/petal';
import { directionWords, petalWords } from '@/core/tell/place/roseWords';
import { LETTERS } from './plan/RoseDrawing';

interface WaysListProps {
  petals: readonly Petal[];
  named: readonly (Petal & { strokes: number })[];
  /** Strokes at the flag; null where nothing gets out there, undefined while it is not known. */
  flag: number | null | undefined;
  chosen: number | null;
  onChosen: (toward: number | null) => void;
}

/** The sensible ways out in words, and any other by a slider. */
export function WaysList({ petals, named, flag, chosen, onChosen }: WaysListProps) {
  const id = useId();
  const ordered = [...petals].sort((a, b) => a.toward - b.toward);
  const at = ordered.findIndex(({ toward }) => toward === chosen);
  const petal = ordered[at];
  return (
    <>
      {flag === null && <p className="font-semibold">{t('No shot at the flag gets out.')}</p>}
      <ul className="mt-1">
        {named.map((way, i) => (
          <li key={way.toward} className="flex gap-2 py-0.5">
            <span className="grid size-6 shrink-0 place-items-center rounded-full border border-ink text-sm font-bold">
              {LETTERS[i]}
            </span>
            {capital(petalWords(way, flag ?? null))}.
          </li>
        ))}
      </ul>
      {petals.length > 0 && named.length === 0 && <p>{t('No shot gets out in any direction.')}</p>}
      <label htmlFor={id} className="mt-2 block text-sm font-semibold">
        {t('Any direction')}
      </label>
      <input
        id={id}
        type="range"
        min={0}
        max={Math.max(0, ordered.length - 1)}
        value={at < 0 ? Math.floor(ordered.length / 2) : at}
        disabled={ordered.length === 0}
        aria-valuetext={petal ? sayPetal(petal) : t('none chosen')}
        onChange={({ target }) => onChosen(ordered[Number(target.value)]?.toward ?? null)}
        className="h-11 w-full accent-(--call-1)"
      />
      <p aria-live="polite" className="min-h-12 text-sm">
        {petal ? `${sayPetal(petal)}.` : t('Move the slider to read any direction of the rose.')}
      </p>
    </>
  );
}

/** A direction in numbers. */
function sayPetal({ toward, asks, gives, out, strokes, club }: Petal): string {
  const deg = (angle: number): string => `${Math.round(degrees(angle))}°`;
  const turn = Math.round(Math.abs(degrees(toward)));
  const side =
    turn % 180 === 0 ? '' : toward > 0 ? ` ${t('to the right')}` : ` ${t('to the left')}`;
  const where = `${capital(directionWords(toward))}, ${turn}°${side}`;
  const lip = t('the lip needs {deg} of launch', { deg: deg(asks) });
  if (gives === null || strokes === null)
    return t('{where}: {lip}; no shot gets out', { where, lip });
  return t('{where}: {lip}, the {club} gives {deg}; out {out}%, {strokes} strokes to hole out', {
    where,
    lip,
    club: String(club),
    deg: deg(gives),
    out: Math.round(out * 100),
    strokes: strokes.toFixed(1),
  });
}
