import { act, render, renderHook, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { aRecord } from '@/core/testing/records';
import type { PlayerRecord } from '@/core/lesson/players/record';
import {
  type RosterPlayer,
  type ListedPlayer,
  type RosterPageData,
} from '@/core/lesson/players/player';
import { held, standInServer } from '../testing/server';
import { newCache } from '../server/cache';
import { WithCache } from '../testing/withCache';
import { Copies } from './Copies';
import { EraseDialog } from './EraseDialog';
import { HouseForm } from './HouseForm';
import { ImportPage } from './ImportPage';
import { PlayerForm } from './PlayerForm';
import { useRoster } from './useRoster';

const pushed: string[] = [];
jest.mock('next/navigation', () => ({
  useRouter: () => ({ push: (to: string) => pushed.push(to) }),
}));

const closable = { onClose: () => undefined };

const ADA = aRecord({
  name: 'Ada Lund',
  handed: 'left',
  skill: 'good',
  cautions: ['wrist'],
  bag: [
    { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 },
    { name: '52', type: 'wedge', loft_deg: 52, bounce_deg: 10 },
  ],
});

describe('a player’s form', () => {
  function opened(problem: string | null = null, record: PlayerRecord = ADA) {
    const saved: PlayerRecord[] = [];
    const onClose = jest.fn();
    render(
      <PlayerForm
        title="Edit"
        record={record}
        onClose={onClose}
        onSave={async (next) => {
          saved.push(next);
          return problem;
        }}
      />,
    );
    const clubs = (): HTMLElement[] => screen.getAllByRole('listitem');
    const save = (): HTMLElement => screen.getByRole('button', { name: 'Save' });
    return { saved, onClose, clubs, save, user: userEvent.setup() };
  }

  test('saves what it was given when nothing is changed', async () => {
    const { saved, onClose, save, user } = opened();
    await user.click(save());
    await waitFor(() => expect(saved).toEqual([ADA]));
    expect(onClose).toHaveBeenCalledTimes(1);
  });

  test('shows what is usual for a club in the place of what is not known, soles once they are asked for', async () => {
    const { clubs, user } = opened();
    const sole = (): HTMLElement | null => within(clubs()[1]!).queryByLabelText('Sole, in');
    expect(sole()).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Soles and camber too' }));
    expect(sole()).toHaveValue('');
    const usual = Number(sole()!.getAttribute('placeholder'));
    expect(usual).toBeGreaterThan(0.4);
    expect(usual).toBeLessThan(1.5);
  });

  test('clubs are added, moved and taken out', async () => {
    const { saved, clubs, save, user } = opened();
    await user.click(screen.getByRole('button', { name: 'Move 52 up' }));
    await user.click(screen.getByRole('button', { name: 'Add a club' }));
    const last = clubs().at(-1)!;
    await user.type(within(last).getByLabelText('Name'), '60');
    await user.type(within(last).getByLabelText('Loft, °'), '60');
    await user.click(screen.getByRole('button', { name: 'Remove 56 from the bag' }));
    await user.click(save());
    await waitFor(() => expect(saved).toHaveLength(1));
    expect(saved[0]!.bag.map(({ name }) => name)).toEqual(['52', '60']);
  });

  test.each([
    ['Loft, °', '5', /^Loft, ° a wedge has 40 to 72 degrees of loft, not 5\./],
    ['Loft, °', 'x', /^Loft, ° must be a number/],
    ['Carry, yd', '300', /^Carry, yd/],
  ])('%s "%s" is refused beside the field, and stays', async (label, typed, message) => {
    const { saved, clubs, save, user } = opened();
    const field = within(clubs()[0]!).getByLabelText(label);
    await user.clear(field);
    await user.type(field, typed);
    await user.click(save());
    const alerts = await screen.findAllByRole('alert');
    expect(alerts.map(({ textContent }) => textContent).join('\n')).toMatch(message);
    expect(field).toHaveValue(typed);
    expect(field).toBeInvalid();
    expect(saved).toEqual([]);
    await waitFor(() =>
      expect(screen.getByText('Please correct the fields marked above.')).toBeVisible(),
    );
  });

  test('two clubs of one name are refused', async () => {
    const { saved, clubs, save, user } = opened();
    const name = within(clubs()[1]!).getByLabelText('Name');
    await user.clear(name);
    await user.type(name, '56');
    await user.click(save());
    await waitFor(() => expect(screen.getAllByRole('alert').length).toBeGreaterThan(1));
    expect(saved).toEqual([]);
  });

  test('what the server refuses is said, and the form stays', async () => {
    const { onClose, save, user } = opened('The server does not answer.');
    await user.click(save());
    expect(await screen.findByText('The server does not answer.')).toBeVisible();
    expect(onClose).not.toHaveBeenCalled();
  });

  test('that was closed before the answer came closes no form that is open by then', async () => {
    const answer = held<string | null>();
    function Page() {
      const [open, setOpen] = useState<string | null>('Ada');
      return (
        <>
          <button onClick={() => setOpen('Bo')}>next</button>
          {open !== null && (
            <PlayerForm
              title={open}
              record={ADA}
              onClose={() => setOpen(null)}
              onSave={() => answer.promise}
            />
          )}
        </>
      );
    }
    const user = userEvent.setup({ pointerEventsCheck: 0 });
    render(<Page />);
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await user.keyboard('{Escape}');
    expect(screen.queryByRole('dialog')).toBeNull();
    await user.click(screen.getByText('next'));
    await act(async () => answer.settle(null));
    expect(screen.getByRole('dialog', { name: 'Bo' })).toBeVisible();
  });
});

describe('an import', () => {
  const counts = { lines: 3, good: 2, faulty: 1, twice: 1 };
  const preview = {
    kind: 'list',
    delimiter: ';',
    columns: [
      { heading: 'Name', becomes: 'name', sample: 'Ada' },
      { heading: 'Shoe', becomes: null, sample: '41' },
    ],
    wanted: [],
    counts,
    lines: [
      { line: 2, record: ADA, faults: [], twice: false },
      { line: 3, record: { ...ADA, name: 'Bo Ek' }, faults: [], twice: true },
    ],
    faulty: [{ line: 4, faults: [{ path: 'skill', message: 'must be one of …' }] }],
  };
  function opened() {
    const server = standInServer();
    render(
      <WithCache>
        <ImportPage />
      </WithCache>,
    );
    return { server, box: screen.getByLabelText('Contents of the file'), user: userEvent.setup() };
  }

  test('is looked at, says what each column became and what is wrong where, and adds what was seen', async () => {
    const { server, box, user } = opened();
    server.on('POST', /import\?$/, () => ({ body: preview }));
    server.on('POST', /accept=true&twice=true$/, () => ({ body: { added: 2, passedOver: 1 } }));
    await user.type(box, 'name;shoe');
    await user.click(screen.getByRole('button', { name: 'Preview' }));
    expect(
      await screen.findByRole('heading', { name: '3 lines: 2 can be added, 1 cannot' }),
    ).toBeVisible();
    expect(screen.getByText(/Separator: semicolon/)).toBeVisible();
    expect(screen.getByLabelText(/^Name/)).toHaveDisplayValue('Name');
    expect(screen.getByLabelText(/^Shoe/)).toHaveDisplayValue('Leave out');
    expect(screen.getByText('skill: must be one of …')).toBeVisible();
    expect(screen.getByRole('button', { name: 'Add 1 player' })).toBeEnabled();
    await user.click(screen.getByRole('checkbox'));
    await user.click(screen.getByRole('button', { name: 'Add 2 players' }));
    expect(await screen.findByText(/2 players added/)).toHaveTextContent('1 line left out');
    expect(box).toHaveValue('');
  });

  test('a column is read as the coach says, and so it is added', async () => {
    const { server, box, user } = opened();
    const told: (string | null)[] = [];
    const columnsOf = (url: string) => new URL(url, 'http://here').searchParams.get('columns');
    server.on('POST', /import\?/, ({ url }) => {
      told.push(columnsOf(url));
      return url.includes('accept') ? { body: { added: 1, passedOver: 0 } } : { body: preview };
    });
    await user.type(box, 'name;shoe');
    await user.click(screen.getByRole('button', { name: 'Preview' }));
    await user.selectOptions(await screen.findByLabelText(/^Shoe/), 'Handicap');
    await user.click(await screen.findByRole('button', { name: 'Add 1 player' }));
    await screen.findByText(/1 player added/);
    const said = JSON.stringify(['name', 'handicap']);
    expect(told).toEqual([null, said, said]);
  });

  test('columns that are still wanted are asked for', async () => {
    const { server, box, user } = opened();
    const wanted = [{ path: 'file', message: 'has no column for the clubs' }];
    const nothing = { lines: 0, good: 0, faulty: 0, twice: 0 };
    server.on('POST', /import\?/, () => ({
      body: { ...preview, wanted, counts: nothing, lines: [], faulty: [] },
    }));
    await user.type(box, 'name;shoe');
    await user.click(screen.getByRole('button', { name: 'Preview' }));
    expect(
      await screen.findByRole('heading', { name: 'Say what each column contains' }),
    ).toBeVisible();
    expect(screen.getByRole('alert')).toHaveTextContent('has no column for the clubs');
    expect(screen.getByRole('button', { name: 'Add no players' })).toBeDisabled();
  });

  test('a player’s own file says what it brings and brings the player back', async () => {
    const { server, box, user } = opened();
    const imported = {
      kind: 'player',
      id: 'ada',
      name: 'Ada Lund',
      known: false,
      readings: 1,
      lessons: 2,
      balls: 40,
      grassShots: 0,
    };
    server.on('POST', /import\?/, () => ({ body: imported }));
    await user.type(box, '{{');
    await user.click(screen.getByRole('button', { name: 'Preview' }));
    expect(await screen.findByText('40 balls to add')).toBeVisible();
    expect(screen.getByText('1 saved reading to add')).toBeVisible();
    expect(screen.queryByText(/shots off grass/)).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Bring Ada Lund back' }));
    expect(await screen.findByText(/Ada Lund is back/)).toBeVisible();
    expect(screen.getByRole('link', { name: 'Open Ada Lund' })).toHaveAttribute(
      'href',
      '/players/ada',
    );
  });

  test('lines that are changed after they were looked at must be looked at again', async () => {
    const { server, box, user } = opened();
    server.on('POST', /import\?$/, () => ({ body: preview }));
    await user.type(box, 'a');
    await user.click(screen.getByRole('button', { name: 'Preview' }));
    await screen.findByRole('button', { name: 'Add 1 player' });
    await user.type(box, 'b');
    expect(screen.queryByRole('button', { name: 'Add 1 player' })).toBeNull();
  });

  test('an answer about lines that are changed meanwhile is not shown', async () => {
    const { server, box, user } = opened();
    const slow = held<{ body: unknown }>();
    server.on('POST', /import\?$/, () => slow.promise);
    await user.type(box, 'a');
    await user.click(screen.getByRole('button', { name: 'Preview' }));
    expect(screen.getByRole('status')).toHaveTextContent('Reading …');
    await user.type(box, 'b');
    await act(async () => slow.settle({ body: preview }));
    expect(screen.queryByRole('button', { name: /^Add/ })).toBeNull();
  });

  test('what cannot be read is said, and the lines stay', async () => {
    const { server, box, user } = opened();
    server.on('POST', /import\?$/, () => ({
      status: 400,
      body: { error: [{ path: 'file', message: 'has no headings' }] },
    }));
    await user.type(box, 'nonsense');
    await user.click(screen.getByRole('button', { name: 'Preview' }));
    expect(await screen.findByRole('alert')).toHaveTextContent('file: has no headings');
    expect(box).toHaveValue('nonsense');
  });
});

test('a player is erased only once the name is typed, and no list shows the player after it', async () => {
  const user = userEvent.setup();
  const server = standInServer();
  const player = { ...ADA, id: 'ada' } as unknown as RosterPlayer;
  const mentions = (name: string, before: string) => ({
    name,
    count: 1,
    mentions: [{ table: 'lessons', before, found: name, after: '.' }],
  });
  server.on('GET', /players\/ada\/erase$/, () => ({
    body: {
      full: mentions('Ada Lund', 'Start with '),
      words: [mentions('Ada', 'hits like '), mentions('Lund', 'left with ')],
    },
  }));
  const cache = newCache();
  cache.setQueryData(['roster', 'Ada'], { players: [player] });
  render(
    <WithCache known={cache}>
      <EraseDialog player={player} {...closable} />
    </WithCache>,
  );
  const erase = screen.getByRole('button', { name: 'Erase for good' });
  expect(erase).toBeDisabled();
  await user.type(screen.getByRole('textbox'), 'Ada');
  expect(erase).toBeDisabled();
  await user.type(screen.getByRole('textbox'), ' Lund');
  await user.click(erase);
  expect(await screen.findByText(/is not answering/)).toBeVisible();
  expect(pushed).toEqual([]);
  expect(cache.getQueryData(['roster', 'Ada'])).toBeDefined();
  const asked: unknown[] = [];
  server.on('POST', /players\/ada\/erase$/, ({ body }) => (asked.push(body), {}));
  expect(screen.getAllByRole('listitem')[0]).toHaveTextContent('a lesson: Start with Ada Lund.');
  await user.click(screen.getByLabelText('Take “Lund” alone out of these too'));
  await user.click(erase);
  await waitFor(() => expect(pushed).toEqual(['/players']));
  expect(cache.getQueryData(['roster', 'Ada'])).toBeUndefined();
  expect(asked).toEqual([{ words: ['Lund'] }]);
});

test('the academy’s settings are saved; an empty name is refused before it is sent', async () => {
  const user = userEvent.setup();
  const server = standInServer();
  const house = {
    name: 'Saltmarsh',
    handed: 'right',
    skill: 'middle',
    units: 'yards',
    schools: [],
  };
  const saved: unknown[] = [];
  server.on('PUT', /academy$/, ({ body }) => ({ body }));
  server.on('GET', /backups$/, () => ({ body: { last: null, kept: 0 } }));
  render(
    <WithCache>
      <HouseForm {...closable} house={house as never} onSaved={(next) => saved.push(next)} />
    </WithCache>,
  );
  const name = screen.getByLabelText('Name');
  await user.clear(name);
  await user.click(screen.getByRole('button', { name: 'Save' }));
  expect(await screen.findByText(/^Name must be text of 1 to 80/)).toHaveRole('alert');
  expect(name).toBeInvalid();
  expect(server.asked.filter(({ method }) => method !== 'GET')).toEqual([]);
  await user.type(name, 'Dune house');
  await user.selectOptions(screen.getByLabelText('Units'), 'metres');
  expect(screen.getByLabelText(/^How much the worst 10%/)).toHaveDisplayValue(
    'a little (standard)',
  );
  await user.selectOptions(screen.getByLabelText(/^How much the worst 10%/), 'a third: play safer');
  await user.click(screen.getByRole('button', { name: 'Save' }));
  await waitFor(() =>
    expect(saved).toEqual([
      expect.objectContaining({ name: 'Dune house', units: 'metres', caution: 0.3 }),
    ]),
  );
});

describe('the roster', () => {
  const listed = (id: string): ListedPlayer =>
    ({ ...ADA, id, name: `Player ${id}`, archived: false, readings: 0, updatedAt: '' }) as never;
  const page = (...ids: string[]): RosterPageData => ({
    players: ids.map(listed),
    total: 120,
  });
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  function opened() {
    const server = standInServer();
    const { result } = renderHook(() => useRoster(page('a', 'b')), { wrapper: WithCache });
    const ids = (): string[] => result.current.players.map(({ id }) => id);
    // First what was typed comes to rest and is rendered, then what it asks for comes.
    const rest = async (): Promise<void> => {
      await act(() => jest.advanceTimersByTimeAsync(300));
      await act(() => jest.advanceTimersByTimeAsync(10));
    };
    return { server, result, ids, rest };
  }

  test('asks for what is searched and sorted, once it rests', async () => {
    const { server, result, ids, rest } = opened();
    server.on('GET', /players\?/, () => ({ body: page('c') }));
    act(() => result.current.show({ search: 'l' }));
    act(() => result.current.show({ search: 'lu', order: 'changed', descending: true }));
    await rest();
    expect(server.asked).toHaveLength(1);
    expect(server.asked[0]!.url).toMatch(/search=lu&archived=false&order=changed&descending=true/);
    expect(ids()).toEqual(['c']);
  });

  test('of two searches the later stands', async () => {
    const { server, result, ids, rest } = opened();
    const slow = held<{ body: RosterPageData }>();
    server.on('GET', /search=x&/, () => slow.promise);
    server.on('GET', /search=xy&/, () => ({ body: page('xy') }));
    act(() => result.current.show({ search: 'x' }));
    await rest();
    act(() => result.current.show({ search: 'xy' }));
    await rest();
    await act(async () => slow.settle({ body: page('x') }));
    expect(ids()).toEqual(['xy']);
  });

  test('turns further pages over, and all of them follow when something was saved', async () => {
    const { server, result, ids, rest } = opened();
    server.on('GET', /offset=2&/, () => ({ body: page('c') }));
    server.on('POST', /players$/, () => ({}));
    await act(() => result.current.more());
    await rest();
    expect(ids()).toEqual(['a', 'b', 'c']);
    server.on('GET', /offset=0&/, () => ({ body: page('a', 'new') }));
    server.on('GET', /offset=2&/, () => ({ body: page('b', 'c') }));
    await act(async () => expect(await result.current.save(ADA)).toBeNull());
    await rest();
    expect(ids()).toEqual(['a', 'new', 'b', 'c']);
  });

  test('a search that was under way when a player was archived is asked again', async () => {
    const { server, result, ids, rest } = opened();
    const before = held<{ body: RosterPageData }>();
    server.on('GET', /search=a&/, () => before.promise);
    server.on('POST', /archive$/, () => ({}));
    act(() => result.current.show({ search: 'a' }));
    await rest();
    server.on('GET', /search=a&/, () => ({ body: page() }));
    await act(async () => void result.current.archive(listed('a')));
    await act(async () => before.settle({ body: page('a') }));
    await rest();
    expect(ids()).toEqual([]);
  });

  test('nothing is lost of the list while the server is away', async () => {
    const { result, ids, rest } = opened();
    await act(() => result.current.remove(listed('a')));
    await act(() => result.current.archive(listed('a')));
    await act(async () => expect(await result.current.save(ADA, 'a')).toMatch(/is not answering/));
    await rest();
    expect(ids()).toEqual(['a', 'b']);
  });
});

test('a copy of everything is made with a button, and when the last one was made is said', async () => {
  const user = userEvent.setup();
  const server = standInServer();
  server.on('GET', /backups$/, () => ({ body: { last: null, kept: 0 } }));
  render(<Copies />, { wrapper: WithCache });
  expect(await screen.findByText('No backup yet.')).toBeVisible();
  server.on('POST', /backups$/, () => ({
    status: 507,
    body: { error: [{ path: 'backup', message: 'No copy was made: no room.' }] },
  }));
  await user.click(screen.getByRole('button', { name: 'Back up now' }));
  await waitFor(() => expect(screen.getByRole('alert')).toHaveTextContent(/no room/));
  server.on('POST', /backups$/, () => ({
    body: { last: new Date().toISOString(), kept: 1 },
  }));
  await user.click(screen.getByRole('button', { name: 'Back up now' }));
  expect(await screen.findByText(/^Last backup .*; 1 is kept\.$/)).toBeVisible();
  expect(screen.getByRole('alert')).toBeEmptyDOMElement();
});

test('where the data is on a database server, its own backups are said and no button makes one', async () => {
  standInServer().on('GET', /backups$/, () => ({ body: { by: 'server' } }));
  render(<Copies />, { wrapper: WithCache });
  expect(await screen.findByText(/is on a database server\. Backups are made there/)).toBeVisible();
  expect(screen.queryByRole('button', { name: 'Back up now' })).toBeNull();
});
