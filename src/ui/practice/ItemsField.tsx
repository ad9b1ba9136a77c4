import { t } from '@/core/tell/language/t';
import { ArrowUp, X } from 'lucide-react';
import { drillsById, type ListedDrill } from '@/core/lesson/drills/chosen';
import { DOSES, inSets } from '@/core/lesson/drills/dose';
import { dosedWords } from '@/core/tell/drills/doseWords';
import { MOST_BALLS } from '@/core/lesson/drills/drill';
import { mostBalls } from '@/core/lesson/drills/load';
import type { BodyCaution } from '@/core/ground/player/player';
import { MOST_ITEMS, type PlanItem } from '@/core/lesson/homework/plan';
import { listed } from '@/core/tell/words/listed';
import { Alert } from '../kit/Alert';
import { Pick, TextInput } from '../kit/fields';
import { IconButton } from '../kit/IconButton';

interface ItemsFieldProps {
  items: readonly PlanItem[];
  drills: readonly ListedDrill[];
  cautions: readonly BodyCaution[];
  /** What is wrong with the list, or with the balls of single drills. */
  fault: string | undefined;
  onItems: (items: PlanItem[]) => void;
}

/** The drills of a plan in order of weight, each with its balls a session. */
export function ItemsField({ items, drills, cautions, fault, onItems }: ItemsFieldProps) {
  const known = drillsById(drills);
  const free = drills.filter(({ id, archived }) => !archived && !items.some((i) => i.drill === id));
  const change = (at: number, changed: PlanItem): void =>
    onItems(items.map((item, i) => (i === at ? changed : item)));
  return (
    <fieldset>
      <legend className="text-xl font-heading font-semibold">{t('Drills')}</legend>
      <p className="text-sm text-ink-soft">
        {t('The first comes most often; all of them come in turn.')}
      </p>
      <ol className="mt-1">
        {items.map((item, i) => {
          const { drill: id, balls, sets } = item;
          const even = inSets(item).sets > 1;
          const drill = known.get(id);
          const most = drill ? mostBalls(drill.load, cautions) : MOST_BALLS;
          return (
            <li key={id} className="border-b border-hairline py-2">
              <div className="grid grid-cols-[minmax(0,1fr)_4.5rem_4.5rem_2.75rem_2.75rem] items-end gap-2">
                <p className="self-center">
                  <span className="font-semibold">
                    {i + 1}. {drill?.name ?? t('a deleted drill')}
                  </span>
                  <span className="block text-sm text-ink-soft">{drill?.brief}</span>
                  {even && <span className="block text-sm font-semibold">{dosedWords(item)}</span>}
                </p>
                <TextInput
                  label={t('Balls')}
                  aria-label={t('Balls of {drill}', { drill: drill?.name ?? id })}
                  type="number"
                  min={1}
                  max={MOST_BALLS}
                  value={Number.isNaN(balls) ? '' : balls}
                  onChange={({ target }) => change(i, { ...item, balls: target.valueAsNumber })}
                />
                <Pick
                  label={t('Sets')}
                  aria-label={t('Sets of {drill}', { drill: drill?.name ?? id })}
                  value={String(sets ?? 1)}
                  onValue={(next) => {
                    const { sets: _before, ...rest } = item;
                    change(i, next === '1' ? rest : { ...rest, sets: Number(next) });
                  }}
                  options={DOSES.sets.map((each) => [String(each), String(each)])}
                />
                <IconButton
                  label={t('Move {drill} up', { drill: drill?.name ?? id })}
                  disabled={i === 0}
                  onClick={() =>
                    onItems(
                      items.map((item, j) =>
                        j === i - 1 ? items[i]! : j === i ? items[i - 1]! : item,
                      ),
                    )
                  }
                >
                  <ArrowUp size={17} aria-hidden="true" />
                </IconButton>
                <IconButton
                  label={t('Remove {drill}', { drill: drill?.name ?? id })}
                  onClick={() => onItems(items.filter((_, j) => j !== i))}
                  harm
                >
                  <X size={17} aria-hidden="true" />
                </IconButton>
              </div>
              {sets && !even && (
                <p role="status" className="text-sm font-semibold text-harm">
                  {t('{balls} balls do not make {sets} even sets.', {
                    balls: Number.isNaN(balls) ? 0 : balls,
                    sets,
                  })}
                </p>
              )}
              {balls > most && (
                <p role="status" className="text-sm font-semibold text-harm">
                  {most === 0
                    ? t('Left out: to spare the {cautions} this is not practised.', {
                        cautions: listed(cautions),
                      })
                    : t('At most {most} balls a session: it is hard on the body.', { most })}
                </p>
              )}
            </li>
          );
        })}
      </ol>
      {fault && <Alert>{fault}</Alert>}
      {items.length < MOST_ITEMS && free.length > 0 && (
        <div className="no-print mt-2 flex">
          <Pick
            label={t('Add a drill')}
            value=""
            onValue={(id) => {
              const drill = known.get(id);
              if (drill) onItems([...items, { drill: id, balls: drill.balls }]);
            }}
            options={[
              ['', t('choose …')],
              ...free.map(({ id, name }) => [id, name] as [string, string]),
            ]}
          />
        </div>
      )}
    </fieldset>
  );
}
