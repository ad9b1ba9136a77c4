import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aRecord } from '@/core/testing/records';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { standInServer } from '../testing/server';
import { TrustedClub } from './TrustedClub';

const INES: RosterPlayer = {
  ...aRecord({ name: 'Ines Okafor' }),
  id: 'ines',
  archived: false,
  updatedAt: '2026-05-02T10:00:00Z',
};
const club = INES.bag[0]!.name;

function opened(player: RosterPlayer) {
  const server = standInServer();
  const saved: RosterPlayer[] = [];
  server.on('PUT', /players\/ines$/, ({ body }) => ({ body: { ...player, ...(body as object) } }));
  render(<TrustedClub player={player} club={club} onPlayer={(next) => saved.push(next)} />);
  return { server, saved, user: userEvent.setup(), button: screen.getByRole('button') };
}

test('the club that is called is marked at a click, everything else of the player as it was', async () => {
  const { server, saved, user, button } = opened(INES);
  expect(button).toHaveAttribute('aria-pressed', 'false');
  await user.click(button);
  await waitFor(() => expect(saved).toHaveLength(1));
  const { id: _id, archived: _archived, updatedAt: _at, ...record } = INES;
  expect(server.asked[0]!.body).toEqual({ ...record, trusted_club: club });
});

test('and the mark is taken off at another', async () => {
  const { server, user, button, saved } = opened({ ...INES, trusted_club: club });
  expect(button).toHaveAttribute('aria-pressed', 'true');
  await user.click(button);
  await waitFor(() => expect(saved).toHaveLength(1));
  expect(server.asked[0]!.body).not.toHaveProperty('trusted_club');
});

test('what the server refuses changes nothing', async () => {
  const { server, user, button, saved } = opened(INES);
  server.on('PUT', /players\/ines$/, () => ({ status: 404, body: { error: [] } }));
  await user.click(button);
  await waitFor(() => expect(button).toBeEnabled());
  expect(saved).toEqual([]);
  expect(button).toHaveAttribute('aria-pressed', 'false');
});
