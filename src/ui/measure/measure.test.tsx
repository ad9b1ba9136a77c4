import { act, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { fromMetres } from '@/core/ground/units/length';
import { StandInsContext } from '../frame/standIns';
import { LipMeasure } from './LipMeasure';
import { Pacing } from './Pacing';
import { TiltMeasure } from './TiltMeasure';

beforeEach(() => localStorage.clear());

describe('paces', () => {
  function opened(thresholds: Parameters<typeof Pacing>[0]['thresholds'] = []) {
    const taken: number[] = [];
    render(<Pacing thresholds={thresholds} onTake={(metres) => taken.push(metres)} />);
    return { taken, user: userEvent.setup() };
  }

  test('become a distance with its doubt, which is taken over', async () => {
    const { taken, user } = opened();
    await user.type(screen.getByLabelText('Paces'), '20');
    expect(screen.getByRole('status')).toHaveTextContent(/^19\.7 yd ± /);
    expect(screen.getByText(/^Accurate enough/)).toBeVisible();
    await user.click(screen.getByRole('button', { name: 'Apply' }));
    expect(taken[0]).toBeCloseTo(18, 6);
  });

  test('near a place where the call changes are worth a second look', async () => {
    const { user } = opened([{ value: 18.2, direction: 'up', text: '52 beyond 20 yd' }]);
    await user.type(screen.getByLabelText('Paces'), '20');
    expect(screen.getByText(/^Measure again if it matters: 52 beyond 20 yd/)).toBeVisible();
  });

  test('say while it is being looked for whether it matters', async () => {
    const { user } = opened(null);
    await user.type(screen.getByLabelText('Paces'), '20');
    expect(screen.getByText(/^Checking whether/)).toBeVisible();
  });

  test('take the coach’s own pace from a known line, and remember it', async () => {
    const { user } = opened();
    await user.click(screen.getByRole('button', { name: 'my pace' }));
    await user.type(screen.getByLabelText('Paces counted'), '25');
    await user.click(screen.getByRole('button', { name: 'Use 29\u00a0in' }));
    await user.type(screen.getByLabelText('Paces'), '10');
    expect(screen.getByRole('status')).toHaveTextContent(/^8 yd/);
    expect(Number(localStorage.getItem('mellow-pace'))).toBeCloseTo(0.7315, 3);
  });

  test('that nobody takes are refused by name', async () => {
    const { user } = opened();
    await user.click(screen.getByRole('button', { name: 'my pace' }));
    await user.type(screen.getByLabelText('Paces counted'), '3');
    expect(screen.getByRole('alert')).toHaveTextContent(/pace/i);
    expect(screen.queryByRole('button', { name: /^Use/ })).toBeNull();
  });
});

describe('the lip', () => {
  function opened() {
    const taken: [number, number | undefined][] = [];
    render(
      <LipMeasure
        bag={[CLUB_60, CLUB_56]}
        thresholds={[]}
        onTake={(height, distance) => taken.push([height, distance])}
      />,
    );
    return { taken, user: userEvent.setup() };
  }

  test('is sighted: angle and paces give height and distance', async () => {
    const { taken, user } = opened();
    await user.type(screen.getByLabelText('Angle'), '20');
    await user.type(screen.getByLabelText('Paces to the lip'), '4');
    await user.click(screen.getByRole('button', { name: 'Apply' }));
    expect(taken[0]![0]).toBeCloseTo(3.6 * Math.tan((20 * Math.PI) / 180), 2);
    expect(taken[0]![1]).toBeCloseTo(3.6, 6);
    await user.selectOptions(screen.getByLabelText('Phone'), 'at the eye');
    await user.click(screen.getByRole('button', { name: 'Apply' }));
    expect(taken[1]![0] - taken[0]![0]).toBeCloseTo(1.6, 1);
  });

  test('is so many clubs high', async () => {
    const { taken, user } = opened();
    await user.click(screen.getByRole('radio', { name: 'club lengths' }));
    await user.type(screen.getByLabelText('Clubs high'), '1,5');
    await user.click(screen.getByRole('button', { name: 'Apply' }));
    expect(taken).toEqual([[expect.closeTo(1.5 * CLUB_60.length, 6), undefined]]);
    expect(fromMetres(taken[0]![0], 'ft')).toBeGreaterThan(4);
  });

  test('an angle that no lip has is refused', async () => {
    const { taken, user } = opened();
    await user.type(screen.getByLabelText('Angle'), '95');
    await user.type(screen.getByLabelText('Paces to the lip'), '4');
    expect(screen.getByRole('alert')).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Apply' })).toBeNull();
    expect(taken).toEqual([]);
  });
});

describe('the tilt', () => {
  afterEach(() => jest.useRealTimers());
  function opened(handed: 'left' | 'right' = 'right', standIns = true) {
    const taken: [number, number][] = [];
    render(
      <StandInsContext value={standIns}>
        <TiltMeasure
          handed={handed}
          thresholds={[]}
          onTake={(along, across) => taken.push([along, across])}
        />
      </StandInsContext>,
    );
    return { taken };
  }
  const tilt = (beta: number | null, gamma: number | null): void => {
    const event = new Event('deviceorientation');
    Object.assign(event, { beta, gamma });
    fireEvent(window, event);
  };

  test.each([
    ['right', -4],
    ['left', 4],
  ] as const)(
    'of a device whose right side is down: a %s-hander’s ball is %d degrees above the feet',
    async (handed, across) => {
      const { taken } = opened(handed);
      await act(async () => screen.getByRole('button', { name: 'This device’s sensor' }).click());
      for (let i = 0; i < 40; i++) tilt(8, 4);
      fireEvent.click(screen.getByRole('button', { name: 'Apply' }));
      expect(taken).toEqual([[8, across]]);
    },
  );

  test('a device that says nothing is told as such', async () => {
    jest.useFakeTimers();
    const { taken } = opened();
    await act(async () => screen.getByRole('button', { name: 'This device’s sensor' }).click());
    tilt(null, null);
    await act(() => jest.advanceTimersByTimeAsync(2000));
    expect(screen.getByRole('alert')).toHaveTextContent(/has no tilt sensor/);
    expect(taken).toEqual([]);
  });

  test('no simulated sensor stands beside the real one where the academy does not show them', () => {
    opened('right', false);
    expect(screen.getByRole('button', { name: 'This device’s sensor' })).toBeVisible();
    expect(screen.queryByRole('button', { name: 'Simulated sensor' })).toBeNull();
  });

  test('the simulated sensor takes its time and settles', async () => {
    jest.useFakeTimers();
    const { taken } = opened();
    await act(async () => screen.getByRole('button', { name: 'Simulated sensor' }).click());
    await act(() => jest.advanceTimersByTimeAsync(100));
    expect(screen.getByRole('progressbar', { name: 'Readings taken' })).toBeVisible();
    await act(() => jest.advanceTimersByTimeAsync(3000));
    expect(screen.queryByRole('progressbar')).toBeNull();
    fireEvent.click(screen.getByRole('button', { name: 'Apply' }));
    expect(taken).toEqual([[expect.any(Number), expect.any(Number)]]);
  });
});
