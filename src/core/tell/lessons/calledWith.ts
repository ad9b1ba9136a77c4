import { t } from '@/core/tell/language/t';
import { counted } from '@/core/tell/words/counted';
import type { CalledBall } from '@/core/lesson/review/against';

/**
 * With which learning balls were called, in a sentence: one that was accepted after they were hit is not in their calls. Null
 * where all were called from the skill alone.
 */
export function calledWithWords(balls: readonly Pick<CalledBall, 'call'>[]): string | null {
  const SKILL_ALONE = 0;
  const by = new Map<number, number>();
  for (const { call } of balls) {
    const version = call.learnt_version ?? SKILL_ALONE;
    by.set(version, (by.get(version) ?? 0) + 1);
  }
  const alone = by.get(SKILL_ALONE) ?? 0;
  const learnt = [...by].filter(([version]) => version !== SKILL_ALONE).sort(([a], [b]) => a - b);
  if (learnt.length === 0) return null;
  if (learnt.length === 1 && alone === 0) {
    return t('Calls used the player’s own numbers (version {learnt}).', { learnt: learnt[0]![0] });
  }
  const versions = learnt
    .map(([version, count]) => t('{count} (version {version})', { count, version }))
    .join(', ');
  const parts = [
    ...(alone > 0 ? [t('averages for the level: {balls}', { balls: counted(alone, 'ball') })] : []),
    t('the player’s own numbers: {versions}', { versions }),
  ];
  return t('Calls came from {parts}.', { parts: parts.join('; from ') });
}
