import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import type { Placed } from './printing/texts';

interface Printed {
  wedges: number;
  /** Clubs that the ladders of the card have. */
  clubs: string[];
  sides: Placed[][];
}

let cards: Printed[];
beforeAll(async () => {
  const { stdout } = await promisify(execFile)('npx', ['tsx', 'tests/unit/printing/pocket.ts'], {
    maxBuffer: 2 ** 25,
  });
  cards = JSON.parse(stdout) as Printed[];
});

/** What letters of one line may reach into each other, points. */
const KERNED = 1;

/** Pairs of texts that are printed over each other. */
const collisions = (side: readonly Placed[]): string[] =>
  side.flatMap((a, i) =>
    side
      .slice(i + 1)
      .filter(
        (b) =>
          Math.min(a.right, b.right) - Math.max(a.left, b.left) > KERNED &&
          Math.min(a.head, b.head) > Math.max(a.foot, b.foot),
      )
      .map((b) => `${a.text} / ${b.text}`),
  );

const said = (side: readonly Placed[]): string => side.map(({ text }) => text).join(' ');

test('nothing on a pocket card is printed over anything else, or off the paper, whatever the bag', () => {
  for (const { wedges, sides } of cards) {
    expect(sides).toHaveLength(2);
    for (const side of sides) {
      expect([wedges, collisions(side)]).toEqual([wedges, []]);
      expect(Math.min(...side.map(({ foot }) => foot))).toBeGreaterThan(6);
    }
  }
});

test('every club of the ladders is on the card or named as left out', () => {
  for (const { clubs, sides } of cards) {
    for (const club of clubs) expect(said(sides[0]!)).toMatch(new RegExp(`\\b${club}\\b`));
  }
});

test('the card says what was learnt for it', () => {
  expect(said(cards[0]!.sides[0]!)).toContain(
    'the player’s own numbers from 169 logged balls (version 3)',
  );
});

test('a call that leads over a yard or two is not told', () => {
  expect(said(cards[0]!.sides[1]!)).toMatch(
    /58 up to 9\s+yd, 54 up to 24\s+yd, 46 up to 33\s+yd, 50 up to 44\s+yd, 46\s+beyond/,
  );
});
