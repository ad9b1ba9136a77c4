import { fact } from '@/core/ground/fact/fact';
import { toMetres, type LengthUnit } from '@/core/ground/units/length';
import { FaultyInput, type Fault } from '@/core/contract/check/fault';

/** A stock carry that was typed, m. */
export interface TypedCarry {
  club: string;
  carry: number;
}

const CARRY = /^(?<value>\d+(?:[.,]\d+)?)\s*(?<unit>yd|yards?|m|metres?)?$/i;

/**
 * Reads stock carries as they are typed: "56 82, 52 96 m" or a line each.
 *
 * @param clubs the bag; longer names win, so that "52 wide 90" may name a club "52 wide"; a loft names the one club that has it
 * @param usual the unit of a carry that names none
 * @throws FaultyInput for each part that names no club of the bag or holds no carry
 * @example
 * readCarryText('56 82m', [{ name: 'SW', loft_deg: 56 }], 'yd'); // => [{ club: 'SW', carry: 82 }]
 */
export function readCarryText(
  text: string,
  clubs: readonly { name: string; loft_deg: number }[],
  usual: LengthUnit,
): TypedCarry[] {
  const names = clubs.map(({ name }) => name).sort((a, b) => b.length - a.length);
  const faults: Fault[] = [];
  const carries: TypedCarry[] = [];
  for (const part of text
    .split(/[,;\n]/)
    .map((each) => each.trim())
    .filter((each) => each !== '')) {
    const named = names.find((name) => part.toLowerCase().startsWith(`${name.toLowerCase()} `));
    const loft = /^(\d+(?:\.\d+)?)°? /.exec(part);
    const ofLoft = clubs.filter(({ loft_deg }) => loft && loft_deg === Number(loft[1]));
    const club = named ?? (ofLoft.length === 1 ? ofLoft[0]!.name : undefined);
    if (!club) {
      faults.push({
        path: 'carries',
        message: fact('bag.notInBag', {
          part,
          list: clubs.map(({ name }) => name).join(', '),
        }),
      });
      continue;
    }
    const said = CARRY.exec(part.slice(named?.length ?? loft![0].length).trim())?.groups;
    const value = Number(said?.value?.replace(',', '.'));
    if (!(value > 0)) {
      faults.push({
        path: 'carries',
        message: fact('bag.noCarry', { part }),
      });
      continue;
    }
    const unit = said!.unit ? (said!.unit.toLowerCase().startsWith('m') ? 'm' : 'yd') : usual;
    carries.push({ club, carry: toMetres(value, unit) });
  }
  if (faults.length > 0) throw new FaultyInput(faults);
  return carries;
}
