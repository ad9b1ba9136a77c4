import { FaultyInput } from '@/core/contract/check/fault';
import { FIRST_SHOT, readingFromQuery, readingToQuery, withField } from './reading';

test('a reading goes into a link and comes back', () => {
  const reading = { player: 'ines-okafor', shot: FIRST_SHOT };
  expect(readingFromQuery(readingToQuery(reading))).toEqual(reading);
});

test('lists of ways out survive a link', () => {
  const way = { toward_deg: -90, lip: { height_ft: 0.5, distance_ft: 8 }, room_yd: 15 };
  const reading = {
    player: 'x',
    shot: { ...FIRST_SHOT, escapes: [way, { ...way, toward_deg: 180 }] },
  };
  expect(readingFromQuery(readingToQuery(reading))).toEqual(reading);
});

test('an empty link holds no reading; a player alone gets the first shot', () => {
  expect(readingFromQuery('')).toBeNull();
  expect(readingFromQuery('player=x')).toEqual({ player: 'x', shot: FIRST_SHOT });
});

test.each(['__proto__.x=1', 'a.b.c.d.e.f=1', 'lip=3&lip.height_ft=2', '%00=1'])(
  'the link %s is refused',
  (query) => expect(() => readingFromQuery(query)).toThrow(FaultyInput),
);

test('setting a length replaces it in whatever unit it stood', () => {
  expect(withField({ pin_yd: 18, edge_yd: 9 }, 'pin_m', 17)).toEqual({ edge_yd: 9, pin_m: 17 });
  expect(withField(FIRST_SHOT, 'lip.height_m', 1).lip).toEqual({ distance_ft: 8, height_m: 1 });
  expect(withField({ lie: 'clean' }, 'lie', undefined)).toEqual({});
});
