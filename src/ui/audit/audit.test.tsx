import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { clubsToTry } from '@/core/search/audit/oneWedge';
import { aClub, aPlayer, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { readSituation } from '@/core/contract/shot/situation';
import { mixFor, type MixChoice } from '@/core/contract/reading/mixChoice';
import { workBroke } from '../engine/failure';
import { standInEngine, WithEngine } from '../testing/engine';
import { aSituation } from '@/core/testing/records';
import { AuditPanel } from './AuditPanel';

const PW = aClub('PW', 'wedge', 46, 6, 118);

const opened = (bag = [PW, CLUB_56, CLUB_60], readings: object[] = []) => {
  const { engine, asked } = standInEngine({ mix: (choice) => mixFor(choice as MixChoice) });
  const view = render(
    <WithEngine engine={engine}>
      <AuditPanel player={aPlayer('middle', bag)} situation={aSituation()} readings={readings} />
    </WithEngine>,
  );
  return { ...view, asked, user: userEvent.setup() };
};

test('gaps are told from club to club, wide ones as such', () => {
  opened();
  const wide = screen.getByText('56 to PW').closest('li')!;
  expect(wide).toHaveTextContent(/: 10°, \d+ yd.*a big gap/);
  expect(screen.getByText('60 to 56').closest('li')).not.toHaveTextContent(/wide/);
});

test('every wedge is held against every sand', () => {
  opened();
  const table = screen.getByRole('table');
  expect(table.querySelectorAll('tbody tr')).toHaveLength(3);
  expect(table.querySelectorAll('tbody td')).toHaveLength(12);
  for (const cell of table.querySelectorAll('tbody td')) {
    expect(cell.textContent).toMatch(/^(\d+ thin, \d+ heavy|cannot reach)/);
  }
});

test('one club has no gaps; without a wedge there is nothing to change', () => {
  opened([aClub('9i', 'iron', 41, 5, 120)]);
  expect(screen.getByText('One club, so no gaps.')).toBeVisible();
  expect(screen.getByText('There is no wedge in the bag.')).toBeVisible();
  expect(screen.getByText('There is no wedge in the bag to change.')).toBeVisible();
});

describe('called how often', () => {
  /** Answers the next parts of the mix that wait, each with one club for all of its shots. */
  const say = async (parts: ReturnType<ReturnType<typeof standInEngine>['asked']>, club: string) =>
    act(async () => parts.forEach((part) => part.answer(Array(4).fill(club))));

  test('fills up, and says how far it is', async () => {
    const { asked } = opened();
    await waitFor(() => expect(asked('clubsCalled')).toHaveLength(8));
    const parts = asked('clubsCalled');
    await say(parts.slice(6), '56');
    expect(screen.getByRole('progressbar', { name: 'Shots checked' })).toHaveValue(8);
    expect(screen.getByText('100 %')).toBeVisible();
    await say(parts.slice(0, 2), '60');
    expect(screen.getAllByText('50 %')).toHaveLength(2);
    await say(parts.slice(2, 6), '56');
    expect(screen.queryByRole('progressbar', { name: 'Shots checked' })).toBeNull();
    expect(screen.getByText('75 %')).toBeVisible();
  });

  test('over another mix starts over and stops the one before', async () => {
    const reading = aSituation();
    const { user, asked } = opened(undefined, [reading]);
    await waitFor(() => expect(asked('clubsCalled')).toHaveLength(8));
    const before = asked('clubsCalled');
    await say(before.slice(0, 1), '56');
    await user.selectOptions(
      screen.getByLabelText('Mix of bunker shots'),
      'this player’s own 1 reading',
    );
    await waitFor(() => expect(asked('clubsCalled')).toHaveLength(9));
    expect(asked('mix').at(-1)!.asked).toEqual([{ kind: 'readings', situations: [reading] }]);
    expect(asked('clubsCalled').at(-1)!.asked[1]).toEqual([readSituation(reading).question.shot]);
    expect(before.every(({ wanted }) => wanted.signal.aborted)).toBe(true);
    await say(before.slice(1), '56');
    expect(screen.queryByText('100 %')).toBeNull();
  });

  test('that fails says so', async () => {
    const { asked } = opened();
    await waitFor(() => expect(asked('clubsCalled')).toHaveLength(8));
    await act(async () => asked('clubsCalled')[0]!.fail(new Error('no')));
    expect(screen.getByRole('alert')).toHaveTextContent(workBroke());
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
  const total = clubsToTry([PW, CLUB_56, CLUB_60]);
  const begin = async () => {
    const view = opened();
    await view.user.click(screen.getByRole('button', { name: 'Find a better wedge' }));
    await waitFor(() => expect(view.asked('tryClub')).toHaveLength(total));
    const tried = (from: number, to: number): Promise<void> =>
      act(async () =>
        view
          .asked('tryClub')
          .slice(from, to)
          .forEach((each) => each.answer([])),
      );
    const ended = async (changes: unknown): Promise<void> => {
      await tried(0, total);
      await act(async () => view.asked('wedgeChanges')[0]!.answer(changes));
    };
    return { ...view, tried, ended };
  };

  test('is said with its error, as advice', async () => {
    const { tried, ended } = await begin();
    await tried(0, 3);
    expect(screen.getByRole('progressbar', { name: 'Clubs tried' })).toHaveValue(3);
    await ended([change]);
    expect(
      screen.getByText(
        'For the 56 (56/12) a 54/10 would save 0.050 ± 0.004 strokes a bunker shot.',
      ),
    ).toBeVisible();
    expect(screen.getByText(/Take this to a fitter/)).toBeVisible();
  });

  test('is not advised where the saving could be chance', async () => {
    const { ended } = await begin();
    await ended([{ ...change, saving: 0.05, error: 0.04 }]);
    expect(screen.getByText(/^Nothing clearly better than the 56/)).toHaveTextContent(
      '0.05 ± 0.04',
    );
  });

  test('can be stopped', async () => {
    const { tried, user } = await begin();
    await tried(0, 3);
    await user.click(screen.getByRole('button', { name: 'Stop' }));
    expect(screen.getByText(`Stopped after 3 of ${total} clubs.`)).toBeVisible();
    expect(screen.getByRole('button', { name: 'Find a better wedge' })).toBeEnabled();
  });

  test('that fails says so and can be looked for again', async () => {
    const { asked, user } = await begin();
    await act(async () => asked('tryClub')[0]!.fail(new Error('no')));
    expect(screen.getByRole('alert')).toHaveTextContent(workBroke());
    await user.click(screen.getByRole('button', { name: 'Find a better wedge' }));
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
