import { fact, type Fact } from '@/core/ground/fact/fact';
import type { ClubType } from '@/core/ground/club/club';
import { faulty, FaultyInput, quoted, type Fault } from '@/core/contract/check/fault';
import { lengthOf } from '@/core/contract/check/fields';
import type { ClubInput } from '@/core/contract/shot/club';
import { fromMetres } from '@/core/ground/units/length';
import { rounded } from '@/core/contract/check/rounded';

/* A bag in one line: "9i 41/5 121yd; PW 46/6 108; 56 56/12 82". Name, loft/bounce in degrees, stock carry. */

const CLUB =
  /^(?<name>\S+(?: \S+)*?)\s+(?<loft>\d+(?:[.,]\d+)?)\s*°?(?:\s*\/\s*(?<bounce>-?\d+(?:[.,]\d+)?)\s*°?)?(?:\s+(?<carry>\d+(?:[.,]\d+)?)\s*(?<unit>yd|yards?|m|metres?)?)?$/i;

/** Clubs named by their loft only, as wedges are: "56", "56/12 82". */
const BARE =
  /^(?<loft>[4-7]\d)(?:\s*\/\s*(?<bounce>\d+(?:[.,]\d+)?))?(?:\s+(?<carry>\d+(?:[.,]\d+)?)\s*(?<unit>yd|yards?|m|metres?)?)?$/i;

/** A second number that is so near to the first is the loft of a club that is named after it, in degrees: "56 55". */
const NAMED_NEAR = 4;

/** Lofts end here; what is above was meant for a carry. */
const MOST_LOFT = 75;

/** What parts the clubs; a comma between figures is a decimal one. */
const PARTING = /[;|\n]|,(?!\d)|(?<!\d),/;

/** More clubs in a line than anybody carries, and more characters of one than it takes, are not looked at. */
const MOST_PARTS = 60;
const MOST_PART = 120;

const number = (text: string): number => Number(text.replace(',', '.'));

/**
 * The type that a name gives away: 9i, PW, 4h, 3w, putter; else a wedge where the loft says so.
 *
 * @example
 * typeOfName('4h', 22); // => 'hybrid'
 */
export function typeOfName(name: string, loftDeg: number): ClubType {
  const text = name.toLowerCase().replace(/[\s.-]/g, '');
  if (/^put/.test(text)) return 'putter';
  if (/^(\d+h|h\d+|\d*hybrid\d*|\d*rescue)$/.test(text)) return 'hybrid';
  if (/^(\d+w|w\d+|\d*wood\d*|driver)$/.test(text)) return 'wood';
  if (/^(\d+i|i\d+|\d*iron\d*)$/.test(text)) return 'iron';
  if (/^(pw|aw|gw|sw|lw|uw|\d*wedge|\d{2})$/.test(text)) return 'wedge';
  if (loftDeg <= 10) return 'putter';
  return loftDeg >= 44 ? 'wedge' : 'iron';
}

type Said = Record<string, string | undefined>;

/** The parts of a club that is named by its loft; null for one that has both a name and a loft. */
function bareClub(text: string): Said | null {
  const said: Said | undefined = BARE.exec(text)?.groups;
  if (!said) return null;
  const { loft, bounce, carry, unit } = said;
  const named = carry !== undefined && unit === undefined && bounce === undefined;
  if (named && Math.abs(number(carry) - number(loft!)) < NAMED_NEAR) return null;
  return { name: loft, ...said };
}

/** A club as it is written, or what is wrong with it. */
function clubOf(text: string): ClubInput | Fact {
  const said = text.length <= MOST_PART && (bareClub(text) ?? CLUB.exec(text)?.groups);
  if (!said) {
    return fact('bag.notAClub', {
      text: quoted(text),
    });
  }
  const { name, loft, bounce, carry, unit } = said as Said;
  const loft_deg = number(loft!);
  if (loft_deg > MOST_LOFT) {
    return fact('bag.noLoft', {
      text: quoted(text),
      name: String(name),
      loft: String(loft),
    });
  }
  const inMetres = unit?.toLowerCase().startsWith('m');
  return {
    name: name!,
    type: typeOfName(name!, loft_deg),
    loft_deg,
    ...(bounce === undefined ? {} : { bounce_deg: number(bounce) }),
    ...(carry === undefined
      ? {}
      : { [inMetres ? 'stock_carry_m' : 'stock_carry_yd']: number(carry) }),
  };
}

/**
 * Reads a bag from one line, clubs parted by semicolons, bars, line breaks, or commas that are not decimal ones.
 *
 * @throws FaultyInput for each part that is no club, quoting it
 * @example
 * readBagText('56 56/12 82'); // => [{ name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 }]
 * // Named by their lofts, with their carries.
 * readBagText('56 82, 52 96').length; // => 2
 */
export function readBagText(text: string): ClubInput[] {
  const parts = text
    .split(PARTING)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length > MOST_PARTS) {
    throw faulty(
      'bag',
      fact('bag.mostClubs', {
        mostParts: MOST_PARTS,
        parts: parts.length,
      }),
    );
  }
  const faults: Fault[] = [];
  const bag: ClubInput[] = [];
  parts.forEach((part, i) => {
    const club = clubOf(part);
    if ('code' in club) faults.push({ path: `bag[${i}]`, message: club });
    else bag.push(club);
  });
  if (faults.length > 0) throw new FaultyInput(faults);
  return bag;
}

/** A bag in one line that {@link readBagText} reads back: what it has no place for (sole, lie) is left out. */
export function bagText(bag: readonly ClubInput[]): string {
  return bag
    .map((club) => {
      const carry = lengthOf(club, 'stock_carry');
      return [
        club.name,
        ` ${club.loft_deg}`,
        club.bounce_deg === undefined ? '' : `/${club.bounce_deg}`,
        carry === undefined ? '' : ` ${rounded(fromMetres(carry, 'yd'), 1)} yd`,
      ].join('');
    })
    .join('; ');
}
