import { csvOf } from '@/core/ground/table/csv';
import { bandWords } from '@/core/tell/lessons/bandWords';
import { believedOf, figureOf, pointsOf } from '@/core/lesson/bunkerTest/figure';
import type { StoredTest } from '@/core/lesson/bunkerTest/test';

/** As a number: what begins with a minus as text would be taken for a formula. */
const tenth = (value: number): number => Math.round(value * 10) / 10;

/** Tests as CSV: a line each with points, handicap and its interval, and how many balls ended in each band. Tests without balls are left out. */
export function testsCsv(tests: readonly StoredTest[]): string {
  const lines = tests
    .filter(({ test }) => test.hits.length > 0)
    .map(({ test, playerName }) => {
      const { hits, stations } = test;
      const figure = figureOf(
        believedOf(
          hits,
          stations.map(({ norms }) => norms),
        ),
      );
      return {
        day: test.held_on,
        player: playerName,
        place: test.place,
        sand: test.sand,
        balls: hits.length,
        points: pointsOf(hits),
        handicap: tenth(figure.handicap),
        'from (90%)': tenth(figure.low),
        'to (90%)': tenth(figure.high),
        ...Object.fromEntries(
          bandWords().map((words, band) => [words, hits.filter((hit) => hit.band === band).length]),
        ),
        note: test.note,
      };
    });
  return csvOf(lines);
}
