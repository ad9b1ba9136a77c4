import { t } from '@/core/tell/language/t';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import type { Moves, Reach } from '@/core/tell/lessons/moves';
import { shortLengthWords } from '@/core/tell/words/words';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { useUnits } from '../kit/units';

interface MovesViewProps {
  moves: Moves;
}

const CELL = 'py-1 pr-4 text-left font-normal';

/** What taking a learning over would move: a rung of each club, and the call of each station. */
export function MovesView({ moves }: MovesViewProps) {
  const units = useUnits();
  const unit = unitFor('ground', units);
  const far = (metres: number): string => plainNumber(fromMetres(metres, unit), 0);
  const reach = ({ carry, low, high }: Reach): string => `${far(carry)} (${far(low)}–${far(high)})`;
  const call = (entry: CallEntry | null): string =>
    entry
      ? t('{club} to {swing}, {length} behind', {
          club: entry.club,
          swing: entry.swing_clock,
          length: shortLengthWords(toMetres(entry.entry_in, 'in'), units),
        })
      : t('no shot at the flag');
  return (
    <table data-testid="moves" className="mt-3 w-full border-collapse">
      <caption className="text-left font-semibold">{t('What would change')}</caption>
      <thead>
        <tr className="border-b-2 border-hairline text-sm">
          <th scope="col" className={CELL}>
            {t('Carry of a splash, where eight in ten stop, {unit}', { unit })}
          </th>
          <th scope="col" className={CELL}>
            {t('now')}
          </th>
          <th scope="col" className={CELL}>
            {t('then')}
          </th>
        </tr>
      </thead>
      <tbody>
        {moves.rungs.map(({ club, clock, before, after }) => (
          <Row
            key={club}
            name={t('{club} to {clock}', { club, clock })}
            before={reach(before)}
            after={reach(after)}
          />
        ))}
        {moves.calls.map(({ station, before, after }, i) => (
          <Row
            key={i}
            name={t('Call at {station}', { station })}
            before={call(before)}
            after={call(after)}
          />
        ))}
      </tbody>
    </table>
  );
}

function Row({ name, before, after }: { name: string; before: string; after: string }) {
  return (
    <tr className="border-b border-hairline align-top">
      <th scope="row" className={CELL}>
        {name}
      </th>
      <td className={CELL}>{before}</td>
      <td className={before === after ? `${CELL} text-ink-soft` : `${CELL} font-semibold`}>
        {before === after ? t('the same') : after}
      </td>
    </tr>
  );
}
