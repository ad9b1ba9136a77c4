import { renderToStaticMarkup } from 'react-dom/server';
import { statsOf, type StatBall } from '@/core/lesson/review/stats';
import { CarryPlot, carryWords } from './CarryPlot';
import { Dots } from './Dots';
import { FinishPlot, finishWords } from './FinishPlot';
import { MarkPlot, markWords } from './MarkPlot';

const ball = (fields: Partial<StatBall> = {}): StatBall => ({
  entryMeant: 0.04,
  carryMeant: 12,
  pin: 15,
  lip: 3,
  ...fields,
});

/** Where the dots of a drawing stand: of those that count, or of those that do not. */
function dotsOf(markup: string, hollow = false): [number, number][] {
  const fill = hollow ? '#b9bfae' : 'white';
  const [, d = ''] = new RegExp(`<path d="([^"]*)"[^>]*stroke="${fill}"`).exec(markup) ?? [];
  return [...d.matchAll(/M([\d.-]+) ([\d.-]+)h/g)].map(([, x, y]) => [Number(x), Number(y)]);
}

const BALLS = [
  ball({ entry_m: 0.06, carry_m: 9, along_m: 12, right_m: -1 }),
  ball({ entry_m: 0.05, carry_m: 11, along_m: 14, right_m: 1 }),
  ball({ entry_m: 0.03, carry_m: 13, along_m: 16.5, right_m: 0.5 }),
  ball({ entry_m: 0.19, carry_m: 1, along_m: 1, right_m: 0, excluded: 'stone' }),
  ball({ strike: 'thin' }),
];

test('thousands of dots are two paths', () => {
  const at = Array.from({ length: 5000 }, (_, i) => [i, i] as const);
  const markup = renderToStaticMarkup(<Dots at={at} />);
  expect(markup.match(/<path/g)).toHaveLength(2);
  expect(markup.match(/M\d/g)).toHaveLength(10_000);
  expect(renderToStaticMarkup(<Dots at={[]} />)).toBe('');
});

describe('finishes', () => {
  const { finish } = statsOf(BALLS);
  const markup = renderToStaticMarkup(<FinishPlot balls={BALLS} finish={finish} units="yards" />);

  test('past the flag is up, right is right; what does not count is drawn apart', () => {
    const [short, middle, past] = dotsOf(markup);
    expect(short![1]).toBeGreaterThan(past![1]);
    expect(middle![0]).toBeGreaterThan(short![0]);
    expect(dotsOf(markup)).toHaveLength(3);
    expect(dotsOf(markup, true)).toHaveLength(1);
    // Three finishes are too few for an ellipse that is honest.
    expect(markup).not.toContain('<ellipse');
    const more = [...BALLS, ball({ along_m: 13, right_m: 0 }), ball({ along_m: 15, right_m: -1 })];
    expect(
      renderToStaticMarkup(<FinishPlot balls={more} finish={statsOf(more).finish} units="yards" />),
    ).toContain('<ellipse');
  });

  test('a ball far off stands at the edge and not outside', () => {
    const far = [...BALLS, ball({ along_m: 200, right_m: -90 })];
    const drawn = renderToStaticMarkup(
      <FinishPlot balls={far} finish={statsOf(far).finish} units="metres" />,
    );
    for (const [x, y] of dotsOf(drawn)) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(360);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(360);
    }
  });

  test('in words, and without any', () => {
    expect(finishWords(finish, 'metres')).toMatch(
      /^3 finishes around the flag; .*0\.8\sm short and 0\.2\sm right/,
    );
    expect(finishWords(statsOf([]).finish, 'yards')).toBe('No finishes logged yet.');
  });
});

describe('marks', () => {
  const draw = (handed: 'left' | 'right'): [number, number][] =>
    dotsOf(renderToStaticMarkup(<MarkPlot balls={BALLS} handed={handed} units="yards" />));

  test('further back is to the left, for a left-hander to the right; the first ball stands at the top', () => {
    const [back, , near] = draw('right');
    expect(back![0]).toBeLessThan(near![0]);
    expect(back![1]).toBeLessThan(near![1]);
    const [leftBack, , leftNear] = draw('left');
    expect(leftBack![0]).toBeGreaterThan(leftNear![0]);
    expect(leftBack![0]! + back![0]!).toBeCloseTo(360, 0);
  });

  test('in words', () => {
    expect(markWords(BALLS, 'metres')).toMatch(
      /^3 entry points; on average 0\.7 cm further behind/,
    );
    expect(markWords([ball({ entry_m: 0.1 })], 'yards')).toBe('Too few entry points logged yet.');
  });
});

describe('carries', () => {
  test('a ball that carries what was called stands on the line', () => {
    const on = [ball({ carry_m: 12 }), ball({ carry_m: 6, carryMeant: 6 }), ball({ carry_m: 3 })];
    const markup = renderToStaticMarkup(<CarryPlot balls={on} units="metres" />);
    const [, x0, y0, x1, y1] = /<path d="M([\d.]+) ([\d.]+)L([\d.]+) ([\d.]+)"/
      .exec(markup)!
      .map(Number);
    const [whole, half, short] = dotsOf(markup);
    const lineAt = (x: number): number => y0! + ((x - x0!) / (x1! - x0!)) * (y1! - y0!);
    expect(whole![1]).toBeCloseTo(lineAt(whole![0]), 0);
    expect(half![1]).toBeCloseTo(lineAt(half![0]), 0);
    expect(short![1]).toBeGreaterThan(lineAt(short![0]) + 20);
    expect(carryWords(on, 'yards')).toMatch(/^3 carries against the planned carry, yd/);
    expect(carryWords([], 'yards')).toBe('No carries logged yet.');
  });
});
