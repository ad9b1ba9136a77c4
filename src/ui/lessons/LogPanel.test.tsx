import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { LoggedFields } from '@/core/lesson/balls/ball';
import { aShot } from '@/core/testing/fixtures';
import { toMetres } from '@/core/ground/units/length';
import type { UnitSystem } from '@/core/ground/units/system';
import { pressAt } from '../testing/pointer';
import { LogPanel, NO_HALF, type HalfBall } from './LogPanel';
import { UnitsContext } from '../kit/units';

const SHOT = aShot(15, 3);

interface Options {
  meant?: number | null;
  open?: boolean;
  handed?: 'left' | 'right';
  units?: UnitSystem;
}

beforeEach(() => sessionStorage.clear());

function opened({ meant = 0.04, open = true, handed = 'right', units = 'yards' }: Options = {}) {
  const logged: LoggedFields[] = [];
  function Bunker() {
    const [half, setHalf] = useState<HalfBall>(NO_HALF);
    return (
      <UnitsContext value={units}>
        <LogPanel
          shot={SHOT}
          meant={meant}
          open={open}
          before={[{ along: 11, right: 1 }]}
          handed={handed}
          half={half}
          keptAs="a-ball"
          onHalf={(part) => setHalf((now) => ({ ...now, ...part }))}
          onBall={(ball, asCalled) =>
            logged.push(asCalled ? { ...ball, changed: 'as called' } : ball)
          }
        />
      </UnitsContext>
    );
  }
  render(<Bunker />);
  return {
    logged,
    strip: screen.getByRole('slider', { name: 'Entry point' }),
    pad: screen.getByRole('slider', { name: 'Where the ball finished' }),
    line: screen.getByLabelText('Quick entry'),
    user: userEvent.setup(),
  };
}

test('three taps are a ball', async () => {
  const { logged, strip, pad, user } = opened();
  pressAt(strip, 0.5);
  pressAt(pad, 0.6);
  await user.click(screen.getByRole('button', { name: 'thin' }));
  expect(logged).toHaveLength(1);
  expect(logged[0]).toMatchObject({ strike: 'thin' });
  expect(logged[0]!.entry_m).toBeGreaterThan(0.04);
  expect(logged[0]!.along_m).toBeGreaterThan(0);
  expect(strip).toHaveAttribute('aria-valuetext', 'not noted yet');
  expect(pad).toHaveAttribute('aria-valuetext', 'not noted yet');
});

test('a tap further from the ball is further behind it', () => {
  const { strip } = opened();
  const millimetres = (across: number): number => {
    pressAt(strip, across);
    return Number(strip.getAttribute('aria-valuenow'));
  };
  const [far, near, front] = [0.2, 0.6, 0.85].map(millimetres);
  expect(far).toBeGreaterThan(near!);
  expect(near).toBeGreaterThan(0);
  expect(front).toBeLessThan(0);
  expect(strip.getAttribute('aria-valuetext')).toMatch(/in front$/);
});

test('a left-hander’s strip and ground lie the other way round', () => {
  const { strip, pad } = opened({ handed: 'left' });
  pressAt(strip, 0.8);
  expect(strip.getAttribute('aria-valuetext')).toMatch(/behind$/);
  pressAt(strip, 0.12);
  expect(strip.getAttribute('aria-valuetext')).toMatch(/in front$/);
  pressAt(pad, 0.3, 0.2);
  expect(pad.getAttribute('aria-valuetext')).toMatch(/right$/);
});

test('a right-hander’s ground has the right below', () => {
  const { pad } = opened();
  pressAt(pad, 0.6, 0.9);
  expect(pad.getAttribute('aria-valuetext')).toMatch(/right$/);
  pressAt(pad, 0.6, 0.1);
  expect(pad.getAttribute('aria-valuetext')).toMatch(/left$/);
});

test('arrows move mark and finish, and a letter logs', async () => {
  const { logged, strip, pad, user } = opened();
  strip.focus();
  await user.keyboard('{ArrowLeft}{ArrowLeft}');
  pad.focus();
  await user.keyboard('{ArrowRight}{ArrowDown}h');
  expect(logged).toEqual([
    expect.objectContaining({ strike: 'heavy', right_m: 0.5, along_m: SHOT.pin + 0.5 }),
  ]);
  expect(logged[0]!.entry_m).toBeCloseTo(0.05, 6);
});

