import { createEvent, fireEvent, render, screen } from '@testing-library/react';
import { answer } from '@/core/tell/answer/answer';
import { readSituation } from '@/core/contract/shot/situation';
import { DEMO_PLAYERS } from '@/demo/academy';
import type { Hand } from '@/core/ground/player/player';
import type { UnitSystem } from '@/core/ground/units/system';
import { AboveDrawing } from './above/AboveDrawing';
import { aboveScale } from './above/scale';
import { Bands } from './section/Bands';
import { Handles } from './section/Handles';
import { sectionScale, WHOLE_VIEW } from './section/scale';
import { StillSection } from './section/StillSection';
import { atTheFlag } from './ranked';

const SIZE = { width: 1200, height: 260 };

const [{ handed, skill, bag }] = DEMO_PLAYERS as [(typeof DEMO_PLAYERS)[number]];
const situation = {
  player: { handed, skill, bag },
  shot: { pin_yd: 16, edge_yd: 9, back_yd: 26, lip: { height_ft: 3, distance_ft: 7 } },
};
const { shot } = readSituation(situation).question;
let said: ReturnType<typeof answer> | null = null;
const answered = (): ReturnType<typeof answer> => (said ??= answer(situation, 'yards', () => 0));

/** First place of every path of a drawing whose stroke is of the calls, px. */
const startsOf = (root: Element, selector = 'path[stroke-linecap="round"]'): number[] =>
  [...root.querySelectorAll(selector)].map((path) =>
    Number(/^M([\d.-]+)/.exec(path.getAttribute('d')!)![1]),
  );

describe('the section on paper', () => {
  const drawn = (hand: Hand, units: UnitSystem = 'yards') => {
    const { sheet, pictures } = answered();
    return render(
      <StillSection
        shot={shot}
        pictures={pictures}
        clubs={sheet.calls.map(({ club }) => club)}
        handed={hand}
        units={units}
        size={SIZE}
      />,
    ).container;
  };

  test('is told in words: where everything is, what each ball does, in which units', () => {
    drawn('right');
    const words = screen.getByRole('img').getAttribute('aria-label')!.replaceAll('\u00a0', ' ');
    expect(words).toMatch(
      /^Side view to scale\. Flag at 16 yd, green from 9 yd to 26 yd, lip 3 ft high at 2\.3 yd\./,
    );
    for (const { club } of answered().sheet.calls.slice(0, 3)) {
      expect(words).toContain(`the ${club} rises`);
    }
    expect(words).toMatch(/Scale in yd\.$/);
  });

  test('is told in metres where those are read', () => {
    drawn('left', 'metres');
    const words = screen.getByRole('img').getAttribute('aria-label')!;
    expect(words).not.toMatch(/yd|ft/);
  });

  test('is seen in a mirror for a left-hander: every flight starts as far from the other side', () => {
    const right = startsOf(drawn('right'));
    const left = startsOf(drawn('left'));
    expect(right.length).toBeGreaterThan(0);
    expect(left).toHaveLength(right.length);
    left.forEach((x, i) => expect(SIZE.width - x).toBeCloseTo(right[i]!, 1));
  });
});

test('from above the flag lies where it is read, and a legend tells the lines apart', () => {
  const { sheet, pictures } = answered();
  const size = { width: 640, height: 300 };
  const scale = aboveScale(size, 24, 7, false);
  const { container } = render(
    <svg>
      <AboveDrawing
        shot={shot}
        ranked={atTheFlag(pictures)}
        units="yards"
        size={size}
        scale={scale}
        clubs={sheet.calls.map(({ club }) => club)}
      />
    </svg>,
  );
  expect(container.querySelector(`circle[cx="${scale.x(shot.pin)}"]`)).not.toBeNull();
  expect(screen.getByText('swing')).toBeInTheDocument();
  expect(screen.getByText('face')).toBeInTheDocument();
  expect(screen.getByText(`${sheet.calls[0]!.club}: ball, 8 in 10`)).toBeInTheDocument();
  expect(container.querySelectorAll('ellipse').length).toBeGreaterThan(0);
});

test('bands of one club are one, the one at hand in the flag’s colour, none where nothing gets there', () => {
  const scale = sectionScale(SIZE, { farthest: 40, highest: 5, lipHeight: 1 });
  const band = (from: number, to: number, club: string | null) => ({
    from,
    to,
    best: club ? { club, kind: 'splash' as const, school: 'across' } : null,
  });
  const { container } = render(
    <svg>
      <Bands
        scale={scale}
        bands={
          [
            band(6, 12, '60'),
            band(12, 14, '60'),
            band(14, 30, '56'),
            band(30, 38, null),
          ] as unknown as Parameters<typeof Bands>[0]['bands']
        }
        pin={15}
        height={260}
      />
    </svg>,
  );
  const names = [...container.querySelectorAll('text')].map(({ textContent }) => textContent);
  expect(names).toEqual(['60', '56', 'out sideways']);
  const [sixty, here] = container.querySelectorAll('rect');
  expect(here).toHaveAttribute('fill', 'var(--flag)');
  expect(Number(sixty!.getAttribute('width'))).toBeCloseTo(6 * 0 + 8 * scale.perMetre - 2, 3);
});

