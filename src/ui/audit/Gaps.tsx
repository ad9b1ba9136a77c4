import { t } from '@/core/tell/language/t';
import { useMemo } from 'react';
import { gapsOf } from '@/core/search/audit/gaps';
import type { Player } from '@/core/ground/player/player';
import { golferOf } from '@/core/model/golfer/golferOf';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { useUnits } from '../kit/units';

/** Steps of loft and carry from club to club, with those that are wide or narrow. */
export function Gaps({ player }: { player: Player }) {
  const units = useUnits();
  const unit = unitFor('ground', units);
  const gaps = useMemo(
    () => gapsOf(player.bag, golferOf(player).headSpeed, player.skill),
    [player],
  );
  return (
    <section aria-labelledby="gaps">
      <h3 id="gaps" className="text-lg">
        {t('Gaps')}
      </h3>
      {gaps.length === 0 ? (
        <p>{t('One club, so no gaps.')}</p>
      ) : (
        <ul>
          {gaps.map(({ from, to, loft, carry, judgement, reckoned }) => (
            <li key={to} className="border-b border-hairline py-1">
              <strong>{t('{from} to {to}', { from, to })}</strong>: {plainNumber(degrees(loft))}°,{' '}
              {plainNumber(fromMetres(carry, unit), 0)} {unit}
              {reckoned && ` ${t('(estimated)')}`}
              {judgement === 'wide' && t(': a big gap; room for a club between them')}
              {judgement === 'narrow' && t(': a small gap; the two do nearly the same job')}
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