test('a ball is typed; what is not understood is said and kept', async () => {
  const { logged, line, user } = opened();
  await user.type(line, 'e1.5 x9{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent('"x9" is not understood');
  expect(line).toHaveValue('e1.5 x9');
  await user.clear(line);
  await user.type(line, 'e1.5 c12 thin ! hurried{Enter}');
  expect(screen.queryByRole('alert')).toBeNull();
  expect(logged).toEqual([
    { entry_m: toMetres(1.5, 'in'), carry_m: toMetres(12, 'yd'), strike: 'thin', note: 'hurried' },
  ]);
  expect(line).toHaveValue('');
});

test('what no ball can do is refused in the units in which it was typed', async () => {
  const { logged, line, user } = opened();
  await user.type(line, 'c900 e40 d500{Enter}');
  expect(screen.getByRole('alert')).toHaveTextContent(
    'c900: must be from 0 to 284 yd, not 900; e40: must be from -11 to 23 in, not 40; d500: must be from 0 to 7.8 in, not 500',
  );
  expect(logged).toEqual([]);
});

test('in metres the same letters are centimetres and metres', async () => {
  const { logged, line, user } = opened({ units: 'metres' });
  await user.type(line, 'e4 c11{Enter}');
  expect(logged[0]!.entry_m).toBeCloseTo(0.04, 9);
  expect(logged[0]!.carry_m).toBe(11);
});

test('a ball of which nothing was seen is not logged, and what is asked for is said', async () => {
  const { logged, user } = opened();
  await user.click(screen.getByRole('button', { name: 'no strike noted' }));
  expect(screen.getByRole('alert')).toHaveTextContent(/^Tap the entry point/);
  expect(logged).toEqual([]);
});

test('a ball is logged while its call is still worked out', async () => {
  const { logged, user } = opened({ meant: null });
  await user.keyboard('t');
  await user.click(screen.getByRole('button', { name: /^as called/ }));
  expect(logged).toEqual([{ strike: 'thin' }, { changed: 'as called' }]);
});

test('nothing is logged where there is no call, or the lesson is closed', async () => {
  const { logged, strip, user } = opened({ meant: null, open: false });
  pressAt(strip, 0.5);
  for (const name of ['good', 'thin', 'no strike noted', 'Log']) {
    expect(screen.getByRole('button', { name })).toBeDisabled();
  }
  await user.keyboard('g');
  expect(logged).toEqual([]);
});

test('further fields go with what was tapped', async () => {
  const { logged, strip, user } = opened();
  pressAt(strip, 0.5);
  const more = screen.getByRole('group');
  await user.click(within(more).getByText(/^More details for this ball/));
  await user.type(within(more).getByLabelText(/^Depth of the divot, in/), '1');
  await user.selectOptions(within(more).getByLabelText('Strike'), 'lip');
  await user.click(within(more).getByRole('button', { name: 'Log this ball' }));
  expect(logged).toEqual([
    expect.objectContaining({ entry_m: expect.any(Number), divot_depth_m: 0.0254, strike: 'lip' }),
  ]);
  expect(within(more).getByLabelText(/^Depth of the divot, in/)).toHaveValue('');
});

test('what is typed of a ball must agree with what was tapped of it; both are kept', async () => {
  const { logged, pad, user } = opened();
  pressAt(pad, 0.6);
  await user.click(screen.getByText('More details for this ball'));
  const carried = screen.getByLabelText('Carried, yd');
  await user.type(carried, '134');
  await user.click(screen.getByRole('button', { name: 'Log this ball' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('a ball that carries 134 yd');
  expect(logged).toEqual([]);
  expect(carried).toHaveValue('134');
  await user.clear(carried);
  await user.type(carried, '9');
  await user.click(screen.getByRole('button', { name: 'Log this ball' }));
  expect(logged).toEqual([expect.objectContaining({ carry_m: toMetres(9, 'yd') })]);
  expect(logged[0]!.along_m).toBeGreaterThan(0);
});

test('a ball struck as called is one tap, and keeps where it stopped', async () => {
  const { logged, pad, user } = opened({ meant: 0.05 });
  await user.click(screen.getByRole('button', { name: /^as called/ }));
  expect(logged).toEqual([{ changed: 'as called' }]);
  pressAt(pad, 0.6);
  await user.keyboard('a');
  expect(logged[1]).toMatchObject({ changed: 'as called', right_m: expect.any(Number) });
});
