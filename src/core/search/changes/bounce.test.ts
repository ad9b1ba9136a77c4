import { readFileSync } from 'node:fs';
import { readSituation } from '@/core/contract/shot/situation';
import { changeWords } from '@/core/tell/words/changeWords';
import { radians } from '@/core/ground/units/angle';
import { prescribe } from '../calls/prescribe';
import type { Question } from '../calls/question';
import { changesIn, standpointOf } from './changes';

const read = readSituation(JSON.parse(readFileSync('examples/greenside.json', 'utf8')));
const { firmness } = read;

/** Two wedges: enough for one to take over from the other. */
const bag = read.question.player.bag.filter(({ name }) => /^(56|52)$/.test(name));
const question: Question = { ...read.question, player: { ...read.question.player, bag } };

/** The question with the bounce of one club changed. */
const withBounce = (name: string, bounce: number): Question => ({
  ...question,
  player: {
    ...question.player,
    bag: question.player.bag.map((club) => (club.name === name ? { ...club, bounce } : club)),
  },
});

test('the bounce of the club called is moved until another club is called, and only then', () => {
  const stand = standpointOf(question, firmness);
  const { club } = stand.current!;
  const changes = changesIn(stand, 'bounce');
  expect(changes.length).toBeGreaterThan(0);
  for (const { value, direction, to } of changes) {
    const at = (bounce: number) => prescribe(withBounce(club, bounce)).calls[0]!;
    expect(at(value).setup.club.name).toBe(to!.club);
    const inside = value + (direction === 'down' ? 1 : -1) * radians(0.6);
    expect(at(inside).setup.club.name).toBe(club);
  }
});

test('nothing is moved where no club is called', () => {
  const stand = standpointOf(question, firmness, null);
  expect(changesIn(stand, 'bounce')).toEqual([]);
});

test('is said with the club, in whole degrees that hold', () => {
  const from = { club: '56', kind: 'splash' } as const;
  const change = { factor: 'bounce', here: radians(10), from, to: null } as const;
  const said = (deg: number, direction: 'up' | 'down'): string =>
    changeWords({ ...change, value: radians(deg), direction }, 'yards');
  expect(said(6.3, 'down')).toBe(`the ${from.club} has under 7° of bounce`);
  expect(said(14.2, 'up')).toBe(`the ${from.club} has 15° of bounce or more`);
});
