import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { readSituation } from '@/core/contract/shot/situation';
import type { ShotInput } from '@/core/contract/shot/shot';
import { aSituation } from '@/core/testing/records';
import type { UnitSystem } from '@/core/ground/units/system';
import { UnitsContext } from '../kit/units';
import { AllFields } from './overlays/AllFields';

const shot: ShotInput = {
  pin_yd: 18,
  edge_yd: 11,
  back_yd: 30,
  lip: { height_ft: 3, distance_ft: 8 },
  lie: 'clean',
  sand: { preset: 'medium', firmness: 0.4 },
  green: { stimp_ft: 10 },
};

function opened(units: UnitSystem = 'yards', fault: string | null = null) {
  const { question } = readSituation({ ...aSituation(), shot });
  const onFields = jest.fn((_changes: Readonly<Record<string, unknown>>) => fault);
  const onClose = jest.fn();
  render(
    <UnitsContext value={units}>
      <AllFields shot={shot} resolved={question.shot} onFields={onFields} onClose={onClose} />
    </UnitsContext>,
  );
  return { onFields, onClose, user: userEvent.setup() };
}

test('a shot is typed from the flag on with Tab, and taken with Enter: only what was changed', async () => {
  const { onFields, onClose, user } = opened();
  expect(screen.getByLabelText('Flag, yd')).toHaveFocus();
  await user.keyboard('24{Tab}16{Tab}40{Tab}{Tab}4,5{Tab}12{Enter}');
  expect(onFields.mock.calls).toStrictEqual([
    [
      {
        pin_yd: 24,
        edge_yd: 16,
        back_yd: 40,
        'lip.height_ft': 4.5,
        'lip.distance_ft': 12,
      },
    ],
  ]);
  expect(onClose).toHaveBeenCalledTimes(1);
});

test('a chosen sand takes what was measured of the other away; a depth takes the place of a lie', async () => {
  const { onFields, user } = opened('metres');
  await user.selectOptions(screen.getByLabelText('Sand'), 'powder');
  const depth = screen.getByLabelText('Ball depth, mm');
  await user.clear(depth);
  await user.type(depth, '12');
  await user.type(screen.getByLabelText('Wind, m/s'), '{Backspace}5');
  await user.selectOptions(screen.getByLabelText('Wind from'), 'behind');
  await user.click(screen.getByRole('button', { name: 'Use these numbers' }));
  expect(onFields.mock.calls).toStrictEqual([
    [
      {
        'sand.preset': 'powder',
        'sand.firmness': undefined,
        'sand.density_kgm3': undefined,
        burial_mm: 12,
        lie: undefined,
        wind: { speed_mps: 5, from_deg: 180 },
      },
    ],
  ]);
});

test('what is no number is said at its field, what the reading refuses at the foot; both keep what was typed', async () => {
  const { onFields, onClose, user } = opened('yards', 'The flag must lie beyond the edge.');
  const pin = screen.getByLabelText('Flag, yd');
  await user.clear(pin);
  await user.type(pin, 'far{Enter}');
  expect(screen.getByText('Flag, yd must be a number, not “far”.')).toBeVisible();
  expect(onFields).not.toHaveBeenCalled();
  await user.clear(pin);
  await user.type(pin, '9{Enter}');
  expect(screen.getByText('The flag must lie beyond the edge.')).toBeVisible();
  expect(pin).toHaveValue('9');
  expect(onClose).not.toHaveBeenCalled();
});

test('nothing changed changes nothing', async () => {
  const { onFields, onClose, user } = opened();
  await user.keyboard('{Enter}');
  expect(onFields).not.toHaveBeenCalled();
  expect(onClose).toHaveBeenCalledTimes(1);
});
