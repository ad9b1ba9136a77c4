'use client';

import { t } from '@/core/tell/language/t';
import { useState } from 'react';
import type { Point } from '@/core/place/outline/ring';
import type { Bunker } from '@/core/place/record/place';
import { mm, type NewBunker } from '@/core/place/record/edit';
import { bunkerFromSightings } from '@/core/place/survey/fromSightings';
import { LEAST_DROPS, probed } from '@/core/place/survey/probe';
import { readDrops, readSighting, DROPS_FORMAT } from '@/core/place/survey/sighting';
import { simulatedSurvey } from '@/core/place/survey/simulated';
import { counted } from '@/core/tell/words/counted';
import { v4 as uuid } from 'uuid';
import { Alert } from '../../kit/Alert';
import { useStandIns } from '../../frame/standIns';
import { DeviceKey } from '../../kit/DeviceKey';
import { useMeasures } from './useMeasures';
import { LengthBox } from './NumberBox';

interface DevicesFormProps {
  /** Adds the bunker that was sighted. */
  onBunker: (ring: Point[], also: NewBunker) => void;
  /** The bunker that is chosen; null where none is. */
  bunker: Bunker | null;
  onBunkerChange: (change: (bunker: Bunker) => Bunker) => void;
  /** Takes a firmness over; `note` says where it came from, if it was not measured. */
  onFirmness: (firmness: number, note?: string) => void;
}

const SIMULATED = {
  shape: 'kidney',
  middle: [0, 12] as [number, number],
  lip: [0.2, 1.4],
  firmness: 0.6,
} as const;

/** A rangefinder and a sand probe: listened to, their readings made into a bunker, a floor or the sand of one. */
export function DevicesForm({ onBunker, bunker, onBunkerChange, onFirmness }: DevicesFormProps) {
  const { on, listening, listen, measures, fault, take, clear } = useMeasures();
  const [stand, setStand] = useState<Point>([0, 0]);
  const [seed, setSeed] = useState(1);
  const standIns = useStandIns();
  /** What a simulated survey gave is marked as such. */
  const [simulated, setSimulated] = useState(false);
  const sighted = measures.flatMap((line) =>
    line.format === DROPS_FORMAT ? [] : [readSighting(line)],
  );
  const depths = measures.flatMap((line) =>
    line.format === DROPS_FORMAT ? readDrops(line).depths : [],
  );
  const made = bunkerFromSightings(sighted, stand);
  const floor = sighted.filter(({ at }) => at === 'floor');
  const sand = depths.length >= LEAST_DROPS ? probed(depths) : null;
  const simulate = (): void => {
    take(simulatedSurvey({ ...SIMULATED, seed }, uuid));
    setSeed(seed + 1);
    setSimulated(true);
  };
  const discard = (): void => {
    clear();
    setSimulated(false);
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2.5">
        {t('Rangefinder and sand probe')}
        {listening && t(': listening')}
      </summary>
      <DeviceKey path="/api/tracker/measures">
        <button
          type="button"
          aria-pressed={on}
          onClick={() => listen(!on)}
          className="button lit-when-chosen"
        >
          {t('Listen to devices')}
        </button>
        {standIns && (
          <button type="button" onClick={simulate} className="button border-dashed">
            {t('Simulate a survey')}
          </button>
        )}
      </DeviceKey>
      {fault && <Alert className="mt-1">{fault}</Alert>}
      <div className="mt-2 flex flex-wrap gap-3">
        <LengthBox
          label={t('You stand east of the peg')}
          scale="ground"
          value={stand[0]}
          limits={[-2000, 2000]}
          onValue={(east) => setStand([east, stand[1]])}
        />
        <LengthBox
          label={t('North of the peg')}
          scale="ground"
          value={stand[1]}
          limits={[-2000, 2000]}
          onValue={(north) => setStand([stand[0], north])}
        />
      </div>
      <p role="status" className="mt-2">
        {measures.length === 0
          ? t('Nothing measured yet.')
          : `${counted(sighted.length, 'sighting', 'sightings')}, ${counted(depths.length, 'drop', 'drops')}.`}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {made && (
          <button
            type="button"
            className="button"
            onClick={() => {
              onBunker(
                made.ring,
                simulated ? { ...made.also, name: t('Simulated bunker') } : made.also,
              );
              discard();
            }}
          >
            {t('Add a bunker of {corners}', {
              corners: counted(made.ring.length, 'corner', 'corners'),
            })}
          </button>
        )}
        {bunker && floor.length > 0 && !simulated && (
          <button
            type="button"
            className="button"
            onClick={() => {
              onBunkerChange((now) => ({
                ...now,
                spots: [
                  ...now.spots,
                  ...floor.map(({ point: [x, y], up }) => ({
                    x_m: mm(x + stand[0]),
                    y_m: mm(y + stand[1]),
                    z_m: mm(up),
                  })),
                ].slice(0, 60),
              }));
              clear();
            }}
          >
            {t('Use {heights} as the floor of {bunker}', {
              heights: counted(floor.length, 'height', 'heights'),
              bunker: bunker.name,
            })}
          </button>
        )}
        {bunker && sand && (
          <button
            type="button"
            className="button"
            onClick={() =>
              onFirmness(
                Math.round(sand.firmness * 100) / 100,
                simulated ? t('simulated') : undefined,
              )
            }
          >
            {t('Use firmness {firmness} for {bunker}', {
              firmness: Math.round(sand.firmness * 100),
              bunker: bunker.name,
            })}
          </button>
        )}
        {measures.length > 0 && (
          <button type="button" className="button-quiet" onClick={discard}>
            {t('Discard them')}
          </button>
        )}
      </div>
    </details>
  );
}
