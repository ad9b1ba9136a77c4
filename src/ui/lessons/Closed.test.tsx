import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { StoredLesson } from '@/core/lesson/plan/stored';
import { aPlan } from '@/core/testing/plans';
import { standInServer } from '../testing/server';
import { WithCache } from '../testing/withCache';
import { Closed } from './Closed';

let refreshed = 0;
jest.mock('next/navigation', () => ({ useRouter: () => ({ refresh: () => (refreshed += 1) }) }));

test('a closed lesson is reopened with its words as they are, and a server that is away is told of', async () => {
  const lesson: StoredLesson = {
    id: 'a',
    plan: aPlan(),
    players: [],
    version: '1',
    balls: 4,
    createdAt: '2026-05-02T10:00:00Z',
    summary: 'Better.',
    homework: 'Two lines.',
    own_homework: [{ player: 'ada', text: 'Forty balls.' }],
    closed: true,
  };
  const server = standInServer();
  const user = userEvent.setup();
  render(
    <WithCache>
      <Closed lesson={lesson} />
    </WithCache>,
  );
  const reopen = screen.getByRole('button', { name: 'Reopen the lesson' });
  await user.click(reopen);
  expect(await screen.findByRole('alert')).toHaveTextContent(/is not answering/);
  expect(refreshed).toBe(0);
  server.on('POST', /lessons\/a\/close$/, () => ({ body: {} }));
  await user.click(reopen);
  expect(await screen.findByRole('button', { name: 'Reopen the lesson' })).toBeEnabled();
  expect(server.to('POST', /close$/).at(-1)!.body).toEqual({
    summary: 'Better.',
    homework: 'Two lines.',
    own_homework: [{ player: 'ada', text: 'Forty balls.' }],
    closed: false,
  });
  expect(refreshed).toBe(1);
});
