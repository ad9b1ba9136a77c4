'use client';

import { causeName } from '@/core/tell/lessons/causeWords';
import { numberOf } from '../kit/SmallNumber';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { useFieldArray, useForm, useWatch } from 'react-hook-form';
import { X } from 'lucide-react';
import { CAUSES } from '@/core/lesson/faults/causes';
import type { ListedDrill } from '@/core/lesson/drills/chosen';
import {
  LOADS,
  MARK_KINDS,
  readDrill,
  TRAINED,
  type Drill,
  type NamedDrill,
} from '@/core/lesson/drills/drill';
import { LOAD_WORDS, MARK_WORDS, TRAINED_WORDS } from '@/core/tell/drills/drillWords';
import { Alert } from '../kit/Alert';
import { checked, faultsIn } from '../kit/checked';
import { Choice, Prose, TextInput } from '../kit/fields';
import { IconButton } from '../kit/IconButton';
import { FormFoot } from '../kit/FormFoot';
import { Overlay, type Closable } from '../kit/Overlay';
import { useClosing } from '../kit/closing';
import { useUnits } from '../kit/units';
import { ask, saidOf } from '../server/client';
import { DrillDrawing } from './DrillDrawing';

interface DrillFormProps extends Closable {
  /** The id under which it is saved. */
  id: string;
  /** What it begins with; null for a new one. */
  drill: Drill | null;
  onSaved: (drill: ListedDrill) => void;
}

/** A drill as its form holds it: lists as lines of text, numbers as typed. */
interface Typed {
  name: string;
  brief: string;
  purpose: string;
  trains: Drill['trains'];
  cures: string[];
  marks: { kind: Drill['marks'][number]['kind']; from: string; to: string; width: string }[];
  steps: string;
  balls: string;
  counts: string;
  easier: string;
  harder: string;
  load: Drill['load'];
}

const BLANK: Typed = {
  name: '',
  brief: '',
  purpose: '',
  trains: ['entry'],
  cures: [],
  marks: [],
  steps: '',
  balls: '10',
  counts: '',
  easier: '',
  harder: '',
  load: 'light',
};

const typedOf = (drill: Drill): Typed => ({
  ...drill,
  marks: drill.marks.map(({ kind, from_cm, to_cm, width_cm }) => ({
    kind,
    from: String(from_cm),
    to: to_cm === undefined ? '' : String(to_cm),
    width: width_cm === undefined ? '' : String(width_cm),
  })),
  steps: drill.steps.join('\n'),
  balls: String(drill.balls),
});

const numberIn = (text: string): number | string =>
  Number.isNaN(numberOf(text)) ? text : numberOf(text);

/** The drill that was typed. Throws FaultyInput. */
const drillFrom = ({ marks, steps, balls, ...typed }: Typed): Drill =>
  readDrill({
    ...typed,
    marks: marks.map(({ kind, from, to, width }) => ({
      kind,
      from_cm: numberIn(from),
      ...(to.trim() !== '' && { to_cm: numberIn(to) }),
      ...(width.trim() !== '' && { width_cm: numberIn(width) }),
    })),
    steps: steps
      .split('\n')
      .map((step) => step.trim())
      .filter((step) => step !== ''),
    balls: numberIn(balls),
  });

/** The field of the form that a path belongs to. */
const fieldOf = (path: string): string =>
  path
    .replace(/\[(\d+)\]/g, '.$1')
    .replace(/^steps\..*/, 'steps')
    .replace(/_cm$/, '');

