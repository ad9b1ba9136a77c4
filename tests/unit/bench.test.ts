import { execFileSync } from 'node:child_process';

/* The bench can end: its parts are run small. Those that need a browser and a server stay with npm run bench. */

test('each part of the core runs through, and says what it measured', () => {
  const parts = ['engine', 'shots', 'calls', 'learning', 'roster'];
  const said = execFileSync(process.execPath, ['scripts/bench.mjs', '--small', ...parts], {
    encoding: 'utf8',
  });
  for (const measure of [
    'one shot, on the mean of all set-ups',
    'carry against 400 steps of sand',
    'call map until its borders stand',
    'another seed: same club and school',
    'peak memory',
  ])
    expect(said).toContain(measure);
});

test('a part that fails ends no other, and is named', () => {
  const script = `
    import { benched } from './scripts/shared.mjs';
    const begun = [];
    const failed = await benched(['a', 'b', 'c'], async (name) => {
      begun.push(name);
      return name === 'b' ? 1 : 0;
    });
    console.log(JSON.stringify({ begun, failed }));`;
  const said = execFileSync(process.execPath, ['--input-type=module', '--eval', script], {
    encoding: 'utf8',
  });
  expect(JSON.parse(said.trim().split('\n').at(-1)!)).toEqual({
    begun: ['a', 'b', 'c'],
    failed: ['b'],
  });
});

test('a part that there is not is refused with those that there are', () => {
  expect(() =>
    execFileSync(process.execPath, ['scripts/bench.mjs', 'nothing'], { stdio: 'pipe' }),
  ).toThrow(/no part of the bench called nothing: engine, shots/);
});
