'use client';

import { t } from '@/core/tell/language/t';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { toast } from 'sonner';
import type { LearntFactors } from '@/core/ground/player/learnt';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import { ask, bodyOf, type Replied } from '../server/client';
import { isDone } from '../server/said';
import { lookAgain } from '../server/cache';

type Factors = Omit<LearntFactors, 'version'>;

const urlOf = (playerId: string): string => `/api/players/${playerId}/learnt`;

/** Takes numbers over for a player, as the next version of what was learnt. */
export const sendLearnt = (playerId: string, factors: Factors): Promise<Replied<LearntFactors>> =>
  ask<LearntFactors>(urlOf(playerId), 'POST', { version: 1, ...factors });

/** What was decided about a player's learnings, and deciding. */
export function useDecisions(
  playerId: string,
  onLearnt: (learnt: LearntFactors | undefined) => void,
) {
  const url = urlOf(playerId);
  const cache = useQueryClient();
  const queryKey = ['decisions', playerId];
  const { data } = useQuery({ queryKey, queryFn: () => bodyOf(ask<LearningDecision[]>(url)) });
  const listAgain = (): Promise<void> => lookAgain(cache, queryKey);

  const accept = async (factors: Factors): Promise<void> => {
    const answered = await sendLearnt(playerId, factors);
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
