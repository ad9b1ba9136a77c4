import { act, fireEvent, render, screen } from '@testing-library/react';
import { StandInsContext } from '../frame/standIns';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { LIES } from '@/core/ground/sand/lie';
import { presetSand, SAND_PRESETS } from '@/core/ground/sand/presets';
import { aShot, CLUB_56 } from '@/core/testing/fixtures';
import { toMetres } from '@/core/ground/units/length';
import { GreenPanel } from './GreenPanel';
import { PacedPanel } from './LengthPanel';
import { LiePanel } from './LiePanel';
import { LipPanel } from './LipPanel';
import { NumberPanel } from '../kit/NumberPanel';
import { SandPanel } from './SandPanel';
import { SlopePanel } from './SlopePanel';
import { WindPanel } from './WindPanel';
import { UnitsContext } from '../kit/units';

beforeEach(() => localStorage.clear());

/** Puts a text into a field whose panel is not drawn again. */
const put = (field: HTMLElement, value: string): boolean =>
  fireEvent.change(field, { target: { value } });

describe('a number', () => {
  /** A number that may be 0 to 20. */
  function opened(first: number | undefined = 4) {
    const taken: number[] = [];
    function Holder() {
      const [value, setValue] = useState(first);
      return (
        <NumberPanel
          label="Lip"
          unit="ft"
          value={value}
          from={0}
          to={12}
          step={0.5}
          help="In feet."
          onValue={(next) => {
            if (next < 0 || next > 20) return `must be from 0 to 20 ft, not ${next}`;
            taken.push(next);
            setValue(next);
            return null;
          }}
        />
      );
    }
    render(<Holder />);
    return { taken, box: screen.getByRole('textbox'), user: userEvent.setup() };
  }

  test('is typed, also beyond the slider, and with a comma', async () => {
    const { taken, box, user } = opened();
    await user.clear(box);
    await user.type(box, '14,5');
    expect(taken.at(-1)).toBe(14.5);
    expect(box).toBeValid();
    expect(screen.getByRole('slider')).toHaveAttribute('aria-valuenow', '12');
  });

  test('that cannot be stays as typed with what is allowed; the reading stands as before', async () => {
    const { taken, box, user } = opened();
    await user.clear(box);
    await user.type(box, '45');
    expect(screen.getByRole('alert')).toHaveTextContent('must be from 0 to 20 ft, not 45');
    expect(box).toHaveValue('45');
    expect(box).toBeInvalid();
    expect(taken.at(-1)).toBe(4);
    await user.clear(box);
    expect(screen.getByRole('alert')).toHaveTextContent('Lip must be a number in ft, not "".');
    await user.type(box, '5');
    expect(screen.queryByRole('alert')).toBeNull();
    expect(screen.getByText('In feet.')).toBeVisible();
    expect(taken.at(-1)).toBe(5);
  });

  test('is stepped by arrows, ten steps with shift, and by the wheel only under the focus', async () => {
    const { taken, box, user } = opened();
    fireEvent.wheel(box, { deltaY: -1 });
    expect(taken).toEqual([]);
    box.focus();
    await user.keyboard('{ArrowUp}{ArrowUp}{ArrowDown}{Shift>}{ArrowUp}{/Shift}');
    expect(taken).toEqual([4.5, 5, 4.5, 9.5]);
    fireEvent.wheel(box, { deltaY: 1 });
    expect(taken.at(-1)).toBe(9);
  });

  test('is scrubbed by the slider’s keys', async () => {
    const { taken, user } = opened();
    screen.getByRole('slider', { name: 'Lip, ft' }).focus();
    await user.keyboard('{ArrowRight}{Home}');
    expect(taken).toEqual([4.5, 0]);
  });
});

test('a distance is typed in the units of the desk, or paced', async () => {
  const user = userEvent.setup();
  const fields: object[] = [];
  render(
    <PacedPanel
      label="Flag"
      path="pin"
      metres={toMetres(15, 'yd')}
      range={[4, 60, 1]}
      thresholds={[]}
      onFields={(changes) => {
        fields.push(changes);
        return null;
      }}
    />,
  );
  const box = screen.getByRole('textbox', { name: 'Flag' });
  expect(box).toHaveValue('15');
  put(box, '18');
  expect(fields.at(-1)).toEqual({ pin_yd: 18 });
  await user.click(screen.getByText('Pace it out'));
  await user.type(screen.getByLabelText('Paces'), '20');
  await user.click(screen.getByRole('button', { name: 'Apply' }));
  expect(fields.at(-1)).toEqual({ pin_yd: 19.7 });
});

test('the lip is measured into height and distance at once', async () => {
  const user = userEvent.setup();
  const fields: object[] = [];
  render(
    <UnitsContext value="metres">
      <LipPanel
        lip={aShot(15, 3).lip}
        bag={[CLUB_56]}
        thresholds={[]}
        onFields={(changes) => {
          fields.push(changes);
          return null;
        }}
      />
    </UnitsContext>,
  );
  await user.click(screen.getByText('Measure it'));
  await user.type(screen.getByLabelText('Angle'), '30');
  await user.type(screen.getByLabelText('Paces to the lip'), '3');
  await user.click(screen.getByRole('button', { name: 'Apply' }));
  expect(fields).toEqual([{ 'lip.height_m': 1.6, 'lip.distance_m': 2.7 }]);
});

