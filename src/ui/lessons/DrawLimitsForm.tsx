'use client';

import { written } from '@/core/tell/language/written';
import { t } from '@/core/tell/language/t';
import { useForm } from 'react-hook-form';
import type { DrawLimits } from '@/core/lesson/plan/randomStation';
import { LIES } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { sayRange } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import type { UnitSystem } from '@/core/ground/units/system';
import { numberOf } from '../kit/SmallNumber';
import { Pick, TextInput } from '../kit/fields';
import { LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import { TickBox } from '../kit/TickBox';
import { useUnits } from '../kit/units';

interface DrawLimitsFormProps {
  limits: DrawLimits;
  onLimits: (limits: DrawLimits) => void;
}

const SPLASHED = SAND_PRESETS.filter((preset) => preset !== 'hardpan');

/** Shortest and longest that may be asked for, m. */
const BOUNDS = { pin: [4, 60], lip: [0.1, 4] } as const;

type LengthName = keyof typeof BOUNDS;
const ENDS = ['from', 'to'] as const;
type LimitTexts = Record<`${LengthName}_${(typeof ENDS)[number]}`, string>;

/** Least and most of what is drawn: distance, lip, lies and sand. */
export function DrawLimitsForm(props: DrawLimitsFormProps) {
  const units = useUnits();
  // Other units, other texts.
  return <DrawLimitsIn key={units} {...props} units={units} />;
}

function DrawLimitsIn({ limits, onLimits, units }: DrawLimitsFormProps & { units: UnitSystem }) {
  const unitOf = (name: LengthName) => unitFor(name === 'pin' ? 'ground' : 'height', units);
  const typed = (name: LengthName, metres: number): string =>
    written(String(Number(fromMetres(metres, unitOf(name)).toFixed(1))));
  const { register, formState, setValue } = useForm<LimitTexts>({
    mode: 'onBlur',
    defaultValues: {
      pin_from: typed('pin', limits.pin[0]),
      pin_to: typed('pin', limits.pin[1]),
      lip_from: typed('lip', limits.lip[0]),
      lip_to: typed('lip', limits.lip[1]),
    },
  });
  const metresOf = (name: LengthName, text: string): number =>
    toMetres(numberOf(text), unitOf(name));
  const allowed = (name: LengthName, metres: number): boolean =>
    metres >= BOUNDS[name][0] && metres <= BOUNDS[name][1];

  /** Takes one end; the other moves along where it would be passed. */
  const put = (name: LengthName, end: 0 | 1, text: string): void => {
    const metres = metresOf(name, text);
    if (!allowed(name, metres)) return;
    const [least, most] = limits[name];
    const next: [number, number] =
      end === 0 ? [metres, Math.max(metres, most)] : [Math.min(least, metres), metres];
    const other = 1 - end;
    if (next[other] !== limits[name][other]) {
      setValue(`${name}_${ENDS[other]!}`, typed(name, next[other]!));
    }
    onLimits({ ...limits, [name]: next });
  };
  const length = (name: LengthName, end: 0 | 1, label: string) => {
    const field = `${name}_${ENDS[end]}` as const;
    const unit = unitOf(name);
    return (
      <TextInput
        label={`${label}, ${unit}`}
        fault={formState.errors[field]?.message}
        inputMode="decimal"
        {...register(field, {
          validate: (text) =>
            allowed(name, metresOf(name, text)) ||
            t('must be from {range}, not "{text}"', { range: sayRange(BOUNDS[name], unit), text }),
          onBlur: ({ target }: { target: HTMLInputElement }) => put(name, end, target.value),
        })}
      />
    );
  };
  return (
    <div className="space-y-2">
      <div className="grid grid-cols-4 gap-3 max-sm:grid-cols-2">
        {length('pin', 0, t('Flag from'))}
        {length('pin', 1, t('Flag to'))}
        {length('lip', 0, t('Lip from'))}
        {length('lip', 1, t('Lip to'))}
      </div>
      <fieldset className="flex flex-wrap items-end gap-x-4">
        <legend className="text-sm font-semibold">{t('Lies')}</legend>
        {LIES.map((lie) => (
          <TickBox
            key={lie}
            label={LIE_WORDS[lie].name}
            checked={limits.lies.includes(lie)}
            disabled={limits.lies.length === 1 && limits.lies.includes(lie)}
            onChecked={(checked) =>
              onLimits({
                ...limits,
                lies: LIES.filter((each) => (each === lie ? checked : limits.lies.includes(each))),
              })
            }
          />
        ))}
        <Pick
          label={t('Sand')}
          value={limits.sand}
          onValue={(sand) => onLimits({ ...limits, sand })}
          options={SPLASHED.map((preset) => [preset, SAND_WORDS[preset].short] as const)}
        />
      </fieldset>
    </div>
  );
}
