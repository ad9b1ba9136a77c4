import { usePreferences } from '../frame/preferences';
import type { Changes } from './state/useChanges';

/** When the call changes: each threshold with the call that takes over. */
export function ChangesPanel({ changes }: { changes: Changes }) {
  const { entries, busy, failure, unasked, onLook } = changes;
  const { looking, onLooking } = usePreferences();
  return (
    <section aria-labelledby="changes" className="mt-4">
      <h2 id="changes" className="text-lg">
        It changes when
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
        {busy && <li className="text-ink-soft">looking for the places where it changes …</li>}
        {failure && <li role="alert">{failure}</li>}
        {!busy && !unasked && !failure && entries.length === 0 && (
          <li>
            Nothing near by changes it: lip, distance, sand, a deeper lie, slope, wind and the
            bounce of the club were tried.
          </li>
        )}
      </ul>
      {unasked && (
        <button type="button" className="button px-3" onClick={onLook}>
          Look for the places where it changes
        </button>
      )}
      <label className="mt-1 flex min-h-6 items-center gap-2 text-sm text-ink-soft max-sm:min-h-11">
        <input
          type="checkbox"
          className="size-5 shrink-0 accent-(--call-1)"
          checked={looking === 'by-itself'}
          onChange={({ target }) => onLooking(target.checked ? 'by-itself' : 'when-asked')}
        />
        Look by itself at every reading: half a minute’s work for this device.
      </label>
    </section>
  );
}
