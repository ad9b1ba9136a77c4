import type { Techniques } from '@/core/ground/player/player';
import { learnWords } from '@/core/tell/words/learnWords';
import { BAG } from '@/core/testing/bench';
import { aBed, aPlayer, aShot } from '@/core/testing/fixtures';
import { TRICKS } from '../schools/schools';
import { prescribe } from './prescribe';

/** Buried under a lip, where turning the toe in does most. */
const shot = { ...aShot(14, 4, 8), ...aBed('medium', 40) };

const asked = (techniques?: Techniques, schools?: readonly string[]) =>
  prescribe({
    player: { ...aPlayer('expert', BAG), ...(techniques ? { techniques } : {}) },
    shot,
    seed: 3,
    ...(schools ? { schools } : {}),
  });

const tricks = TRICKS.map(({ id }) => id);

test('who is not said to know it is asked for no technique that has to be practised, but told what it would save', () => {
  for (const techniques of [undefined, { 'toe-in': 'learning' }] as const) {
    const { calls, toLearn, passed } = asked(techniques, ['toe-in']);
    expect(calls.filter(({ school }) => tricks.includes(school.id))).toEqual([]);
    const [first] = toLearn;
    expect(first).toMatchObject({ mastery: techniques ? 'learning' : 'not-yet' });
    expect(first!.call.school.id).toBe('toe-in');
    expect(first!.saves).toBeCloseTo(calls[0]!.odds.strokes - first!.call.odds.strokes, 9);
    expect(first!.saves).toBeGreaterThan(0.05);
    expect(learnWords(first!, 'expert')).toMatch(
      techniques ? /^Still learning: / : /^Worth learning: /,
    );
    expect(passed).toMatchObject({ state: 'to-learn', school: { id: 'toe-in' } });
  }
});

test('who knows it is called it where it is preferred or saves more than it costs to trust it, and has nothing to learn of it', () => {
  const knows = { 'toe-in': 'knows' } as const;
  const liked = asked(knows, ['toe-in']);
  expect(liked.calls[0]!.school.id).toBe('toe-in');
  expect(liked.toLearn.map(({ call }) => call.school.id)).not.toContain('toe-in');
  const plain = asked(knows).calls;
  const toeIn = plain.find(({ school }) => school.id === 'toe-in')!;
  const others = plain.filter(({ school }) => school.id !== 'toe-in');
  const [best] = others.sort((a, b) => a.cost - b.cost);
  expect(plain[0]!.school.id === 'toe-in').toBe(toeIn.cost < best!.cost);
});

test('what would be saved is what is saved once it is known', () => {
  const { calls, toLearn } = asked();
  const known = asked({ 'toe-in': 'knows' });
  const learnt = known.calls.find(({ school }) => school.id === 'toe-in')!;
  const other = known.calls.find(({ school }) => school.id === calls[0]!.school.id)!;
  expect(other.odds.strokes - learnt.odds.strokes).toBeCloseTo(toLearn[0]!.saves, 1);
});

test('too little to practise for is not said', () => {
  const [first] = asked().toLearn;
  expect(learnWords({ ...first!, saves: 0.04 }, 'expert')).toBeNull();
});

test('a beginner is told to learn none of them, unless that has begun', () => {
  const [first] = asked().toLearn;
  expect(learnWords(first!, 'beginner')).toBeNull();
  expect(learnWords({ ...first!, mastery: 'learning' }, 'beginner')).toMatch(/^Still learning: /);
});
