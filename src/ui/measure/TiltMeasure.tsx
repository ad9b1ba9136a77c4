'use client';

import { t } from '@/core/tell/language/t';
import { useEffect, useRef, useState } from 'react';
import type { Threshold } from '@/core/ground/measure/measured';
import {
  groundTilt,
  LEAST_READINGS,
  simulatedTilt,
  type TiltReading,
} from '@/core/ground/measure/tilt';
import type { Hand } from '@/core/ground/player/player';
import { radians } from '@/core/ground/units/angle';
import { plainNumber } from '@/core/tell/language/say';
import { useStandIns } from '../frame/standIns';
import { Result } from './Result';

interface TiltMeasureProps {
  handed: Hand;
  /** Where the call changes in the slope along the line, radians. */
  thresholds: readonly Threshold[] | null | undefined;
  /** Takes over both slopes, degrees. */
  onTake: (alongDeg: number, acrossDeg: number) => void;
}

const WANTED = 40;
const EVERY_MS = 50;
const NO_SENSOR_MS = 1500;

/** Safari asks leave for the sensor through this. */
type AskingEvent = typeof DeviceOrientationEvent & { requestPermission?: () => Promise<string> };

/** Tilt of the ground from the device's own sensor, or from a simulated one where there is none. */
export function TiltMeasure({ handed, thresholds, onTake }: TiltMeasureProps) {
  const standIns = useStandIns();
  const [readings, setReadings] = useState<TiltReading[]>([]);
  const [state, setState] = useState<'idle' | 'reading' | 'none'>('idle');
  const stop = useRef<(() => void) | null>(null);
  const trial = useRef(1);
  useEffect(() => () => stop.current?.(), []);

  const take = (reading: TiltReading): void =>
    setReadings((now) => {
      if (now.length + 1 >= WANTED) stop.current?.();
      return [...now, reading].slice(0, WANTED);
    });

  const begin = (): void => {
    stop.current?.();
    setReadings([]);
    setState('reading');
  };

  const fromDevice = async (): Promise<void> => {
    begin();
    const asking = (window.DeviceOrientationEvent ?? {}) as AskingEvent;
    const leave = (await asking.requestPermission?.().catch(() => 'denied')) ?? 'granted';
    if (leave !== 'granted') return setState('none');
    let seen = false;
    const onTilt = ({ beta, gamma }: DeviceOrientationEvent): void => {
      if (beta === null || gamma === null) return;
      seen = true;
      take({ topUp: beta, rightDown: gamma });
    };
    window.addEventListener('deviceorientation', onTilt);
    const timer = setTimeout(() => !seen && setState('none'), NO_SENSOR_MS);
    stop.current = () => {
      window.removeEventListener('deviceorientation', onTilt);
      clearTimeout(timer);
    };
  };

  const fromSimulation = (): void => {
    begin();
    const seed = trial.current++;
    const sensor = simulatedTilt(
      { along: ((seed * 7) % 19) - 5, across: ((seed * 5) % 13) - 6 },
      handed,
      seed,
    );
    const timer = setInterval(() => take(sensor.next().value), EVERY_MS);
    stop.current = () => clearInterval(timer);
  };

  const tilt = readings.length >= LEAST_READINGS ? groundTilt(readings, handed) : null;
  const deg = (value: number): string => `${plainNumber(value)}°`;
  const inDegrees = thresholds?.map((each) => ({
    ...each,
    value: each.value / radians(1),
  }));
  return (
    <>
      <p className="mb-2 text-sm text-ink-soft">
        {t('Lay the phone on a board on the sand, its top towards the flag.')}
      </p>
      <div className="flex flex-wrap gap-2">
        <button type="button" onClick={() => void fromDevice()} className="button px-3">
          {t('This device’s sensor')}
        </button>
        {standIns && (
          <button type="button" onClick={fromSimulation} className="button border-dashed px-3">
            {t('Simulated sensor')}
          </button>
        )}
      </div>
      {state === 'none' && (
        <p role="alert" className="mt-1 text-sm font-semibold">
          {t('This device has no tilt sensor, or access was refused. Type the slope.')}
        </p>
      )}
      {state === 'reading' && readings.length < WANTED && (
        <progress
          aria-label={t('Readings taken')}
          value={readings.length}
          max={WANTED}
          className="mt-2 w-full"
        />
      )}
      {tilt && (
        <>
          <Result
            reckoned={tilt.along}
            say={deg}
            thresholds={thresholds === null ? null : inDegrees}
            onTake={() => onTake(Math.round(tilt.along.value), Math.round(tilt.across.value))}
          />
          <p className="text-sm">
            {t('Across: ball {deg} {across} the feet, ± {deg2}.', {
              deg: deg(Math.abs(tilt.across.value)),
              across: tilt.across.value >= 0 ? t('above') : t('below'),
              deg2: deg(tilt.across.sd),
            })}
          </p>
        </>
      )}
    </>
  );
}
