import { t } from '@/core/tell/language/t';
import { useQuery } from '@tanstack/react-query';
import type { Mentions, Named } from '@/core/lesson/players/named';
import { Alert } from '../kit/Alert';
import { TickBox } from '../kit/TickBox';
import { ask, bodyOf } from '../server/client';

/** What the tables are to a coach. */
const WHERE: Readonly<Record<string, () => string>> = {
  academy: () => t('the academy’s settings'),
  balls: () => t('a ball'),
  bunker_tests: () => t('a bunker test'),
  clubs: () => t('a bag'),
  drafts: () => t('a draft of a reading'),
  drill_results: () => t('a practice result'),
  drills: () => t('a drill'),
  eye_results: () => t('a look at the eye'),
  lessons: () => t('a lesson'),
  measures: () => t('a measurement'),
  places: () => t('ground'),
  player_contacts: () => t('another player’s contact'),
  players: () => t('notes on another player'),
  practice_plans: () => t('a practice plan'),
  readings: () => t('a reading'),
};

interface NamedElsewhereProps {
  playerId: string;
  /** Single words of the name that go too. */
  words: readonly string[];
  onWords: (words: readonly string[]) => void;
}

/** Where else a player is named: by the full name, which goes in any case, and by single words of it, which the coach decides on. */
export function NamedElsewhere({ playerId, words, onWords }: NamedElsewhereProps) {
  const { data: named, error } = useQuery({
    queryKey: ['named', playerId],
    queryFn: () => bodyOf(ask<Named>(`/api/players/${playerId}/erase`)),
    // Somebody may have written meanwhile.
    gcTime: 0,
  });
  if (error) return <Alert className="mt-2">{error.message}</Alert>;
  if (!named) return <p className="mt-2">{t('Looking where else the name is written...')}</p>;
  const { full } = named;
  return (
    <div
      className="mt-2 max-h-[34vh] overflow-y-auto"
      tabIndex={0}
      role="region"
      aria-label={t('Where else the name is written')}
    >
      {full.count === 0 && named.words.length === 0 && (
        <p>{t('The name is written nowhere else.')}</p>
      )}
      {full.count > 0 && (
        <>
          <p>{t('The full name is also written here, and is taken out:')}</p>
          <MentionList {...full} />
        </>
      )}
      {named.words.map((each) => (
        <div key={each.name} className="mt-2">
          <TickBox
            label={t('Take “{word}” alone out of these too', { word: each.name })}
            checked={words.includes(each.name)}
            onChecked={(on) =>
              onWords(on ? [...words, each.name] : words.filter((word) => word !== each.name))
            }
          />
          <MentionList {...each} />
        </div>
      ))}
    </div>
  );
}

function MentionList({ count, mentions }: Mentions) {
  return (
    <ul className="mt-1 list-disc pl-5">
      {mentions.map(({ table, before, found, after }, i) => (
        <li key={i}>
          {WHERE[table]?.() ?? table}: {before}
          <b>{found}</b>
          {after}
        </li>
      ))}
      {count > mentions.length && (
        <li>{t('and {count} more', { count: count - mentions.length })}</li>
      )}
    </ul>
  );
}
