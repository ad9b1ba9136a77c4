'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { DEFAULT_CAUTION } from '@/core/search/candidates/rank';
import { HANDS, SKILLS } from '@/core/ground/player/player';
import { readHouse, type House } from '@/core/lesson/players/house';
import { Overlay, type Closable } from '../kit/Overlay';
import { ask, saidOf } from '../server/client';
import { SKILL_WORDS, HAND_WORDS } from '@/core/tell/words/player';
import { checked } from '../kit/checked';
import { Choice, TextInput } from '../kit/fields';
import { Copies } from './Copies';
import { SchoolChecks } from './SchoolChecks';
import { Alert } from '../kit/Alert';

interface HouseFormProps extends Closable {
  house: House;
  onSaved: (house: House) => void;
}

/** The academy's settings as its form holds them. */
type HouseTexts = Omit<House, 'caution'> & { caution: string };

/** The settings that were typed. Throws FaultyInput. */
const houseFrom = (typed: HouseTexts): House =>
  readHouse({ ...typed, name: typed.name.trim(), caution: Number(typed.caution) });

const CAUTIONS = [
  [0, 'nothing: the mean alone'],
  [DEFAULT_CAUTION, 'a little, as usual'],
  [0.3, 'a third: rather safe'],
  [0.6, 'more than the mean: safe'],
] as const;

/** How much the worst tenth may weigh, with what stands where it is another. */
function cautionOptions(stands: number): (readonly [string, string])[] {
  const known = CAUTIONS.map(([share, name]) => [String(share), name] as const);
  return CAUTIONS.some(([share]) => share === stands)
    ? known
    : [...known, [String(stands), `${Math.round(stands * 100)} in 100`]];
}

/** What the academy takes for granted: its name, new players, units, caution, the schools of the house. */
export function HouseForm({ house, onSaved, onClose }: HouseFormProps) {
  const [refused, setRefused] = useState<string | null>(null);
  const { register, handleSubmit, formState } = useForm<HouseTexts>({
    defaultValues: { ...house, caution: String(house.caution ?? DEFAULT_CAUTION) },
    resolver: checked(houseFrom),
  });
  const { errors, isSubmitting } = formState;
  const submit = handleSubmit(async (typed) => {
    const answered = await ask<House>('/api/academy', 'PUT', houseFrom(typed));
    if (answered.kind !== 'ok') return setRefused(saidOf(answered));
    toast.success('The academy’s settings are saved.');
    onSaved(answered.body);
  });
  return (
    <Overlay title="The academy" shape="middle" onClose={onClose}>
      <form noValidate onSubmit={(event) => void submit(event)}>
        <div className="grid grid-cols-2 gap-4 max-sm:grid-cols-1">
          <TextInput
            label="Name"
            maxLength={80}
            fault={errors.name?.message}
            {...register('name')}
          />
          <Choice
            label="Units"
            options={[
              ['yards', 'yards and feet'],
              ['metres', 'metres'],
            ]}
            {...register('units')}
          />
          <Choice
            label="A new player plays"
            options={HANDS.map((hand) => [hand, HAND_WORDS[hand]] as const)}
            {...register('handed')}
          />
          <Choice
            label="and has the skill"
            options={SKILLS.map((skill) => [skill, SKILL_WORDS[skill]] as const)}
            {...register('skill')}
          />
          <Choice
            label="The worst tenth of the balls weighs"
            options={cautionOptions(house.caution ?? DEFAULT_CAUTION)}
            {...register('caution')}
          />
        </div>
        <fieldset className="mt-4">
          <legend className="font-semibold">Schools of the house</legend>
          <p className="text-sm text-ink-soft">
            They win where they cost little more, for players who prefer none themselves.
          </p>
          <SchoolChecks registered={register('schools')} />
        </fieldset>
        <Copies />
        <div className="sticky -bottom-5 flex items-center justify-end gap-4 bg-paper py-3">
          <Alert className="mr-auto">{refused}</Alert>
          <button type="button" onClick={onClose} className="button-quiet">
            Cancel
          </button>
          <button type="submit" disabled={isSubmitting} className="button-main">
            Save
          </button>
        </div>
      </form>
    </Overlay>
  );
}
