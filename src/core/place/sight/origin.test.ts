import { plainPlace, spotIn } from '@/core/testing/place';
import { withField } from '@/core/contract/reading/reading';
import { groundShot } from './groundShot';
import { GROUND_PARTS, originText, partsFromGround, readOrigin } from './origin';

const shotFor = (handed: 'right' | 'left') => {
  const place = plainPlace();
  const [bunker] = place.bunkers;
  const tilted = { ...bunker!, floor: { tilt_deg: 5, uphill_deg: 70 } };
  const { drawn, spot } = spotIn({ ...place, bunkers: [tilted] }, [0, -1]);
  return groundShot(drawn, spot, { handed, lie: 'clean', day: '2026-05-02' });
};

test('an address says where a reading was taken, and nothing else is taken for one', () => {
  const origin = { place: 'p-1', ball: [1.25, -2] as [number, number], green: 'g', flag: 'f' };
  expect(readOrigin(originText(origin))).toEqual(origin);
  for (const odd of ['', 'a,b', 'p,x,1,g,f', 'p,1,2,g,f,h']) expect(readOrigin(odd)).toBeNull();
});

test('what stands as the ground says it is told from what was changed by hand, for either hand', () => {
  const ground = shotFor('right');
  expect([...partsFromGround(ground, ground, 'right')]).toEqual([...GROUND_PARTS]);
  expect([...partsFromGround(shotFor('left'), ground, 'left')]).toEqual([...GROUND_PARTS]);
  expect(partsFromGround(shotFor('left'), ground, 'right').has('slope')).toBe(false);
  // The same length in another unit is the same; another length is not.
  const yards = withField(ground, 'pin_yd', ground.pin_m! / 0.9144);
  expect(partsFromGround(yards, ground, 'right').has('pin')).toBe(true);
  const further = withField(ground, 'pin_yd', 20);
  expect(partsFromGround(further, ground, 'right').has('pin')).toBe(false);
  expect(partsFromGround(further, ground, 'right').has('lip')).toBe(true);
  expect(
    partsFromGround(withField(ground, 'sand.preset', 'wet'), ground, 'right').has('sand'),
  ).toBe(false);
});
