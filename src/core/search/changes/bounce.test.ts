import { readFileSync } from 'node:fs';
import { readSituation } from '@/core/tell/format/situation';
import { changeWords } from '@/core/tell/words/changeWords';
import { radians } from '@/core/ground/units/angle';
import { prescribe } from '../calls/prescribe';
import type { Question } from '../calls/question';
import { changesIn, standpointOf } from './changes';
import { leaders, quickQuestion, sameCall } from './quick';

const { question, firmness } = readSituation(
  JSON.parse(readFileSync('examples/greenside.json', 'utf8')),
);

/** The question with the bounce of one club changed. */
const withBounce = (name: string, bounce: number): Question => ({
  ...question,
  player: {
    ...question.player,
    bag: question.player.bag.map((club) => (club.name === name ? { ...club, bounce } : club)),
  },
});

test('the bounce of the club called is moved until another club leads, and only then', () => {
  const [called] = prescribe(question).calls;
  const known = { club: called!.setup.club.name, kind: called!.kind };
  const stand = standpointOf(question, firmness, known);
  const changes = changesIn(stand, 'bounce');
  expect(changes.length).toBeGreaterThan(0);
  for (const { value, direction, to } of changes) {
    const leadAt = (bounce: number) =>
      leaders(quickQuestion(withBounce(known.club, bounce)), question.shot);
    expect(sameCall(leadAt(value)[0]!, to!)).toBe(true);
    const inside = leadAt(value + (direction === 'down' ? 1 : -1) * radians(0.6));
    const still = inside.find((leader) => sameCall(leader, known))!;
    expect(still.score - inside[0]!.score).toBeLessThanOrEqual(stand.margin);
  }
});

test('nothing is moved where no club is called', () => {
  const stand = { ...standpointOf(question, firmness), current: null };
  expect(changesIn(stand, 'bounce')).toEqual([]);
});

test('is said with the club, in whole degrees that hold', () => {
  const from = standpointOf(question, firmness).current;
  const change = { factor: 'bounce', from, to: null } as const;
  const said = (deg: number, direction: 'up' | 'down'): string =>
    changeWords({ ...change, value: radians(deg), direction }, 'yards');
  expect(said(6.3, 'down')).toBe(`the ${from!.club} has under 7° of bounce`);
  expect(said(14.2, 'up')).toBe(`the ${from!.club} has 15° of bounce or more`);
});
