import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PLAIN_HOUSE } from '@/core/lesson/players/house';
import { standInServer } from '../testing/server';
import { NoPlayers } from './NoPlayers';
import { WhoContext, type Who } from './who';

const opened: string[] = [];
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: (to: string) => opened.push(to) }),
}));

const welcome = (who: Who) =>
  render(
    <WhoContext value={who}>
      <NoPlayers house={PLAIN_HOUSE} />
    </WhoContext>,
  );

test('a coach who sees nobody yet adds a player, and leaves the academy’s settings to the head coach', async () => {
  const user = userEvent.setup();
  const server = standInServer();
  server.on('POST', /players$/, () => ({ body: { id: 'ada-lund' } }));
  welcome({ name: 'Cora', role: 'coach' });
  expect(screen.queryByLabelText('Name of your academy')).toBeNull();
  await user.type(screen.getByLabelText(/Your first player/), 'Ada Lund, 56/12 goes 82');
  await user.click(screen.getByRole('button', { name: 'Add the player and open the desk' }));
  await waitFor(() => expect(opened).toHaveLength(1));
  expect(server.asked.map(({ method }) => method)).toEqual(['POST']);
  expect(opened[0]).toContain('player=ada-lund');
});

test('on this machine, where nobody signs in, the academy is named too', () => {
  standInServer();
  welcome(null);
  expect(screen.getByLabelText('Name of your academy')).toBeVisible();
});
