'use client';

import { t } from '@/core/tell/language/t';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { counted } from '@/core/tell/words/counted';
import { ask, bodyOf } from '../server/client';
import { Alert } from '../kit/Alert';

const KEY = ['simulated balls'];
const PATH = '/api/balls/simulated';

interface Simulated {
  count: number;
}

/** How many balls the simulated tracker made, and a button that removes them. */
export function StandIns() {
  const cache = useQueryClient();
  const { data, error } = useQuery({
    queryKey: KEY,
    queryFn: () => bodyOf(ask<Simulated>(PATH)),
  });
  const removing = useMutation({
    mutationFn: () => bodyOf(ask<Simulated>(PATH, 'DELETE')),
    onSuccess: (left) => cache.setQueryData(KEY, left),
  });
  const fault = removing.error ?? error;
  return (
    <>
      {data && (
        <div className="flex flex-wrap items-center gap-4">
          <p role="status">
            {data.count === 0
              ? t('No logged ball is simulated.')
              : t('{balls} in the lessons came from the simulated tracker.', {
                  balls: counted(data.count, 'ball'),
                })}
          </p>
          {data.count > 0 && (
            <button
              type="button"
              className="button"
              disabled={removing.isPending}
              onClick={() => removing.mutate()}
            >
              {t('Remove the simulated balls')}
            </button>
          )}
        </div>
      )}
      <Alert className="mt-2">{fault?.message}</Alert>
    </>
  );
}
