import { act, render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { answer, type Answer } from '@/core/tell/answer/answer';
import type { UnitSystem } from '@/core/ground/units/system';
import { ByHand } from './overlays/ByHand';
import { CallPanel } from '../call/CallPanel';
import { Compare } from './overlays/Compare';
import { OtherCall } from '../call/OtherCall';
import { SchoolsTable } from './overlays/SchoolsTable';
import type { Engine, Wanted } from '../engine/engine';
import { engineAtHand, WithEngine } from '../testing/engine';
import { aSituation } from '@/core/testing/records';
import { WorthLearning } from '../call/WorthLearning';
import { WhyPanel } from './WhyPanel';
import { UnitsContext } from '../kit/units';

const situation = aSituation();

const said = new Map<UnitSystem, Answer>();
function answered(units: UnitSystem): Answer {
  if (!said.has(units))
    said.set(
      units,
      answer(situation, units, () => 0),
    );
  return said.get(units)!;
}

const closable = { onClose: () => undefined };

describe('the first call', () => {
  function opened(units: UnitSystem, hand: 'left' | 'right' = 'right') {
    const { sheet, pictures } = answered(units);
    const [call] = sheet.calls;
    const { container } = render(
      <UnitsContext value={units}>
        <CallPanel call={call!} picture={pictures[0]!} handed={hand} burial={0.004} />
      </UnitsContext>,
    );
    return { call: call!, container };
  }

  test('has its club, strokes, odds and the script that is read out', () => {
    const { call } = opened('yards');
    expect(screen.getByRole('heading', { level: 2 })).toHaveTextContent(call.club);
    expect(screen.getByText(`${call.odds.expected_strokes.toFixed(1)} strokes`)).toBeVisible();
    const script = screen.getByTestId('script').textContent.replaceAll('\u00a0', ' ').trim();
    expect(script).toBe(
      call.script
        .map(({ text }) => text.replaceAll('*', ''))
        .join(' ')
        .replaceAll('\u00a0', ' '),
    );
    expect(screen.getByText(`${Math.round(call.odds.out * 100)}%`)).toBeVisible();
  });

  test('has no yard, inch or foot in it in metres', () => {
    const { container } = opened('metres');
    expect(container.textContent).not.toMatch(/\b(yards?|yd|inch(es)?|\d foot|\d feet)\b/);
    expect(container.textContent).toMatch(/metre pitch swing/);
  });

  test('has every drawing in the mirror for a left-hander', () => {
    const mirrored = (root: HTMLElement): boolean[] =>
      [...root.querySelectorAll('article ul svg')].map(
        (svg) => svg.innerHTML.includes('scale(-1 1)"') || svg.innerHTML.includes('scale(-1 1) '),
      );
    const right = opened('yards').container;
    expect(mirrored(right)).toHaveLength(4);
    const left = opened('yards', 'left').container;
    const first = (root: HTMLElement): (string | null)[] =>
      [...root.querySelectorAll('article ul svg > g')].map((g) => g.getAttribute('transform'));
    expect(first(right).some((transform) => transform?.includes('scale(-1'))).toBe(false);
    expect(first(left).every((transform) => transform?.includes('scale(-1'))).toBe(true);
  });
});

test('the calls beside the first say what they risk and what sets them apart', () => {
  const { sheet } = answered('yards');
  sheet.calls.slice(1, 3).forEach((call, i) => {
    render(<OtherCall call={call} best={sheet.calls[0]!} rank={i + 1} />);
    const article = screen.getByRole('article', { name: `Call ${i + 2}: ${call.club}` });
    expect(article).toHaveTextContent(`out${Math.round(call.odds.out * 100)}`);
    expect(article.lastElementChild).toHaveTextContent(/^[A-Z].*\.$/);
  });
});

test('what the player would have to learn first stands below with what it saves, and in the table of techniques', () => {
  const buried = aSituation();
  const { sheet } = answer(
    {
      ...buried,
      player: { ...buried.player, skill: 'expert' },
      shot: {
        pin_yd: 14,
        lie: 'buried',
        lip: { height_ft: 4, distance_ft: 8 },
      },
    },
    'yards',
    () => 0,
  );
  const worth = sheet.worth_learning.filter(({ text }) => text !== null);
  expect(worth.length).toBeGreaterThan(0);
  const { unmount } = render(<WorthLearning sheet={sheet} />);
  for (const { text } of worth) expect(screen.getByText(text!)).toBeVisible();
  unmount();
  render(<SchoolsTable sheet={sheet} {...closable} />);
  expect(screen.getAllByText(/to be learned first/)).toHaveLength(sheet.worth_learning.length);
});

test('why, and what cannot do it, each with a reason', () => {
  const { sheet } = answered('yards');
  render(<WhyPanel sheet={sheet} changes={null} />);
  const lines = screen.getAllByRole('listitem').map(({ textContent }) => textContent);
  for (const { text } of sheet.calls[0]!.why) expect(lines).toContain(text);
  expect(screen.getByText(`${sheet.ruled_out.length} options ruled out, and why`)).toBeVisible();
  expect(screen.getByText(/In play the Rules of Golf in force/)).toBeVisible();
});

test('every school stands once: with its best call, dearer further down, or crossed out with why', () => {
  const { sheet } = answered('yards');
  render(<SchoolsTable sheet={sheet} {...closable} />);
  const rows = screen.getAllByRole('row').slice(1);
  const names = rows.map((row) => within(row).getByRole('rowheader').textContent);
  expect(new Set(names).size).toBe(names.length);
  const strokes = rows
    .map((row) => within(row).getAllByRole('cell').at(-1)!.textContent)
    .filter((text) => /^\d\.\d$/.test(text))
    .map(Number);
  expect(strokes.length).toBeGreaterThan(2);
  // Cheapest first, ways out behind what is played at the flag; no technique dearer than its cheapest call.
  const cheapest = Math.min(...sheet.calls.map(({ odds }) => odds.expected_strokes));
  expect(strokes[0]).toBeCloseTo(cheapest, 1);
  const least = Math.min(...strokes);
  expect(strokes.slice(0, 3).every((each) => each - least < 0.15)).toBe(true);
  expect(Math.max(...strokes.slice(0, 8))).toBeLessThan(Math.min(...strokes.slice(-2)));
  expect(rows.length).toBeGreaterThan(strokes.length);
});

test('techniques are held side by side with one club', async () => {
  const { sheet } = answered('yards');
  render(<SchoolsTable sheet={sheet} {...closable} />);
  const { club } = sheet.calls[0]!;
  await userEvent.selectOptions(screen.getByLabelText('With'), club);
  const played = screen
    .getAllByRole('row')
    .slice(1)
    .map((row) => within(row).getAllByRole('cell'))
    .filter((cells) => cells.length > 1);
  expect(played.length).toBeGreaterThan(2);
  expect(new Set(played.map(([first]) => first!.textContent))).toEqual(new Set([club]));
});

describe('two calls line by line', () => {
  test('agree in every line when they are the same, and that is a tie', async () => {
    const { sheet } = answered('yards');
    render(<Compare calls={sheet.calls} {...closable} />);
    await userEvent.selectOptions(screen.getByLabelText('against this one'), '0');
    expect(screen.getByRole('status')).toHaveTextContent(/^Too close to call: 0\.00 strokes apart/);
    expect(screen.getAllByRole('row')).toHaveLength(1);
    expect(screen.getByText(/^The same for both: face, ° open/)).toHaveTextContent(
      /carry, yd .*strokes to hole out/,
    );
  });

  test('show what differs and say what does not, each line once', () => {
    const { sheet } = answered('yards');
    render(<Compare calls={sheet.calls} {...closable} />);
    const differing = screen
      .getAllByRole('row')
      .slice(1)
      .filter((row) => within(row).queryAllByRole('cell').length === 3);
    expect(differing.length).toBeGreaterThan(3);
    const same = screen.getByText(/^The same for both/).textContent;
    for (const row of differing) {
      expect(within(row).getAllByRole('cell')[2]).not.toBeEmptyDOMElement();
      expect(same).not.toContain(within(row).getByRole('rowheader').textContent);
    }
  });

  test('one call alone has nothing beside it', () => {
    render(<Compare calls={answered('yards').sheet.calls.slice(0, 1)} {...closable} />);
    expect(screen.getByText(/only one call here/)).toBeVisible();
  });
});

describe('a call by hand', () => {
  function opened(units: UnitSystem) {
    const asked: { setup: Record<string, number> }[] = [];
    const atHand = engineAtHand();
    const engine = {
      ...atHand,
      run: (name: 'simulate', [input]: [(typeof asked)[number]], wanted: Wanted) => {
        asked.push(input);
        return atHand.run(name, [input], wanted);
      },
    } as Engine;
    const {
      sheet: { calls },
      setups,
    } = answered(units);
    render(
      <WithEngine engine={engine}>
        <UnitsContext value={units}>
          <ByHand situation={situation} calls={calls} setups={setups} {...closable} />
        </UnitsContext>
      </WithEngine>,
    );
    const cellOf = (line: RegExp, column: number): string =>
      within(screen.getByRole('row', { name: line })).getAllByRole('cell')[column]!.textContent;
    return { asked, calls, cellOf, user: userEvent.setup() };
  }

  test('is simulated beside the original as it is changed', async () => {
    const { asked, calls, cellOf, user } = opened('yards');
    const lines = [/^carry/, /^launch/, /^out, %/, /^strokes to hole out/];
    await waitFor(() => {
      for (const column of [0, 1]) expect(cellOf(/^carry/, column)).not.toBe('…');
    });
    for (const line of lines) expect(cellOf(line, 1)).toBe(cellOf(line, 0));
    expect(Number(cellOf(/^carry/, 0))).toBe(calls[0]!.predicted.carry_yd);
    expect(Number(cellOf(/^strokes to hole out/, 1))).toBe(calls[0]!.odds.expected_strokes);
    const swing = screen.getByRole('textbox', { name: 'Swing length, share of full' });
    await user.clear(swing);
    await user.type(swing, '0.95');
    await waitFor(() =>
      expect(Number(cellOf(/^carry/, 1))).toBeGreaterThan(Number(cellOf(/^carry/, 0)) + 1),
    );
    expect(asked.at(-1)!.setup.swing_fraction).toBe(0.95);
    expect(asked.at(-1)!.setup).not.toHaveProperty('aim_deg');
    const aim = screen.getByRole('textbox', { name: 'Swing aim, right of the line' });
    expect(Number((aim as HTMLInputElement).value)).toBeCloseTo(calls[0]!.aim_deg, 0);
    await user.click(screen.getByRole('button', { name: 'Reset to the call' }));
    await waitFor(() => expect(cellOf(/^carry/, 1)).toBe(cellOf(/^carry/, 0)));
  });

  test('is typed in centimetres where those are read', async () => {
    const { asked, calls, user } = opened('metres');
    const mark = screen.getByRole('textbox', { name: 'Entry point behind the ball' });
    expect(Number((mark as HTMLInputElement).value)).toBeCloseTo(calls[0]!.entry_in * 2.54, 1);
    await user.clear(mark);
    await user.type(mark, '5');
    await waitFor(() => expect(asked.at(-1)!.setup.entry_in).toBeCloseTo(5 / 2.54, 9));
    await user.clear(mark);
    await user.type(mark, '40');
    expect(screen.getByText('Entry point behind the ball goes from -1 to 10 cm.')).toBeVisible();
    await act(() => new Promise((resolve) => setTimeout(resolve, 60)));
    expect(asked.every(({ setup }) => setup.entry_in! < 5)).toBe(true);
  });
});
