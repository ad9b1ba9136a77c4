import type { Changes } from './state/useChanges';

/** When the call changes: each threshold with the call that takes over. */
export function ChangesPanel({ changes }: { changes: Changes }) {
  const { entries, busy, failure } = changes;
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
        {!busy && !failure && entries.length === 0 && (
          <li>
            Nothing near by changes it: lip, distance, sand, a deeper lie, slope, wind and the
            bounce of the club were tried.
          </li>
        )}
      </ul>
    </section>
  );
}
