'use client';

import { t } from '@/core/tell/language/t';
import Link from 'next/link';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { DEFAULT_CAUTION } from '@/core/search/candidates/rank';
import { HANDS, SKILLS } from '@/core/ground/player/player';
import { readHouse, type House } from '@/core/lesson/players/house';
import { FormFoot } from '../kit/FormFoot';
import { UNIT_CHOICES } from '../kit/units';
import { Overlay, type Closable } from '../kit/Overlay';
import { useClosing } from '../kit/closing';
import { ask, saidOf } from '../server/client';
import { SKILL_WORDS, HAND_WORDS } from '@/core/tell/words/player';
import { checked } from '../kit/checked';
import { Choice, TextInput } from '../kit/fields';
import { AcademyFile } from './AcademyFile';
import { Copies } from './Copies';
import { StandIns } from './StandIns';
import { SchoolChecks } from './SchoolChecks';

interface HouseFormProps extends Closable {
  house: House;
  onSaved: (house: House) => void;
}

/** The academy's settings as its form holds them. */
type HouseTexts = Omit<House, 'caution'> & { caution: string };

/** The settings that were typed. Throws FaultyInput. */
const houseFrom = (typed: HouseTexts): House =>
  readHouse({ ...typed, name: typed.name.trim(), caution: Number(typed.caution) });

const cautionChoices = () =>
  [
    [0, t('not at all: the average alone')],
    [DEFAULT_CAUTION, t('a little (standard)')],
    [0.3, t('a third: play safer')],
    [0.6, t('more than the average: play safest')],
  ] as const;

/** How much the worst tenth may weigh, with what stands where it is another. */
function cautionOptions(stands: number): (readonly [string, string])[] {
  const known = cautionChoices().map(([share, name]) => [String(share), name] as const);
  return known.some(([share]) => share === String(stands))
    ? known
    : [...known, [String(stands), `${Math.round(stands * 100)}%`]];
}

/** What the academy takes for granted: its name, new players, units, caution, the schools of the house. */
export function HouseForm({ house, onSaved, onClose }: HouseFormProps) {
  const close = useClosing(onClose);
  const [refused, setRefused] = useState<string | null>(null);
  const { register, handleSubmit, formState } = useForm<HouseTexts>({
    defaultValues: { ...house, caution: String(house.caution ?? DEFAULT_CAUTION) },
    resolver: checked(houseFrom),
  });
  const { errors, isSubmitting } = formState;
  const submit = handleSubmit(async (typed) => {
    const answered = await ask<House>('/api/academy', 'PUT', houseFrom(typed));
    if (answered.kind !== 'ok') return setRefused(saidOf(answered));
    toast.success(t('The academy’s settings are saved.'));
    onSaved(answered.body);
    close();
  });
  return (
    <Overlay title={t('The academy')} shape="middle" onClose={onClose}>
      <form noValidate onSubmit={(event) => void submit(event)}>
        <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
          <TextInput
            label={t('Name')}
            maxLength={80}
            fault={errors.name?.message}
            {...register('name')}
          />
          <Choice label={t('Units')} options={UNIT_CHOICES} {...register('units')} />
          <Choice
            label={t('New players are')}
            options={HANDS.map((hand) => [hand, HAND_WORDS[hand]] as const)}
            {...register('handed')}
          />
          <Choice
            label={t('New players’ level')}
            options={SKILLS.map((skill) => [skill, SKILL_WORDS[skill]] as const)}
            {...register('skill')}
          />
          <Choice
            label={t('How much the worst 10% of shots count')}
            options={cautionOptions(house.caution ?? DEFAULT_CAUTION)}
            {...register('caution')}
          />
        </div>
        <fieldset className="mt-4">
          <legend className="font-semibold">{t('Techniques the academy prefers')}</legend>
          <p className="text-sm text-ink-soft">
            {t(
              'They are called when they cost little more, for players without preferences of their own.',
            )}
          </p>
          <SchoolChecks registered={register('schools')} />
        </fieldset>
        <Copies />
        <AcademyFile />
        <section aria-labelledby="stand-ins" className="mt-5 border-t border-hairline pt-4">
          <h3 id="stand-ins" className="font-semibold">
            {t('Simulated devices')}
          </h3>
          <label className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="size-5 shrink-0 accent-(--call-1)"
              {...register('stand_ins')}
            />
            {t('Show a simulated tracker, survey and tilt sensor beside the real ones')}
          </label>
          <StandIns />
        </section>
        <section aria-labelledby="sign-in" className="mt-5 border-t border-hairline pt-4">
          <h3 id="sign-in" className="font-semibold">
            {t('Coaches and sign-in')}
          </h3>
          <p className="text-sm text-ink-soft">
            {t(
              'Nobody needs to sign in on this machine. Other devices need an account once the server is opened to a network.',
            )}
          </p>
          <Link prefetch={false} href="/coaches" className="button mt-2">
            {t('Coaches and sign-in')}
          </Link>
        </section>
        <FormFoot refused={refused} busy={isSubmitting} action={t('Save')} onClose={onClose} />
      </form>
    </Overlay>
  );
}
