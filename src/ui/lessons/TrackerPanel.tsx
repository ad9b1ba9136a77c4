'use client';

import { useState } from 'react';
import { ask } from '../server/client';
import { isDone } from '../server/said';
import { Alert } from '../kit/Alert';

interface TrackerPanelProps {
  on: boolean;
  onListen: (on: boolean) => void;
  fault: string | null;
  /** Who and where its balls are logged for. */
  who: string;
  /** Hits a ball that the simulated tracker reads; null while there is no call. */
  onSimulate: (() => void) | null;
}

/** A ball tracker: listened to or not, a key for a device, and the simulated one. */
export function TrackerPanel({ on, onListen, fault, who, onSimulate }: TrackerPanelProps) {
  const [key, setKey] = useState<string | null>(null);
  const make = async (): Promise<void> => {
    const answered = await ask<{ key: string }>('/api/tracker/key', 'POST', {});
    if (isDone(answered)) setKey(answered.body.key);
  };
  return (
    <details className="border-t border-hairline pt-1">
      <summary className="min-h-11 cursor-pointer py-2.5">
        Tracker{on && `: its balls are logged for ${who}`}
      </summary>
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          aria-pressed={on}
          onClick={() => onListen(!on)}
          className="button lit-when-chosen"
        >
          Listen to a tracker
        </button>
        <button
          type="button"
          disabled={!onSimulate}
          onClick={onSimulate ?? undefined}
          className="button border-dashed"
        >
          Simulate a tracked ball
        </button>
        <button type="button" onClick={() => void make()} className="button">
          Create a device key
        </button>
      </div>
      {fault && <Alert className="mt-1">{fault}</Alert>}
      {key && (
        <p className="mt-2 text-sm leading-snug">
          Copy this key now: it is shown only once, and it replaces any earlier key.{' '}
          <code className="font-semibold break-all select-all">{key}</code>. The device posts lines
          to <code className="break-all">{window.location.origin}/api/tracker/balls</code>.
        </p>
      )}
    </details>
  );
}
