'use client';

import { told } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { useId, useState } from 'react';
import { readEyeAnswer, type EyeAnswer } from '@/core/lesson/eye/answer';
import { ENTRIES, FACES, SLOPE_NAMES, SWINGS } from '@/core/tell/lessons/eyeWords';
import { SLOPES } from '@/core/lesson/eye/scene';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { toMetres } from '@/core/ground/units/length';
import { saySmall } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import { Alert } from '../kit/Alert';
import { faultsIn } from '../kit/checked';
import { numberOf } from '../kit/SmallNumber';
import { TextInput } from '../kit/fields';
import { useUnits } from '../kit/units';

interface SceneFormProps {
  clubs: readonly string[];
  onAnswer: (answer: EyeAnswer) => void;
}

type Typed = Record<
  'pin' | 'lip' | 'lie' | 'sand' | 'slope' | 'club' | 'face' | 'entry' | 'swing',
  string
>;

const BLANK: Typed = {
  pin: '',
  lip: '',
  lie: '',
  sand: '',
  slope: '',
  club: '',
  face: '',
  entry: '',
  swing: '',
};

const NAMES: Record<keyof Typed, string> = told({
  pin: 'distance to the flag',
  lip: 'height of the lip',
  lie: 'lie',
  sand: 'sand',
  slope: 'slope',
  club: 'club',
  face: 'face',
  entry: 'entry point',
  swing: 'swing',
});

/** What is read in a scene, and what is called for it: two numbers, and a choice for all else; Enter sends it. */
export function SceneForm({ clubs, onAnswer }: SceneFormProps) {
  const units = useUnits();
  const [typed, setTyped] = useState(BLANK);
  const [fault, setFault] = useState<string | null>(null);
  const put = (name: keyof Typed, value: string): void => setTyped({ ...typed, [name]: value });
  const far = unitFor('ground', units);
  const tall = unitFor('height', units);
  const submit = (): void => {
    const left = (Object.keys(typed) as (keyof Typed)[]).filter((name) => typed[name] === '');
    if (left.length > 0) {
      setFault(t('Still to answer: {list}.', { list: left.map((name) => NAMES[name]).join(', ') }));
      return;
    }
    const answer = {
      pin_m: toMetres(numberOf(typed.pin), far),
      lip_m: toMetres(numberOf(typed.lip), tall),
      lie: typed.lie,
      sand: typed.sand,
      slope: typed.slope,
      club: typed.club,
      face_deg: Number(typed.face),
      entry_in: Number(typed.entry),
      swing_fraction: Number(typed.swing),
    };
    const faults = faultsIn(() => readEyeAnswer(answer));
    if (faults) {
      const [first] = faults;
      const name = first!.path.startsWith('lip') ? NAMES.lip : NAMES.pin;
      setFault(
        t('The {name} must be a number that makes sense, in {startsWith}.', {
          name,
          startsWith: first!.path.startsWith('lip') ? tall : far,
        }),
      );
      return;
    }
    onAnswer(readEyeAnswer(answer));
  };
  const choice = (name: keyof Typed, options: readonly (readonly [string, string])[]) => (
    <Tiles
      title={NAMES[name]}
      options={options}
      value={typed[name]}
      onValue={(value) => put(name, value)}
    />
  );
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
      className="space-y-3"
    >
      <h2 className="text-xl">{t('Read it')}</h2>
      <div className="grid grid-cols-2 gap-3">
        <TextInput
          label={t('Distance to the flag, {far}', { far })}
          inputMode="decimal"
          value={typed.pin}
          onChange={({ target }) => put('pin', target.value)}
        />
        <TextInput
          label={t('Height of the lip, {tall}', { tall })}
          inputMode="decimal"
          value={typed.lip}
          onChange={({ target }) => put('lip', target.value)}
        />
      </div>
      {choice(
        'lie',
        LIES.map((lie) => [lie, LIE_WORDS[lie].name]),
      )}
      {choice(
        'sand',
        SAND_PRESETS.map((preset) => [preset, SAND_WORDS[preset].short]),
      )}
      {choice(
        'slope',
        SLOPES.map((slope) => [slope, SLOPE_NAMES[slope]]),
      )}
      <h2 className="pt-1 text-xl">{t('Call it')}</h2>
      {choice(
        'club',
        clubs.map((club) => [club, club]),
      )}
      {choice(
        'face',
        FACES.map(([deg, name]) => [String(deg), name()]),
      )}
      {choice(
        'entry',
        ENTRIES.map((inches) => [
          String(inches),
          inches === 0
            ? t('at the ball')
            : t('{far} behind', { far: saySmall(toMetres(inches, 'in'), units) }),
        ]),
      )}
      {choice(
        'swing',
        SWINGS.map(([fraction, name]) => [String(fraction), name()]),
      )}
      {fault && <Alert>{fault}</Alert>}
      <button type="submit" className="button-main w-full">
        {t('See the answer')}
      </button>
    </form>
  );
}

/** A choice of one as tiles: by finger, or by Tab and arrows. */
function Tiles({
  title,
  options,
  value,
  onValue,
}: {
  title: string;
  options: readonly (readonly [value: string, name: string])[];
  value: string;
  onValue: (value: string) => void;
}) {
  const name = useId();
  return (
    <fieldset>
      <legend className="text-sm font-semibold first-letter:uppercase">{title}</legend>
      <div className="flex flex-wrap gap-1">
        {options.map(([each, words]) => (
          <label
            key={each}
            className="flex min-h-11 cursor-pointer items-center rounded border-2 border-hairline px-2.5 hover:bg-paper-deep has-checked:border-flag has-checked:bg-flag-wash has-checked:text-on-flag has-focus-visible:outline-3 has-focus-visible:outline-offset-2"
          >
            <input
              type="radio"
              name={name}
              value={each}
              checked={value === each}
              onChange={() => onValue(each)}
              className="sr-only"
            />
            {words}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
