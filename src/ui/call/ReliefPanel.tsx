import { t } from '@/core/tell/language/t';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { techniqueName } from '@/core/tell/words/techniques';

/** Relief under penalty as the best call: nothing to strike, what it costs, and who decides. */
export function ReliefPanel({ call }: { call: CallEntry }) {
  return (
    <article aria-labelledby="first-call">
      <header className="flex flex-wrap items-baseline gap-x-3">
        <h2 id="first-call" className="text-3xl text-call-1">
          {t('Take relief')}
        </h2>
        <span className="ml-auto font-heading text-xl font-semibold">
          {t('{strokes} strokes from here, on average', {
            strokes: call.odds.expected_strokes.toFixed(1),
          })}
        </span>
      </header>
      <p className="mt-3 text-lg leading-relaxed" data-testid="script">
        {techniqueName(call.school)}. {call.why.map(({ text }) => text).join(' ')}
      </p>
      <p className="mt-2 border-l-4 border-flag pl-2 leading-snug">{call.cautions.join(' ')}</p>
    </article>
  );
}
