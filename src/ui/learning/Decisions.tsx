import { format, parseISO } from 'date-fns';
import type { LearningDecision } from '@/core/lesson/learning/decision';
import type { LearntFactors } from '@/core/ground/player/learnt';

interface DecisionsProps {
  decisions: readonly LearningDecision[];
  /** Version that calls use now. */
  current: number | undefined;
  onUse: (factors: LearntFactors) => void;
}

const day = (iso: string): string => format(parseISO(iso), 'd MMM yyyy, HH:mm');

function words({ decision, version, balls }: LearningDecision): string {
  if (decision === 'let-go') return 'stopped using them: averages for the level';
  if (decision === 'accepted') return `version ${version} used, from ${balls} balls`;
  return `set aside at ${balls} balls: ${version === null ? 'averages for the level' : `version ${version}`} kept`;
}

/** What was decided before, latest first; a version of then can be used again. */
export function Decisions({ decisions, current, onUse }: DecisionsProps) {
  if (decisions.length === 0) return null;
  return (
    <details className="mt-3">
      <summary className="min-h-11 cursor-pointer py-2.5">Earlier decisions</summary>
      <ol>
        {decisions.map((each, i) => (
          <li
            key={i}
            className="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-hairline"
          >
            <span className="text-sm text-ink-soft">{day(each.decidedAt)}</span>
            <span className="grow">{words(each)}</span>
            {each.decision === 'accepted' && each.factors && each.version !== current && (
              <button
                type="button"
                className="h-11 underline underline-offset-2"
                onClick={() => onUse(each.factors!)}
              >
                Use version {each.version} again
              </button>
            )}
          </li>
        ))}
      </ol>
    </details>
  );
}