describe('handles', () => {
  function opened({ hand = 'right', units = 'yards' }: { hand?: Hand; units?: UnitSystem } = {}) {
    const fields: Record<string, unknown>[] = [];
    const told: string[] = [];
    const scale = sectionScale(
      SIZE,
      { farthest: 26, highest: 5, lipHeight: shot.lip.height },
      WHOLE_VIEW,
      hand === 'left',
    );
    render(
      <svg>
        <Handles
          shot={shot}
          landing={12}
          scale={scale}
          units={units}
          onFields={(changes) => fields.push({ ...changes })}
          onStart={() => told.push('start')}
          onEnd={() => told.push('end')}
          onBall={(moved) => told.push(`ball ${moved.toFixed(2)}`)}
        />
      </svg>,
    );
    const press = (name: string, key: string, shiftKey = false): void => {
      fireEvent.keyDown(screen.getByRole('slider', { name }), { key, shiftKey });
    };
    const pointer = (
      element: Element,
      type: 'Down' | 'Move' | 'Up',
      x: number,
      y: number,
    ): void => {
      const event = createEvent[`pointer${type}`](element, { pointerId: 1 });
      Object.defineProperties(event, { clientX: { value: x }, clientY: { value: y } });
      fireEvent(element, event);
    };
    const drag = (name: string, dx: number, dy = 0): void => {
      const handle = screen.getByRole('slider', { name });
      handle.setPointerCapture = () => undefined;
      const [, x, y] = /translate\(([\d.-]+) ([\d.-]+)\)/.exec(handle.getAttribute('transform')!)!;
      pointer(handle, 'Down', Number(x), Number(y));
      pointer(handle, 'Move', Number(x) + dx, Number(y) + dy);
      pointer(handle, 'Up', Number(x) + dx, Number(y) + dy);
    };
    return { fields, told, scale, press, drag };
  }

  test('say what they are and where', () => {
    opened();
    const said_ = (name: string): string =>
      screen
        .getByRole('slider', { name })
        .getAttribute('aria-valuetext')!
        .replaceAll('\u00a0', ' ');
    expect(said_('Flag')).toBe('16 yd');
    expect(said_('Edge of the lip')).toBe('3 ft high, 7 ft ahead');
    expect(said_('Ball')).toBe('16 yd from the flag');
  });

  test('move by arrows as the drawing lies, five times with shift', () => {
    const right = opened();
    right.press('Flag', 'ArrowRight');
    right.press('Front edge of the green', 'ArrowLeft', true);
    right.press('Edge of the lip', 'ArrowUp');
    expect(right.fields).toEqual([
      { pin_yd: 17 },
      { edge_yd: 4 },
      { 'lip.distance_ft': 7, 'lip.height_ft': 3.5 },
    ]);
  });

  test('for a left-hander the arrow to the left goes to the flag', () => {
    const left = opened({ hand: 'left' });
    left.press('Flag', 'ArrowLeft');
    left.press('Landing spot', 'ArrowRight');
    expect(left.fields).toEqual([{ pin_yd: 17 }, { carry_yd: 12 }]);
  });

  test('the flag is dragged in half yards, or half metres', () => {
    const { fields, scale, drag, told } = opened();
    drag('Flag', scale.perMetre * 1.9);
    expect(fields.at(-1)).toEqual({ pin_yd: 18 });
    expect(told).toEqual(['start', 'end']);
  });

  test('in metres', () => {
    const { fields, scale, drag } = opened({ units: 'metres' });
    drag('Flag', scale.perMetre);
    expect(fields.at(-1)).toEqual({ pin_m: 15.5 });
  });

  test('the lip is dragged both ways', () => {
    const { fields, scale, drag } = opened();
    drag('Edge of the lip', scale.perMetre * 0.3048, -scale.perMetre * 0.3048);
    expect(fields.at(-1)).toEqual({ 'lip.distance_ft': 8, 'lip.height_ft': 4 });
  });

  test('a ball that is moved brings everything nearer, and never into the lip', () => {
    const { fields, told, scale, drag, press } = opened();
    drag('Ball', scale.perMetre * 0.9144);
    expect(fields.at(-1)).toEqual({
      pin_yd: 15,
      edge_yd: 8,
      back_yd: 25,
      'lip.distance_ft': 4,
    });
    expect(told).toEqual(['start', 'ball 0.91', 'ball 0.00', 'end']);
    const before = fields.length;
    drag('Ball', scale.perMetre * 2.2);
    expect(fields).toHaveLength(before);
    press('Ball', 'ArrowLeft');
    expect(fields.at(-1)).toMatchObject({ pin_yd: 17, 'lip.distance_ft': 10 });
  });
});
