import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { LADDER_HOURS } from '@/core/search/ladder/ladder';
import { aClub, aPlayer, CLUB_52, CLUB_56, CLUB_60 } from '@/core/testing/fixtures';
import type { UnitSystem } from '@/core/ground/units/system';
import { Ladder } from './Ladder';
import { UnitsContext } from '../kit/units';

const BAG = [aClub('9i', 'iron', 41, 6, 118), CLUB_52, CLUB_56, CLUB_60];

function opened(units: UnitSystem = 'yards') {
  render(
    <UnitsContext value={units}>
      <Ladder player={aPlayer('middle', BAG)} />
    </UnitsContext>,
  );
  /** Carries of a club along the clock, whole units; of what is not played, nothing. */
  const carries = (club: string): number[] =>
    within(screen.getByRole('row', { name: new RegExp(`^${club}`) }))
      .getAllByRole('cell')
      .flatMap(({ firstElementChild, textContent }) =>
        textContent === '–' ? [] : Number(firstElementChild!.textContent),
      );
  return { carries, user: userEvent.setup() };
}

test('more swing goes further, and more loft less far', () => {
  const { carries } = opened();
  for (const club of ['52', '56', '60']) {
    const row = carries(club);
    expect(row).toEqual([...row].sort((a, b) => a - b));
    expect(row.length).toBeLessThanOrEqual(LADDER_HOURS.length);
  }
  expect(carries('52').at(-1)!).toBeGreaterThan(carries('60').at(-1)!);
});

test('firm sand sends it further, metres are fewer', async () => {
  const { carries, user } = opened();
  const medium = carries('56').at(-1)!;
  await user.selectOptions(screen.getByLabelText('Sand'), 'firm');
  expect(carries('56').at(-1)!).toBeGreaterThan(medium);
  await user.selectOptions(screen.getByLabelText('Sand'), 'medium');
  expect(carries('56').at(-1)!).toBe(medium);
});

test('says where the numbers come from', () => {
  opened('metres');
  expect(screen.getByText(/^Carry in m to a level green/)).toHaveTextContent(
    /averages for this level/,
  );
});

describe('what reaches a distance', () => {
  const answers = (): string[] =>
    within(screen.getByRole('region', { name: /^Which shots/ }))
      .getAllByRole('listitem')
      .map(({ textContent }) => textContent);
  const asking = async (typed: string) => {
    const { user } = opened();
    const box = screen.getByRole('textbox', { name: 'Which shots' });
    await user.clear(box);
    if (typed) await user.type(box, typed);
    return user;
  };

  test('is answered as it is typed, each carrying it', async () => {
    await asking('20');
    expect(answers().length).toBeGreaterThan(1);
    for (const each of answers()) expect(each).toMatch(/carries (19|20|21), stops at/);
  });

  test('can be where the ball stops', async () => {
    const user = await asking('20');
    await user.selectOptions(screen.getByLabelText('Measured to'), 'finish');
    for (const each of answers()) expect(each).toMatch(/stops at (19|20|21);/);
  });

  test('nothing does, and that is said', async () => {
    await asking('200');
    expect(answers()).toEqual(['No club in this bag, from this sand.']);
  });

  test.each([
    ['', 'Enter a number in yd.'],
    ['far', 'Enter a number in yd.'],
    ['1', 'Enter a distance from 4 to 240 yd.'],
    ['999', 'Enter a distance from 4 to 240 yd.'],
  ])('"%s" is not a distance', async (typed, message) => {
    await asking(typed);
    expect(screen.getByRole('alert')).toHaveTextContent(message);
  });
});
