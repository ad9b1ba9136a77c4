import { aClub, aPlayer, aShot, aSplash, CLUB_56 } from '@/core/testing/fixtures';
import { golferOf } from '@/core/model/golfer/golferOf';
import { soleRides } from './soleRides';

const LOW = aClub('58', 'wedge', 58, 4, 78);
const HIGH = aClub('54', 'wedge', 54, 14, 86);
const IRON = aClub('9i', 'iron', 41, 5, 119);
const bag = [HIGH, CLUB_56, LOW, IRON];
const golfer = golferOf(aPlayer('middle', bag));

const ridesIn = (sand: 'powder' | 'soft' | 'firm', face = 10) =>
  soleRides(aSplash(CLUB_56, face, 0.04, 0.7), golfer, aShot(14, 3, 8, sand), bag);

test('every wedge once, the most lofted first; no irons', () => {
  expect(ridesIn('soft').map(({ club }) => club.name)).toEqual(['58', '56', '54']);
});

test('less bounce rides deeper, and much deeper from a mark too far back', () => {
  const [low, , high] = ridesIn('soft');
  expect(low!.meant).toBeGreaterThan(high!.meant);
  expect(low!.heavy - high!.heavy).toBeGreaterThan(low!.meant - high!.meant);
});

test('firm sand holds every sole up', () => {
  const firm = ridesIn('firm');
  ridesIn('powder').forEach((ride, i) => expect(ride.meant).toBeGreaterThan(firm[i]!.meant));
});

test('the face opened puts more bounce to work', () => {
  const square = ridesIn('soft', 0);
  ridesIn('soft', 30).forEach((ride, i) =>
    expect(ride.held.bounce).toBeGreaterThan(square[i]!.held.bounce),
  );
});

test('an iron that is called is among them; a putt has none', () => {
  const iron = aSplash(IRON, 5, 0.035, 0.7);
  expect(soleRides(iron, golfer, aShot(30, 3), bag).map(({ club }) => club.name)).toContain('9i');
  const putt = { ...iron, technique: 'putt' as const };
  expect(soleRides(putt, golfer, aShot(12, 0), bag)).toEqual([]);
});