test('five drawn lies, and a depth between them', async () => {
  const user = userEvent.setup();
  const lies: string[] = [];
  const depths: number[] = [];
  const { container } = render(
    <UnitsContext value="metres">
      <LiePanel
        burial={presetSand('medium').settle}
        sand={presetSand('medium')}
        onLie={(lie) => lies.push(lie)}
        onBurial={(mm) => {
          depths.push(mm);
          return null;
        }}
      />
    </UnitsContext>,
  );
  expect(container.querySelectorAll('svg')).toHaveLength(LIES.length);
  expect(screen.getAllByRole('radio')[0]).toBeChecked();
  await user.click(screen.getAllByRole('radio')[3]!);
  expect(lies).toEqual(['plugged']);
  const box = screen.getByRole('textbox');
  put(box, '17');
  expect(depths.at(-1)).toBe(17);
});

describe('the sand', () => {
  function opened(measured = false, units: 'yards' | 'metres' = 'metres') {
    const fields: Readonly<Record<string, unknown>>[] = [];
    render(
      <UnitsContext value={units}>
        <SandPanel
          preset="medium"
          crust={false}
          depthMm={undefined}
          moisture={0}
          firmness={0.5}
          density={1550}
          measured={measured}
          onFields={(changes) => {
            fields.push(changes);
            return null;
          }}
        />
      </UnitsContext>,
    );
    return { fields, user: userEvent.setup() };
  }

  test('says depth and weight in one system', () => {
    const { fields } = opened(true, 'yards');
    put(screen.getByRole('textbox', { name: 'Depth of sand over the hard base' }), '4');
    put(screen.getByRole('textbox', { name: 'Density' }), '100');
    expect(fields).toEqual([{ 'sand.depth_mm': 102 }, { 'sand.density_kgm3': 1602 }]);
    expect(document.body.textContent).not.toMatch(/\bmm\b|kg/);
  });

  test('is one of the drawn kinds with what the feet say, or a crust, and has depth and water', async () => {
    const { fields, user } = opened();
    expect(screen.getAllByRole('radio')).toHaveLength(SAND_PRESETS.length);
    await user.click(screen.getByRole('radio', { name: /^firm/ }));
    await user.click(screen.getByRole('checkbox', { name: /crust/ }));
    put(screen.getByRole('textbox', { name: 'Depth of sand over the hard base' }), '40');
    put(screen.getByRole('textbox', { name: /^Moisture/ }), '0.3');
    expect(fields).toEqual([
      { 'sand.preset': 'firm', 'sand.firmness': undefined, 'sand.density_kgm3': undefined },
      { 'sand.crust': true },
      { 'sand.depth_mm': 40 },
      { 'sand.moisture': 0.3 },
    ]);
  });

  test('is told by numbers, and taken back to what is usual', async () => {
    const { fields, user } = opened(true);
    put(screen.getByRole('textbox', { name: /^Firmness/ }), '0.6');
    put(screen.getByRole('textbox', { name: 'Density' }), '1700');
    await user.click(screen.getByRole('button', { name: 'Reset to typical for this sand' }));
    expect(fields).toEqual([
      { 'sand.firmness': 0.6 },
      { 'sand.density_kgm3': 1700 },
      { 'sand.firmness': undefined, 'sand.density_kgm3': undefined },
    ]);
  });
});

test('a slope is drawn as it is set, and taken from the sensor in one step', async () => {
  jest.useFakeTimers();
  const fields: object[] = [];
  render(
    <StandInsContext value>
      <SlopePanel
        alongDeg={8}
        acrossDeg={-4}
        handed="left"
        thresholds={[]}
        onFields={(changes) => {
          fields.push(changes);
          return null;
        }}
      />
    </StandInsContext>,
  );
  expect(screen.getByRole('img', { name: 'From the side: 8 degrees' })).toBeVisible();
  expect(screen.getByRole('img', { name: 'From behind the ball: -4 degrees' })).toBeVisible();
  fireEvent.click(screen.getByText('Measure it'));
  fireEvent.click(screen.getByRole('button', { name: 'Simulated sensor' }));
  await act(() => jest.advanceTimersByTimeAsync(3000));
  fireEvent.click(screen.getByRole('button', { name: 'Apply' }));
  expect(fields).toEqual([
    { 'slope.along_deg': expect.any(Number), 'slope.across_deg': expect.any(Number) },
  ]);
  jest.useRealTimers();
});

describe('the wind', () => {
  const opened = (units: 'yards' | 'metres', speedMps: number) => {
    const winds: [number, number][] = [];
    render(
      <UnitsContext value={units}>
        <WindPanel
          speedMps={speedMps}
          fromDeg={0}
          onWind={(speed, from) => {
            winds.push([speed, from]);
            return null;
          }}
        />
      </UnitsContext>,
    );
    return { winds, user: userEvent.setup() };
  };

  test('is typed in miles an hour, or in metres a second', () => {
    const { winds } = opened('yards', 0);
    put(screen.getByRole('textbox', { name: 'Wind' }), '10');
    expect(winds).toEqual([[4.47, 0]]);
  });

  test('that comes from somewhere blows', async () => {
    const { winds, user } = opened('metres', 0);
    await user.click(screen.getAllByRole('radio')[1]!);
    expect(winds).toHaveLength(1);
    expect(winds[0]![0]).toBe(4);
  });
});

test('the green’s speed and slope', () => {
  const fields: object[] = [];
  render(
    <GreenPanel
      green={aShot(15, 3).green}
      onFields={(changes) => {
        fields.push(changes);
        return null;
      }}
    />,
  );
  const [speed, slope] = screen.getAllByRole('textbox');
  put(speed!, '11');
  put(slope!, '-2');
  fireEvent.click(screen.getByRole('radio', { name: 'firm' }));
  expect(fields.at(-1)).toEqual({ 'green.firmness': 'firm' });
  expect(fields).toEqual(
    expect.arrayContaining([{ 'green.stimp_ft': 11 }, { 'green.slope_deg': -2 }]),
  );
});
