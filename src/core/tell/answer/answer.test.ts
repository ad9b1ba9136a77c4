import { readFileSync } from 'node:fs';
import { readSituation } from '@/core/contract/shot/situation';
import { aShot } from '@/core/testing/fixtures';
import { PARTS } from '@/core/search/calls/choosing';
import { answer, answerFrom, answerPart } from './answer';
import { changesIn, standpointOf } from '@/core/search/changes/changes';
import { changeEntry } from './changes';
import { follow } from '../picture/follow';

const read = (name: string): object => JSON.parse(readFileSync(`examples/${name}.json`, 'utf8'));

const told = answer(read('greenside'), 'yards', () => 0);

test('the first calls are drawn: a flight that rises over the lip and comes down, a ridge, a mark', () => {
  for (const picture of told.pictures) {
    expect(picture!.flight.length).toBeGreaterThan(20);
    const heights = picture!.flight.map(([, z]) => z);
    expect(Math.max(...heights)).toBeGreaterThan(2);
    expect(picture!.landing).toBeLessThanOrEqual(picture!.finish);
    const step = picture!.ridge[1]![0] - picture!.ridge[0]![0];
    expect(picture!.ridge.reduce((sum, [, d]) => sum + d * step, 0)).toBeCloseTo(1, 1);
    expect(picture!.mark.depths.length).toBeGreaterThan(10);
  }
});

test('a flight follows a flag that is moved, and gives up where it cannot', () => {
  const { plan } = told.pictures[0]!;
  const shot = readSituation(read('greenside')).question.shot;
  const moved = follow(plan, told.golfer, { ...shot, pin: shot.pin - 2 });
  expect(moved!.finish).toBeLessThan(told.pictures[0]!.finish - 1);
  expect(follow(plan, told.golfer, aShot(80, 3))).toBeNull();
  expect(follow({ ...plan, school: 'no-such' }, told.golfer, shot)).toBeNull();
});

test('a putt is drawn along the ground, relief not at all', () => {
  const putt = answer(read('putter-from-sand'), 'yards', () => 0);
  const at = putt.sheet.calls.findIndex(({ kind }) => kind === 'putt');
  expect(Math.max(...putt.pictures[at]!.flight.map(([, z]) => z))).toBeLessThan(0.2);
  const hopeless = answer(read('hopeless-lip'), 'yards', () => 0);
  hopeless.sheet.calls.slice(0, 3).forEach(({ kind }, i) => {
    expect(hopeless.pictures[i] === null).toBe(kind === 'relief');
  });
});

test('changes are told from the call that stands', () => {
  const { question, firmness } = readSituation(read('greenside'));
  const { club, kind } = told.sheet.calls[0]!;
  const changes = changesIn(standpointOf(question, firmness, { club, kind }), 'lip');
  const entries = changes.map((change) => changeEntry(change, 'yards'));
  expect(entries.length).toBeGreaterThan(0);
  for (const { from, to, text } of entries) {
    expect(from).toMatch(new RegExp(`^${club} `));
    expect(text.endsWith(`: ${to}`)).toBe(true);
  }
});

test('parts that were searched apart come to the same answer, also after a way between threads', () => {
  const situation = read('greenside');
  const still = (): number => 0;
  const parts = Array.from({ length: PARTS }, (_, part) => answerPart(situation, part, still));
  const uncosted = answer(situation, 'yards', still, Infinity, false);
  expect(answerFrom(situation, 'yards', structuredClone(parts), still)).toEqual(uncosted);
  expect(() => answerFrom(situation, 'yards', parts.slice(1), still)).toThrow(/1 parts, not 2/);
});
