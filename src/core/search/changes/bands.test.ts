import { readFileSync } from 'node:fs';
import { readSituation } from '@/core/contract/shot/situation';
import { randomReading } from '@/core/testing/readings';
import { broken } from '@/core/testing/thresholds';
import { type Called, sameOrNone } from '../calls/call';
import { calledFirst } from '../calls/leaders';
import { bandsAlong, type Band } from './bands';
import { changesAlong, changesIn, standpointOf } from './changes';
import { FACTOR } from './factors';

const { question } = readSituation(JSON.parse(readFileSync('examples/greenside.json', 'utf8')));
const { pin } = question.shot;

const last = (steps: Generator<Band[]>): Band[] => [...steps].at(-1)!;
const name = ({ best }: Band): string => `${best?.club}/${best?.kind}`;

const called = (at: number): Called | null =>
  calledFirst({ ...question, shot: FACTOR.distance.set(question.shot, at) });

test('bands join without gaps, each led by another call than the next, and each names what is called in it', () => {
  const [from, to] = [pin - 5, pin + 6];
  const bands = last(bandsAlong(question, from, to, 2));
  expect(bands[0]!.from).toBe(from);
  expect(bands.at(-1)!.to).toBe(to);
  expect(bands.length).toBeGreaterThan(1);
  bands.slice(1).forEach((band, i) => {
    expect(band.from).toBe(bands[i]!.to);
    expect(name(band)).not.toBe(name(bands[i]!));
    expect(sameOrNone(called(band.from + 0.05), band.best)).toBe(true);
    expect(sameOrNone(called(band.from - 0.35), bands[i]!.best)).toBe(true);
  });
});

test('the ends of the band at the flag are when the distance changes the call', () => {
  const here = { from: pin - 2, to: pin + 3, best: { club: '56', kind: 'splash' as const } };
  const beyond = { from: pin + 3, to: pin + 9, best: { club: '52', kind: 'splash' as const } };
  expect(changesAlong([here, beyond], pin)).toEqual([
    {
      factor: 'distance',
      value: pin + 3,
      here: pin,
      direction: 'up',
      from: here.best,
      to: beyond.best,
    },
  ]);
});

test('bands that are not seen to stand for a step are no change of the call', () => {
  const [splash60, splash56, splash52] = ['60', '56', '52'].map((club) => ({
    club,
    kind: 'splash' as const,
  }));
  const here = { from: pin - 1, to: pin + 1, best: splash56! };
  const named = (bands: Band[]) =>
    changesAlong(bands, pin).map(({ direction, value, to }) => [direction, value, to?.club]);
  const narrow = { from: pin + 1, to: pin + 1.2, best: splash60! };
  const beyond = { from: pin + 1.2, to: pin + 9, best: splash52! };
  expect(named([here, narrow, beyond])).toEqual([['up', pin + 1.2, '52']]);
  const again = { ...beyond, best: splash56! };
  expect(named([here, narrow, again])).toEqual([]);
  expect(named([here, narrow])).toEqual([]);
  const before = { from: pin - 1.2, to: pin - 1, best: splash60! };
  const nearer = { from: pin - 5, to: pin - 1.2, best: splash52! };
  expect(named([nearer, before, here])).toEqual([['down', pin - 1.2, '52']]);
});

test('past several narrow bands it is said until where the call at the flag stands', () => {
  const [at, one, other, beyond] = ['56', '60', 'PW', '52'].map((club, i) => ({
    from: pin + [-1, 1, 1.3, 1.6][i]!,
    to: pin + [1, 1.3, 1.6, 9][i]!,
    best: { club, kind: 'splash' as const },
  }));
  const [change] = changesAlong([at!, one!, other!, beyond!], pin);
  expect([change!.value, change!.until, change!.to?.club]).toEqual([pin + 1.6, pin + 1, '52']);
  const back = { ...other!, best: at!.best };
  const [again] = changesAlong([at!, one!, back, beyond!], pin);
  expect([again!.value, again!.until]).toEqual([pin + 1.6, undefined]);
});

test('a call that comes back within a step of a border is seen', () => {
  // A beginner's sunk ball, where two clubs are one to the search and take turns.
  const situation = randomReading(28);
  const { question: plugged, firmness } = readSituation(situation);
  const changes = changesIn(standpointOf(plugged, firmness), 'distance');
  expect(changes.map(({ direction }) => direction)).toContain('up');
  for (const change of changes) {
    expect(broken(situation, { ...change, factor: 'distance' })).toEqual([]);
  }
});

test('where nothing gets out the band says so', () => {
  const shot = { ...question.shot, lip: { height: 5.5, distance: 1 } };
  const bands = last(bandsAlong({ ...question, shot }, pin - 2, pin + 2, 1));
  expect(bands).toEqual([{ from: pin - 2, to: pin + 2, best: null }]);
});

test('a range without the flag is refused', () => {
  expect(() => [...bandsAlong(question, pin, pin + 5, 4)]).toThrow(/range/);
});
