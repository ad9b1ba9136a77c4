import { radians } from '../units/angle';
import { typicalClub } from './club';
import { profileOf } from './profile';

const wedge = {
  name: '56',
  type: 'wedge' as const,
  loft: radians(56),
  ...typicalClub('wedge', 56),
};

test('face leans back by the loft, chord of the sole falls back by the bounce', () => {
  const { top, trailing } = profileOf(wedge);
  expect(Math.atan2(-top.x, top.z)).toBeCloseTo(radians(56), 9);
  expect(Math.atan2(-trailing.z, -trailing.x)).toBeCloseTo(wedge.bounce, 9);
  expect(Math.hypot(trailing.x, trailing.z)).toBeCloseTo(wedge.sole, 9);
});

test('more bounce, more camber and an opened face stand the leading edge higher', () => {
  const height = profileOf(wedge).edgeHeight;
  expect(height).toBeGreaterThan(0.002);
  expect(profileOf({ ...wedge, bounce: radians(14) }).edgeHeight).toBeGreaterThan(height);
  expect(profileOf({ ...wedge, camber: 0.9 }).edgeHeight).toBeGreaterThan(height);
  expect(profileOf(wedge, { loft: radians(66), bounce: radians(20) }).edgeHeight).toBeGreaterThan(
    height * 1.5,
  );
});

test('a flat sole without bounce lies on the ground from edge to edge', () => {
  const { sole, edgeHeight } = profileOf({ ...wedge, bounce: 0, camber: 0 });
  expect(edgeHeight).toBeCloseTo(0, 9);
  for (const { z } of sole) expect(z).toBeCloseTo(0, 9);
});

test('the outline of every type is a closed section without a crossing of face and back', () => {
  for (const type of ['wedge', 'iron', 'hybrid', 'wood', 'putter'] as const) {
    const loftDeg = type === 'putter' ? 4 : type === 'wood' ? 15 : 40;
    const { outline } = profileOf({
      type,
      loft: radians(loftDeg),
      ...typicalClub(type, loftDeg),
    });
    let area = 0;
    outline.forEach((a, i) => {
      const b = outline[(i + 1) % outline.length]!;
      area += (a.x * b.z - b.x * a.z) / 2;
    });
    expect(area).toBeGreaterThan(1e-4);
    expect(area).toBeLessThan(0.003);
  }
});
