import { typicalClub, CLUB_TYPES, type Club } from '@/core/ground/club/club';
import { radians } from '@/core/ground/units/angle';
import {
  exactObject,
  lengthOf,
  listField,
  numberField,
  required,
  textField,
  wordField,
  type Of,
} from '../check/fields';

/** Name of a club. */
export const clubName = textField(1, 24);

/** Most clubs in a bag. */
export const MOST_CLUBS = 20;

const clubSchema = exactObject(
  {
    name: required(clubName),
    type: required(wordField(CLUB_TYPES)),
    loft_deg: required(numberField(1, 80, 'deg')),
    bounce_deg: numberField(-5, 30, 'deg'),
    lie_deg: numberField(45, 80, 'deg'),
    camber: numberField(0, 1),
    head_mass_g: numberField(150, 500, 'g'),
  },
  {
    lengths: {
      stock_carry: { low: 5, high: 330 },
      sole: { low: 0.005, high: 0.09 },
      length: { low: 0.6, high: 1.3 },
    },
  },
);

/** A club as the format writes it; lengths stand beside in any unit. */
export type ClubInput = Of<typeof clubSchema>;

/** The clubs of a player: one to twenty. */
export const bagSchema = required(listField(clubSchema, 1, MOST_CLUBS));

/** A checked club in SI units with typical values for what nobody knows. */
export function readClub(input: ClubInput): Club {
  const typical = typicalClub(input.type, input.loft_deg);
  const stockCarry = lengthOf(input, 'stock_carry');
  return {
    name: input.name,
    type: input.type,
    loft: radians(input.loft_deg),
    bounce: input.bounce_deg === undefined ? typical.bounce : radians(input.bounce_deg),
    lie: input.lie_deg === undefined ? typical.lie : radians(input.lie_deg),
    sole: lengthOf(input, 'sole') ?? typical.sole,
    length: lengthOf(input, 'length') ?? typical.length,
    camber: input.camber ?? typical.camber,
    headMass: input.head_mass_g === undefined ? typical.headMass : input.head_mass_g / 1000,
    ...(stockCarry === undefined ? {} : { stockCarry }),
  };
}
