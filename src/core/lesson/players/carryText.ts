import { toMetres, type LengthUnit } from '@/core/ground/units/length';
import { FaultyInput, type Fault } from '@/core/tell/format/fault';

/** A stock carry that was typed, m. */
export interface TypedCarry {
  club: string;
  carry: number;
}

const CARRY = /^(?<value>\d+(?:[.,]\d+)?)\s*(?<unit>yd|yards?|m|metres?)?$/i;

/**
 * Reads stock carries as they are typed: "56 82, 52 96 m" or a line each.
 *
 * @param clubs names of the bag; longer names win, so that "52 wide 90" may name a club "52 wide"
 * @param usual the unit of a carry that names none
 * @throws FaultyInput for each part that names no club of the bag or holds no carry
 * @example
 * readCarryText('56 82m', ['56'], 'yd'); // => [{ club: '56', carry: 82 }]
 */
export function readCarryText(
  text: string,
  clubs: readonly string[],
  usual: LengthUnit,
): TypedCarry[] {
  const byLength = [...clubs].sort((a, b) => b.length - a.length);
  const faults: Fault[] = [];
  const carries: TypedCarry[] = [];
  for (const part of text
    .split(/[,;\n]/)
    .map((each) => each.trim())
    .filter((each) => each !== '')) {
    const club = byLength.find((name) => part.toLowerCase().startsWith(`${name.toLowerCase()} `));
    if (!club) {
      faults.push({
        path: 'carries',
        message: `"${part}" names no club of the bag: ${clubs.join(', ')}`,
      });
      continue;
    }
    const said = CARRY.exec(part.slice(club.length).trim())?.groups;
    const value = Number(said?.value?.replace(',', '.'));
    if (!(value > 0)) {
      faults.push({ path: 'carries', message: `"${part}" holds no carry after the club` });
      continue;
    }
    const unit = said!.unit ? (said!.unit.toLowerCase().startsWith('m') ? 'm' : 'yd') : usual;
    carries.push({ club, carry: toMetres(value, unit) });
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  return carries;
}
