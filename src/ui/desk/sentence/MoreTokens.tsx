'use client';

import { t } from '@/core/tell/language/t';
import { counted } from '@/core/tell/words/counted';
import type { ShotInput } from '@/core/contract/shot/shot';
import type { Shot } from '@/core/ground/situation/shot';
import { fromMetres, LENGTH_UNITS } from '@/core/ground/units/length';
import { sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { NumberPanel } from '../../kit/NumberPanel';
import { Token } from '../../reading/Token';
import { WaysOut } from '../../reading/WaysOut';
import { useUnits } from '../../kit/units';

interface MoreTokensProps {
  shot: ShotInput;
  resolved: Shot;
  open: boolean;
  onOpenChange: (open: boolean) => void;
  onFields: (changes: Readonly<Record<string, unknown>>) => string | null;
  onWind: () => void;
}

/** Fields of a length in any unit, all taken away. */
const without = (name: string): Record<string, undefined> =>
  Object.fromEntries(LENGTH_UNITS.map((unit) => [`${name}_${unit}`, undefined]));

/** What is said only when it is asked for: wind, a landing spot, something to carry, another way out. */
export function MoreTokens(props: MoreTokensProps) {
  const units = useUnits();
  const { shot, resolved, open, onOpenChange, onFields, onWind } = props;
  const unit = unitFor('ground', units);
  const escapes = shot.escapes ?? [];
  const said = [
    resolved.carry === undefined
      ? null
      : t('land it at {carry}', { carry: sayLength(resolved.carry, 'ground', units) }),
    resolved.clear === undefined
      ? null
      : t('carry {clear}', { clear: sayLength(resolved.clear, 'ground', units) }),
    escapes.length === 0
      ? null
      : counted(escapes.length, 'other escape route', 'other escape routes'),
  ].filter((text) => text !== null);
  const optional = (
    label: string,
    name: 'carry' | 'clear',
    metres: number | undefined,
    help: string,
  ) => (
    <div className="mb-3">
      <NumberPanel
        label={label}
        unit={unit}
        value={metres === undefined ? undefined : fromMetres(metres, unit)}
        from={2}
        to={60}
        step={1}
        help={help}
        onValue={(value) => onFields({ [`${name}_${unit}`]: value })}
      />
      {metres !== undefined && (
        <button
          type="button"
          className="min-h-11 underline"
          onClick={() => onFields(without(name))}
        >
          {t('Let Mellow Divot choose')}
        </button>
      )}
    </div>
  );
  return (
    <Token
      label={t('More')}
      hotkey="a"
      open={open}
      onOpenChange={onOpenChange}
      panel={
        <>
          <button
            type="button"
            className="button mb-3 px-3 font-semibold"
            onClick={() => {
              if (!shot.wind) onFields({ wind: { speed_mps: 4, from_deg: 0 } });
              onWind();
            }}
          >
            {t('Wind')}
          </button>
          {optional(
            t('Landing spot'),
            'carry',
            resolved.carry,
            t('Leave empty to let Mellow Divot choose.'),
          )}
          {optional(
            t('Must carry'),
            'clear',
            resolved.clear,
            t('Carry needed to clear water or another bunker.'),
          )}
          <WaysOut ways={escapes} onFields={onFields} />
        </>
      }
    >
      {said.length > 0 ? said.join(', ') : t('and …')}
    </Token>
  );
}
