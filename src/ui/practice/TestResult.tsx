import { t } from '@/core/tell/language/t';
import { SKILLS, type Skill } from '@/core/ground/player/player';
import { mostPoints } from '@/core/lesson/bunkerTest/bands';
import { bandWords } from '@/core/tell/lessons/bandWords';
import {
  believedOf,
  expectedPoints,
  figureOf,
  pointsOf,
  retestOf,
  HANDICAP_RANGE,
  type TestBalls,
} from '@/core/lesson/bunkerTest/figure';
import { bandsInHundred, type BunkerTest, type StoredTest } from '@/core/lesson/bunkerTest/test';
import { figureWords, retestWords } from '@/core/tell/lessons/testWords';
import { SKILL_WORDS } from '@/core/tell/words/player';
import { handicapWords } from '@/core/ground/player/handicap';
import { counted } from '@/core/tell/words/counted';
import { Sideways } from '../kit/Sideways';
import { LazyIntervalChart } from '../plots/LazyIntervalChart';

interface TestResultProps {
  test: BunkerTest;
  /** The player's level. */
  skill: Skill;
  /** The player's other tests that are whole, the latest first. */
  others: readonly StoredTest[];
}

const normsOf = ({ stations }: BunkerTest) => stations.map(({ norms }) => norms);

const ballsOf = (test: BunkerTest): TestBalls => ({ hits: test.hits, norms: normsOf(test) });

/** What a test came to: points, the handicap from bunkers, each band against what every level does, and how it stands to earlier tests. */
export function TestResult({ test, skill, others }: TestResultProps) {
  const { hits } = test;
  const norms = normsOf(test);
  const believed = believedOf(hits, norms);
  const earlier = others.flatMap(({ test: other }) =>
    other.held_on <= test.held_on ? [ballsOf(other)] : [],
  );
  const all = [...others.map((other) => other.test), test].sort((a, b) =>
    a.held_on.localeCompare(b.held_on),
  );
  return (
    <>
      <section aria-labelledby="figure" className="mt-4">
        <h2 id="figure" className="text-2xl">
          {t('{pointsOf} of {mostPoints} points', {
            pointsOf: pointsOf(hits),
            mostPoints: mostPoints(hits.length),
          })}
        </h2>
        <p className="mt-1 text-lg">{figureWords(figureOf(believed))}</p>
        {earlier.length > 0 && (
          <p className="mt-1 border-l-4 border-flag pl-2">
            {retestWords(retestOf(earlier, ballsOf(test), skill))}
          </p>
        )}
      </section>
      <section aria-labelledby="against" className="mt-6">
        <h2 id="against" className="text-xl">
          {t('Against every level')}
        </h2>
        <Sideways label={t('Against every level')}>
          <table className="mt-1 w-full border-collapse text-left">
            <thead>
              <tr className="border-b-2 border-hairline">
                <th scope="col" className="py-1 pr-3">
                  {t('Of 100 balls')}
                </th>
                <th scope="col" className="pr-3">
                  {t('here')}
                </th>
                {SKILLS.map((skill) => (
                  <th key={skill} scope="col" className="pr-3 font-normal max-sm:text-sm">
                    {SKILL_WORDS[skill]}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {bandsInHundred(test).map(({ here, levels }, band) => (
                <tr key={band} className="border-b border-hairline">
                  <th scope="row" className="py-1 pr-3 font-normal">
                    {bandWords()[band]}
                  </th>
                  <td className="pr-3 font-semibold">{here}</td>
                  {levels.map((share, i) => (
                    <td key={i} className="pr-3">
                      {share}
                    </td>
                  ))}
                </tr>
              ))}
              <tr>
                <th scope="row" className="py-1 pr-3">
                  {t('points')}
                </th>
                <td className="pr-3 font-semibold">{pointsOf(hits)}</td>
                {SKILLS.map((skill) => (
                  <td key={skill} className="pr-3">
                    {Math.round(expectedPoints(hits, norms, skill))}
                  </td>
                ))}
              </tr>
            </tbody>
          </table>
        </Sideways>
        <p className="mt-1 text-sm text-ink-soft">
          {t(
            'The levels are what the model expects with this bag, from these stations, in this sand; nobody hit those balls. In brackets: 90% confidence.',
          )}
        </p>
      </section>
      {all.length > 1 && (
        <section aria-label={t('Earlier tests')} className="mt-6 max-w-2xl">
          <LazyIntervalChart
            title={t('Handicap from bunkers, test by test')}
            unit=""
            say={(handicap) => handicapWords(Math.round(handicap))}
            days={[all[0]!.held_on, all.at(-1)!.held_on]}
            scale={{ from: HANDICAP_RANGE[0], least: 36, most: HANDICAP_RANGE[1], down: true }}
            points={all.map((each) => {
              const { handicap, low, high } = figureOf(believedOf(each.hits, normsOf(each)));
              return {
                day: each.held_on,
                value: handicap,
                low,
                high,
                rests: counted(each.hits.length, 'ball'),
              };
            })}
          />
        </section>
      )}
    </>
  );
}
