'use client';

import { STYLE_WORDS } from '@/core/tell/words/ladderWords';
import { t } from '@/core/tell/language/t';
import { useMemo, useState } from 'react';
import type { LadderStyle } from '@/core/search/ladder/style';
import { whatReaches, type Reach, type ReachTo } from '@/core/search/ladder/reach';
import type { Player } from '@/core/ground/player/player';
import type { Sand } from '@/core/ground/sand/presets';
import type { Golfer } from '@/core/model/golfer/golfer';
import type { SwingError } from '@/core/model/swing/swingError';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

interface ReachesProps {
  player: Player;
  golfer: Golfer;
  sands: readonly Sand[];
  swings: readonly SwingError[];
}

const STYLES: readonly LadderStyle[] = ['splash', 'square', 'long', 'pick'];
const SHOWN = 6;

/** "What reaches 34 yards?" answered as it is typed. */
export function Reaches({ player, golfer, sands, swings }: ReachesProps) {
  const units = useUnits();
  const unit = unitFor('ground', units);
  const [typed, setTyped] = useState('34');
  const [to, setTo] = useState<ReachTo>('carry');
  const asked = Number(typed.trim().replace(',', '.'));
  const answer = useMemo((): Reach[] | string => {
    if (typed.trim() === '' || Number.isNaN(asked)) return t('Enter a number in {unit}.', { unit });
    try {
      return whatReaches(toMetres(asked, unit), to, player, golfer, STYLES, sands, swings);
    } catch (error) {
      if (!(error instanceof RangeError)) throw error;
      const most = Math.floor(fromMetres(220, unit));
      return t('Enter a distance from {ceil} to {most} {unit}.', {
        ceil: Math.ceil(fromMetres(3, unit)),
        most,
        unit,
      });
    }
  }, [typed, asked, unit, to, player, golfer, sands, swings]);
  const reaching = typeof answer === 'string' ? [] : answer.filter((each) => each.reaches);
  const far = (metres: number): string => plainNumber(fromMetres(metres, unit), 0);

  return (
    <section aria-labelledby="reaches" className="mt-5">
      <h3 id="reaches" className="flex flex-wrap items-center gap-2 text-xl">
        <label htmlFor="reach">{t('Which shots')}</label>
        <select
          aria-label={t('Measured to')}
          value={to}
          onChange={(event) => setTo(event.target.value as ReachTo)}
          className="box"
        >
          <option value="carry">{t('carry')}</option>
          <option value="finish">{t('stop at')}</option>
        </select>
        <input
          id="reach"
          inputMode="decimal"
          value={typed}
          autoComplete="off"
          onChange={(event) => setTyped(event.target.value)}
          onFocus={(event) => event.target.select()}
          className="box w-20 text-center font-semibold"
        />
        {unit}?
      </h3>
      {typeof answer === 'string' ? (
        <Alert className="mt-1">{answer}</Alert>
      ) : (
        <ul className="mt-2" aria-live="polite">
          {reaching.length === 0 && <li>{t('No club in this bag, from this sand.')}</li>}
          {reaching.slice(0, SHOWN).map((each) => (
            <li key={`${each.club}/${each.style}`} className="border-b border-hairline py-1.5">
              <strong className="font-heading text-lg">{each.club}</strong>{' '}
              {t('{name}, swing', { name: STYLE_WORDS[each.style] })} <strong>{each.clock}</strong>
              {t(': carries {far}, stops at {far2}; 8 in 10 finish between {far3} and {far4}', {
                far: far(each.carry),
                far2: far(each.finish),
                far3: far(each.low),
                far4: far(each.high),
              })}
              {each.thin >= 0.03 &&
                t(', {percent}% thin', { percent: Math.round(each.thin * 100) })}
              .
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
