import { radians } from '@/core/ground/units/angle';
import { GRAVITY } from '@/core/ground/ball/ball';
import { dragCoefficient, liftCoefficient, turbulentShare } from './aerodynamics';
import { fly, type FlightPoint } from './fly';
import { NO_WIND } from '@/core/ground/situation/wind';

function launch(speed: number, elevationDeg: number, rpm: number, sideRpm = 0) {
  const a = radians(elevationDeg);
  return {
    vx: speed * Math.cos(a),
    vy: 0,
    vz: speed * Math.sin(a),
    wx: 0,
    wy: (-rpm * Math.PI) / 30,
    wz: (sideRpm * Math.PI) / 30,
  };
}

/** Speed, m/s, elevation, rpm and published carry, m. */
const PUBLISHED = [
  [53.6, 16.3, 7100, 157],
  [45.6, 24.2, 9300, 124],
  [74.7, 10.9, 2690, 251],
] as const;

test.each(PUBLISHED)(
  '%p m/s at %p degrees with %p rpm carries near the published %p m',
  (v, angle, rpm, metres) => {
    const { landing } = fly(launch(v, angle, rpm), 0, 0, NO_WIND);
    expect(Math.abs(landing.x / metres - 1)).toBeLessThan(0.03);
  },
);

test('backspin lifts and topspin drops: the sign of spin', () => {
  const back = fly(launch(30, 20, 4000), 0, 0, NO_WIND);
  const top = fly(launch(30, 20, -4000), 0, 0, NO_WIND);
  expect(back.apex).toBeGreaterThan(top.apex);
});

test('spin about the vertical curves the ball to the side it turns to', () => {
  expect(fly(launch(30, 20, 3000, 800), 0, 0, NO_WIND).landing.y).toBeGreaterThan(0.2);
  expect(fly(launch(30, 20, 3000), 0, 0, NO_WIND).landing.y).toBe(0);
});

test('a slow ball lands near the vacuum range, and never beyond it without spin', () => {
  const v = 8;
  const { landing, apex } = fly(launch(v, 45, 0), 0, 0, NO_WIND);
  const vacuum = (v * v) / GRAVITY;
  expect(landing.x).toBeLessThan(vacuum);
  expect(landing.x).toBeGreaterThan(0.93 * vacuum);
  expect(apex).toBeLessThan((v * v) / (4 * GRAVITY));
});

test('speed never grows in still air beyond what the fall gives back', () => {
  const trace: FlightPoint[] = [];
  fly(launch(40, 30, 6000), 0, 0, NO_WIND, trace);
  const energies = trace.map((p) => (p.vx ** 2 + p.vy ** 2 + p.vz ** 2) / 2 + GRAVITY * p.z);
  energies.slice(1).forEach((e, i) => expect(e).toBeLessThan(energies[i]! + 1e-6));
});

test('wind against shortens, wind behind lengthens, wind from the side carries aside', () => {
  const start = launch(25, 35, 4000);
  const still = fly(start, 0, 0, NO_WIND).landing;
  expect(fly(start, 0, 0, { x: -6, y: 0 }).landing.x).toBeLessThan(still.x - 1);
  expect(fly(start, 0, 0, { x: 6, y: 0 }).landing.x).toBeGreaterThan(still.x + 0.5);
  expect(fly(start, 0, 0, { x: 0, y: 5 }).landing.y).toBeGreaterThan(0.5);
});

test('lands on higher ground sooner, and knows the height over the lip', () => {
  const start = launch(13, 50, 2000);
  const level = fly(start, 0, 2, NO_WIND);
  const raised = fly(start, 1, 2, NO_WIND);
  expect(raised.landing.x).toBeLessThan(level.landing.x);
  expect(raised.landing.z).toBeCloseTo(1, 4);
  expect(raised.heightAtLip).toBeCloseTo(2 * Math.tan(radians(50)) - 0.3, 0);
});

test('a ball that cannot rise to the ground falls back', () => {
  const { landed } = fly(launch(5, 40, 500), 3, 1, NO_WIND);
  expect(landed).toBe(false);
});

test('halving the step moves a bunker shot by less than a centimetre, and a full one by less than a foot', () => {
  const moved = (speed: number, elevation: number, rpm: number): number => {
    const start = launch(speed, elevation, rpm);
    const [usual, finer] = [1, 2].map((by) => fly(start, 0, 0, NO_WIND, undefined, by).landing.x);
    return Math.abs(usual! - finer!);
  };
  for (let speed = 6; speed <= 20; speed += 0.7) expect(moved(speed, 48, 2000)).toBeLessThan(0.01);
  for (const [speed, elevation, rpm] of PUBLISHED) {
    expect(moved(speed, elevation, rpm)).toBeLessThan(0.3);
  }
});

test('apex and range scan smoothly with the speed', () => {
  const ranges = Array.from(
    { length: 400 },
    (_, i) => fly(launch(9 + i * 0.01, 48, 2000), 0.9, 2.4, NO_WIND).landing.x,
  );
  const second = ranges.slice(2).map((r, i) => Math.abs(r - 2 * ranges[i + 1]! + ranges[i]!));
  expect(Math.max(...second)).toBeLessThan(0.01);
});

test('coefficients follow the drag crisis of dimpled spheres', () => {
  expect(turbulentShare(5)).toBeLessThan(0.15);
  expect(turbulentShare(40)).toBeGreaterThan(0.9);
  expect(dragCoefficient(0.1, 1)).toBeLessThan(dragCoefficient(0.1, 0));
  expect(liftCoefficient(0, 1)).toBe(0);
});