/** A drill to be written or changed. */
export function DrillForm({ id, drill, onSaved, onClose }: DrillFormProps) {
  const units = useUnits();
  const close = useClosing(onClose);
  const [refused, setRefused] = useState<string | null>(null);
  const { register, control, handleSubmit, formState } = useForm<Typed>({
    defaultValues: drill ? typedOf(drill) : BLANK,
    resolver: checked(drillFrom, fieldOf),
  });
  const marks = useFieldArray({ control, name: 'marks' });
  const typed = useWatch({ control }) as Typed;
  const drawn = faultsIn(() => drillFrom(typed)) ? null : drillFrom(typed).marks;
  const { errors, isSubmitting } = formState;
  const submit = handleSubmit(async (values) => {
    const answered = await ask<ListedDrill>(`/api/drills/${id}`, 'PUT', drillFrom(values));
    if (answered.kind !== 'ok') return setRefused(saidOf(answered));
    onSaved(answered.body);
    close();
  });
  return (
    <Overlay
      title={drill ? t('Edit “{drill}”', { drill: drill.name }) : t('A new drill')}
      shape="wide"
      onClose={onClose}
    >
      <form noValidate onSubmit={(event) => void submit(event)} className="space-y-4">
        <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
          <TextInput
            label={t('Name')}
            maxLength={60}
            fault={errors.name?.message}
            {...register('name')}
          />
          <TextInput
            label={t('In a sentence, for homework')}
            maxLength={200}
            fault={errors.brief?.message}
            {...register('brief')}
          />
          <TextInput
            label={t('Purpose')}
            maxLength={400}
            fault={errors.purpose?.message}
            {...register('purpose')}
          />
          <TextInput
            label={t('What is counted')}
            maxLength={120}
            fault={errors.counts?.message}
            {...register('counts')}
          />
          <TextInput
            label={t('Balls')}
            inputMode="numeric"
            fault={errors.balls?.message}
            {...register('balls')}
          />
          <Choice
            label={t('How hard on the body')}
            options={LOADS.map((load) => [load, LOAD_WORDS[load]] as const)}
            {...register('load')}
          />
        </div>
        <Prose
          label={t('Steps, one a line')}
          rows={4}
          fault={errors.steps?.message}
          {...register('steps')}
        />
        <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
          <TextInput label={t('Easier')} maxLength={200} {...register('easier')} />
          <TextInput label={t('Harder')} maxLength={200} {...register('harder')} />
        </div>
        <fieldset>
          <legend className="text-sm font-semibold">{t('It trains')}</legend>
          <div className="grid grid-cols-3 max-sm:grid-cols-2">
            {TRAINED.map((each) => (
              <label key={each} className="flex min-h-11 items-center gap-2">
                <input type="checkbox" value={each} className="size-5" {...register('trains')} />
                {TRAINED_WORDS[each]}
              </label>
            ))}
          </div>
          {errors.trains && <Alert>{t('Choose at least one thing that it trains.')}</Alert>}
        </fieldset>
        <details>
          <summary className="min-h-11 py-2.5 font-semibold">{t('Faults that it cures')}</summary>
          <div className="grid grid-cols-2 max-sm:grid-cols-1">
            {CAUSES.map((cause) => (
              <label key={cause.id} className="flex min-h-11 items-center gap-2">
                <input type="checkbox" value={cause.id} className="size-5" {...register('cures')} />
                {causeName(cause)}
              </label>
            ))}
          </div>
        </details>
        <fieldset>
          <legend className="text-sm font-semibold">
            {t('Set-up, in centimetres from the ball along the line of play (behind it: minus)')}
          </legend>
          <ul className="space-y-2">
            {marks.fields.map((field, i) => (
              <li
                key={field.id}
                className="grid grid-cols-[minmax(0,1.4fr)_repeat(3,minmax(0,1fr))_2.75rem] items-end gap-2"
              >
                <Choice
                  label={t('Mark')}
                  options={MARK_KINDS.map((kind) => [kind, MARK_WORDS[kind]] as const)}
                  {...register(`marks.${i}.kind`)}
                />
                {(['from', 'to', 'width'] as const).map((name) => (
                  <TextInput
                    key={name}
                    label={{ from: t('From'), to: t('To'), width: t('Width') }[name]}
                    inputMode="decimal"
                    fault={errors.marks?.[i]?.[name]?.message}
                    {...register(`marks.${i}.${name}`)}
                  />
                ))}
                <IconButton
                  label={t('Remove mark {i}', { i: i + 1 })}
                  onClick={() => marks.remove(i)}
                >
                  <X size={17} aria-hidden="true" />
                </IconButton>
              </li>
            ))}
          </ul>
          <button
            type="button"
            disabled={marks.fields.length >= 10}
            onClick={() => marks.append({ kind: 'line', from: '-5', to: '', width: '50' })}
            className="button mt-2"
          >
            {t('Add a mark')}
          </button>
          {drawn && drawn.length > 0 && (
            <div className="mt-3">
              <DrillDrawing marks={drawn} units={units} />
            </div>
          )}
        </fieldset>
        <FormFoot
          refused={refused}
          busy={isSubmitting}
          action={t('Save the drill')}
          onClose={onClose}
        />
      </form>
    </Overlay>
  );
}

/** A drill without what a list adds to it. */
export const plainDrill = ({
  id: _id,
  from: _from,
  archived: _archived,
  ...drill
}: NamedDrill & Partial<ListedDrill>): Drill => drill;
