import { prescribe } from '@/core/search/calls/prescribe';
import type { Escape } from '@/core/ground/situation/shot';
import { readSituation } from '@/core/contract/shot/situation';
import { petalToward } from './petal';
import { PETAL_TURNS, sensible } from './rose';
import { directionWords, petalWords } from '@/core/tell/place/roseWords';

const back: Escape = {
  toward: Math.PI,
  lip: { height: 0.2, distance: 3 },
  room: 20,
  target: 9,
  ground: 'fringe',
};

const plugged = (handed: 'right' | 'left' = 'right') =>
  readSituation({
    player: {
      handed,
      skill: 'middle',
      bag: [
        { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10, stock_carry_yd: 93 },
        { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
        { name: '60', type: 'wedge', loft_deg: 60, bounce_deg: 8, stock_carry_yd: 71 },
      ],
    },
    shot: {
      pin_m: 14,
      edge_m: 6,
      back_m: 24,
      lip: { height_m: 1.6, distance_m: 1.8 },
      lie: 'plugged',
      escapes: [
        {
          toward_deg: 180,
          lip: { height_m: 0.2, distance_m: 3 },
          room_m: 20,
          target_m: 9,
          ground: 'fringe',
        },
      ],
    },
  }).question;

test('looked at finely, a direction costs what the desk says of that way out', () => {
  const question = plugged();
  const desk = prescribe(question).calls.find(({ toward }) => toward !== 0)!;
  const petal = petalToward(question, question.shot.escapes[0]!, 'fine');
  expect(petal.strokes).toBe(desk.odds.strokes);
  expect(petal.out).toBe(desk.odds.out);
  expect(petal.club).toBe(desk.setup.club.name);
  const quick = petalToward(question, back, 'coarse');
  expect(Math.abs(quick.strokes! - petal.strokes!)).toBeLessThan(0.25);
});

test('a higher lip asks for more and lets fewer out, until nothing does', () => {
  const question = plugged();
  const outs = [0.2, 0.8, 1.4, 2.5, 5].map((height) =>
    petalToward(question, { ...back, lip: { height, distance: 2 } }, 'coarse'),
  );
  for (let i = 1; i < outs.length; i++) {
    expect(outs[i]!.asks).toBeGreaterThan(outs[i - 1]!.asks);
    expect(outs[i]!.out).toBeLessThanOrEqual(outs[i - 1]!.out + 0.05);
  }
  expect(outs[0]!.gives!).toBeGreaterThan(outs[0]!.asks);
  expect(outs.at(-1)).toMatchObject({ gives: null, strokes: null, out: 0 });
});

test('a left-hander in a mirror gets the same roses, petal by petal', () => {
  const way = { ...back, toward: 2 };
  const tilted = (handed: 'right' | 'left') => {
    const question = plugged(handed);
    return { ...question, shot: { ...question.shot, along: 0.1, across: 0.05 } };
  };
  expect(petalToward(tilted('left'), way, 'coarse')).toEqual(
    petalToward(tilted('right'), way, 'coarse'),
  );
});

test('the directions that are named are the cheapest, well apart', () => {
  const petals = PETAL_TURNS.map((toward) => ({
    toward,
    asks: 0.2,
    gives: 0.7,
    out: 0.9,
    strokes:
      Math.abs(toward) < 0.6 ? null : 3 + 0.2 * Math.cos(2 * toward) + (toward > 0 ? 0.05 : 0),
    club: '56',
  }));
  const named = sensible(petals, 0.2);
  expect(named.map(({ toward }) => directionWords(toward))).toEqual(['left', 'right', 'back left']);
  expect(
    sensible(
      petals.map((petal) => ({ ...petal, strokes: null })),
      0.2,
    ),
  ).toEqual([]);
});

test('a way beside the flag has a name only where its lip is lower', () => {
  const beside = { toward: 0.3, asks: 0.3, gives: 0.7, out: 0.9, strokes: 2.9, club: '56' };
  expect(sensible([beside], 0.32)).toEqual([]);
  expect(sensible([beside], 0.5)).toEqual([beside]);
});

test.each([
  [-2.3, 0.91, 3.3, 3.0, 'back left: out about 9 in 10, costs 0.3 compared with going at the flag'],
  [3.1, 0.99, 3.0, 3.02, 'back: out nearly always, as good as going at the flag'],
  [1.5, 0.99, 2.9, 3.3, 'right: out nearly always, saves 0.4 compared with going at the flag'],
  [0.3, 0.5, 3.4, null, 'a little right of the flag: out about 5 in 10, 3.4 strokes to hole out'],
])('%d is told as a coach would', (toward, out, strokes, flag, words) => {
  expect(petalWords({ toward, out, strokes }, flag)).toBe(words);
});
