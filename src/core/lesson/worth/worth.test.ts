import { toTheEnd } from '@/core/ground/numeric/toTheEnd';
import type { Golfer } from '@/core/model/golfer/golfer';
import { golferOf, withLearnt } from '@/core/model/golfer/golferOf';
import { HABITS } from '@/core/model/golfer/habits';
import { outcomeOf } from '@/core/model/shot/outcome';
import { play, readyFor } from '@/core/model/shot/play';
import { footingOf, madeWith } from '@/core/model/spread/footing';
import { AS_MEANT } from '@/core/model/swing/swingError';
import { standardMix } from '@/core/search/audit/mix';
import { callingHit } from '@/core/search/calls/leaders';
import type { Hit } from '@/core/model/shot/hit';
import { aPlayer } from '@/core/testing/fixtures';
import { knownPlayer, learntOf, swingMade } from '@/core/testing/otherPlayers';
import { drillsWith, libraryDrill } from '@/core/tell/drills/libraryWords';
import { advised, planItems } from './advice';
import { clubAdvice } from '@/core/tell/drills/adviceWords';
import { GAINS, practised } from './gains';
import { costlyFrom, worthInShot, worthOf, type ShotWorth, type Worth } from './worth';

const HOUR = 0.2;
const mix = standardMix(4).map(({ shot }) => shot);
const question = { player: aPlayer('middle') };
const hits = mix.flatMap((shot): Hit | [] => toTheEnd(callingHit({ ...question, shot })) ?? []);
const shots = mix.flatMap(
  (shot) => toTheEnd(worthInShot({ question, hour: HOUR, habit: '60' }, shot)) ?? [],
);
const worths = worthOf(shots);

/** Strokes a shot of a player whose errors have other tails than the model's, by brute force. */
function strokesOf(golfer: Golfer, balls: number): number {
  let sum = 0;
  const error = { ...AS_MEANT };
  for (const { setup, aim, shot } of hits) {
    const ready = readyFor(setup, golfer, shot);
    const footing = footingOf(setup, shot);
    for (let i = 0; i < balls; i++) {
      const made = madeWith(swingMade(golfer.habits, i), footing, error);
      sum += outcomeOf(play(ready, made, aim).finish, shot, golfer.skill).strokes;
    }
  }
  return sum / (balls * hits.length);
}

describe('what practice is worth', () => {
  test('is put in order, each with an interval about it', () => {
    expect(worths).toHaveLength(GAINS.length + 1);
    worths.forEach(({ saved }, i) => {
      expect(saved.low).toBeLessThanOrEqual(saved.mean);
      expect(saved.high).toBeGreaterThanOrEqual(saved.mean);
      if (i > 0) expect(saved.mean).toBeLessThanOrEqual(worths[i - 1]!.saved.mean);
    });
  });

  test('nine in ten players of the skill, made otherwise, save what is said in brackets', () => {
    const within: string[] = [];
    let held = 0;
    const players = 12;
    for (let seed = 1; seed <= players; seed++) {
      const golfer = withLearnt(golferOf(question.player), learntOf(knownPlayer(seed)));
      const now = strokesOf(golfer, 1200);
      for (const gain of ['entry-spread', 'entry-bias', 'distance', 'face'] as const) {
        const better = { ...golfer, habits: practised(golfer.habits, gain, HOUR) };
        const saved = now - strokesOf(better, 1200);
        const promised = worths.find(({ what }) => what === gain)!.saved;
        const is = saved >= promised.low && saved <= promised.high;
        held += Number(is);
        if (!is) within.push(`${seed} ${gain} ${saved.toFixed(3)}`);
      }
    }
    expect({ held: held / (4 * players) > 0.8, within }).toMatchObject({ held: true });
  });

  test('practice narrows spreads and halves a mean error in the time in which it takes a tenth off a spread', () => {
    const habits = { ...HABITS.middle, bias: { mark: 0.02, height: 0.001, aim: 0.05 } };
    expect(practised(habits, 'entry-spread', 0.1).mark).toBeCloseTo(0.9 * habits.mark, 12);
    expect(practised(habits, 'entry-bias', 0.1).bias.mark).toBeCloseTo(0.01, 12);
    expect(practised(habits, 'entry-bias', 0.1).bias.aim).toBe(0.05);
    expect(() => practised(habits, 'face', 1)).toThrow(RangeError);
  });
});

const lost = (pin: number, club: number): ShotWorth => ({
  pin,
  saved: { 'entry-spread': [0], 'entry-bias': [0], distance: [0], face: [0] },
  club,
});

describe('advice', () => {
  test('says from where on a club costs strokes', () => {
    const far = [8, 10, 12, 15, 20, 26, 30, 40].map((pin) => lost(pin, pin > 22 ? 0.2 : 0.01));
    expect(costlyFrom(far)).toMatchObject({ side: 'past', pin: 23 });
    expect(clubAdvice(far, '60', 'metres')).toBe(
      'Stop taking the 60 past 23\u00a0m: it costs 0.20 strokes a shot there.',
    );
    const near = far.map(({ pin }) => lost(pin, pin < 11 ? 0.2 : 0.01));
    expect(costlyFrom([...near, lost(9, 0.2)])).toMatchObject({ side: 'inside', pin: 11 });
    expect(
      clubAdvice(
        far.map(({ pin }) => lost(pin, 0.01)),
        '60',
        'yards',
      ),
    ).toBe('');
    expect(clubAdvice(far, null, 'yards')).toBe('');
  });

  const worth = (what: Worth['what'], mean: number): Worth => ({
    what,
    saved: { mean, low: mean / 2, high: mean * 2 },
  });

  test('takes drills that train what is worth most, first two for the first, none twice', () => {
    const drills = drillsWith([]);
    const items = planItems(
      [worth('distance', 0.1), worth('entry-spread', 0.05), worth('face', 0.001)],
      drills,
      [],
    );
    expect(items).toHaveLength(3);
    const trained = items.map(({ drill }) => libraryDrill(drill).trains);
    expect(trained[0]).toEqual(expect.arrayContaining(['speed']));
    expect(trained[2]).toContain('entry');
    expect(advised([worth('face', 0.001)])).toEqual([]);
  });

  test('spares a body that should be spared', () => {
    const only = drillsWith([]).filter(({ load }) => load === 'buried');
    expect(planItems([worth('distance', 0.1)], only, [])).toHaveLength(1);
    expect(planItems([worth('distance', 0.1)], only, ['elbow'])).toEqual([]);
  });
});
