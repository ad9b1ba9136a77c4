import { act, render, renderHook, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { FIRST_SHOT, type DeskReading } from '@/core/contract/reading/reading';
import type { ShotInput } from '@/core/contract/shot/shot';
import { aShot } from '@/core/testing/fixtures';
import { presetSand } from '@/core/ground/sand/presets';
import { aSituation } from '@/core/testing/records';
import { understand } from '@/core/tell/grammar/understand';
import { readSituation } from '@/core/contract/shot/situation';
import { UnitsContext } from '../kit/units';
import { standInServer } from '../testing/server';
import { WithCache } from '../testing/withCache';
import { KeepDialog } from './overlays/KeepDialog';
import { ReadingsDrawer } from './overlays/ReadingsDrawer';
import { RulesAndCare } from './overlays/RulesAndCare';
import { TypeLine } from './overlays/TypeLine';
import type { KeptReading } from '@/core/contract/reading/kept';
import { useHistory } from '../kit/useHistory';

const closable = { onClose: () => undefined };

const reading = (pin_yd: number): DeskReading => ({
  player: 'ada',
  shot: { ...FIRST_SHOT, pin_yd } as ShotInput,
});

describe('steps back and forward', () => {
  beforeEach(() => jest.useFakeTimers());
  afterEach(() => jest.useRealTimers());

  function opened() {
    const { result } = renderHook(() => useHistory(reading(10)));
    const pin = (): number => (result.current.now.shot as { pin_yd: number }).pin_yd;
    const set = (to: number, afterMs = 1000): void => {
      jest.advanceTimersByTime(afterMs);
      act(() => result.current.set(reading(to)));
    };
    return { result, pin, set };
  }

  test('a drag is one step, changes apart are several', () => {
    const { result, pin, set } = opened();
    set(11);
    for (let to = 12; to <= 20; to++) set(to, 50);
    set(30);
    act(() => result.current.undo());
    expect(pin()).toBe(20);
    act(() => result.current.undo());
    expect(pin()).toBe(10);
    expect(result.current.canUndo).toBe(false);
    act(() => result.current.redo());
    act(() => result.current.redo());
    expect(pin()).toBe(30);
    expect(result.current.canRedo).toBe(false);
  });

  test('a change after a step back forgets what lay ahead, and is a step of its own', () => {
    const { result, pin, set } = opened();
    set(11);
    set(12);
    act(() => result.current.undo());
    set(13, 10);
    expect(result.current.canRedo).toBe(false);
    act(() => result.current.undo());
    expect(pin()).toBe(11);
  });

  test('nothing to step to is no step', () => {
    const { result, pin } = opened();
    act(() => result.current.undo());
    act(() => result.current.redo());
    expect(pin()).toBe(10);
  });

  test('a hundred steps are kept', () => {
    const { result, pin, set } = opened();
    for (let to = 11; to <= 150; to++) set(to);
    for (let i = 0; i < 200; i++) act(() => result.current.undo());
    expect(pin()).toBe(50);
  });
});

describe('the reading typed', () => {
  function opened(problem: string | null = null) {
    const taken: ShotInput[] = [];
    const onClose = jest.fn();
    render(
      <TypeLine
        onClose={onClose}
        shot={FIRST_SHOT}
        onShot={(shot) => {
          taken.push(shot);
          return problem;
        }}
      />,
    );
    return {
      taken,
      onClose,
      line: screen.getByRole('textbox', { name: 'Reading' }),
      user: userEvent.setup(),
    };
  }

  test('is taken with Enter', async () => {
    const { taken, onClose, line, user } = opened();
    await user.type(line, 'plugged, firm, 18 to the flag{Enter}');
    expect(taken).toEqual([
      expect.objectContaining({ lie: 'plugged', pin_yd: 18, sand: expect.anything() }),
    ]);
    expect(onClose).toHaveBeenCalledTimes(1);
  });

  test('marks what is not understood', async () => {
    const { line, user } = opened();
    await user.type(line, 'plugged, windmill');
    expect(screen.getByRole('status')).toHaveTextContent('Not understood: windmill');
    expect(screen.getByRole('status').querySelector('mark')).toHaveTextContent('windmill');
  });

  test('what is half understood is asked about and not applied, unless the coach says so', async () => {
    const { taken, onClose, line, user } = opened();
    await user.type(line, 'short-sided, buried{Enter}');
    expect(taken).toEqual([]);
    expect(await screen.findByText(/Change the underlined words/)).toBeVisible();
    expect(line).toHaveValue('short-sided, buried');
    await user.click(screen.getByRole('button', { name: 'Apply the rest' }));
    expect(taken).toEqual([expect.objectContaining({ lie: 'buried' })]);
    expect(onClose).toHaveBeenCalledTimes(1);
  });

  test('what the reading refuses of the rest is said until the line is changed', async () => {
    const { line, user } = opened('Must be from 0 to 19.7 ft, not 40.');
    await user.type(line, 'windmill, lip 40 at 6');
    await user.click(screen.getByRole('button', { name: 'Apply the rest' }));
    expect(screen.getByText('Must be from 0 to 19.7 ft, not 40.')).toBeVisible();
    await user.type(line, '0');
    expect(screen.queryByText('Must be from 0 to 19.7 ft, not 40.')).toBeNull();
  });

  test('the example is in the units of the desk', () => {
    render(
      <UnitsContext value="metres">
        <TypeLine {...closable} shot={FIRST_SHOT} onShot={() => null} />
      </UnitsContext>,
    );
    const { placeholder } = screen.getByRole<HTMLInputElement>('textbox', { name: 'Reading' });
    const { shot, unread } = understand(placeholder, {}, 'metres');
    expect(unread).toEqual([]);
    expect(readSituation({ ...aSituation(), shot }).question.shot.lip.height).toBeLessThan(2);
  });

  test('nothing understood is not taken; what the reading refuses is said and stays', async () => {
    const { taken, onClose, line, user } = opened('Must be from 0 to 19.7 ft, not 40.');
    await user.type(line, 'windmill{Enter}');
    expect(taken).toEqual([]);
    expect(screen.getByText('None of this is understood yet.')).toBeVisible();
    await user.clear(line);
    await user.type(line, 'lip 40 at 6{Enter}');
    expect(screen.getByText('Must be from 0 to 19.7 ft, not 40.')).toBeVisible();
    expect(line).toHaveValue('lip 40 at 6');
    expect(onClose).not.toHaveBeenCalled();
  });
});

describe('keeping', () => {
  test('takes the suggested name or another, and keeps what was typed when it is refused', async () => {
    const user = userEvent.setup();
    const names: string[] = [];
    render(
      <KeepDialog
        {...closable}
        suggestion="56 to 15 yards"
        onKeep={async (name) => {
          names.push(name);
          return names.length > 1 ? 'name: must not be empty' : null;
        }}
      />,
    );
    await user.click(screen.getByRole('button', { name: 'Save' }));
    await user.clear(screen.getByLabelText('Name'));
    await user.type(screen.getByLabelText('Name'), '  Left bunker {Enter}');
    expect(names).toEqual(['56 to 15 yards', 'Left bunker']);
    expect(await screen.findByRole('alert')).toHaveTextContent('must not be empty');
    expect(screen.getByLabelText('Name')).toHaveValue('  Left bunker ');
  });
});

describe('the drawer of readings', () => {
  const kept: KeptReading = {
    id: 'a',
    name: 'Left bunker',
    playerId: 'ada',
    playerName: 'Ada',
    shot: FIRST_SHOT,
    model: 'm',
    called: '56 splash',
    savedAt: new Date().toISOString(),
    learnt: 2,
  };
  function opened(readings: readonly KeptReading[], drafts: unknown[] = []) {
    const server = standInServer();
    server.on('GET', /drafts/, () => ({ body: drafts }));
    server.on('GET', /readings\?search=$/, () => ({ body: readings }));
    server.on('GET', /readings\?search=./, () => ({ body: [] }));
    const reopened: unknown[] = [];
    render(
      <WithCache>
        <ReadingsDrawer {...closable} first={readings} onReopen={(one) => reopened.push(one)} />
      </WithCache>,
    );
    return { server, reopened, user: userEvent.setup() };
  }

  test('opens, copies and deletes; says which learning a reading was called with', async () => {
    const { server, reopened, user } = opened([kept]);
    server.on('POST', /readings\/a\/duplicate$/, () => ({}));
    server.on('DELETE', /readings\/a$/, () => ({}));
    expect(screen.getByText('Ada · 56 splash · player’s own numbers, version 2')).toBeVisible();
    await user.click(screen.getByRole('button', { name: /^Left bunker/ }));
    await user.click(screen.getByRole('button', { name: 'Duplicate Left bunker' }));
    await user.click(screen.getByRole('button', { name: 'Delete Left bunker' }));
    expect(reopened).toEqual([kept]);
    expect(server.to('POST', /duplicate/)).toHaveLength(1);
    expect(server.to('DELETE', /readings\/a$/)).toHaveLength(1);
  });

  test('says how to keep the first, and what was not found', async () => {
    const { server, user } = opened([]);
    expect(screen.getByText(/No readings saved yet/)).toBeVisible();
    await user.click(screen.getByRole('searchbox'));
    await user.paste('nowhere');
    expect(await screen.findByText(/No saved reading has “nowhere”/)).toBeVisible();
    expect(server.to('GET', /search=./)).toHaveLength(1);
  });

  test('lists drafts that nobody kept, not while something is searched', async () => {
    const draft = { ...kept, id: 'd', playerName: 'Bo', called: '60 splash' };
    const { user } = opened([kept], [draft]);
    expect(await screen.findByRole('heading', { name: 'Drafts' })).toBeVisible();
    expect(screen.getByText('60 splash')).toBeVisible();
    await user.type(screen.getByRole('searchbox'), 'left');
    expect(screen.queryByRole('heading', { name: 'Drafts' })).toBeNull();
  });
});

describe('rules and care', () => {
  test('defer to those who decide, and fit the ball', () => {
    const shot = { ...aShot(15, 3), burial: 0.02, sand: presetSand('hardpan') };
    render(<RulesAndCare {...closable} shot={shot} call={undefined} />);
    expect(screen.getByText(/The Rules of Golf in force .* decide/)).toBeVisible();
    expect(screen.getByText(/sunken ball loads wrists/)).toBeVisible();
    expect(screen.getByText(/stones and roots/)).toBeVisible();
    expect(screen.queryByText(/Dry sand gets in the eyes/)).toBeNull();
  });

  test('of dry sand the eyes', () => {
    render(<RulesAndCare {...closable} shot={{ ...aShot(15, 3, 8, 'soft') }} call={undefined} />);
    expect(screen.queryByText(/sunken ball/)).toBeNull();
  });
});
