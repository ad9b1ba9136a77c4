'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import type { Simulation } from '@/core/tell/answer/simulation';
import { setupAlone, type SetupRecord } from '@/core/contract/shot/setup';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import type { UnitSystem } from '@/core/ground/units/system';
import { Overlay, type Closable } from '../../kit/Overlay';
import { useTask } from '../../engine/useTask';
import { CallChoice } from '../../call/CallChoice';
import { ballLines, oddsLines, said, type CallLine, type Told } from '../../call/callLines';
import { NumberPanel } from '../../kit/NumberPanel';
import { useUnits } from '../../kit/units';
import { Alert } from '../../kit/Alert';

interface ByHandProps extends Closable {
  situation: object;
  calls: readonly CallEntry[];
  /** The set-ups of the calls as they were found. */
  setups: readonly (SetupRecord | null)[];
}

/**
 * The set-up of a call as `simulate` takes it. The aim is left to the product until it is set: found so that the ball as
 * meant goes along the line.
 */
type HandSetup = Omit<SetupRecord, 'aim_deg'> & Partial<Pick<SetupRecord, 'aim_deg'>>;

/** A field of a set-up with its name, unit, range and step. */
type Knob = readonly [
  key: Exclude<keyof HandSetup, 'school' | 'club' | 'technique'>,
  label: string,
  unit: string,
  from: number,
  to: number,
  step: number,
];

/** What may be changed by hand; inches are shown as centimetres and millimetres as inches where those are read. */
const knobs = (): Knob[] => [
  ['face_deg', t('Face, open'), '°', -45, 45, 1],
  ['entry_in', t('Entry point behind the ball'), 'in', -0.5, 4, 0.1],
  ['swing_fraction', t('Swing length, share of full'), '', 0.2, 1, 0.01],
  ['ball_position', t('Ball position, 0 trail heel to 100 lead heel'), '', 10, 100, 1],
  ['stance_width', t('Stance, shoulder widths'), '', 0.6, 2, 0.05],
  ['stance_open_deg', t('Stance open'), '°', -20, 40, 1],
  ['aim_deg', t('Swing aim, right of the line'), '°', -40, 40, 1],
  ['dig_mm', t('Feet dug in'), 'mm', 0, 50, 1],
  ['grip_down_in', t('Grip down'), 'in', 0, 4.5, 0.25],
  ['handle_lower_deg', t('Handle lowered'), '°', -8, 12, 1],
  ['shaft_lean_deg', t('Forward shaft lean'), '°', -8, 12, 1],
  ['weight_lead', t('Weight on the lead foot'), '', 0.3, 0.85, 0.01],
];

const foundAim = () =>
  t('Worked out so that the planned shot finishes at the flag, until you set it.');

/** A value as it is shown: what was found is finer than a knob's step, and stays so until it is set. */
const inSteps = (value: number, step: number): number => Math.round(value / step) * step;

const CM_PER_INCH = fromMetres(toMetres(1, 'in'), 'cm');
const MM_PER_INCH = fromMetres(toMetres(1, 'in'), 'mm');

/** A knob in the units of the desk, and how many of these are one of its own. */
function shownKnob(knob: Knob, units: UnitSystem): { shown: Knob; per: number } {
  const [key, label, unit, from, to] = knob;
  if (unit === 'mm' && units === 'yards') {
    const per = 1 / MM_PER_INCH;
    return { shown: [key, label, 'in', from * per, Math.floor(8 * to * per) / 8, 0.125], per };
  }
  if (unit === 'in' && units === 'metres') {
    const per = CM_PER_INCH;
    return { shown: [key, label, 'cm', Math.ceil(from * per), Math.floor(to * per), 0.25], per };
  }
  return { shown: knob, per: 1 };
}

/** The set-up of a call as it was found: what is not touched is played to the last digit as it was called. */
function setupOfCall(call: CallEntry, found: SetupRecord | null | undefined): HandSetup {
  const { aim_deg: _aim, ...setup } = found ?? setupAlone(call);
  return setup;
}

