'use client';

import { t } from '@/core/ground/language/t';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import { ask, bodyOf } from '../server/client';
import { isDone } from '../server/said';
import { lookAgain } from '../server/cache';

type Factors = Omit<LearntFactors, 'version'>;

/** What was decided about a player's learnings, and deciding. */
export function useDecisions(
  playerId: string,
  onLearnt: (learnt: LearntFactors | undefined) => void,
) {
  const url = `/api/players/${playerId}/learnt`;
  const cache = useQueryClient();
  const queryKey = ['decisions', playerId];
  const { data } = useQuery({ queryKey, queryFn: () => bodyOf(ask<LearningDecision[]>(url)) });
  const listAgain = (): Promise<void> => lookAgain(cache, queryKey);

  const accept = async (factors: Factors): Promise<void> => {
    const answered = await ask<LearntFactors>(url, 'POST', { version: 1, ...factors });
    if (!isDone(answered)) return;
    onLearnt(answered.body);
    toast.success(
      t('Saved as version {version}. Calls and the distance ladder use these numbers now.', {
        version: answered.body.version,
      }),
    );
    await listAgain();
  };
  const hold = async (balls: number): Promise<void> => {
    const answered = await ask(`${url}/hold`, 'POST', { balls });
    if (isDone(answered)) toast.success(t('Not used. Calls stay as they are.'));
    await listAgain();
  };
  const letGo = async (): Promise<void> => {
    if (isDone(await ask(url, 'DELETE'))) onLearnt(undefined);
    await listAgain();
  };
  return { decisions: data ?? [], accept, hold, letGo };
}
