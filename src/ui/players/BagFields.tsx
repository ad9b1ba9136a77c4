'use client';

import { choices } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { ArrowDown, ArrowUp, X } from 'lucide-react';
import { useState } from 'react';
import {
  useFieldArray,
  useWatch,
  type Control,
  type FieldErrors,
  type UseFormRegister,
} from 'react-hook-form';
import { typicalClub } from '@/core/ground/club/club';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { depthUnit, unitFor } from '@/core/ground/units/unitFor';
import { Choice, TextInput } from '../kit/fields';
import type { PlayerFormValues } from './playerForm';
import { useUnits } from '../kit/units';
import { Alert } from '../kit/Alert';

interface BagFieldsProps {
  control: Control<PlayerFormValues>;
  register: UseFormRegister<PlayerFormValues>;
  errors: FieldErrors<PlayerFormValues>;
}

const TYPES = choices([
  ['wedge', 'wedge'],
  ['iron', 'iron'],
  ['hybrid', 'hybrid'],
  ['wood', 'wood'],
  ['putter', 'putter'],
]);

const ICON = 'grid h-11 w-9 place-items-center rounded hover:bg-paper-deep disabled:opacity-40';

/** The clubs, a line each; what is left empty is what is usual for the type, shown in its place. */
export function BagFields({ control, register, errors }: BagFieldsProps) {
  const units = useUnits();
  const { fields, append, remove, swap } = useFieldArray({ control, name: 'bag' });
  const bag = useWatch({ control, name: 'bag' });
  const last = bag.at(-1);
  // Few coaches know these: they are there for whom they were typed before, and for whom they are asked for.
  const [soles, setSoles] = useState(() => bag.some(({ sole, camber }) => sole || camber));
  const small = depthUnit(units);
  return (
    <fieldset className="mt-4 border-t border-hairline pt-2">
      <legend className="sr-only">{t('Clubs')}</legend>
      <h3 className="text-lg">{t('Clubs')}</h3>
      <p className="text-sm text-ink-soft">
        {t(
          'Leave a field empty to use the typical value shown in grey. Carry is a full shot off grass; head speed is worked out from it.',
        )}
      </p>
      <ul>
        {fields.map((field, i) => {
          const { type, loft } = bag[i] ?? field;
          const usual = typicalClub(type, Number(loft.replace(',', '.')) || 50);
          const fault = errors.bag?.[i];
          const at = <T extends string>(name: T) => `bag.${i}.${name}` as const;
          return (
            <li
              key={field.id}
              className={`grid items-start gap-x-2 border-b border-hairline py-1 max-md:grid-cols-3 ${
                soles
                  ? 'grid-cols-[1fr_1fr_repeat(5,minmax(0,0.7fr))_auto]'
                  : 'grid-cols-[1fr_1fr_repeat(3,minmax(0,0.7fr))_auto]'
              }`}
            >
              <TextInput
                label={t('Name')}
                maxLength={24}
                fault={fault?.name?.message}
                {...register(at('name'))}
              />
              <Choice label={t('Type')} options={TYPES} {...register(at('type'))} />
              <TextInput
                label={t('Loft, °')}
                inputMode="decimal"
                fault={fault?.loft?.message}
                {...register(at('loft'))}
              />
              <TextInput
                label={t('Bounce, °')}
                inputMode="decimal"
                placeholder={plainNumber(degrees(usual.bounce))}
                fault={fault?.bounce?.message}
                {...register(at('bounce'))}
              />
              {soles && (
                <>
                  <TextInput
                    label={t('Sole, {unit}', { unit: small })}
                    inputMode="decimal"
                    placeholder={plainNumber(fromMetres(usual.sole, small), 2)}
                    fault={fault?.sole?.message}
                    {...register(at('sole'))}
                  />
                  <TextInput
                    label={t('Camber, 0–1')}
                    inputMode="decimal"
                    placeholder={plainNumber(usual.camber, 2)}
                    fault={fault?.camber?.message}
                    {...register(at('camber'))}
                  />
                </>
              )}
              <TextInput
                label={t('Carry, {unit}', { unit: unitFor('ground', units) })}
                inputMode="decimal"
                fault={fault?.carry?.message}
                {...register(at('carry'))}
              />
              <span className="flex pt-5">
                <button
                  type="button"
                  aria-label={t('Move {field} up', { field: field.name })}
                  disabled={i === 0}
                  onClick={() => swap(i, i - 1)}
                  className={ICON}
                >
                  <ArrowUp size={16} aria-hidden="true" />
                </button>
                <button
                  type="button"
                  aria-label={t('Move {field} down', { field: field.name })}
                  disabled={i === fields.length - 1}
                  onClick={() => swap(i, i + 1)}
                  className={ICON}
                >
                  <ArrowDown size={16} aria-hidden="true" />
                </button>
                <button
                  type="button"
                  aria-label={t('Remove {field} from the bag', { field: field.name })}
                  onClick={() => remove(i)}
                  className={ICON}
                >
                  <X size={17} aria-hidden="true" />
                </button>
              </span>
            </li>
          );
        })}
      </ul>
      {errors.bag?.root?.message && (
        <Alert className="text-sm">
          {t('The bag {message}.', { message: errors.bag.root.message })}
        </Alert>
      )}
      <button
        type="button"
        disabled={fields.length >= 20}
        onClick={() =>
          append({
            name: '',
            type: last?.type ?? 'wedge',
            loft: '',
            bounce: '',
            carry: '',
            sole: '',
            camber: '',
            rest: {},
          })
        }
        className="button mt-2"
      >
        {t('Add a club')}
      </button>
      <button
        type="button"
        aria-pressed={soles}
        onClick={() => setSoles(!soles)}
        className="button-quiet mt-2 ml-3"
      >
        {soles ? t('Hide soles and camber') : t('Soles and camber too')}
      </button>
    </fieldset>
  );
}
