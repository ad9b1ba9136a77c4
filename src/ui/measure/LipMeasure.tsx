'use client';

import { toldIn } from '@/core/tell/language/told';
import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import type { Club } from '@/core/ground/club/club';
import { clubLengths, sightedLip } from '@/core/ground/measure/lipHeight';
import type { Threshold } from '@/core/ground/measure/measured';
import { paced } from '@/core/ground/measure/pacing';
import { radians } from '@/core/ground/units/angle';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/tell/language/say';
import { unitFor } from '@/core/ground/units/unitFor';
import { reckon, Result } from './Result';
import { numberOf, SmallNumber } from '../kit/SmallNumber';
import { usePace } from './usePace';
import { useUnits } from '../kit/units';

interface LipMeasureProps {
  bag: readonly Club[];
  thresholds: readonly Threshold[] | null | undefined;
  /** Takes over the height of the lip and, where it was measured too, its distance, m. */
  onTake: (height: number, distance?: number) => void;
}

const WAYS = toldIn(['name'], [
  { id: 'sighted', name: 'sighting angle' },
  { id: 'clubs', name: 'club lengths' },
] as const);

/** The lip's height from a sighting angle and paces, or in club lengths. */
export function LipMeasure({ bag, thresholds, onTake }: LipMeasureProps) {
  const [way, setWay] = useState<(typeof WAYS)[number]['id']>('sighted');
  return (
    <>
      <div role="radiogroup" aria-label={t('Measured by')} className="mb-2 flex gap-2">
        {WAYS.map(({ id, name }) => (
          <button
            key={id}
            type="button"
            role="radio"
            aria-checked={way === id}
            onClick={() => setWay(id)}
            className="button grow px-2 text-sm lit-when-chosen"
          >
            {name}
          </button>
        ))}
      </div>
      {way === 'sighted' ? (
        <Sighting thresholds={thresholds} onTake={onTake} />
      ) : (
        <InClubs bag={bag} thresholds={thresholds} onTake={onTake} />
      )}
    </>
  );
}

const EYES = toldIn(['name'], [
  { height: 0, name: 'at the ball' },
  { height: 1.6, name: 'at the eye' },
] as const);

function Sighting({ thresholds, onTake }: Omit<LipMeasureProps, 'bag'>) {
  const units = useUnits();
  const [pace] = usePace();
  const [angle, setAngle] = useState('');
  const [paces, setPaces] = useState('');
  const [eye, setEye] = useState<number>(EYES[0].height);
  const unit = unitFor('height', units);
  const [deg, count] = [numberOf(angle), numberOf(paces)];
  const typed = !Number.isNaN(deg) && !Number.isNaN(count);
  const distance = reckon(() => (typed ? paced(count, pace) : null));
  const reckoned = reckon(() => {
    if (!distance || 'fault' in distance) return null;
    return sightedLip(radians(deg), distance, eye);
  });
  return (
    <>
      <p className="mb-1 text-sm text-ink-soft">
        {t('Sight along the edge of a phone at the top of the lip.')}
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <SmallNumber label={t('Angle')} unit="°" value={angle} onValue={setAngle} />
        <SmallNumber label={t('Paces to the lip')} value={paces} onValue={setPaces} />
        <label className="flex flex-col text-sm">
          {t('Phone')}
          <select
            value={eye}
            onChange={(event) => setEye(Number(event.target.value))}
            className="box px-1 text-base"
          >
            {EYES.map(({ height, name }) => (
              <option key={name} value={height}>
                {name}
              </option>
            ))}
          </select>
        </label>
      </div>
      <Result
        reckoned={distance && 'fault' in distance ? distance : reckoned}
        say={(metres) => `${plainNumber(fromMetres(metres, unit))} ${unit}`}
        thresholds={thresholds}
        onTake={(height) =>
          onTake(height, distance && 'value' in distance ? distance.value : undefined)
        }
      />
    </>
  );
}

function InClubs({ bag, thresholds, onTake }: LipMeasureProps) {
  const units = useUnits();
  const [count, setCount] = useState('');
  const [name, setName] = useState(bag.find(({ type }) => type === 'wedge')?.name ?? bag[0]?.name);
  const club = bag.find((each) => each.name === name);
  const unit = unitFor('height', units);
  const clubs = numberOf(count);
  const reckoned = reckon(() =>
    Number.isNaN(clubs) || !club ? null : clubLengths(clubs, club.length),
  );
  return (
    <>
      <p className="mb-1 text-sm text-ink-soft">
        {t('Stand the club upright where the sand may be touched; in play, beside the bunker.')}
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <SmallNumber label={t('Clubs high')} value={count} onValue={setCount} />
        <label className="flex flex-col text-sm">
          {t('Club')}
          <select
            value={name}
            onChange={(event) => setName(event.target.value)}
            className="box px-1 text-base"
          >
            {bag.map((each) => (
              <option key={each.name}>{each.name}</option>
            ))}
          </select>
        </label>
      </div>
      <Result
        reckoned={reckoned}
        say={(metres) => `${plainNumber(fromMetres(metres, unit))} ${unit}`}
        thresholds={thresholds}
        onTake={(height) => onTake(height)}
      />
    </>
  );
}
