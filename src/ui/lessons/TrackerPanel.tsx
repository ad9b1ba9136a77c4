'use client';

import { t } from '@/core/tell/language/t';
import { useStandIns } from '../frame/standIns';
import { Alert } from '../kit/Alert';
import { DeviceKey } from '../kit/DeviceKey';

interface TrackerPanelProps {
  on: boolean;
  onListen: (on: boolean) => void;
  fault: string | null;
  /** Who and where its balls are logged for. */
  who: string;
  /** Hits a ball that the simulated tracker reads; null while there is no call. */
  onSimulate: (() => void) | null;
}

/** A ball tracker: listened to or not, a key for a device, and the simulated one where stand-ins are shown. */
export function TrackerPanel({ on, onListen, fault, who, onSimulate }: TrackerPanelProps) {
  const standIns = useStandIns();
  return (
    <details className="border-t border-hairline pt-1">
      <summary className="min-h-11 cursor-pointer py-2.5">
        {t('Tracker')}
        {on && t(': its balls are logged for {who}', { who })}
      </summary>
      <DeviceKey path="/api/tracker/balls">
        <button
          type="button"
          aria-pressed={on}
          onClick={() => onListen(!on)}
          className="button lit-when-chosen"
        >
          {t('Listen to a tracker')}
        </button>
        {standIns && (
          <button
            type="button"
            disabled={!onSimulate}
            onClick={onSimulate ?? undefined}
            className="button border-dashed"
          >
            {t('Simulate a tracked ball')}
          </button>
        )}
      </DeviceKey>
      {fault && <Alert className="mt-1">{fault}</Alert>}
    </details>
  );
}
