import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import { fact, type Code } from '@/core/ground/fact/fact';
import { speaking } from '@/core/testing/speaking';
import GERMAN from '../language/facts/de.json';
import ENGLISH from '../language/facts/en.json';
import { faultLine, sayFaults } from './faultWords';
import { sayFact } from './sayFact';

const both = <T>(say: () => T): [T, T] => [say(), speaking('de', say)];

describe('a fact', () => {
  test('is said in any language', () => {
    const twice = fact('check.twice', { id: '56' });
    expect(both(() => sayFact(twice))).toEqual(['"56" is there twice', '„56“ gibt es zweimal']);
  });

  test('has its lengths in the reader’s units, its numbers in the reader’s language', () => {
    const assumed = fact('shot.edgeAssumed', { before: { metres: 4.572, scale: 'ground' } });
    expect(sayFact(assumed)).toContain('5\u00a0yd before the flag');
    expect(sayFact(assumed, 'metres')).toContain('4.6\u00a0m before the flag');
    expect(speaking('de', () => sayFact(assumed, 'metres'))).toContain('4,6\u00a0m');
    const range = { low: 0.5, high: 20, unit: 'ft' } as const;
    expect(both(() => sayFact(fact('ball.range', { range, value: 30 })))).toEqual([
      'must be from 0.5 to 20 ft, not 30',
      expect.stringContaining('0,5 bis 20 ft'),
    ]);
  });

  test('may hold other facts, and lists of them', () => {
    const given = fact('ball.givenTwice', { before: 'e1', part: 'e2', thing: fact('ball.entry') });
    expect(sayFact(given)).toBe('"e1" and "e2" both give the entry: keep one');
    const strikes = [fact('strike.thin'), fact('strike.lip')];
    const odd = fact('ball.notUnderstood', { part: 'x', list: [], strikes });
    expect(both(() => sayFact(odd))).toEqual([
      expect.stringContaining('thin, lip'),
      expect.stringContaining('dünn, Kante'),
    ]);
  });

  test('counts as its language does', () => {
    const left = (points: number): string =>
      sayFact(fact('geoJson.repeatedPoints', { path: 'a', points }));
    expect([1, 3].map(left)).toEqual([
      'a: 1 repeated point left out',
      'a: 3 repeated points left out',
    ]);
  });

  test('keeps what is put into it, braces and tags and all', () => {
    expect(sayFact(fact('check.notANumber', { text: '{far} <b>' }))).toBe(
      'must be a number, not "{far} <b>"',
    );
  });
});

test('a fault is told where whoever wrote it counts', () => {
  const place = fact('homework.line', { number: 4 });
  const faults = [{ path: 'results[2].count', message: fact('check.required'), place }];
  expect(both(() => faultLine(sayFaults(faults)))).toEqual([
    'line 4.count: is required',
    expect.stringMatching(/^Zeile 4\.count: /),
  ]);
});

describe('the German facts', () => {
  const codes = Object.keys(ENGLISH) as Code[];
  const namesIn = (elements: readonly MessageFormatElement[]): string[] =>
    elements.flatMap((element) => [
      ...(element.type === TYPE.literal || element.type === TYPE.pound ? [] : [element.value]),
      ...('options' in element
        ? Object.values(element.options).flatMap(({ value }) => namesIn(value))
        : []),
    ]);
  const names = (message: string): string[] =>
    [...new Set(namesIn(parse(message, { ignoreTag: true })))].sort();
  const end = (text: string): string => /[.?!…:]$/.exec(text)?.[0] ?? '';

  test('say what the English ones say, and nothing else', () => {
    expect(Object.keys(GERMAN)).toEqual(codes);
    expect(
      codes.filter((code) => names(GERMAN[code]).join() !== names(ENGLISH[code]).join()),
    ).toEqual([]);
    expect(codes.filter((code) => end(GERMAN[code]) !== end(ENGLISH[code]))).toEqual([]);
  });
});
