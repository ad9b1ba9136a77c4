import { t } from '@/core/tell/language/t';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import type { LearntFactors } from '@/core/ground/player/learnt';
import { sayMoment } from '../kit/day';

interface DecisionsProps {
  decisions: readonly LearningDecision[];
  /** Version that calls use now. */
  current: number | undefined;
  onUse: (factors: LearntFactors) => void;
}

function words({ decision, version, balls }: LearningDecision): string {
  if (decision === 'let-go') return t('stopped using them: averages for the level');
  if (decision === 'accepted')
    return t('version {version} used, from {balls} balls', { version: String(version), balls });
  return t('set aside at {balls} balls: {version} kept', {
    balls,
    version: version === null ? t('averages for the level') : t('version {version}', { version }),
  });
}

/** What was decided before, latest first; a version of then can be used again. */
export function Decisions({ decisions, current, onUse }: DecisionsProps) {
  if (decisions.length === 0) return null;
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer py-2.5">{t('Earlier decisions')}</summary>
      <ol>
        {decisions.map((each, i) => (
          <li
            key={i}
            className="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-hairline"
          >
            <span className="text-sm text-ink-soft">{sayMoment(each.decidedAt)}</span>
            <span className="grow">{words(each)}</span>
            {each.decision === 'accepted' && each.factors && each.version !== current && (
              <button
                type="button"
                className="h-11 underline underline-offset-2"
                onClick={() => onUse(each.factors!)}
              >
                {t('Use version {version} again', { version: String(each.version) })}
              </button>
            )}
          </li>
        ))}
      </ol>
    </details>
  );
}
