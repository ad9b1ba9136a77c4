import { csvOf } from './csv';

test.each(['=1+1', '+1', '-1', '@x', '\tx', '\rx'])('%j is written as text', (name) => {
  expect(csvOf([{ name }])).toContain(`"'${name}`);
  expect(csvOf({ fields: ['name'], data: [[name]] })).toContain(`"'${name}`);
});

test('numbers, the order of columns and what needs quotes stay', () => {
  expect(csvOf([{ a: -1, b: 'x, "y"', c: 0 }], ['b', 'a'])).toBe('b,a\r\n"x, ""y""",-1');
});
