'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { toast } from 'sonner';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import type { LearntFactors } from '@/core/ground/player/learnt';
import { ask, saidOf } from '../server/client';

type Factors = Omit<LearntFactors, 'version'>;

/** What was decided about a player's learnings, and deciding. */
export function useDecisions(
  playerId: string,
  onLearnt: (learnt: LearntFactors | undefined) => void,
) {
  const url = `/api/players/${playerId}/learnt`;
  const [decisions, setDecisions] = useState<readonly LearningDecision[]>([]);
  const asked = useRef(0);
  const list = useCallback(async (): Promise<void> => {
    const mine = ++asked.current;
    const answered = await ask<LearningDecision[]>(url);
    if (answered.kind === 'ok' && mine === asked.current) setDecisions(answered.body);
  }, [url]);
  useEffect(() => {
    const timer = setTimeout(() => void list(), 0);
    return () => clearTimeout(timer);
  }, [list]);

  const accept = async (factors: Factors): Promise<void> => {
    const answered = await ask<LearntFactors>(url, 'POST', { version: 1, ...factors });
    if (answered.kind !== 'ok') {
      toast.error(saidOf(answered));
      return;
    }
    onLearnt(answered.body);
    toast.success(`Taken over as version ${answered.body.version}: calls and ladder use it now.`);
    await list();
  };
  const hold = async (balls: number): Promise<void> => {
    const answered = await ask(`${url}/hold`, 'POST', { balls });
    if (answered.kind === 'ok') toast.success('Held: calls stay as they are.');
    else toast.error(saidOf(answered));
    await list();
  };
  const letGo = async (): Promise<void> => {
    const answered = await ask(url, 'DELETE');
    if (answered.kind === 'ok') onLearnt(undefined);
    else toast.error(saidOf(answered));
    await list();
  };
  return { decisions, accept, hold, letGo };
}
