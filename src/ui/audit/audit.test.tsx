import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { WedgeSearch } from '@/core/search/audit/oneWedge';
import type { Usage } from '@/core/search/audit/usage';
import { aClub, aPlayer, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { AuditPanel } from './AuditPanel';
import { AUDIT_FAILURE } from './startAudit';

type Seen<T extends unknown[]> = (...values: T) => void;

/** The thread of the audit, which a test makes say things. */
const thread = {
  usage: jest.fn<Promise<void>, [object, object, Seen<[Usage[], number, number]>]>(),
  oneWedge: jest.fn<Promise<void>, [object, object, Seen<[WedgeSearch]>]>(),
  stop: jest.fn(async () => undefined),
};
jest.mock('../frame/useWorker', () => ({ useWorker: () => ({ current: thread }) }));
jest.mock('./startAudit', () => ({ AUDIT_FAILURE: 'It failed.' }));
jest.mock('comlink', () => ({ proxy: <T,>(value: T): T => value }));

const never = (): Promise<void> => new Promise(() => undefined);

beforeEach(() => {
  thread.usage.mockReset().mockImplementation(never);
  thread.oneWedge.mockReset().mockImplementation(never);
  thread.stop.mockClear();
});

const PW = aClub('PW', 'wedge', 46, 6, 118);

const opened = (bag = [PW, CLUB_56, CLUB_60], readings: object[] = []) => {
  const view = render(
    <AuditPanel
      player={aPlayer('middle', bag)}
      situation={{ shot: {} }}
      readings={readings}
      units="yards"
    />,
  );
  return { ...view, user: userEvent.setup() };
};

test('gaps are told from club to club, wide ones as such', () => {
  opened();
  const wide = screen.getByText('56 to PW').closest('li')!;
  expect(wide).toHaveTextContent(/: 10°, \d+ yd.*a wide step/);
  expect(screen.getByText('60 to 56').closest('li')).not.toHaveTextContent(/wide/);
});

test('every wedge is held against every sand', () => {
  opened();
  const table = screen.getByRole('table');
  expect(table.querySelectorAll('tbody tr')).toHaveLength(3);
  expect(table.querySelectorAll('tbody td')).toHaveLength(12);
  for (const cell of table.querySelectorAll('tbody td')) {
    expect(cell.textContent).toMatch(/^(thin \d+, heavy \d+|does not reach)/);
  }
});

test('one club has no gaps; without a wedge there is nothing to change', () => {
  opened([aClub('9i', 'iron', 41, 5, 120)]);
  expect(screen.getByText('One club has no gaps.')).toBeVisible();
  expect(screen.getByText('There is no wedge in the bag.')).toBeVisible();
  expect(screen.getByText('There is no wedge in the bag to change.')).toBeVisible();
});

describe('called how often', () => {
  const say = async (usage: Usage[], done: number, total: number): Promise<void> => {
    await waitFor(() => expect(thread.usage).toHaveBeenCalled());
    await act(async () => thread.usage.mock.lastCall![2](usage, done, total));
  };

  test('fills up, and says how far it is', async () => {
    opened();
    await say([{ club: '56', share: 0.625 } as Usage], 8, 40);
    expect(screen.getByRole('progressbar', { name: 'Shots looked at' })).toHaveValue(8);
    await say([{ club: '56', share: 0.6 } as Usage], 40, 40);
    expect(screen.queryByRole('progressbar', { name: 'Shots looked at' })).toBeNull();
    expect(screen.getByText('60 %')).toBeVisible();
  });

  test('over another mix starts over and stops the one before', async () => {
    const { user } = opened(undefined, [{ shot: 1 }]);
    await say([{ club: '56', share: 0.6 } as Usage], 8, 40);
    await user.selectOptions(screen.getByLabelText('Over'), 'this player’s 1 readings');
    await waitFor(() =>
      expect(thread.usage.mock.lastCall![1]).toEqual({
        kind: 'readings',
        situations: [{ shot: 1 }],
      }),
    );
    expect(thread.stop).toHaveBeenCalled();
    expect(screen.queryByText('60 %')).toBeNull();
  });

  test('that fails says so', async () => {
    thread.usage.mockRejectedValue(new Error('no'));
    opened();
    expect(await screen.findByRole('alert')).toHaveTextContent(AUDIT_FAILURE);
  });
});

describe('if one wedge were different', () => {
  const change = {
    instead: '56',
    loftDeg: 54,
    bounceDeg: 10,
    saving: 0.05,
    error: 0.004,
  };
  const begin = async () => {
    const view = opened();
    await view.user.click(screen.getByRole('button', { name: 'Look for it' }));
    const say = (search: Partial<WedgeSearch>): Promise<void> =>
      act(async () =>
        thread.oneWedge.mock.lastCall![2]({ done: 3, total: 40, ...search } as WedgeSearch),
      );
    return { ...view, say };
  };

  test('is said with its error, as advice', async () => {
    let end = (): void => undefined;
    thread.oneWedge.mockImplementation(() => new Promise((resolve) => (end = resolve)));
    const { say } = await begin();
    await say({});
    expect(screen.getByRole('progressbar', { name: 'Clubs tried' })).toHaveValue(3);
    await say({ done: 40, changes: [change] as WedgeSearch['changes'] });
    await act(async () => end());
    expect(
      screen.getByText(
        'For the 56 (56/12) a 54/10 would save 0.050 ± 0.004 strokes a bunker shot.',
      ),
    ).toBeVisible();
    expect(screen.getByText(/Advice to take to a fitter/)).toBeVisible();
  });

  test('is not advised where the saving could be chance', async () => {
    const { say } = await begin();
    await say({
      done: 40,
      changes: [{ ...change, saving: 0.05, error: 0.04 }] as WedgeSearch['changes'],
    });
    expect(screen.getByText(/^Nothing clearly better for the 56/)).toHaveTextContent('0.05 ± 0.04');
  });

  test('can be stopped', async () => {
    const { say, user } = await begin();
    await say({});
    await user.click(screen.getByRole('button', { name: 'Stop' }));
    expect(screen.getByText('Stopped after 3 of 40 clubs.')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Look for it' })).toBeEnabled();
  });

  test('that fails says so and can be looked for again', async () => {
    thread.oneWedge.mockRejectedValueOnce(new Error('no'));
    const { user } = await begin();
    expect(await screen.findByRole('alert')).toHaveTextContent(AUDIT_FAILURE);
    await user.click(screen.getByRole('button', { name: 'Look for it' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
