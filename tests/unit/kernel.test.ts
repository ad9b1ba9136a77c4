import { execFileSync } from 'node:child_process';

/* The kernel is made from the model: what is committed is what the sources make, and what cannot be made is refused by its line. */

test('the kernel that is committed is what the model makes', () => {
  const said = execFileSync(process.execPath, ['scripts/lanes/kernel.mjs', '--check'], {
    encoding: 'utf8',
  });
  expect(said).toMatch(/is what the model makes/);
});

const MADE = [
  `const HALF = 1 / 2;
   const twice = (x: number): number => x / HALF;
   export function f(x: number): number { return Math.max(twice(x), 3 * HALF); }`,
  `export function f(x: number): number {
     let y = 1;
     if (x > 2) y = x;
     return y;
   }`,
  `type Count = number;
   const MOST: Count = 9;
   export function f(x: number): number {
     let y = x;
     for (let i = 0; i < MOST && y > 1; i++) y = y / 3;
     return y;
   }`,
];
const REFUSED: readonly (readonly [name: string, body: string, why: RegExp])[] = [
  ['a return before the end', 'if (x > 1) return 2; return x;', /returns before the end/],
  ['a loop that is not counted', 'while (x > 1) x = x / 2; return x;', /is no statement/],
  ['a function of another kind', 'return parseFloat("1") * x;', /not a function/],
  ['a power that is not known', 'return x ** 0.3;', /is a power that is not known/],
  ['a call that comes to nothing here', 'x + 1; return x;', /does nothing/],
];

const tried = JSON.parse(
  execFileSync(process.execPath, ['scripts/lanes/tried.mjs'], {
    encoding: 'utf8',
    input: JSON.stringify([
      ...MADE,
      ...REFUSED.map(([, body]) => `export function f(x: number): number { ${body} }`),
    ]),
  }),
) as { text: string; refused?: string }[];
const [known, condition, loop, ...refused] = tried;

test('numbers become four, known ones are worked out, what is divided by one is multiplied', () => {
  expect(known!.text).toContain('function tried_twice(x_: v128): v128');
  expect(known!.text).toContain('f32x4.mul(x_, f32x4.splat(<f32>(2)))');
  expect(known!.text).toContain('f32x4.splat(<f32>(1.5))');
});

test('what stands under a condition keeps its value where that does not hold', () => {
  expect(condition!.text).toMatch(/y_ = v128\.bitselect\(x_, y_, then\d+\)/);
});

test('a loop goes on while any of the four does', () => {
  expect(loop!.text).toMatch(/i_ < 9/);
  expect(loop!.text).toMatch(/if \(!v128\.any_true\(going\d+\)\) break;/);
});

test.each(REFUSED.map(([name, , why], i) => [name, why, i] as const))(
  '%s is refused with the place where it stands',
  (_, why, i) => {
    expect(refused[i]!.refused).toMatch(why);
    expect(refused[i]!.refused).toMatch(/tried\.ts:1: /);
  },
);
