'use client';

import { techniqueName } from '@/core/tell/words/techniques';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { BODY_CAUTIONS, HANDS, MASTERIES, SKILLS, USUAL_MISSES } from '@/core/ground/player/player';
import { readPlayerRecord, type PlayerRecord } from '@/core/lesson/players/record';
import { FormFoot } from '../kit/FormFoot';
import { Overlay, type Closable } from '../kit/Overlay';
import { useClosing } from '../kit/closing';
import {
  SKILL_WORDS,
  BODY_WORDS,
  HAND_WORDS,
  MASTERY_WORDS,
  MISS_NAMES,
} from '@/core/tell/words/player';
import { TRICKS } from '@/core/search/schools/schools';
import { capital } from '@/core/tell/words/capital';
import { BagFields } from './BagFields';
import { SchoolChecks } from './SchoolChecks';
import { Choice, Prose, TextInput } from '../kit/fields';
import { fromForm, playerResolver, toForm, type PlayerFormValues } from './playerForm';
import { useUnits, UNIT_CHOICES } from '../kit/units';

interface PlayerFormProps extends Closable {
  title: string;
  record: PlayerRecord;
  /** Saves the record; gives back what is wrong, or null. */
  onSave: (record: PlayerRecord) => Promise<string | null>;
}

/** Clubs of a bag to choose from, by their names. */
const clubNames = (bag: readonly { name: string }[]): [string, string][] =>
  bag.flatMap(({ name }) => (name.trim() === '' ? [] : [[name.trim(), name.trim()]]));

/** Everything about a player that is typed: who it is, habits, cautions, schools, clubs. */
export function PlayerForm({ title, record, onSave, onClose }: PlayerFormProps) {
  const units = useUnits();
  const close = useClosing(onClose);
  const [refused, setRefused] = useState<string | null>(null);
  const { register, control, handleSubmit, formState } = useForm<PlayerFormValues>({
    defaultValues: toForm(record, units),
    resolver: playerResolver(units),
  });
  const { errors, isSubmitting, submitCount, isValid } = formState;
  const bag = useWatch({ control, name: 'bag' });

  const submit = handleSubmit(async (values) => {
    const fault = await onSave(readPlayerRecord(fromForm(values, units)));
    setRefused(fault);
    if (fault === null) close();
  });

  return (
    <Overlay title={title} shape="wide" onClose={onClose}>
      <form noValidate onSubmit={(event) => void submit(event)}>
        <div className="grid grid-cols-4 gap-x-4 gap-y-3 max-md:grid-cols-2">
          <div className="col-span-2">
            <TextInput
              label={t('Name')}
              maxLength={80}
              fault={errors.name?.message}
              {...register('name')}
            />
          </div>
          <Choice
            label={t('Plays')}
            options={HANDS.map((hand) => [hand, HAND_WORDS[hand]] as const)}
            {...register('handed')}
          />
          <Choice
            label={t('Level')}
            options={SKILLS.map((skill) => [skill, SKILL_WORDS[skill]] as const)}
            {...register('skill')}
          />
          <TextInput
            label={t('Handicap')}
            inputMode="decimal"
            placeholder={t('not known')}
            fault={errors.handicap?.message}
            {...register('handicap')}
          />
          <Choice
            label={t('Usual miss')}
            options={[
              ['', t('not known')],
              ...USUAL_MISSES.map((miss) => [miss, MISS_NAMES[miss]] as const),
            ]}
            {...register('usual_miss')}
          />
          <Choice
            label={t('Favourite club from sand')}
            fault={errors.trusted_club?.message}
            options={[['', t('no favourite')], ...clubNames(bag)]}
            {...register('trusted_club')}
          />
          <Choice
            label={t('Units on cards')}
            options={[['', t('the academy’s units')], ...UNIT_CHOICES]}
            {...register('units')}
          />
          <fieldset className="col-span-full">
            <legend className="text-sm font-semibold">{t('Physical limits')}</legend>
            <div className="flex flex-wrap gap-x-4">
              {BODY_CAUTIONS.map((part) => (
                <label key={part} className="flex min-h-11 items-center gap-2">
                  <input
                    type="checkbox"
                    value={part}
                    className="size-5 accent-(--call-1)"
                    {...register('cautions')}
                  />
                  {BODY_WORDS[part].one}
                </label>
              ))}
            </div>
          </fieldset>
        </div>
        <BagFields control={control} register={register} errors={errors} />
        <fieldset className="mt-4 border-t border-hairline pt-3">
          <legend className="float-left w-full font-semibold">
            {t('Techniques that have to be practised first')}
          </legend>
          <p className="clear-both text-sm text-ink-soft">
            {t(
              'The desk calls one of them only for a player who knows it. For others it says what the technique would save.',
            )}
          </p>
          <div className="mt-2 grid grid-cols-2 gap-x-4 gap-y-2 max-md:grid-cols-1">
            {TRICKS.map(({ id }) => (
              <Choice
                key={id}
                label={capital(techniqueName(id))}
                options={MASTERIES.map((each) => [each, capital(MASTERY_WORDS[each])] as const)}
                {...register(`techniques.${id}`)}
              />
            ))}
          </div>
        </fieldset>
        <details className="mt-3 border-t border-hairline pt-1">
          <summary className="flex min-h-11 cursor-pointer items-center font-semibold">
            {t('Preferred techniques')}
          </summary>
          <p className="text-sm text-ink-soft">
            {t(
              'They are called when they cost little more. If none is ticked, the academy’s preferences apply.',
            )}
          </p>
          <SchoolChecks registered={register('schools')} />
        </details>
        <div className="mt-3">
          <Prose label={t('Notes')} rows={3} maxLength={4000} {...register('notes')} />
        </div>
        <FormFoot
          refused={
            refused ??
            (submitCount > 0 && !isValid ? t('Please correct the fields marked above.') : '')
          }
          busy={isSubmitting}
          action={isSubmitting ? t('Saving …') : t('Save')}
          onClose={onClose}
        />
      </form>
    </Overlay>
  );
}
