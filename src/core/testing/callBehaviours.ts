import { TIE_STROKES } from '@/core/search/candidates/rank';
import { radians } from '@/core/ground/units/angle';
import type { Behaviour } from './behaviour';
import { ballOf, callsFor, callWith, played } from './bench';
import { aBed, aShot, KNOWS_ALL } from './fixtures';

/** 1 when it is so, 0 when it is not. */
const so = (name: string, test: () => boolean): Behaviour => ({
  name,
  wanted: [1, 1],
  unit: 'true',
  got: () => (test() ? 1 : 0),
});

/** What coaches call, and what it costs on average. */
export const CALL_BEHAVIOURS: readonly Behaviour[] = [
  so(
    '15 yd over a 6.5 ft lip close by: one of the two most lofted, opened, is called or ties',
    () => {
      const { calls } = callsFor(aShot(15, 6.5, 9.8));
      const fits = calls.find(
        ({ setup }) => ['60', '56'].includes(setup.club.name) && setup.opening > radians(12),
      );
      return fits !== undefined && fits.score - calls[0]!.score < TIE_STROKES;
    },
  ),
  so('20 yd, nothing in the way: a splash with a wedge', () => {
    const [best] = callsFor(aShot(20, 1)).calls;
    return best!.kind === 'splash' && best!.setup.club.type === 'wedge';
  }),
  {
    name: '45 yd, low lip: strokes of the 60 over the best of 52, PW and 9 iron',
    wanted: [0.03, 0.6],
    unit: 'strokes',
    got: () => {
      const told = callsFor(aShot(45, 2));
      const scores = ['52', 'PW', '9i'].map((name) => callWith(told, name)?.odds.strokes ?? 9);
      return (callWith(told, '60')?.odds.strokes ?? 9) - Math.min(...scores);
    },
  },
  so('75 yd, low lip, clean: picked', () => callsFor(aShot(75, 3, 15)).calls[0]!.kind === 'pick'),
  so('120 yd, low lip, clean: picked with an iron or a hybrid', () => {
    const [best] = callsFor(aShot(120, 3, 20)).calls;
    return best!.kind === 'pick' && best!.setup.club.type !== 'wedge';
  }),
  so('firm sand, no lip: a beginner putts it', () => {
    const told = callsFor(aShot(14, 0.3, 6, 'firm'), 'beginner');
    return told.calls[0]!.kind === 'putt';
  }),
  so('hardpan: square and low, not opened', () => {
    const [best] = callsFor(aShot(18, 1, 8, 'hardpan')).calls;
    return best!.setup.opening <= radians(8);
  }),
  so(
    'a lip that cannot be cleared: there is a way out sideways, and at the flag attempts alone',
    () => {
      const { calls } = callsFor(aShot(15, 14, 4));
      return (
        calls.some(({ kind }) => kind === 'out-sideways') &&
        calls.every(({ kind, attempt }) => kind === 'out-sideways' || attempt)
      );
    },
  ),
  so(
    'plugged: dug out',
    () => callsFor({ ...aShot(15, 2), burial: 0.028 }).calls[0]!.kind === 'dig',
  ),
  {
    name: 'plugged under the lip on a 20 degree up-slope: the best iron opened costs over the first call',
    wanted: [-0.1, 0.05],
    unit: 'strokes',
    got: () => {
      const { calls } = callsFor(
        { ...aShot(12, 4), burial: 0.028, along: radians(20) },
        'middle',
        KNOWS_ALL,
      );
      const iron = calls.find(({ setup }) => setup.club.type === 'iron');
      return iron!.score - calls[0]!.score;
    },
  },
  {
    name: 'expert from 20 yd of sand (published 2.53)',
    wanted: [2.43, 2.63],
    unit: 'strokes',
    got: () => callsFor(aShot(20, 3), 'expert').calls[0]!.odds.strokes,
  },
  {
    name: 'expert from 30 yd (published 2.66)',
    wanted: [2.56, 2.8],
    unit: 'strokes',
    got: () => callsFor(aShot(30, 3), 'expert').calls[0]!.odds.strokes,
  },
  {
    name: 'expert from 10 yd (published 2.43)',
    wanted: [2.33, 2.53],
    unit: 'strokes',
    got: () => callsFor(aShot(10, 2), 'expert').calls[0]!.odds.strokes,
    excuse: {
      why: 'The published average holds short-sided, sunken and sloping lies; this one is clean, level and has room.',
      stands: [2.2, 2.33],
    },
  },
  {
    name: 'middle player from 20 yd',
    wanted: [2.95, 3.25],
    unit: 'strokes',
    got: () => callsFor(aShot(20, 3)).calls[0]!.odds.strokes,
  },
  {
    name: 'beginner from 20 yd',
    wanted: [3.6, 4.2],
    unit: 'strokes',
    got: () => callsFor(aShot(20, 3), 'beginner').calls[0]!.odds.strokes,
  },
  {
    name: '25 degree up-slope, 8 yd: swing of a 7 or 8 iron less than that of a 60 by',
    wanted: [0.1, 0.6],
    unit: 'of full',
    got: () => {
      const bed = { ...aBed('medium'), along: radians(25) };
      const full = (name: string): number =>
        ballOf(played('splash', name, 0, 0.04, bed), bed).carryYd;
      const needed = (name: string): number => Math.pow(8 / full(name), 1 / 1.8);
      return needed('60') - needed('8i');
    },
  },
];
