import { written } from '@/core/tell/language/written';
import { t } from '@/core/tell/language/t';
import { capital } from '@/core/tell/words/capital';
import { OddsBars } from './OddsBars';
import type { CallEntry } from '@/core/tell/sheet/callSheet';
import { inkOf } from '../drawing/inks';
import { LineSample } from '../drawing/LineSample';
import { KIND_WORDS } from '@/core/tell/words/kinds';
import { techniqueName } from '@/core/tell/words/techniques';

interface OtherCallProps {
  call: CallEntry;
  best: CallEntry;
  rank: number;
}

const shown = ({ odds }: CallEntry): number => Number(odds.expected_strokes.toFixed(1));

/** Why a call that shows fewer strokes stands below the first. */
function cheaperWords(call: CallEntry, best: CallEntry): string {
  if (shown(call) >= shown(best)) return '';
  return call.odds.worst_tenth > best.odds.worst_tenth
    ? ` ${t('Fewer strokes on average, but its bad misses cost more.')}`
    : ` ${t('Fewer strokes on average, but too few to choose it over the plainer shot.')}`;
}

/** What sets this call apart from the best one, in a sentence. */
function differenceWords(call: CallEntry, best: CallEntry): string {
  if (call.attempt) return t('A long shot: even struck as planned, this does not clear the lip.');
  if (call.toward_deg !== best.toward_deg) return t('Another direction.');
  const swing = call.swing_fraction - best.swing_fraction;
  const apex = call.predicted.apex_ft - best.predicted.apex_ft;
  const run = call.predicted.run_yd - best.predicted.run_yd;
  const parts: string[] = [];
  if (Math.abs(apex) >= 1) parts.push(apex > 0 ? t('higher') : t('lower'));
  if (Math.abs(run) >= 1) parts.push(run > 0 ? t('runs more') : t('stops sooner'));
  if (Math.abs(swing) >= 0.04) parts.push(swing > 0 ? t('more swing') : t('less swing'));
  const thin = call.odds.thin - best.odds.thin;
  if (Math.abs(thin) >= 0.02) parts.push(thin > 0 ? t('thin more often') : t('thin less often'));
  const text = parts.length > 0 ? parts.join(', ') : t('almost the same shot');
  return `${capital(text)}.${cheaperWords(call, best)}`;
}

/** Relief under penalty beside the best call: nothing is struck, so it has no odds. */
function OtherRelief({ call, rank }: Pick<OtherCallProps, 'call' | 'rank'>) {
  return (
    <article className="pb-4" aria-label={t('Call {rank}: relief', { rank: rank + 1 })}>
      <header className="flex items-baseline gap-3">
        <h3 className={`text-2xl ${inkOf(rank).text}`}>{t('Relief')}</h3>
        <span className="ml-auto font-heading text-lg font-semibold">
          {written(call.odds.expected_strokes.toFixed(1))}
        </span>
      </header>
      <p className="mt-1">{techniqueName(call.school)}.</p>
      <p className="mt-1 text-ink-soft">
        {call.why.map(({ text }) => text).join(' ')} {call.cautions.join(' ')}
      </p>
    </article>
  );
}

/** A call that stands beside the best one, in brief, with what it risks. */
export function OtherCall({ call, best, rank }: OtherCallProps) {
  if (call.kind === 'relief') return <OtherRelief call={call} rank={rank} />;
  const ink = inkOf(rank);
  return (
    <article
      className="pb-4"
      aria-label={t('Call {rank}: {club}', { rank: rank + 1, club: call.club })}
    >
      <header className="flex items-baseline gap-3">
        <h3 className={`text-2xl ${ink.text}`}>{call.club}</h3>
        {!call.attempt && <LineSample rank={rank} />}
        <span className="text-ink-soft">
          {call.attempt && `${t('long shot:')} `}
          {t('{kind}, face {face}', {
            kind: KIND_WORDS[call.kind],
            face: call.face_deg === 0 ? t('square') : call.face_clock,
          })}
        </span>
        <span className="ml-auto font-heading text-lg font-semibold">
          {written(call.odds.expected_strokes.toFixed(1))}
        </span>
      </header>
      <OddsBars odds={call.odds} rank={rank} className="mt-1" />
      <p className="mt-1 text-ink-soft">{differenceWords(call, best)}</p>
    </article>
  );
}
