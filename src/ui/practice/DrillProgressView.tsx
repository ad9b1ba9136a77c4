import { t } from '@/core/tell/language/t';
import type { NamedDrill } from '@/core/lesson/drills/drill';
import { drillProgress, type DrillProgress } from '@/core/lesson/homework/progress';
import { movedWords } from '@/core/tell/drills/progressWords';
import type { DrillResult } from '@/core/lesson/homework/result';
import { shareWords } from '@/core/tell/lessons/statWords';
import { sayDay } from '../kit/day';

interface DrillProgressViewProps {
  results: readonly DrillResult[];
  drills: ReadonlyMap<string, NamedDrill>;
}

const WIDTH = 320;
const HEIGHT = 84;
const EDGE = 10;

/** How each drill goes from day to day, with intervals; nothing until something was written down. */
export function DrillProgressView({ results, drills }: DrillProgressViewProps) {
  const progress = drillProgress(results);
  if (progress.length === 0) return null;
  return (
    <section aria-labelledby="drill-progress">
      <h2 id="drill-progress" className="text-xl">
        {t('How it goes')}
      </h2>
      <div className="mt-2 grid grid-cols-3 gap-6 max-lg:grid-cols-2 max-sm:grid-cols-1">
        {progress.map((each) => (
          <figure key={each.drill} className="min-w-0">
            <figcaption>
              <span className="font-semibold">{drills.get(each.drill)?.name ?? each.drill}</span>
              <span className="block text-sm">
                {shareWords(each.all)}. {each.moved && movedWords(each.moved)}
              </span>
            </figcaption>
            <Shares progress={each} />
          </figure>
        ))}
      </div>
      <p className="mt-1 text-sm text-ink-soft">
        {t(
          'Vertical lines and brackets: 95% confidence. They narrow with the number of balls, not of days.',
        )}
      </p>
    </section>
  );
}

/** The share that counted on each day with its interval, days as far apart as they are. */
function Shares({ progress: { days } }: { progress: DrillProgress }) {
  const times = days.map(({ day }) => Date.parse(day));
  const [first, last] = [times[0]!, times.at(-1)!];
  const x = (time: number): number =>
    last === first ? WIDTH / 2 : EDGE + ((time - first) / (last - first)) * (WIDTH - 2 * EDGE);
  const y = (share: number): number => EDGE + (1 - share) * (HEIGHT - 2 * EDGE);
  const label = days.map(({ day, share }) => `${sayDay(day)}: ${shareWords(share)}`).join('; ');
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={label}
      className="mt-1 block w-full"
    >
      {[0, 0.5, 1].map((share) => (
        <line key={share} x1={0} x2={WIDTH} y1={y(share)} y2={y(share)} stroke="var(--hairline)" />
      ))}
      {days.map(({ day, share }, i) => (
        <g key={day}>
          <line
            x1={x(times[i]!)}
            x2={x(times[i]!)}
            y1={y(share.low)}
            y2={y(share.high)}
            stroke="var(--call-1)"
            strokeWidth="3"
          />
          <circle cx={x(times[i]!)} cy={y(share.share)} r="5" fill="var(--call-1)" />
        </g>
      ))}
    </svg>
  );
}
