import { createEvent, fireEvent, render, screen } from '@testing-library/react';
import { createRef } from 'react';
import type { Point } from '@/core/place/outline/ring';
import { PlanFrame } from './PlanFrame';
import { fitting, planScale, zoomed, type PlanView } from './view';

const SIZE = { width: 400, height: 300 };

test('a view shows all of some points, and a place under it is found again', () => {
  const points: Point[] = [
    [-10, 0],
    [30, 12],
  ];
  const scale = planScale(SIZE, fitting(points, SIZE));
  for (const [east, north] of points) {
    expect(scale.x(east)).toBeGreaterThan(0);
    expect(scale.x(east)).toBeLessThan(SIZE.width);
    const [e, n] = scale.under(scale.x(east), scale.y(north));
    expect(e).toBeCloseTo(east, 9);
    expect(n).toBeCloseTo(north, 9);
  }
  // North is up.
  expect(scale.y(12)).toBeLessThan(scale.y(0));
  expect(fitting([], SIZE).perMetre).toBeGreaterThan(1);
});

test('nearer and further keep the place under the pointer', () => {
  const view: PlanView = { middle: [5, 5], perMetre: 10 };
  const about: Point = [12, 1];
  const near = zoomed(view, 2, about);
  expect(near.perMetre).toBe(20);
  expect(planScale(SIZE, near).x(12)).toBeCloseTo(planScale(SIZE, view).x(12), 9);
  expect(planScale(SIZE, near).y(1)).toBeCloseTo(planScale(SIZE, view).y(1), 9);
  expect(zoomed(view, 1e9).perMetre).toBeLessThan(200);
});

function plan() {
  const seen: { view: PlanView | null; pressed: Point | null } = { view: null, pressed: null };
  const view: PlanView = { middle: [0, 0], perMetre: 10 };
  render(
    <PlanFrame
      label="Plan"
      size={SIZE}
      box={createRef<HTMLDivElement>()}
      drawing={createRef<SVGSVGElement>()}
      view={view}
      onView={(next) => (seen.view = next)}
      onFit={() => undefined}
      onPress={(at) => (seen.pressed = at)}
    >
      {() => null}
    </PlanFrame>,
  );
  const ground = screen.getByRole('group', { name: 'Plan' });
  ground.setPointerCapture = () => undefined;
  const finger = (pointerId: number, type: 'Down' | 'Move' | 'Up', x: number, y: number): void => {
    const event = createEvent[`pointer${type}`](ground);
    Object.defineProperties(event, {
      pointerId: { value: pointerId },
      clientX: { value: x },
      clientY: { value: y },
    });
    fireEvent(ground, event);
  };
  return { seen, finger };
}

test('a press is a place on the ground, a drag moves it, and the end of a drag is no press', () => {
  const { seen, finger } = plan();
  finger(1, 'Down', 210, 140);
  finger(1, 'Up', 210, 140);
  expect(seen.pressed).toEqual([1, 1]);
  seen.pressed = null;
  finger(1, 'Down', 200, 150);
  finger(1, 'Move', 250, 150);
  expect(seen.view).toEqual({ middle: [-5, 0], perMetre: 10 });
  finger(1, 'Up', 250, 150);
  expect(seen.pressed).toBeNull();
});

test('two fingers bring the ground nearer; the last to leave presses nothing', () => {
  const { seen, finger } = plan();
  finger(1, 'Down', 150, 150);
  finger(2, 'Down', 250, 150);
  finger(2, 'Move', 350, 150);
  expect(seen.view?.perMetre).toBe(20);
  finger(2, 'Up', 350, 150);
  finger(1, 'Up', 150, 150);
  expect(seen.pressed).toBeNull();
});
