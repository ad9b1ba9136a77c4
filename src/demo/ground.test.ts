import { readPlace } from '@/core/place/record/place';
import { PETAL_TURNS } from '@/core/place/rose/rose';
import { drawnPlace } from '@/core/place/sight/drawnPlace';
import { sightOf, spotAt, wayFrom } from '@/core/place/sight/sight';
import { gridOver } from '@/core/place/field/grid';
import { acrossOn, turnsOf } from '@/core/lesson/plan/turnsOf';
import { readLessonPlan } from '@/core/lesson/plan/lesson';
import { demoGroundLesson, demoPlace } from './ground';

test('the ground of the demo is sound, and every flag can be played at from everywhere in the sand', () => {
  const place = readPlace(demoPlace('2026-04-02', '2026-11-03'));
  const drawn = drawnPlace(place);
  for (const { id, ring } of drawn.bunkers) {
    for (const { at } of gridOver(ring).places) {
      for (const { id: flag } of place.greens[0]!.flags) {
        const spot = spotAt(drawn, { bunker: id, ball: at, green: 'green', flag });
        expect(sightOf(drawn, spot).pin).toBeGreaterThan(4);
        expect(wayFrom(drawn, spot, PETAL_TURNS[17]!).room).toBeGreaterThanOrEqual(1);
      }
    }
  }
});

test('the lesson on the ground of the demo keeps those apart who play across each other', () => {
  const plan = readLessonPlan(
    demoGroundLesson(demoPlace('2026-04-02', '2026-05-07'), '2026-05-09'),
  );
  expect(plan.stations).toHaveLength(4);
  const across = acrossOn(plan.stations);
  const used = turnsOf(3, plan.stations, 10).map(({ places }) =>
    places.filter((place) => place !== null),
  );
  for (const at of used) {
    for (const a of at) for (const b of at) if (a < b) expect(across(a, b)).toBe(false);
  }
  // Two of them are far enough apart to be used at a time.
  expect(across(0, 1)).toBe(false);
  expect(used.some((at) => at.length > 1)).toBe(true);
});
