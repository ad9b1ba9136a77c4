import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { aPlayer, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import { toMetres } from '@/core/ground/units/length';
import { standInServer } from '../testing/server';
import { CarryLine } from './CarryLine';
import { GrassShots } from './GrassShots';
import { Rack } from './Rack';
import type { GrassShot } from '@/core/lesson/players/grassShot';
import { UnitsContext } from '../kit/units';

const shot = (id: number, club: string, yards: number): GrassShot => ({
  id,
  club,
  carry: toMetres(yards, 'yd'),
  hitAt: '2026-05-02T10:00:00Z',
});

describe('stock carries in a line', () => {
  function opened(problem: string | null = null, units: 'yards' | 'metres' = 'yards') {
    const taken: [string, number][][] = [];
    render(
      <UnitsContext value={units}>
        <CarryLine
          clubs={['60', '56', '52'].map((name) => ({ name, loft_deg: Number(name) }))}
          onCarries={async (carries) => {
            taken.push([...carries]);
            return problem;
          }}
        />
      </UnitsContext>,
    );
    return { taken, line: screen.getByRole('textbox'), user: userEvent.setup() };
  }

  test('are taken in the units of the desk', async () => {
    const { taken, line, user } = opened();
    await user.type(line, '56 82, 52 96{Enter}');
    expect(taken).toEqual([
      [
        ['56', toMetres(82, 'yd')],
        ['52', toMetres(96, 'yd')],
      ],
    ]);
    expect(line).toHaveValue('');
  });

  test('of a club that is not in the bag are refused, and what was typed stays', async () => {
    const { taken, line, user } = opened();
    await user.type(line, '58 82{Enter}');
    expect(screen.getByRole('alert')).toHaveTextContent('58');
    expect(line).toHaveValue('58 82');
    expect(line).toBeInvalid();
    expect(taken).toEqual([]);
  });

  test('that the server refuses stay in the line', async () => {
    const { line, user } = opened('bag[1].stock_carry_yd: must be under 180');
    await user.type(line, '56 300{Enter}');
    expect(await screen.findByRole('alert')).toHaveTextContent('must be under 180');
    expect(line).toHaveValue('56 300');
  });
});

describe('shots off grass', () => {
  function opened(first: readonly GrassShot[] = []) {
    const server = standInServer();
    const taken: [string, number][][] = [];
    render(
      <GrassShots
        playerId="ada"
        clubs={['60', '56']}
        first={first}
        onCarries={async (carries) => {
          taken.push([...carries]);
          return null;
        }}
      />,
    );
    return { server, taken, user: userEvent.setup() };
  }

  test('are logged many at once for a club', async () => {
    const { server, user } = opened();
    server.on('POST', /players\/ada\/shots$/, () => ({
      body: [shot(1, '56', 80), shot(2, '56', 84)],
    }));
    await user.click(screen.getByText(/^Full shots off grass/));
    await user.selectOptions(screen.getByLabelText('Club'), '56');
    await user.type(screen.getByLabelText(/^Carries of full shots/), '80 84,5{Enter}');
    expect(server.asked[0]!.body).toEqual({
      shots: [
        { club: '56', carry_m: toMetres(80, 'yd') },
        { club: '56', carry_m: toMetres(84.5, 'yd') },
      ],
    });
    expect(await screen.findByText('Full shots off grass: 2')).toBeVisible();
  });

  test.each([
    ['80 far', 'Type the carries in yd with a space between them, not "far".'],
    ['-4', 'Type the carries in yd with a space between them, not "-4".'],
    [' ', 'Type the carries in yd with a space between them.'],
  ])('"%s" is refused without asking the server', async (typed, message) => {
    const { server, user } = opened();
    await user.click(screen.getByText(/^Full shots off grass/));
    const line = screen.getByLabelText(/^Carries of full shots/);
    await user.type(line, `${typed}{Enter}`);
    expect(screen.getByRole('alert')).toHaveTextContent(message);
    expect(line).toHaveValue(typed);
    expect(server.asked).toEqual([]);
  });

  test('one is taken away only once the server has', async () => {
    const { server, user } = opened([shot(1, '56', 80), shot(2, '56', 84)]);
    await user.click(screen.getByText('Full shots off grass: 2'));
    const line = screen.getByRole('listitem');
    const [first] = within(line).getAllByRole('button');
    await user.click(first!);
    expect(screen.getByText('Full shots off grass: 2')).toBeVisible();
    server.on('DELETE', /shots\/1$/, () => ({}));
    await user.click(first!);
    expect(await screen.findByText('Full shots off grass: 1')).toBeVisible();
  });
});

describe('the rack', () => {
  const opened = (bag = [CLUB_60, CLUB_56]) => {
    const carries: [string, number][] = [];
    render(
      <Rack
        player={aPlayer('middle', bag)}
        headSpeed={33}
        onCarry={(club, metres) => carries.push([club, metres])}
      />,
    );
    return { carries, user: userEvent.setup() };
  };

  test('says loft and bounce, and what opening does to them', async () => {
    const { user } = opened();
    expect(screen.getByText(/56° loft, 12° bounce/)).toBeVisible();
    screen.getByRole('slider').focus();
    await user.keyboard('{ArrowRight>10/}');
    expect(screen.getByText('Face open 10°')).toBeVisible();
    expect(screen.queryByText(/56° loft, 12° bounce/)).toBeNull();
  });

  test('a carry that does not fit is marked with what was probably meant, and mended at a press', async () => {
    const { carries, user } = opened([
      CLUB_60,
      { ...CLUB_56, stockCarry: toMetres(28, 'yd') },
      { ...CLUB_56, name: '52', loft: CLUB_56.loft - 0.07, stockCarry: toMetres(92, 'yd') },
    ]);
    const mend = screen.getByRole('button', { name: 'Use that' });
    await user.click(mend);
    expect(carries).toHaveLength(1);
    expect(carries[0]![0]).toBe('56');
    expect(carries[0]![1]).toBeGreaterThan(toMetres(70, 'yd'));
  });

  test('without any carry the speed is the skill’s', () => {
    const { stockCarry: _, ...unknown } = CLUB_56;
    opened([unknown]);
    expect(screen.getByText(/the average for this level/)).toBeVisible();
    expect(screen.getByText('no carry')).toBeVisible();
  });
});
