import { readFileSync } from 'node:fs';
import { answer } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import { missError, MISSES, type MissName } from './misses';
import { play, readyFor } from './play';
import { AS_MEANT } from '../swing/swingError';

const input: object = JSON.parse(readFileSync('examples/greenside.json', 'utf8'));
const { pictures, golfer } = answer(input, 'yards', () => 0);
const { setup, aim } = pictures[0]!.plan;
const { shot } = readSituation(input).question;
const ready = readyFor(setup, golfer, shot);
const finishOf = (miss: MissName) => play(ready, missError(miss, setup, golfer, shot)!, aim).finish;
const meant = play(ready, AS_MEANT, aim).finish;

test('each miss goes where a coach expects it', () => {
  expect(finishOf('heavy').carry).toBeLessThan(meant.carry - 1);
  expect(finishOf('slow').carry).toBeLessThan(meant.carry - 1);
  expect(finishOf('quick').carry).toBeGreaterThan(meant.carry + 1);
  expect(finishOf('open').y).toBeLessThan(meant.y);
  expect(finishOf('shut').y).toBeGreaterThan(meant.y);
  expect(play(ready, missError('thin', setup, golfer, shot)!, aim).thin).toBe(true);
});

test('the thin one is the least that is thin', () => {
  const { height } = missError('thin', setup, golfer, shot)!;
  const less = { ...AS_MEANT, height: height + 0.001 };
  expect(play(ready, less, aim).thin).toBe(false);
});

test('a putt has none of them', () => {
  for (const miss of MISSES) {
    expect(missError(miss, { ...setup, technique: 'putt' }, golfer, shot)).toBeNull();
  }
});
