'use client';

import { t } from '@/core/tell/language/t';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ReactNode } from 'react';
import { ask, bodyOf } from '../server/client';
import { Alert } from '../kit/Alert';
import { sayAgo } from '../kit/day';

/** The newest copy of everything, and how many are kept; or that the data is on a server that has its own. */
type KeptCopies =
  | {
      /** ISO 8601; null before the first. */
      last: string | null;
      kept: number;
    }
  | { by: 'server' };

const KEY = ['backups'];

/** When the last copy of everything was made, and a button that makes one. */
export function Copies() {
  const cache = useQueryClient();
  const { data, error } = useQuery({
    queryKey: KEY,
    queryFn: () => bodyOf(ask<KeptCopies>('/api/backups')),
  });
  const making = useMutation({
    mutationFn: () => bodyOf(ask<KeptCopies>('/api/backups', 'POST')),
    onSuccess: (made) => cache.setQueryData(KEY, made),
  });
  const fault = making.error ?? error;
  if (data && 'by' in data) {
    return (
      <Part>
        <p className="text-sm text-ink-soft">
          {t(
            'This academy’s data is on a database server. Backups are made there; ask whoever runs it.',
          )}
        </p>
      </Part>
    );
  }
  return (
    <Part>
      <p className="text-sm text-ink-soft">
        {t(
          'A backup is made every day and when the server stops, in the folder “backups” beside the data. Each one is opened and checked.',
        )}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-4">
        <button
          type="button"
          className="button"
          disabled={making.isPending}
          onClick={() => making.mutate()}
        >
          {making.isPending ? t('Backing up …') : t('Back up now')}
        </button>
        <p role="status">{data && saidOf(data)}</p>
      </div>
      <Alert className="mt-2">{fault?.message}</Alert>
    </Part>
  );
}

function Part({ children }: { children: ReactNode }) {
  return (
    <section aria-labelledby="copies" className="mt-5 border-t border-hairline pt-4">
      <h3 id="copies" className="font-semibold">
        {t('Backups')}
      </h3>
      {children}
    </section>
  );
}

function saidOf({ last, kept }: Exclude<KeptCopies, { by: 'server' }>): string {
  if (last === null) return t('No backup yet.');
  const since = sayAgo(last);
  return t('Last backup {since}; {kept} {kept2} kept.', {
    since,
    kept,
    kept2: kept === 1 ? t('is') : t('are'),
  });
}
