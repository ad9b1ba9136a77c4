import type { ClubType } from '@/core/ground/club/club';
import { FaultyInput, quoted, type Fault } from '@/core/tell/format/fault';
import { lengthOf } from '@/core/tell/format/fields';
import type { ClubInput } from '@/core/tell/format/club';
import { fromMetres } from '@/core/ground/units/length';
import { plainNumber } from '@/core/ground/units/say';

/* A bag in one line: "9i 41/5 121yd; PW 46/6 108; 56 56/12 82". Name, loft/bounce in degrees, stock carry. */

const CLUB =
  /^(?<name>\S+(?: \S+)*?)\s+(?<loft>\d+(?:[.,]\d+)?)\s*°?(?:\s*\/\s*(?<bounce>-?\d+(?:[.,]\d+)?)\s*°?)?(?:\s+(?<carry>\d+(?:[.,]\d+)?)\s*(?<unit>yd|yards?|m|metres?)?)?$/i;

/** Clubs named by their loft only, as wedges are: "56". */
const BARE = /^(?<loft>\d{2})(?:\s*\/\s*(?<bounce>\d+))?$/;

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

function clubOf(text: string): ClubInput | null {
  const bare = BARE.exec(text)?.groups;
  const said = bare ? { name: bare.loft!, ...bare } : CLUB.exec(text)?.groups;
  if (!said) return null;
  const { name, loft, bounce, carry, unit } = said as Record<string, string | undefined>;
  const loft_deg = number(loft!);
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
 * Reads a bag from one line, clubs parted by semicolons or line breaks.
 *
 * @throws FaultyInput for each part that is no club, quoting it
 * @example
 * readBagText('56 56/12 82'); // => [{ name: '56', type: 'wedge', loft_deg: 56, bounce_deg: 12, stock_carry_yd: 82 }]
 */
export function readBagText(text: string): ClubInput[] {
  const parts = text
    .split(/[;\n]/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length > MOST_PARTS) {
    throw new FaultyInput([
      { path: 'bag', message: `must be at most ${MOST_PARTS} clubs, not ${parts.length}` },
    ]);
  }
  const faults: Fault[] = [];
  const bag: ClubInput[] = [];
  parts.forEach((part, i) => {
    const club = part.length <= MOST_PART ? clubOf(part) : null;
    if (club) bag.push(club);
    else {
      faults.push({
        path: `bag[${i}]`,
        message: `${quoted(part)} is no club: name, loft/bounce and carry are wanted, as in "56 56/12 82"`,
      });
    }
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
        carry === undefined ? '' : ` ${plainNumber(fromMetres(carry, 'yd'))}yd`,
      ].join('');
    })
    .join('; ');
}
