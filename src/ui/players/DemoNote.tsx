'use client';

import { t } from '@/core/tell/language/t';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { Confirm } from '../kit/Confirm';
import { useHeads } from '../frame/who';
import { ask } from '../server/client';
import { isDone } from '../server/said';

/** Says that the academy is made up, and clears it away. */
export function DemoNote() {
  const router = useRouter();
  const [asks, setAsks] = useState(false);
  const heads = useHeads();
  const clear = async (): Promise<void> => {
    if (!isDone(await ask('/api/demo', 'DELETE'))) return;
    router.push('/');
    router.refresh();
  };
  return (
    <p className="mt-3 flex flex-wrap items-center gap-x-4 rounded bg-paper-deep px-3 py-1.5">
      <span className="grow">
        {t('The demo’s players, lessons and places are made up, to look around in.')}
      </span>
      {heads && (
        <button type="button" className="button-quiet" onClick={() => setAsks(true)}>
          {t('Clear the demo away')}
        </button>
      )}
      {asks && (
        <Confirm
          title={t('Clear the demo away?')}
          action={t('Clear it away')}
          onClose={() => setAsks(false)}
          onConfirm={() => void clear()}
        >
          {t(
            'The made-up players go, with their lessons, balls, practice and ground. What you added yourself stays. Only npm run demo in an empty data folder brings them back.',
          )}
        </Confirm>
      )}
    </p>
  );
}
