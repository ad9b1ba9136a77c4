'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import { BEYONDS, GREEN_FIRMNESS } from '@/core/ground/situation/green';
import type { Shot } from '@/core/ground/situation/shot';
import { LIES, nearestLie } from '@/core/ground/sand/lie';
import { SAND_PRESETS } from '@/core/ground/sand/presets';
import { degrees } from '@/core/ground/units/angle';
import { fromMetres, toMetres, type LengthUnit } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { depthUnit, unitFor } from '@/core/ground/units/unitFor';
import { fromMps, speedUnit, toMps } from '@/core/ground/units/speed';
import type { UnitSystem } from '@/core/ground/units/system';
import type { ShotInput } from '@/core/contract/shot/shot';
import { capital } from '@/core/tell/words/capital';
import { BEYOND_WORDS, FIRMNESS_WORDS, LIE_WORDS, SAND_WORDS } from '@/core/tell/words/situation';
import { Choice, TextInput } from '../../kit/fields';
import { FormFoot } from '../../kit/FormFoot';
import { Overlay, type Closable } from '../../kit/Overlay';
import { numberOf } from '../../kit/SmallNumber';
import { TickBox } from '../../kit/TickBox';
import { useUnits } from '../../kit/units';
import type { SetFields } from '../../reading/LengthPanel';
import { WIND_FROM, windFrom } from '../../reading/wind';

interface AllFieldsProps extends Closable {
  shot: ShotInput;
  resolved: Shot;
  onFields: SetFields;
}

/** Every field of a shot on one sheet, to go through with Tab and take with Enter. */
export function AllFields({ onClose, ...rest }: AllFieldsProps) {
  return (
    <Overlay title={t('The shot by its numbers')} shape="middle" onClose={onClose}>
      <FieldsBody {...rest} onClose={onClose} />
    </Overlay>
  );
}

type Changes = Record<string, unknown>;

/** A number of the shot: how it is labelled, what stands, and the fields that a new one sets. */
interface NumberField {
  label: string;
  unit: string;
  stands: number | undefined;
  /** Fields that say it; undefined where it was emptied. */
  set: (value: number | undefined) => Changes;
}

function numbersOf(shot: ShotInput, resolved: Shot, units: UnitSystem) {
  const length = (label: string, path: string, metres: number, unit: LengthUnit): NumberField => ({
    label,
    unit,
    stands: fromMetres(metres, unit),
    set: (value) => ({ [`${path}_${unit}`]: value }),
  });
  const degree = (label: string, path: string, angle: number): NumberField => ({
    label,
    unit: '°',
    stands: degrees(angle),
    set: (value) => ({ [path]: value }),
  });
  const deep = depthUnit(units);
  const depth = (label: string, path: string, metres: number | undefined, also: Changes = {}) => ({
    label,
    unit: deep,
    stands: metres === undefined ? undefined : fromMetres(metres, deep),
    set: (value: number | undefined): Changes => ({
      [path]: value === undefined ? undefined : Math.round(toMetres(value, deep) * 1e4) / 10,
      ...also,
    }),
  });
  const [ground, height] = [unitFor('ground', units), unitFor('height', units)];
  const { lip, green, sand } = resolved;
  const fast = speedUnit(units);
  return {
    pin: length(t('Flag'), 'pin', resolved.pin, ground),
    edge: length(t('Front edge'), 'edge', resolved.edge, ground),
    back: length(t('Back edge'), 'back', resolved.back, ground),
    high: length(t('Lip height'), 'lip.height', lip.height, height),
    ahead: length(t('Lip ahead'), 'lip.distance', lip.distance, height),
    burial: depth(t('Ball depth'), 'burial_mm', resolved.burial, { lie: undefined }),
    sand: depth(
      t('Sand depth'),
      'sand.depth_mm',
      sand.baseDepth < 0.15 ? sand.baseDepth : undefined,
    ),
    moisture: {
      label: t('Moisture, 0 to 1'),
      unit: '',
      stands: shot.sand?.moisture ?? 0,
      set: (value: number | undefined) => ({ 'sand.moisture': value || undefined }),
    },
    along: degree(t('Upslope'), 'slope.along_deg', resolved.along),
    across: degree(t('Ball above feet'), 'slope.across_deg', resolved.across),
    stimp: length(t('Green speed'), 'green.stimp', green.stimp, 'ft'),
    slope: degree(t('Green uphill'), 'green.slope_deg', green.slope),
    wind: {
      label: t('Wind'),
      unit: fast,
      stands: fromMps(shot.wind?.speed_mps ?? 0, fast),
      set: (value: number | undefined) => ({ speed: toMps(value ?? 0, fast) }),
    },
  } satisfies Record<string, NumberField>;
}

type NumberName = keyof ReturnType<typeof numbersOf>;

const ROW =
  'mt-2 grid grid-cols-4 items-start gap-x-4 gap-y-1 border-b border-hairline pb-2 max-sm:grid-cols-2';

const written = (value: number | undefined): string =>
  value === undefined ? '' : plainNumber(value, 2);

function choicesOf(shot: ShotInput, resolved: Shot) {
  return {
    lie: nearestLie(resolved.burial),
    sand: shot.sand?.preset ?? 'medium',
    beyond: resolved.beyond,
    firmness: resolved.green.firmness,
    from: windFrom(shot.wind?.from_deg ?? 0).id,
    crust: shot.sand?.crust === true,
  };
}

