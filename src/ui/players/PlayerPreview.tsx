import { t } from '@/core/tell/language/t';
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
    { count: lessons, said: counted(lessons, 'lesson') },
    { count: balls, said: counted(balls, 'ball') },
    { count: readings, said: counted(readings, 'saved reading') },
    { count: grassShots, said: counted(grassShots, 'shot off grass', 'shots off grass') },
  ];
  const nothing = known && brings.every(({ count }) => count === 0);
  return (
    <section aria-labelledby="preview" className="mt-6">
      <h2 id="preview" className="text-2xl">
        {t('Everything about {name}', { name })}
      </h2>
      <p className="mt-1 max-w-[70ch]">
        {known
          ? t(
              '{name} is in the roster already. Name, bag and notes stay as they are here; what is missing is added.',
              { name },
            )
          : t(
              '{name} is not in the roster and comes back with bag, notes and everything learned.',
              { name },
            )}
      </p>
      <ul className="mt-3 list-inside list-disc">
        {brings
          .filter(({ count }) => count > 0)
          .map(({ said }) => (
            <li key={said}>{t('{things} to add', { things: said })}</li>
          ))}
      </ul>
      {nothing ? (
        <p className="mt-3 font-semibold">{t('Everything in this file is here already.')}</p>
      ) : (
        <button type="button" disabled={busy} onClick={onAccept} className="button-main mt-4">
          {known ? t('Add what is missing for {name}', { name }) : t('Bring {name} back', { name })}
        </button>
      )}
    </section>
  );
}
