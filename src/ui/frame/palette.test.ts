import { fits } from './Palette';

test('every typed word must begin a word of the name, whatever its place or case', () => {
  expect(fits('Set the sand', 'san')).toBeGreaterThan(0);
  expect(fits('Set the sand', 'SAND set')).toBeGreaterThan(0);
  expect(fits('Saved readings and drafts', 'san')).toBe(0);
  expect(fits('Set the sand', 'set lip')).toBe(0);
  expect(fits('Sand: soft', 'Sand: soft')).toBeGreaterThan(0);
  expect(fits('Sand: soft', ' : ')).toBeGreaterThan(0);
});

test('a name that begins with it comes before one that has it later, and other words find it too', () => {
  expect(fits('Sand: soft', 'sand')).toBeGreaterThan(fits('Set the sand', 'sand'));
  expect(fits('Light or dusk', 'dark', ['theme', 'dark'])).toBeGreaterThan(0);
});
