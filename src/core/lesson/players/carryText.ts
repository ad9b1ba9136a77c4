import { FaultyInput, type Fault } from '@/core/tell/format/fault';

/** A stock carry that was typed, in the unit of the desk. */
export interface TypedCarry {
  club: string;
  carry: number;
}

/**
 * Reads stock carries as they are typed: "56 82, 52 96" or a line each.
 *
 * @param clubs names of the bag; longer names win, so that "52 wide 90" may name a club "52 wide"
 * @throws FaultyInput for each part that names no club of the bag or holds no carry
 */
export function readCarryText(text: string, clubs: readonly string[]): TypedCarry[] {
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
    const rest = part
      .slice(club.length)
      .trim()
      .replace(/\s*(yd|yards?|m|metres?)$/i, '');
    const carry = Number(rest);
    if (rest === '' || !(carry > 0)) {
      faults.push({ path: 'carries', message: `"${part}" holds no carry after the club` });
      continue;
    }
    carries.push({ club, carry });
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  return carries;
}
