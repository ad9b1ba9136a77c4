import { readFileSync } from 'node:fs';
import { answer } from '../answer/answer';

const read = (name: string): object => JSON.parse(readFileSync(`examples/${name}.json`, 'utf8'));
const soleIn = (name: string) => {
  const [call] = answer(read(name), 'yards', () => 0).sheet.calls;
  return { call: call!, reason: call!.why.find(({ factor }) => factor === 'sole')! };
};

test('little bounce costs in powder and much saves; on wet sand it is the other way round', () => {
  expect(soleIn('powder-little-bounce').reason.strokes).toBeGreaterThan(0);
  expect(soleIn('powder-much-bounce').reason.strokes).toBeLessThan(0);
  const little = soleIn('wet-little-bounce').reason.strokes;
  expect(soleIn('wet-much-bounce').reason.strokes).toBeGreaterThan(little);
});

test('the sentence says what the sole does against 10 degrees, and what another of the bag would', () => {
  const { reason } = soleIn('powder-little-bounce');
  expect(reason.text).toMatch(
    /^4° of bounce is \d+° effective here: .* Compared with 10° of bounce that costs /,
  );
  const two = soleIn('firm-two-soles');
  const other = two.call.club === '58 low' ? '56 high, with 14°' : '58 low, with 4°';
  expect(two.reason.text).toMatch(
    new RegExp(`(The ${other}, played the same way (costs|saves) |^[^.]*\\.[^.]*$)`),
  );
});

test('soft sand calls the wedge with much bounce, packed sand the one with little', () => {
  const best = (name: string): string => soleIn(name).call.club;
  expect(best('soft-two-soles')).toBe('56 high');
  expect(best('firm-two-soles')).toBe('58 low');
});

test('a sunken ball costs against the same club splashed from a clean lie, never saves', () => {
  for (const name of ['plugged', 'fried-egg', 'plugged-in-soft-sand', 'buried-in-firm-sand']) {
    const [call] = answer(read(name), 'yards', () => 0).sheet.calls;
    const lie = call!.why.find(({ factor }) => factor === 'lie')!;
    expect([name, lie.strokes > 0.1]).toEqual([name, true]);
    expect(lie.text).toMatch(/Compared with a clean lie that costs/);
  }
});