function FieldsBody({ shot, resolved, onFields, onClose }: AllFieldsProps) {
  const units = useUnits();
  const [numbers] = useState(() => numbersOf(shot, resolved, units));
  const [first] = useState(() => choicesOf(shot, resolved));
  const names = Object.keys(numbers) as NumberName[];
  const [stood] = useState(
    () =>
      Object.fromEntries(names.map((name) => [name, written(numbers[name].stands)])) as Record<
        NumberName,
        string
      >,
  );
  const [typed, setTyped] = useState(stood);
  const [chosen, setChosen] = useState<Record<keyof typeof first, string | boolean>>(first);
  const [tried, setTried] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);

  const optional: ReadonlySet<NumberName> = new Set(['sand', 'moisture', 'wind']);
  const faultOf = (name: NumberName): string | undefined =>
    (typed[name].trim() === '' && optional.has(name)) || Number.isFinite(numberOf(typed[name]))
      ? undefined
      : t('must be a number, not “{text}”', { text: typed[name] });

  const take = (): void => {
    setTried(true);
    setRefused(null);
    if (names.some((name) => faultOf(name) !== undefined)) return;
    const isNew = (name: keyof typeof first): boolean => chosen[name] !== first[name];
    const changes: Changes = {};
    if (isNew('lie')) Object.assign(changes, { lie: chosen.lie, burial_mm: undefined });
    if (isNew('sand'))
      Object.assign(changes, {
        'sand.preset': chosen.sand,
        'sand.firmness': undefined,
        'sand.density_kgm3': undefined,
      });
    if (isNew('crust')) changes['sand.crust'] = chosen.crust || undefined;
    if (isNew('beyond')) changes.beyond = chosen.beyond;
    if (isNew('firmness')) changes['green.firmness'] = chosen.firmness;
    let speed = shot.wind?.speed_mps ?? 0;
    for (const name of names) {
      if (typed[name] === stood[name]) continue;
      const value = typed[name].trim() === '' ? undefined : numberOf(typed[name]);
      const { speed: wind, ...set } = numbers[name].set(value) as Changes & { speed?: number };
      if (wind !== undefined) speed = Math.round(wind * 100) / 100;
      Object.assign(changes, set);
    }
    if (typed.wind !== stood.wind || isNew('from')) {
      const { deg } = WIND_FROM.find(({ id }) => id === chosen.from)!;
      changes.wind = speed === 0 ? undefined : { speed_mps: speed, from_deg: deg };
    }
    const fault = Object.keys(changes).length === 0 ? null : onFields(changes);
    if (fault === null) onClose();
    else setRefused(fault);
  };

  const pick = <W extends string>(
    name: keyof typeof first,
    label: string,
    values: readonly W[],
    said: (value: W) => string,
  ) => (
    <Choice
      label={label}
      value={String(chosen[name])}
      onChange={({ target }) => setChosen((now) => ({ ...now, [name]: target.value }))}
      options={values.map((value) => [value, capital(said(value))] as const)}
    />
  );
  const number = (name: NumberName) => {
    const { label, unit } = numbers[name];
    return (
      <TextInput
        label={unit ? `${label}, ${unit}` : label}
        inputMode="decimal"
        autoFocus={name === 'pin'}
        fault={tried ? faultOf(name) : undefined}
        value={typed[name]}
        onFocus={({ target }) => target.select()}
        onChange={({ target }) => setTyped((now) => ({ ...now, [name]: target.value }))}
      />
    );
  };

  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        take();
      }}
    >
      <p className="text-sm text-ink-soft">
        {t('Tab goes on, Enter takes them all. What you leave as it is stays.')}
      </p>
      <div className={ROW}>
        {number('pin')}
        {number('edge')}
        {number('back')}
        {pick('beyond', t('Past the green'), BEYONDS, (each) => BEYOND_WORDS[each])}
      </div>
      <div className={ROW}>
        {number('high')}
        {number('ahead')}
        {pick('lie', t('Lie'), LIES, (each) => LIE_WORDS[each].name)}
        {number('burial')}
      </div>
      <div className={ROW}>
        {pick('sand', t('Sand'), SAND_PRESETS, (each) => SAND_WORDS[each].short)}
        {number('sand')}
        {number('moisture')}
        <TickBox
          label={t('dry crust over packed, wet sand')}
          checked={chosen.crust === true}
          onChecked={(crust) => setChosen((now) => ({ ...now, crust }))}
          className="self-end leading-tight"
        />
      </div>
      <div className={ROW}>
        {number('along')}
        {number('across')}
        {number('wind')}
        {pick(
          'from',
          t('Wind from'),
          WIND_FROM.map(({ id }) => id),
          (id) => WIND_FROM.find((each) => each.id === id)!.name,
        )}
      </div>
      <div className={ROW}>
        {number('stimp')}
        {number('slope')}
        {pick('firmness', t('Green firmness'), GREEN_FIRMNESS, (each) => FIRMNESS_WORDS[each])}
      </div>
      <FormFoot refused={refused} busy={false} action={t('Use these numbers')} onClose={onClose} />
    </form>
  );
}
