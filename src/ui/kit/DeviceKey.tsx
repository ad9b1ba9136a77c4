'use client';

import { t } from '@/core/tell/language/t';
import { useState, type ReactNode } from 'react';
import { ask } from '../server/client';
import { isDone } from '../server/said';

interface DeviceKeyProps {
  /** Where the device sends its lines. */
  path: string;
  /** The other buttons of the row. */
  children: ReactNode;
}

/** A row of buttons for a device with one that makes its key, which is shown once. */
export function DeviceKey({ path, children }: DeviceKeyProps) {
  const [key, setKey] = useState<string | null>(null);
  const make = async (): Promise<void> => {
    const answered = await ask<{ key: string }>('/api/tracker/key', 'POST', {});
    if (isDone(answered)) setKey(answered.body.key);
  };
  return (
    <>
      <div className="flex flex-wrap gap-2">
        {children}
        <button type="button" onClick={() => void make()} className="button">
          {t('Create a device key')}
        </button>
      </div>
      {key && (
        <p className="mt-2 text-sm leading-snug">
          {t('Copy this key now: it is shown only once, and it replaces any earlier key.')}{' '}
          <code className="font-semibold break-all select-all">{key}</code>
          {t('. The device posts lines to')}{' '}
          <code className="break-all">
            {window.location.origin}
            {path}
          </code>
          .
        </p>
      )}
    </>
  );
}
