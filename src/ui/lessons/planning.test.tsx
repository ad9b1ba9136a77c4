import { act, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { RosterPlayer } from '@/core/lesson/players/player';
import { aRosterPlayer } from '@/core/testing/records';
import { saidShot } from '@/core/tell/grammar/saidShot';
import { USUAL_LIMITS, type DrawLimits } from '@/core/lesson/plan/randomStation';
import { timetable } from '@/core/lesson/plan/timetable';
import { FIRST_SHOT } from '@/core/contract/reading/reading';
import type { ShotInput } from '@/core/contract/shot/shot';
import { toMetres } from '@/core/ground/units/length';
import type { KeptReading } from '@/core/contract/reading/kept';
import { held, standInServer } from '../testing/server';
import { WithCache } from '../testing/withCache';
import { AddStation } from './AddStation';
import { DrawLimitsForm } from './DrawLimitsForm';
import { PlayerPicker } from '../reading/PlayerPicker';
import { TimetableView } from './TimetableView';

const KEPT: KeptReading = {
  id: 'kept',
  name: 'Under the lip',
  playerId: 'ada',
  playerName: 'Ada',
  shot: { pin_yd: 9 },
  called: '60 splash',
  savedAt: '2026-05-02T10:00:00Z',
  learnt: null,
  model: 'm',
};

describe('a station', () => {
  function opened(full = false) {
    const stations: [string, ShotInput][] = [];
    render(
      <AddStation
        readings={[KEPT]}
        onGround={() => undefined}
        full={full}
        onStation={(name, shot) => stations.push([name, shot])}
      />,
    );
    return { stations, user: userEvent.setup() };
  }

  test('is a kept reading with its name, or the usual shot', async () => {
    const { stations, user } = opened();
    await user.selectOptions(screen.getByLabelText('A saved reading'), 'Under the lip');
    await user.click(screen.getByRole('button', { name: 'Standard station' }));
    expect(stations).toEqual([
      ['Under the lip', KEPT.shot],
      ['18 yd to the flag', FIRST_SHOT],
    ]);
  });

  test('is typed as at the desk; half understood is not taken', async () => {
    const { stations, user } = opened();
    const line = screen.getByLabelText('Describe a new one');
    const add = screen.getByRole('button', { name: 'Add' });
    expect(add).toBeDisabled();
    await user.type(line, 'plugged, 15 to the flag, wobbly');
    expect(screen.getByRole('status')).toHaveTextContent('Not understood: wobbly');
    expect(add).toBeDisabled();
    await user.clear(line);
    await user.type(line, 'plugged, 15 to the flag');
    expect(screen.getByRole('status')).toHaveTextContent(/^Understood: .*plugged/);
    await user.click(add);
    expect(stations).toEqual([
      ['15 yd to the flag, plugged', expect.objectContaining({ lie: 'plugged', pin_yd: 15 })],
    ]);
    expect(line).toHaveValue('');
  });

  test('is drawn within the limits that stand', async () => {
    const { stations, user } = opened();
    await user.click(screen.getByText('Limits for random stations'));
    const from = screen.getByLabelText('Flag from, yd');
    const to = screen.getByLabelText('Flag to, yd');
    for (const [field, yards] of [
      [from, '12'],
      [to, '14'],
    ] as const) {
      await user.clear(field);
      await user.type(field, yards);
      await user.tab();
    }
    for (let i = 0; i < 8; i++)
      await user.click(screen.getByRole('button', { name: 'Random station' }));
    const pins = stations.map(([, shot]) => (shot as { pin_yd: number }).pin_yd);
    expect(Math.min(...pins)).toBeGreaterThanOrEqual(12);
    expect(Math.max(...pins)).toBeLessThanOrEqual(14);
    for (const [, shot] of stations) expect(saidShot(shot)).toMatch(/to the flag/);
  });

  test('no more than twelve', () => {
    opened(true);
    for (const name of ['Standard station', 'Random station', 'Add']) {
      expect(screen.getByRole('button', { name })).toBeDisabled();
    }
  });
});

describe('limits of what is drawn', () => {
  function opened() {
    const seen: DrawLimits[] = [];
    function Form() {
      const [limits, setLimits] = useState(USUAL_LIMITS);
      return (
        <DrawLimitsForm
          limits={limits}
          onLimits={(next) => {
            seen.push(next);
            setLimits(next);
          }}
        />
      );
    }
    render(<Form />);
    const type = async (label: string, text: string): Promise<void> => {
      const user = userEvent.setup();
      await user.clear(screen.getByLabelText(label));
      if (text !== '') await user.type(screen.getByLabelText(label), text);
      await user.tab();
    };
    return { seen, type, user: userEvent.setup() };
  }

  test('a least beyond the most takes the most along', async () => {
    const { seen, type } = opened();
    await type('Flag from, yd', '40');
    expect(seen.at(-1)!.pin.map((metres) => metres / 0.9144)).toEqual([
      expect.closeTo(40, 6),
      expect.closeTo(40, 6),
    ]);
  });

  test.each([
    ['Flag from, yd', '200', 'Flag from, yd must be from 4.4 to 65 yd, not "200".'],
    ['Lip to, ft', 'tall', 'Lip to, ft must be from 0.33 to 13 ft, not "tall".'],
    ['Lip from, ft', '', 'Lip from, ft must be from 0.33 to 13 ft, not "".'],
  ])('%s "%s" is refused and stays as typed', async (label, typed, message) => {
    const { seen, type } = opened();
    await type(label, typed);
    expect(screen.getByRole('alert')).toHaveTextContent(message);
    expect(screen.getByLabelText(label)).toHaveValue(typed);
    expect(seen).toEqual([]);
  });

  test('a decimal comma is understood, and mends what was refused', async () => {
    const { seen, type } = opened();
    await type('Lip to, ft', 'x');
    await type('Lip to, ft', '4,5');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(seen.at(-1)!.lip[1]).toBeCloseTo(toMetres(4.5, 'ft'), 9);
  });

  test('one lie always stays', async () => {
    const { seen, user } = opened();
    const boxes = screen.getAllByRole('checkbox');
    for (const box of boxes.slice(1)) await user.click(box);
    expect(seen.at(-1)!.lies).toHaveLength(1);
    expect(boxes[0]).toBeDisabled();
  });
});

describe('the players of a lesson', () => {
  const ROSTER = ['ada', 'bo', 'cy'].map((id) => aRosterPlayer({ id, name: `Player ${id}` }));
  function opened(first: readonly string[] = []) {
    const server = standInServer();
    function Picker() {
      const [chosen, setChosen] = useState<string[]>([...first]);
      const [known, setKnown] = useState<readonly RosterPlayer[]>(ROSTER);
      return (
        <PlayerPicker
          roster={ROSTER}
          nameOf={(player) => known.find(({ id }) => id === player)?.name ?? player}
          chosen={chosen}
          onChosen={(next) => setChosen([...next])}
          onMet={(player) => setKnown((now) => [...now, player])}
        />
      );
    }
    render(<Picker />, { wrapper: WithCache });
    const order = (): string[] =>
      within(screen.getByRole('list'))
        .getAllByRole('listitem')
        .map(({ textContent }) => textContent);
    return { server, order, user: userEvent.setup() };
  }

  test('are added, put in order and taken out', async () => {
    const { order, user } = opened();
    expect(order()).toEqual(['No players yet.']);
    await user.click(screen.getByRole('button', { name: '+ Player ada' }));
    await user.click(screen.getByRole('button', { name: '+ Player bo' }));
    expect(screen.queryByRole('button', { name: '+ Player ada' })).toBeNull();
    await user.click(screen.getByRole('button', { name: 'Move Player bo up' }));
    expect(order()).toEqual(['Player bo', 'Player ada']);
    await user.click(screen.getByRole('button', { name: 'Remove Player ada' }));
    expect(order()).toEqual(['Player bo']);
  });

  test('who are entered one after the other while the answers are awaited are all added', async () => {
    const { server, order, user } = opened();
    const answers = ['di', 'ed'].map((name) => {
      const answer = held<{ body: unknown }>();
      server.on('GET', new RegExp(`search=${name}$`), () => answer.promise);
      return { ...answer, body: { players: [{ id: name, name }] } };
    });
    const find = screen.getByRole('searchbox', { name: 'Find a player' });
    await user.type(find, 'di{Enter}');
    await user.clear(find);
    await user.type(find, 'ed{Enter}');
    for (const { settle, body } of answers) await act(async () => settle({ body }));
    await waitFor(() => expect(order()).toEqual(['di', 'ed']));
  });

  test('are found by name; an older search does not overwrite a later one', async () => {
    const { server, user } = opened();
    const slow = held<{ body: unknown }>();
    server.on('GET', /search=d$/, () => slow.promise);
    server.on('GET', /search=di$/, () => ({ body: { players: [{ id: 'di', name: 'Di Far' }] } }));
    const find = screen.getByRole('searchbox', { name: 'Find a player' });
    await user.type(find, 'd');
    await waitFor(() => expect(server.to('GET', /search=d$/)).toHaveLength(1));
    await user.type(find, 'i');
    await screen.findByRole('button', { name: '+ Di Far' });
    await act(async () => slow.settle({ body: { players: [{ id: 'old', name: 'Old' }] } }));
    expect(screen.queryByRole('button', { name: '+ Old' })).toBeNull();
    await user.click(screen.getByRole('button', { name: '+ Di Far' }));
    expect(screen.getByText('Di Far')).toBeVisible();
  });

  test('Enter adds the first who is called that and is not in yet, as the field stands at that moment', async () => {
    const { server, order, user } = opened();
    const players = [
      aRosterPlayer({ id: 'ada', name: 'Player ada' }),
      aRosterPlayer({ id: 'di', name: 'Di Far' }),
    ];
    server.on('GET', /search=/, () => ({ body: { players } }));
    const find = screen.getByRole('searchbox', { name: 'Find a player' });
    await user.type(find, 'a{Enter}');
    await waitFor(() => expect(order()).toEqual(['Player ada']));
    await user.type(find, 'r{Enter}');
    await waitFor(() => expect(order()).toEqual(['Player ada', 'Di Far']));
    expect(server.to('GET', /search=ar$/)).toHaveLength(1);
    server.on('GET', /search=/, () => ({ body: { players: [] } }));
    await user.type(find, 'x{Enter}');
    await screen.findByText('No match.');
    expect(order()).toHaveLength(2);
  });

  test('are eight at most', () => {
    opened(['1', '2', '3', '4', '5', '6', '7', '8']);
    expect(screen.queryByRole('searchbox')).toBeNull();
  });
});

test('the timetable says who is where when, and who rests', () => {
  render(
    <TimetableView
      turns={timetable(3, [1, 2], 10)}
      minutes={10}
      players={['Ada', 'Bo', 'Cy']}
      stations={['Splash', 'Plugged']}
    />,
  );
  const rows = screen.getAllByRole('row').slice(1);
  expect(rows.at(-1)).toHaveTextContent(/^30end of the lesson$/);
  for (const row of rows.slice(0, -1)) {
    const cells = within(row)
      .getAllByRole('cell')
      .map(({ textContent }) => textContent);
    expect(cells.filter((cell) => cell === 'rest and rake')).toHaveLength(1);
    expect(new Set(cells).size).toBe(3);
  }
  expect(rows[1]).toHaveTextContent(/^10/);
});

test('with a time to begin at the timetable says times of day', () => {
  render(
    <TimetableView
      turns={timetable(2, [1, 2], 20)}
      minutes={20}
      players={['Ada', 'Bo']}
      stations={['Splash', 'Plugged']}
      startsAt="09:50"
    />,
  );
  const rows = screen.getAllByRole('row').map(({ textContent }) => textContent!.slice(0, 5));
  expect(rows).toEqual(['TimeA', '09:50', '10:10', '10:30']);
});
