import { t } from '@/core/tell/language/t';
import { TickBox } from '../kit/TickBox';
import { usePreferences } from '../frame/preferences';
import type { Changes } from './state/useChanges';

/** When the call changes: each threshold with the call that takes over. */
export function ChangesPanel({ changes }: { changes: Changes }) {
  const { entries, busy, failure, unasked, onLook } = changes;
  const { looking, onLooking } = usePreferences();
  return (
    <section aria-labelledby="changes" className="mt-4">
      <h2 id="changes" className="text-lg">
        {t('When the call changes')}
      </h2>
      <ul className="mt-1 space-y-1 leading-snug" aria-busy={busy}>
        {entries.map(({ factor, direction, text, to }) => {
          const when = text.slice(0, text.length - to.length - 2);
          return (
            <li key={`${factor}/${direction}`}>
              {when} <span aria-hidden="true">→</span>{' '}
              <strong className="whitespace-nowrap">{to}</strong>
            </li>
          );
        })}
        {busy && <li className="text-ink-soft">{t('checking when the call changes …')}</li>}
        {failure && <li role="alert">{failure}</li>}
        {!busy && !unasked && !failure && entries.length === 0 && (
          <li>
            {t(
              'The call holds: a higher lip, more or less distance, other sand, a deeper lie, slope, wind and the club’s bounce were all checked.',
            )}
          </li>
        )}
      </ul>
      {unasked && (
        <button type="button" className="button px-3" onClick={onLook}>
          {t('Check when the call changes')}
        </button>
      )}
      <TickBox
        label={t('Check automatically for every reading (a few seconds on this device).')}
        checked={looking === 'by-itself'}
        onChecked={(checked) => onLooking(checked ? 'by-itself' : 'when-asked')}
        className="mt-1 text-sm text-ink-soft sm:min-h-6"
      />
    </section>
  );
}
