import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { answer } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import { aSituation } from '@/core/testing/records';
import { presetSand } from '@/core/ground/sand/presets';
import { aClub, CLUB_56 } from '@/core/testing/fixtures';
import type { SoleRide } from '@/core/tell/picture/soleRides';
import type { Look } from './section/DrawingBar';
import { Section } from './section/Section';
import { depthFigure, soleLegend, SoleInset, soleText } from './section/SoleInset';

const ride = (club: SoleRide['club'], meant: number, heavy: number): SoleRide => ({
  club,
  held: { loft: club.loft, bounce: club.bounce },
  meant,
  heavy,
});
const RIDES = [ride(aClub('60', 'wedge', 60, 4), 0.0092, 0.0131), ride(CLUB_56, 0.002, -0.0034)];

test('a depth is in the units that are read, and said to be over the sand where it is', () => {
  expect(depthFigure(0.0092, 'metres')).toBe('9');
  expect(depthFigure(-0.0034, 'metres')).toBe('3 over');
  expect(depthFigure(0.0092, 'yards')).toBe('3/8');
  expect(depthFigure(-0.0004, 'yards')).toBe('0');
});

test('each wedge stands with its bounce and both depths; the same is said in words', () => {
  const { container } = render(
    <svg>
      <SoleInset rides={RIDES} called="56" sand={presetSand('soft')} mirrored={false} />
    </svg>,
  );
  const said = [...container.querySelectorAll('text')].map(({ textContent }) => textContent);
  expect(said).toEqual(['60 · 4°', '3/8 | ½', '56 · 12°', '1/8 | 1/8 over']);
  expect(soleText(RIDES, 'metres')).toBe(
    'Leading edge under the ball, mm deep: 60 9, heavy 13; 56 2, heavy 3 over.',
  );
  expect(soleText([], 'yards')).toMatch(/No club goes/);
});

/** As texts are looked for: with plain spaces. */
const LEGEND = soleLegend('yards').replaceAll('\u00a0', ' ');

function Seen() {
  const situation = aSituation();
  const { question } = readSituation(situation);
  const { pictures, golfer, sheet } = answer(situation, 'yards', () => 0);
  const [look, setLook] = useState<Look>({ from: 'side', miss: null, soles: false });
  return (
    <Section
      shot={question.shot}
      pictures={pictures}
      golfer={golfer}
      handed="right"
      bag={question.player.bag}
      clubs={sheet.calls.map(({ club }) => club)}
      bands={[]}
      units="yards"
      busy={false}
      look={look}
      onLook={setLook}
      onHeld={() => undefined}
      onFields={() => undefined}
    />
  );
}

test('soles are compared at the press of a button, with what the figures are, and put away again', async () => {
  const user = userEvent.setup();
  render(<Seen />);
  const button = screen.getByRole('button', { name: 'Soles' });
  const drawing = (): string => screen.getByRole('group').getAttribute('aria-label')!;
  expect(drawing()).not.toMatch(/Leading edge/);
  await user.click(button);
  expect(button).toHaveAttribute('aria-pressed', 'true');
  expect(screen.getByText(LEGEND)).toBeVisible();
  expect(drawing()).toMatch(/Leading edge under the ball, in deep: .*56 [^;]+, heavy /);
  await user.click(button);
  expect(screen.queryByText(LEGEND)).toBeNull();
});
