import { sayFact } from '@/core/tell/facts/sayFact';
import { sayFaults } from '@/core/tell/facts/faultWords';
import { toMetres } from '@/core/ground/units/length';
import { FaultyInput } from '@/core/contract/check/fault';
import { aRecord } from '@/core/testing/records';
import { aClub, aPlayer } from '@/core/testing/fixtures';
import { bagText, readBagText, typeOfName } from './bagText';
import { readCarryText } from './carryText';
import { carryFromShots, oddCarries } from './likelySlip';
import { PLAIN_HOUSE, readHouse } from './house';
import { inHouse, situationFor } from './player';
import { readPlayerRecord, type PlayerRecord } from './record';
import { readSituation } from '@/core/contract/shot/situation';

const faultsOf = (work: () => unknown): string[] => {
  try {
    work();
  } catch (error) {
    if (error instanceof FaultyInput) {
      return sayFaults(error.faults).map(({ path, message }) => `${path}: ${message}`);
    }
    throw error;
  }
  return [];
};

const rest = { name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12 };
const wedge = { ...rest, stock_carry_yd: 82 };
const record = { name: 'Ada Lund', handed: 'left', skill: 'good', bag: [wedge] };

describe('a record', () => {
  test('is read with what it leaves out', () => {
    expect(readPlayerRecord(record)).toEqual({ ...record, cautions: [], schools: [], notes: '' });
  });

  test('markup and quotes in a name and line breaks in a note are text like any other', () => {
    const odd = { ...record, name: '<b>Ada</b> "Ace"', notes: 'one\ntwo\t=SUM(A1)' };
    expect(readPlayerRecord(odd)).toMatchObject({ name: odd.name, notes: odd.notes });
  });

  test.each([
    [{ bag: [wedge, { ...wedge }] }, /bag\[1\]\.name: "56" is in the bag twice/],
    [{ bag: [{ ...wedge, loft_deg: 5 }] }, /a wedge has 40 to 72 degrees of loft, not 5/],
    [{ bag: [{ ...wedge, stock_carry_yd: 300 }] }, /300 yd is too far for a wedge \(at most 180\)/],
    [
      { bag: [{ ...rest, stock_carry_m: 280 }] },
      /bag\[0\]\.stock_carry_m: 280 m is too far for a wedge \(at most 165\)/,
    ],
    [{ bag: [] }, /bag: must be a list of 1 to 20/],
    [{ name: '   ' }, /name: must not be empty/],
    [{ handed: 'both' }, /handed: must be one of right, left, not "both"/],
    [{ cautions: ['knee'] }, /cautions\[0\]: must be one of wrist/],
    [{ units: 'feet' }, /units: must be one of yards, metres/],
    [{ schools: ['none-such'] }, /schools\[0\]/],
    [{ techniques: { across: 'knows' } }, /techniques\.across: is not a field/],
    [{ shoe_size: 12 }, /shoe_size: is not a field/],
    [{ handicap: 60 }, /handicap: must be a number from -10 to 54, not 60/],
    [{ notes: 'a\u0000b' }, /notes: must be text/],
  ])('%j is refused by name', (change, message) => {
    expect(faultsOf(() => readPlayerRecord({ ...record, ...change })).join('\n')).toMatch(message);
  });
});

test('faults of the person and of the clubs are told together', () => {
  const faults = faultsOf(() =>
    readPlayerRecord({ ...record, name: '', bag: [wedge, { ...wedge, loft_deg: 5 }] }),
  );
  expect(faults).toEqual([
    expect.stringMatching(/^name: must be text/),
    expect.stringMatching(/^bag\[1\]\.name: "56" is in the bag twice/),
    expect.stringMatching(/^bag\[1\]\.loft_deg: a wedge has/),
  ]);
  expect(faultsOf(() => readPlayerRecord('nobody'))[0]).toMatch(/must be an object/);
});

describe('a bag in one line', () => {
  test('is read with types from the names, and printed so that it is read back', () => {
    const bag = readBagText('9i 41/5 121yd; PW 46/6 108; 56 56/12 75 m; 60; putter 3');
    expect(bag.map(({ type }) => type)).toEqual(['iron', 'wedge', 'wedge', 'wedge', 'putter']);
    expect(bag[2]).toEqual({
      name: '56',
      type: 'wedge',
      loft_deg: 56,
      bounce_deg: 12,
      stock_carry_m: 75,
    });
    expect(bag[3]).toEqual({ name: '60', type: 'wedge', loft_deg: 60 });
    const again = readBagText(bagText(bag));
    expect(again.map(({ name, loft_deg, bounce_deg }) => [name, loft_deg, bounce_deg])).toEqual(
      bag.map(({ name, loft_deg, bounce_deg }) => [name, loft_deg, bounce_deg]),
    );
  });

  test('names of two words and half degrees are read, commas too', () => {
    expect(readBagText('52 wide 52,5/9,5 96')[0]).toMatchObject({
      name: '52 wide',
      loft_deg: 52.5,
      bounce_deg: 9.5,
      stock_carry_yd: 96,
    });
  });

  test.each([
    ['56 82, 52 96', ['56 56 82', '52 52 96']],
    ['56/12 82yd,52/8 96', ['56 56 82', '52 52 96']],
    ['PW 46/6 108 | SW 56/12 75', ['PW 46 108', 'SW 56 75']],
    ['60 59', ['60 59 -']],
    ['60 58yd', ['60 60 58']],
  ])('%s: every club is read, none of them into another', (text, clubs) => {
    expect(
      readBagText(text).map(
        (club) => `${club.name} ${club.loft_deg} ${club.stock_carry_yd ?? '-'}`,
      ),
    ).toEqual(clubs);
  });

  test('a carry without a loft is no loft', () => {
    expect(faultsOf(() => readBagText('PW 108'))).toEqual([
      'bag[0]: "PW 108" gives no loft: write name, loft and carry, as in "PW 48 108"',
    ]);
  });

  test('what is not a club is quoted', () => {
    expect(faultsOf(() => readBagText('56/12; spade'))).toEqual([
      expect.stringMatching(/bag\[1\]: "spade" is not a club/),
    ]);
  });

  test.each([
    ['4h', 22, 'hybrid'],
    ['3w', 15, 'wood'],
    ['SW', 55, 'wedge'],
    ['old faithful', 50, 'wedge'],
    ['old faithful', 30, 'iron'],
  ] as const)('%s of %d degrees is %s', (name, loft, type) => {
    expect(typeOfName(name, loft)).toBe(type);
  });
});

