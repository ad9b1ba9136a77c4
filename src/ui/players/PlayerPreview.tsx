import type { PlayerImported } from '@/core/lesson/exchange/playerFile';
import { counted } from '@/core/tell/words/counted';

interface PlayerPreviewProps {
  preview: PlayerImported;
  busy: boolean;
  onAccept: () => void;
}

/** What a file of everything about one player would bring. */
export function PlayerPreview({ preview, busy, onAccept }: PlayerPreviewProps) {
  const { name, known, readings, lessons, balls, grassShots } = preview;
  const brings = [
    [lessons, 'lesson'],
    [balls, 'ball'],
    [readings, 'saved reading'],
    [grassShots, 'shot off grass', 'shots off grass'],
  ] as const;
  const nothing = known && brings.every(([count]) => count === 0);
  return (
    <section aria-labelledby="preview" className="mt-6">
      <h2 id="preview" className="text-2xl">
        Everything about {name}
      </h2>
      <p className="mt-1 max-w-[70ch]">
        {known
          ? `${name} is in the roster already. Name, bag and notes stay as they are here; what is missing is added.`
          : `${name} is not in the roster and comes back with bag, notes and everything learned.`}
      </p>
      <ul className="mt-3 list-inside list-disc">
        {brings
          .filter(([count]) => count > 0)
          .map(([count, one, many]) => (
            <li key={one}>{counted(count, one, many)} to add</li>
          ))}
      </ul>
      {nothing ? (
        <p className="mt-3 font-semibold">
          There is nothing in this file that is not here already.
        </p>
      ) : (
        <button type="button" disabled={busy} onClick={onAccept} className="button-main mt-4">
          {known ? `Add what is missing for ${name}` : `Bring ${name} back`}
        </button>
      )}
    </section>
  );
}
