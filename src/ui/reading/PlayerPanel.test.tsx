import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Toaster } from 'sonner';
import { aRosterPlayer } from '@/core/testing/records';
import { held, standInServer } from '../testing/server';
import { WithCache } from '../testing/withCache';
import { PlayerPanel } from './PlayerPanel';

test('who is entered while the search that began at typing is under way is chosen, also when the panel is gone by then', async () => {
  const server = standInServer();
  const slow = held<{ body: object }>();
  server.on('GET', /search=jun$/, () => slow.promise);
  const chosen: string[] = [];
  const panel = (
    <PlayerPanel
      players={[]}
      value="ada"
      onValue={({ id }) => chosen.push(id)}
      onDone={() => undefined}
    />
  );
  const { rerender } = render(<WithCache>{panel}</WithCache>);
  const user = userEvent.setup();
  await user.type(screen.getByRole('searchbox', { name: 'Find a player' }), 'jun');
  await waitFor(() => expect(server.to('GET', /search=jun$/)).toHaveLength(1));
  await user.keyboard('{Enter}');
  rerender(<WithCache>{null}</WithCache>);
  await act(async () => slow.settle({ body: { players: [aRosterPlayer({ id: 'jun' })] } }));
  await waitFor(() => expect(chosen).toEqual(['jun']));
  expect(server.to('GET', /search=jun$/)).toHaveLength(1);
});

test('who is not found after the panel is gone is told of', async () => {
  const server = standInServer();
  const slow = held<{ body: object }>();
  server.on('GET', /search=nobody$/, () => slow.promise);
  const chosen: string[] = [];
  const page = (panel: boolean) => (
    <WithCache>
      {panel && (
        <PlayerPanel
          players={[]}
          value="ada"
          onValue={({ id }) => chosen.push(id)}
          onDone={() => undefined}
        />
      )}
      <Toaster />
    </WithCache>
  );
  const { rerender } = render(page(true));
  const user = userEvent.setup();
  await user.type(screen.getByRole('searchbox', { name: 'Find a player' }), 'nobody{Enter}');
  rerender(page(false));
  await act(async () => slow.settle({ body: { players: [] } }));
  expect(await screen.findByText('No player is called “nobody”.')).toBeVisible();
  expect(chosen).toEqual([]);
});
