import { readFileSync } from 'node:fs';
import { readSituation } from '@/core/tell/format/situation';
import { prescribe } from '../calls/prescribe';
import { bandsAlong, bandsRound, type Band } from './bands';
import { changesIn, standpointOf } from './changes';

const { question, firmness } = readSituation(
  JSON.parse(readFileSync('examples/greenside.json', 'utf8')),
);
const { pin } = question.shot;

const last = (steps: Generator<Band[]>): Band[] => [...steps].at(-1)!;
const name = ({ best }: Band): string => `${best?.club}/${best?.kind}`;

test('bands join without gaps from one end to the other, each led by another call than the next', () => {
  const bands = last(bandsAlong(question, 6, 50, 8));
  expect(bands[0]!.from).toBe(6);
  expect(bands.at(-1)!.to).toBe(50);
  expect(bands.length).toBeGreaterThan(1);
  bands.slice(1).forEach((band, i) => {
    expect(band.from).toBe(bands[i]!.to);
    expect(name(band)).not.toBe(name(bands[i]!));
  });
});

test('the call that was made stands where the flag is, and ends where it is said to change', () => {
  const [called] = prescribe(question).calls;
  const known = { club: called!.setup.club.name, kind: called!.kind };
  const bands = last(bandsRound(question, known));
  const at = bands.findIndex(({ from, to }) => from <= pin && pin <= to);
  expect(bands[at]!.best).toMatchObject(known);
  const said = changesIn(standpointOf(question, firmness, known), 'distance');
  expect(said.map(({ value }) => value)).toEqual(
    [bands[at + 1]?.from, bands[at - 1]?.to].filter((value) => value !== undefined),
  );
  for (const { from } of said) expect(from).toMatchObject(known);
});

test('where nothing gets out the band says so', () => {
  const shot = { ...question.shot, lip: { height: 5.5, distance: 1 } };
  const bands = last(bandsAlong({ ...question, shot }, pin - 2, pin + 2, 2));
  expect(bands).toEqual([{ from: pin - 2, to: pin + 2, best: null }]);
});

test('a range without the flag is refused', () => {
  expect(() => [...bandsAlong(question, pin, pin + 5, 4)]).toThrow(/range/);
});
