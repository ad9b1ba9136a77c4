'use client';

import { sayFact } from '@/core/tell/facts/sayFact';
import { sayFaults } from '@/core/tell/facts/faultWords';

import { t } from '@/core/tell/language/t';
import { capital } from '@/core/tell/words/capital';
import { fromMetres, toMetres } from '@/core/ground/units/length';
import { sayLength } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { PACE_RANGE } from '@/core/ground/measure/pacing';
import { outlineFault } from '@/core/place/record/place';
import { readLegs } from '@/core/place/survey/legText';
import { closed, type Traverse } from '@/core/place/survey/traverse';
import { directionOfBearing } from '@/core/place/survey/bearingWords';
import type { NewBunker } from '@/core/place/record/edit';
import type { Ring } from '@/core/place/outline/ring';
import { counted } from '@/core/tell/words/counted';
import { Overlay, type Closable } from '../../kit/Overlay';
import { useKept } from '../../kit/useKept';
import { Prose, TextInput } from '../../kit/fields';
import { useUnits } from '../../kit/units';
import { usePace } from '../../measure/usePace';
import { pathOf, planScale, fitting } from '../plan/view';
import { fineRing } from '@/core/place/outline/curved';
import { NumberBox } from './NumberBox';

interface PacedFormProps extends Closable {
  onBunker: (ring: Ring, also: NewBunker) => void;
}

const SKETCH = { width: 360, height: 240 };

/** How far a lip that was read off a standing person may be out, m. */
const LIP_SPREAD = 0.1;

/** A bunker from a walk round it: paces, directions and lips as they were written down, drawn and closed as they are typed. */
export function PacedForm({ onBunker, onClose }: PacedFormProps) {
  const units = useUnits();
  const [pace, setPace] = usePace();
  const [typed, change, letGo] = useKept('paced-bunker', { name: '', text: '' });
  const lipUnit = unitFor('height', units);
  const paceUnit = units === 'metres' ? 'm' : 'ft';
  const { legs, faults } = readLegs(typed.text, lipUnit);
  const walk = legs.length >= 3 ? closed(legs, pace) : null;
  const fault = walk && outlineFault(walk.corners, true);
  const ready = walk !== null && faults.length === 0 && fault === null;
  const add = (): void => {
    if (!ready) return;
    const spread_m = Math.round(Math.max(...walk.spreads) * 100) / 100;
    onBunker(walk.corners, {
      ...(typed.name.trim() ? { name: typed.name.trim() } : {}),
      lips: legs.map(({ lip }) => lip),
      measured: { how: 'paced', spread_m, lip_spread_m: LIP_SPREAD },
    });
    letGo();
  };
  return (
    <Overlay title={t('Walk round a bunker')} shape="wide" onClose={onClose}>
      <div className="grid gap-5 md:grid-cols-[1fr_auto]">
        <form
          onSubmit={(event) => {
            event.preventDefault();
            add();
          }}
          className="space-y-3"
        >
          <p className="max-w-[60ch]">
            {t(
              'Begin at a peg on the edge and walk from corner to corner back to it. One line for each side: paces, direction, and the lip where the side begins. Directions may be degrees (95), winds (NE) or the clock (2:30); 12 o’clock is north.',
            )}
          </p>
          <TextInput
            label={t('Name')}
            maxLength={60}
            value={typed.name}
            onChange={({ target }) => change({ name: target.value })}
          />
          <Prose
            label={t('Sides: paces, direction, lip in {lipUnit}', { lipUnit })}
            rows={9}
            maxLength={4000}
            value={typed.text}
            placeholder={
              units === 'metres' ? '6 20 0.4\n5 75 0.9\n7 150 1.2' : '6 20 1\n5 75 3\n7 150 4'
            }
            onChange={({ target }) => change({ text: target.value })}
            className="mt-0.5 w-full rounded border-2 border-hairline bg-paper p-2 font-mono"
          />
          <NumberBox
            label={t('Your pace')}
            unit={paceUnit}
            digits={2}
            value={fromMetres(pace, paceUnit)}
            limits={[fromMetres(PACE_RANGE[0], paceUnit), fromMetres(PACE_RANGE[1], paceUnit)]}
            onValue={(length) => setPace(toMetres(length, paceUnit))}
          />
          {faults.length > 0 && (
            <ul role="alert" className="font-semibold text-harm">
              {sayFaults(faults.slice(0, 5)).map(({ path, message }) => (
                <li key={path}>
                  {capital(path)} {message}.
                </li>
              ))}
            </ul>
          )}
          {fault && (
            <p role="alert" className="font-semibold text-harm">
              {t('The outline {fault}.', { fault: sayFact(fault) })}
            </p>
          )}
          <button type="submit" disabled={!ready} className="button-main">
            {t('Add this bunker')}
          </button>
        </form>
        <div>
          <Sketch walk={walk} />
          <p role="status" className="mt-2 max-w-[46ch]">
            {walk
              ? closingWords(walk, units)
              : t('{sides} so far; three or more enclose a bunker.', {
                  sides: counted(legs.length, 'side', 'sides'),
                })}
          </p>
        </div>
      </div>
    </Overlay>
  );
}

/** How the walk closed, and what that says. */
function closingWords(walk: Traverse, units: 'yards' | 'metres'): string {
  const say = (metres: number): string => sayLength(metres, 'height', units);
  const missed =
    walk.missed < 0.05
      ? t('The walk comes back to the peg.')
      : t(
          'The walk ends {say} {direction} of the peg; pacing alone misses by about {say2}. The miss is spread over the sides.',
          {
            say: say(walk.missed),
            direction: directionOfBearing(walk.missedToward),
            say2: say(walk.expected),
          },
        );
  const worst = Math.max(...walk.spreads);
  const slip = walk.odd
    ? ` ${t('That is more than pacing explains, and any side could be behind it: walk it once more.')}`
    : '';
  return t('{missed}{slip} Corners are right to about ± {say}.', { missed, slip, say: say(worst) });
}

/** The outline as it stands. */
function Sketch({ walk }: { walk: Traverse | null }) {
  const ring = walk ? fineRing(walk.corners, true).ring : [];
  const scale = planScale(SKETCH, fitting(ring, SKETCH));
  return (
    <svg
      viewBox={`0 0 ${SKETCH.width} ${SKETCH.height}`}
      role="img"
      aria-label={
        walk
          ? t('The outline of {corners} corners', { corners: walk.corners.length })
          : t('No outline yet')
      }
      className="w-full max-w-90 rounded bg-(--turf)"
    >
      {walk && (
        <>
          <path
            d={pathOf(ring, scale)}
            fill="var(--sand)"
            stroke="var(--turf-deep)"
            strokeWidth="3"
          />
          {walk.corners.map(([east, north], i) => (
            <g key={i} transform={`translate(${scale.x(east)} ${scale.y(north)})`}>
              <circle
                r={Math.max(3, walk.spreads[i]! * scale.perMetre)}
                fill="none"
                stroke="var(--ink)"
                strokeDasharray="2 3"
              />
              <circle r="2.5" fill="var(--ink)" />
              <text x="6" y="-5" fontSize="12" fill="var(--ink)">
                {i + 1}
              </text>
            </g>
          ))}
        </>
      )}
    </svg>
  );
}
