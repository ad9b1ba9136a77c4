import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { UnitSystem } from '@/core/ground/units/system';
import { WaysOut, type WayInput } from './WaysOut';
import { UnitsContext } from '../kit/units';

function opened(first: readonly WayInput[] = [], units: UnitSystem = 'yards') {
  const seen: (readonly WayInput[] | undefined)[] = [];
  function Holder() {
    const [ways, setWays] = useState(first);
    return (
      <UnitsContext value={units}>
        <WaysOut
          ways={ways}
          onFields={({ escapes }) => {
            const next = escapes as readonly WayInput[] | undefined;
            if (next?.some(({ toward_deg }) => Math.abs(toward_deg) > 180)) {
              return 'Must be from -180 to 180 deg.';
            }
            seen.push(next);
            setWays(next ?? []);
            return null;
          }}
        />
      </UnitsContext>
    );
  }
  render(<Holder />);
  const put = (label: string, text: string, at = 0): void =>
    void fireEvent.change(screen.getAllByLabelText(label)[at]!, { target: { value: text } });
  return { seen, put, user: userEvent.setup() };
}

test('a low way is there at a press and gone at another', async () => {
  const { seen, user } = opened();
  await user.click(screen.getByRole('button', { name: 'right' }));
  expect(seen.at(-1)).toEqual([
    { toward_deg: 90, lip: { height_ft: 0.5, distance_ft: 8 }, room_yd: 15 },
  ]);
  await user.click(screen.getByRole('button', { name: 'right' }));
  expect(seen.at(-1)).toBeUndefined();
  expect(screen.queryByRole('listitem')).toBeNull();
});

test('direction, lip and room of each way are changed, in the units of the desk', () => {
  const way: WayInput = {
    toward_deg: -90,
    lip: { height_ft: 2, distance_ft: 10 },
    room_yd: 20,
  };
  const { seen, put } = opened([way, { ...way, toward_deg: 180 }], 'metres');
  expect(screen.getAllByLabelText('Lip')[0]).toHaveValue('0.6');
  put('Lip', '0,9');
  put('Distance to the lip', '4');
  put('Space beyond it', '12', 1);
  put('Direction', '-70');
  expect(seen.at(-1)).toEqual([
    { toward_deg: -70, lip: { height_m: 0.9, distance_m: 4 }, room_yd: 20 },
    { toward_deg: 180, lip: { height_ft: 2, distance_ft: 10 }, room_m: 12 },
  ]);
  expect(screen.getByText(/^70° to the left;/)).toBeVisible();
});

test('what cannot be is told and stays as typed', () => {
  const { seen, put } = opened([
    { toward_deg: 90, lip: { height_ft: 1, distance_ft: 8 }, room_yd: 15 },
  ]);
  put('Direction', '400');
  expect(screen.getByRole('alert')).toHaveTextContent('Must be from -180 to 180 deg.');
  expect(screen.getByLabelText('Direction')).toHaveValue('400');
  put('Direction', 'east');
  expect(screen.getByRole('alert')).toHaveTextContent(
    'Direction must be a number in °, not "east".',
  );
  expect(seen).toEqual([]);
  put('Direction', '100');
  expect(screen.queryByRole('alert')).toBeNull();
  expect(seen).toHaveLength(1);
});

test('a way is taken out by name, the others stay; eight are enough', async () => {
  const ways = Array.from({ length: 8 }, (_, i) => ({
    toward_deg: 100 + i,
    lip: { height_ft: 1, distance_ft: 8 },
    room_yd: 15,
  }));
  const { seen, user } = opened(ways);
  expect(screen.getByRole('button', { name: 'right' })).toBeDisabled();
  await user.click(screen.getByRole('button', { name: 'Without the way 103° to the right' }));
  expect(seen.at(-1)!.map(({ toward_deg }) => toward_deg)).toEqual([
    100, 101, 102, 104, 105, 106, 107,
  ]);
  expect(screen.getByRole('button', { name: 'right' })).toBeEnabled();
});
