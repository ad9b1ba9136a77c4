import { act, render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { CoachOf } from '@/core/lesson/coaches/listed';
import { held, standInServer } from '../testing/server';
import { WithCache } from '../testing/withCache';
import { Sharing } from './Sharing';

const COACHES = /\/coaches$/;

/** Two coaches of whom nobody coaches the player yet; what is saved is answered when `answer` is called, in order. */
async function opened() {
  const server = standInServer();
  const coaches = (ids: readonly string[]): CoachOf[] =>
    ['Cora', 'Dov'].map((name) => ({ id: name, name, coaches: ids.includes(name) }));
  const waiting: ReturnType<typeof held<{ status?: number; body: unknown }>>[] = [];
  server.on('GET', COACHES, () => ({ body: coaches([]) }));
  server.on('GET', /\/links$/, () => ({ body: [] }));
  server.on('PUT', COACHES, () => {
    waiting.push(held());
    return waiting.at(-1)!.promise;
  });
  render(
    <WithCache>
      <Sharing playerId="ines" name="Ines" />
    </WithCache>,
  );
  await userEvent.click(screen.getByText('Coaches and the player’s own link'));
  await screen.findByLabelText('Cora');
  const saves = (): unknown[] => server.to('PUT', COACHES).map(({ body }) => body);
  return {
    box: (name: string): HTMLElement => screen.getByLabelText(name),
    saves,
    async answer(status = 200): Promise<void> {
      const said = saves().at(-1) as { coaches: string[] };
      const body =
        status < 400 ? coaches(said.coaches) : { error: [{ path: 'coaches', message: 'is full' }] };
      await act(async () => waiting.shift()!.settle({ status, body }));
    },
  };
}

describe('coaches of a player', () => {
  afterEach(() => jest.useRealTimers());

  test('stay ticked while they are saved, from the click on', async () => {
    const { box, answer } = await opened();
    // No timer runs: whatever a timer alone would draw is not drawn.
    jest.useFakeTimers();
    await act(async () => box('Cora').click());
    expect(box('Cora')).toBeChecked();
    jest.useRealTimers();
    await answer();
    expect(box('Cora')).toBeChecked();
  });

  test('that are ticked while another is being saved are both saved, one after the other', async () => {
    const { box, saves, answer } = await opened();
    await userEvent.click(box('Cora'));
    await userEvent.click(box('Dov'));
    expect(saves()).toEqual([{ coaches: ['Cora'] }]);
    await answer();
    await waitFor(() => expect(saves()).toHaveLength(2));
    expect(saves()[1]).toEqual({ coaches: ['Cora', 'Dov'] });
    await answer();
    expect(box('Cora')).toBeChecked();
    expect(box('Dov')).toBeChecked();
  });

  test('that are not saved are not shown as saved, and it is said', async () => {
    const { box, answer } = await opened();
    await userEvent.click(box('Dov'));
    await answer(500);
    expect(await screen.findByText(/is full/)).toBeVisible();
    expect(box('Dov')).not.toBeChecked();
  });
});