/** A call with its set-up changed by hand, simulated at once beside the original. */
export function ByHand({ situation, calls, setups, onClose }: ByHandProps) {
  const [chosen, setChosen] = useState(0);
  const able = calls.filter(({ kind, toward_deg }) => kind !== 'relief' && toward_deg === 0);
  const call = able[Math.min(chosen, able.length - 1)];
  return (
    <Overlay title={t('Adjust a shot')} shape="wide" onClose={onClose}>
      {call ? (
        <>
          <div className="mb-3 max-w-sm">
            <CallChoice
              label={t('Call to adjust')}
              calls={able}
              value={able.indexOf(call)}
              onValue={setChosen}
            />
          </div>
          <HandBody
            key={`${call.club}/${call.school}`}
            situation={situation}
            call={call}
            found={setups[calls.indexOf(call)]}
          />
        </>
      ) : (
        <p>{t('There is no shot at the flag to adjust here.')}</p>
      )}
    </Overlay>
  );
}

/** What a set-up does, as the player hits it; of an earlier set-up while it is worked out, and why when it cannot be. */
function useSimulation(situation: object, setup: HandSetup) {
  const input = { ...situation, setup };
  const { last, failure } = useTask<Simulation>(
    JSON.stringify(input),
    ({ engine, signal }) => engine.run('simulate', [input], { signal, priority: 1 }),
    40,
  );
  return { simulation: failure ? null : last, fault: failure?.message ?? null };
}

function HandBody({
  situation,
  call,
  found,
}: Pick<ByHandProps, 'situation'> & { call: CallEntry; found: SetupRecord | null | undefined }) {
  const units = useUnits();
  const [original] = useState(() => setupOfCall(call, found));
  const [setup, setSetup] = useState(original);
  const { simulation: hand, fault } = useSimulation(situation, setup);
  const lines = [...ballLines(units), ...oddsLines(units)];

  return (
    <div className="grid grid-cols-2 gap-8 max-md:grid-cols-1">
      <div>
        {knobs().map((knob) => {
          const { shown: inUnits, per } = shownKnob(knob, units);
          const [key, label, unit, from, to, step] = inUnits;
          const value = setup[key] ?? (key === 'aim_deg' ? hand?.aim_deg : undefined);
          return (
            <NumberPanel
              key={`${key} ${unit}`}
              label={label}
              unit={unit}
              value={value === undefined ? undefined : inSteps(value * per, step)}
              from={from}
              to={to}
              step={step}
              {...(key === 'aim_deg' && setup.aim_deg === undefined ? { help: foundAim() } : {})}
              onValue={(shown) => {
                if (shown < from || shown > to) {
                  return t('{label} goes from {from} to {to}{unit}.', {
                    label,
                    from,
                    to,
                    unit: unit && ` ${unit}`,
                  });
                }
                setSetup((now) => ({ ...now, [key]: shown / per }));
                return null;
              }}
            />
          );
        })}
      </div>
      <div className="self-start md:sticky md:top-0">
        <Beside call={call} hand={hand} lines={lines.filter(({ first }) => first)} large />
        <details className="mt-2">
          <summary className="min-h-11 cursor-pointer py-2.5 font-semibold">
            {t('All the numbers')}
          </summary>
          <Beside call={call} hand={hand} lines={lines.filter(({ first }) => !first)} />
        </details>
        <Alert className="mt-2 min-h-6">{fault}</Alert>
        <button type="button" onClick={() => setSetup(original)} className="button">
          {t('Reset to the call')}
        </button>
      </div>
    </div>
  );
}

interface BesideProps {
  call: CallEntry;
  hand: Simulation | null;
  lines: readonly CallLine<Told>[];
  large?: boolean;
}

/** The call and what was made of it by hand, side by side. */
function Beside({ call, hand, lines, large = false }: BesideProps) {
  return (
    <table className={`w-full border-collapse ${large ? 'text-xl' : 'text-sm'}`}>
      <thead>
        <tr className="border-b-2 border-hairline text-base">
          <td />
          <th scope="col" className="py-1 text-right font-normal">
            {t('as called')}
          </th>
          <th scope="col" className="py-1 text-right font-semibold">
            {t('by hand')}
          </th>
        </tr>
      </thead>
      <tbody aria-live="polite">
        {lines.map((line) => {
          const before = said(line, call);
          const after = hand ? said(line, hand) : '…';
          return (
            <tr key={line.name} className="border-b border-hairline">
              <th scope="row" className={`text-left font-normal ${large ? 'py-1.5' : 'py-0.5'}`}>
                {line.name}
              </th>
              <td className="text-right text-ink-soft">{before}</td>
              <td className={`text-right ${before === after ? '' : 'font-semibold'}`}>{after}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
