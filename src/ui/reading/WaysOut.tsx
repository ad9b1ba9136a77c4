'use client';

import { toldIn } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { X } from 'lucide-react';
import { useState } from 'react';
import { lengthOf } from '@/core/contract/check/fields';
import { withField } from '@/core/contract/reading/reading';
import type { ShotInput } from '@/core/contract/shot/shot';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { numberOf, SmallNumber } from '../kit/SmallNumber';
import type { SetFields } from './LengthPanel';
import { useUnits } from '../kit/units';

/** A way out as the reading says it. */
export type WayInput = NonNullable<ShotInput['escapes']>[number];

interface WaysOutProps {
  ways: readonly WayInput[];
  onFields: SetFields;
}

const MOST = 8;

/** A way out that is easy to say: its side, a low lip and some room. */
const lowWay = (toward_deg: number): WayInput => ({
  toward_deg,
  lip: { height_ft: 0.5, distance_ft: 8 },
  room_yd: 15,
});

const SIDES = toldIn(['name'], [
  { deg: 90, name: 'right' },
  { deg: 180, name: 'back' },
  { deg: -90, name: 'left' },
] as const);

/** Where a way goes, in words. */
function towardWords(deg: number): string {
  const side = SIDES.find((each) => Math.abs(each.deg) === Math.abs(deg) && deg * each.deg > 0);
  if (side) return side.name;
  return deg === 0 || Math.abs(deg) === 180
    ? t('back')
    : t('{deg}° to the {deg2}', {
        deg: plainNumber(Math.abs(deg), 0),
        deg2: deg > 0 ? t('right') : t('left'),
      });
}

/** Ways out other than at the flag: low ones at a press, each with its direction, lip and room to be changed. */
export function WaysOut({ ways, onFields }: WaysOutProps) {
  const put = (next: readonly WayInput[]): string | null =>
    onFields({ escapes: next.length > 0 ? next : undefined });
  return (
    <fieldset>
      <legend className="mb-1 text-base font-semibold">{t('Another direction')}</legend>
      <div className="flex gap-2">
        {SIDES.map(({ deg, name }) => {
          const has = ways.some(({ toward_deg }) => toward_deg === deg);
          return (
            <button
              key={name}
              type="button"
              aria-pressed={has}
              disabled={!has && ways.length >= MOST}
              onClick={() =>
                put(
                  has
                    ? ways.filter(({ toward_deg }) => toward_deg !== deg)
                    : [...ways, lowWay(deg)],
                )
              }
              className="button grow px-3 lit-when-chosen"
            >
              {name}
            </button>
          );
        })}
      </div>
      <ul>
        {ways.map((way, i) => (
          <Way
            key={i}
            way={way}
            onWay={(next) => put(ways.map((each, k) => (k === i ? next : each)))}
            onRemove={() => put(ways.filter((_, k) => k !== i))}
          />
        ))}
      </ul>
    </fieldset>
  );
}

function Way({
  way,
  onWay,
  onRemove,
}: {
  way: WayInput;
  onWay: (way: WayInput) => string | null;
  onRemove: () => void;
}) {
  const units = useUnits();
  const [fault, setFault] = useState<string | null>(null);
  const high = unitFor('height', units);
  const far = unitFor('ground', units);
  const words = towardWords(way.toward_deg);
  const set = (path: string, value: number): string | null => onWay(withField(way, path, value));
  const shown = (place: object, name: string, unit: typeof high): number =>
    fromMetres(lengthOf(place, name) ?? 0, unit);
  const common = { onFault: setFault };
  return (
    <li className="mt-2 border-l-2 border-hairline pl-3">
      <div className="flex items-end gap-2">
        <WayNumber
          {...common}
          label={t('Direction')}
          unit="°"
          value={way.toward_deg}
          onValue={(value) => set('toward_deg', value)}
        />
        <WayNumber
          {...common}
          label={t('Lip')}
          unit={high}
          value={shown(way.lip, 'height', high)}
          onValue={(value) => set(`lip.height_${high}`, value)}
        />
        <button
          type="button"
          aria-label={t('Without the way {words}', { words })}
          onClick={onRemove}
          className="ml-auto grid size-11 place-items-center rounded hover:text-harm"
        >
          <X size={16} aria-hidden="true" />
        </button>
      </div>
      <div className="flex items-end gap-2">
        <WayNumber
          {...common}
          label={t('Distance to the lip')}
          unit={high}
          value={shown(way.lip, 'distance', high)}
          onValue={(value) => set(`lip.distance_${high}`, value)}
        />
        <WayNumber
          {...common}
          label={t('Space beyond it')}
          unit={far}
          value={shown(way, 'room', far)}
          onValue={(value) => set(`room_${far}`, value)}
        />
      </div>
      <p role={fault ? 'alert' : undefined} className="text-sm">
        {fault ? (
          <span className="font-semibold text-harm">{fault}</span>
        ) : (
          <span className="text-ink-soft">
            {t('{words}; degrees from the flag, to the left with a minus', { words })}
          </span>
        )}
      </p>
    </li>
  );
}

/** A number of a way out; what cannot be used stays as it was typed, and what is wrong is told. */
function WayNumber({
  label,
  unit,
  value,
  onValue,
  onFault,
}: {
  label: string;
  unit: string;
  value: number;
  onValue: (value: number) => string | null;
  onFault: (fault: string | null) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <SmallNumber
      label={label}
      unit={unit}
      value={typed ?? plainNumber(value)}
      onValue={(text) => {
        const number = numberOf(text);
        const fault = Number.isNaN(number)
          ? t('{label} must be a number in {unit}, not "{text}".', { label, unit, text })
          : onValue(number);
        onFault(fault);
        setTyped(fault === null && text === plainNumber(number) ? null : text);
      }}
    />
  );
}