/** Clubs named after their loft, or beginning with it. */
const bagOf = (...names: string[]) =>
  names.map((name) => ({ name, loft_deg: Number.parseInt(name) }));

describe('carries as they are typed', () => {
  test('a loft names the one club that has it, another says which clubs there are', () => {
    const clubs = [{ name: 'SW', loft_deg: 56 }, ...bagOf('52', '52 wide')];
    expect(readCarryText('56 82, 52 96', clubs, 'yd')).toEqual([
      { club: 'SW', carry: toMetres(82, 'yd') },
      { club: '52', carry: toMetres(96, 'yd') },
    ]);
    expect(faultsOf(() => readCarryText('60 70', clubs, 'yd'))).toEqual([
      expect.stringMatching(/is not a club in the bag: SW, 52, 52 wide/),
    ]);
  });

  test('"56 82, 52 96" and names with spaces', () => {
    const clubs = bagOf('52', '52 wide', '56');
    expect(readCarryText('56 82, 52 wide 96yd\n52 94', clubs, 'yd')).toEqual([
      { club: '56', carry: toMetres(82, 'yd') },
      { club: '52 wide', carry: toMetres(96, 'yd') },
      { club: '52', carry: toMetres(94, 'yd') },
    ]);
  });

  test('a unit that is typed counts, whatever the desk is in', () => {
    expect(readCarryText('56 82m; 52 96 metres', bagOf('52', '56'), 'yd')).toEqual([
      { club: '56', carry: 82 },
      { club: '52', carry: 96 },
    ]);
    expect(readCarryText('56 82 yd, 52 96', bagOf('52', '56'), 'm')).toEqual([
      { club: '56', carry: toMetres(82, 'yd') },
      { club: '52', carry: 96 },
    ]);
  });

  test('an unknown club and a missing carry are named', () => {
    expect(faultsOf(() => readCarryText('58 90, 56 far', bagOf('56'), 'yd'))).toEqual([
      'carries: "58 90" is not a club in the bag: 56',
      'carries: "56 far" has no carry after the club',
    ]);
  });
});

describe('odd carries', () => {
  const bag = (carry56: number) => [
    aClub('60', 'wedge', 60, 8, 71),
    aClub('56', 'wedge', 56, 12, carry56),
    aClub('52', 'wedge', 52, 10, 93),
    aClub('PW', 'wedge', 46, 6, 108),
  ];

  test.each([
    [28, 'two digits swapped', 82],
    [825, 'a digit too many', 82],
    [8, 'a digit missing', 80],
  ])('%d yd is probably %s: about %d', (said, slip, meant) => {
    const [odd, ...rest] = oddCarries(aPlayer('middle', bag(said)));
    expect(rest).toEqual([]);
    expect(odd).toMatchObject({ club: '56' });
    expect(sayFact(odd!.slip!)).toBe(slip);
    expect(Math.abs(odd!.meant! - meant)).toBeLessThan(6);
  });

  test('a bag that fits has none; one that nothing explains says only what would fit', () => {
    expect(oddCarries(aPlayer('middle', bag(82)))).toEqual([]);
    const [odd] = oddCarries(aPlayer('middle', bag(55)));
    expect(odd).toMatchObject({ meant: null, slip: null });
    expect(Math.abs(odd!.expected - 82)).toBeLessThan(5);
  });
});

test('a stock carry from logged shots is their middle, from three on', () => {
  expect(carryFromShots([80, 82])).toBeNull();
  expect(carryFromShots([80, 84, 82, 20])!.carry).toBeCloseTo(81 * 0.9144, 9);
});

describe('a player in a house', () => {
  const ada = aRecord();
  const house = { schools: ['across'], caution: 0.6 };
  const preferOf = (player: PlayerRecord): unknown =>
    (situationFor(player, { pin_yd: 12 }) as { prefer?: unknown }).prefer;

  test('takes the house’s schools where there are none of its own, and its caution', () => {
    expect(preferOf(inHouse(ada, house))).toEqual(house);
    expect(preferOf(inHouse({ ...ada, schools: ['parallel'] }, house))).toEqual({
      schools: ['parallel'],
      caution: 0.6,
    });
    expect(preferOf(inHouse(ada, { schools: [] }))).toBeUndefined();
  });

  test('is answered with that caution', () => {
    const { question } = readSituation(situationFor(inHouse(ada, house), { pin_yd: 12 }));
    expect(question.caution).toBe(0.6);
  });

  test('a caution that is no share is refused by name', () => {
    const plain = { ...PLAIN_HOUSE, name: 'By the sea' };
    expect(() => readHouse({ ...plain, caution: 2 })).toRefuse(/caution/);
    expect(readHouse({ ...plain, caution: 0 }).caution).toBe(0);
    expect(readHouse(plain)).not.toHaveProperty('caution');
  });
});
