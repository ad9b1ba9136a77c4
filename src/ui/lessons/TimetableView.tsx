import { t } from '@/core/tell/language/t';
import { Sideways } from '../kit/Sideways';
import { clockAfter, type Turn } from '@/core/lesson/plan/timetable';

/** Who is where when, a line a turn. */
export function TimetableView({
  turns,
  players,
  stations,
  startsAt,
  minutes,
}: {
  turns: readonly Turn[];
  /** How long a turn is. */
  minutes: number;
  /** Time of day of the first turn, where it is set. */
  startsAt?: string | undefined;
  players: readonly string[];
  stations: readonly string[];
}) {
  const last = turns.at(-1);
  return (
    <section aria-labelledby="timetable">
      <h2 id="timetable" className="text-xl">
        {t('Timetable')}
      </h2>
      <Sideways label={t('Who is where when')}>
        <table className="w-full border-collapse text-left">
          <thead>
            <tr className="border-b-2 border-hairline">
              <th scope="col" className="py-1 pr-4">
                {startsAt ? t('Time') : t('Minute')}
              </th>
              {players.map((name) => (
                <th key={name} scope="col" className="pr-4">
                  {name}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {turns.map(({ start, places }) => (
              <tr key={start} className="border-b border-hairline">
                <th scope="row" className="py-1 pr-4 font-normal">
                  {startsAt ? clockAfter(startsAt, start) : start}
                </th>
                {places.map((place, p) => (
                  <td key={p} className={`pr-4 ${place === null ? 'text-ink-soft' : ''}`}>
                    {place === null ? t('rest and rake') : `${place + 1}. ${stations[place]}`}
                  </td>
                ))}
              </tr>
            ))}
            {last && (
              <tr>
                <th scope="row" className="py-1 pr-4 font-normal">
                  {startsAt ? clockAfter(startsAt, last.start + minutes) : last.start + minutes}
                </th>
                <td colSpan={players.length} className="text-ink-soft">
                  {t('end of the lesson')}
                </td>
              </tr>
            )}
          </tbody>
        </table>
      </Sideways>
    </section>
  );
}
