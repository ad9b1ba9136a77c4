import { act, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { BallChange } from '@/core/lesson/balls/ball';
import { aBall } from '@/core/testing/balls';
import { toMetres } from '@/core/ground/units/length';
import { BallList } from './BallList';
import type { ShownBall } from './types';

const shown = (n: number, fields: Partial<ShownBall> = {}): ShownBall => ({
  ...aBall(n, { entry_m: 0.0381, carry_m: toMetres(12, 'yd') }),
  ...fields,
});

function opened(balls: readonly ShownBall[], fault: string | null = null) {
  const changes: [string, BallChange][] = [];
  render(
    <BallList
      balls={balls}
      onChange={async (ball, change) => {
        changes.push([ball.id, change]);
        return fault;
      }}
    />,
  );
  return { changes, user: userEvent.setup() };
}

const lines = (): string[] =>
  screen
    .getAllByRole('button', { expanded: false })
    .map(({ textContent }) => textContent.replaceAll('\u00a0', ' '));

test('the latest ball is on top, numbered as it was hit, with what is odd about it', () => {
  opened([
    shown(1),
    shown(2, { excluded: 'stone' }),
    shown(3, { source: 'tracker', strike: 'thin' }),
    shown(4, { pending: true }),
  ]);
  expect(lines()).toEqual([
    '4. entered 1.5 in behind the ball, carried 12 yd · not saved yet',
    '3. entered 1.5 in behind the ball, carried 12 yd, thin · tracker',
    '2. entered 1.5 in behind the ball, carried 12 yd · stone',
    '1. entered 1.5 in behind the ball, carried 12 yd',
  ]);
});

test('without balls it says so; of many the latest thirty are shown until all are asked for', async () => {
  const { user } = opened(Array.from({ length: 42 }, (_, i) => shown(i + 1)));
  expect(lines()).toHaveLength(30);
  await user.click(screen.getByRole('button', { name: 'Show all 42 balls' }));
  expect(lines()).toHaveLength(42);
  expect(lines().at(-1)).toMatch(/^1\. /);
});

test('nothing logged', () => {
  opened([]);
  expect(screen.getByText('No balls logged here yet.')).toBeVisible();
});

test('a changed field is sent with the untouched ones as they were, to the last digit', async () => {
  const { changes, user } = opened([shown(1)]);
  await user.click(screen.getByRole('button', { name: /^1\. / }));
  const carried = screen.getByLabelText(/^Carried/);
  expect(carried).toHaveValue('12');
  await user.clear(carried);
  await user.type(carried, '11');
  await user.click(screen.getByRole('button', { name: 'Save the change' }));
  expect(changes).toEqual([[aBall(1).id, { entry_m: 0.0381, carry_m: toMetres(11, 'yd') }]]);
  expect(screen.queryByLabelText(/^Carried/)).toBeNull();
});

test('what no ball can do is refused here, and what was typed stays', async () => {
  const { changes, user } = opened([shown(1)]);
  await user.click(screen.getByRole('button', { name: /^1\. / }));
  const carried = screen.getByLabelText(/^Carried/);
  for (const [typed, fault] of [
    ['far', 'Carried, yd must be a number, not "far"'],
    ['900', 'Carried, yd must be from 0 to 284 yd, not 900'],
  ] as const) {
    await user.clear(carried);
    await user.type(carried, typed);
    await user.click(screen.getByRole('button', { name: 'Save the change' }));
    expect(screen.getByRole('alert')).toHaveTextContent(fault);
    expect(carried).toHaveValue(typed);
  }
  expect(changes).toEqual([]);
});

test('what the server refuses is said beside the ball, which stays open', async () => {
  const { user } = opened([shown(1)], 'The server does not answer.');
  await user.click(screen.getByRole('button', { name: /^1\. / }));
  await user.click(screen.getByRole('button', { name: 'Delete' }));
  expect(await screen.findByRole('alert')).toHaveTextContent('The server does not answer.');
  expect(screen.getByLabelText(/^Carried/)).toBeVisible();
});

test('a ball is excluded with a reason only, and counted again', async () => {
  const { changes, user } = opened([shown(1), shown(2, { excluded: 'stone' })]);
  await user.click(screen.getByRole('button', { name: /^1\. / }));
  expect(screen.getByRole('button', { name: 'Exclude' })).toBeDisabled();
  await user.type(screen.getByLabelText('Reason for excluding it'), '  plugged in the lip ');
  await user.click(screen.getByRole('button', { name: 'Exclude' }));
  await user.click(screen.getByRole('button', { name: /^2\. / }));
  const second = screen.getAllByRole('listitem')[0]!;
  await user.click(within(second).getByRole('button', { name: 'Include again' }));
  expect(changes).toEqual([
    [aBall(1).id, { excluded: 'plugged in the lip' }],
    [aBall(2).id, { excluded: '' }],
  ]);
});

test('the answer about one ball leaves the form of another, opened meanwhile, alone', async () => {
  let answer: (fault: string | null) => void = () => undefined;
  render(
    <BallList
      balls={[shown(1), shown(2)]}
      onChange={() => new Promise((resolve) => (answer = resolve))}
    />,
  );
  const user = userEvent.setup();
  await user.click(screen.getByRole('button', { name: /^1\. / }));
  await user.click(screen.getByRole('button', { name: 'Save the change' }));
  await user.click(screen.getByRole('button', { name: /^2\. / }));
  await act(async () => answer(null));
  expect(screen.getByRole('button', { name: /^2\. / })).toHaveAttribute('aria-expanded', 'true');
});
